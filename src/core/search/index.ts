export * from './searchTree';
