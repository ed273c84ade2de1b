export * from './limits';
export * from './schema';
export * from './read';
export * from './write';
export * from './bring-in';
export * from './audit';
export * from './packing-list';
