export * from './schemes';
export * from './ways';
export * from './cover';
export * from './offers';
