export * from './board';
export * from './in-words';
export * from './loss-id';
export * from './losses-of-kit';
export * from './minimal-sets';
export * from './questions';
export * from './what-can-be-lost';
export * from './written-out';
