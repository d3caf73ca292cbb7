export * from './normalise';
export * from './treeFile';
export * from './say';
