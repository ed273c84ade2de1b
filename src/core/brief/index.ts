export * from './bounds';
export * from './brief';
export * from './conditions';
export * from './country';
export * from './days';
export * from './rules';
export * from './seasons';
export * from './schools';
