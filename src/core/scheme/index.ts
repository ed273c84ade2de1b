export * from './schemes';
export * from './own';
export * from './cover';
export * from './offers';
export * from './cover-difference';
export * from './board';
export * from './ways-wanted';
export * from './laid-order';
