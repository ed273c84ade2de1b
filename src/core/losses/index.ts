export * from './board';
export * from './losses-of-kit';
export * from './minimal-sets';
export * from './questions';
export * from './what-can-be-lost';
export * from './written-out';
