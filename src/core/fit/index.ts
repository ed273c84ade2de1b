export * from './question';
export * from './by-bulk';
export * from './loads';
