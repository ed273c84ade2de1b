export * from './drained';
export * from './once';
