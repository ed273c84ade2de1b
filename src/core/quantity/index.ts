export * from './outcome';
export * from './unit-system';
export * from './numeral';
export * from './mass';
export * from './length';
export * from './size';
export * from './volume';
export * from './money';
