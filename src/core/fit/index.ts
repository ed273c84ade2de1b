export * from './question';
export * from './by-bulk';
export * from './mouth';
export * from './loads';
