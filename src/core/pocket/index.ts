export * from './pocket';
