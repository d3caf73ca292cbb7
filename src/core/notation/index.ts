export * from './normalise';
export * from './treeFile';
