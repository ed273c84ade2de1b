export * from './outcome';
export * from './quoted';
export * from './says';
