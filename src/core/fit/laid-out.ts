/** All that lays loads out: some tens of kilobytes that no first screen waits for. */
export * from './load';
export * from './containers';
export * from './cavity-load';
export * from './fixes';
export * from './assign';
export * from './balance';
