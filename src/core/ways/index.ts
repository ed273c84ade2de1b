export * from './all-in-one';
export * from './amounts';
export * from './depth';
export * from './evaluate';
export * from './formula';
export * from './lost';
export * from './ways';
