/** All that lays loads out: some tens of kilobytes that no first screen waits for. */
export * from './load';
export * from './containers';
export { goesIn, whyNever, whyNeverIn } from './load/never';
export { innermostFirst } from './innermost-first';
export * from './cavity-load';
export * from './outside';
export * from './loads';
export * from './question-key';
export * from './fixes';
export * from './fixes-in-words';
export * from './balance';
export * from './lay-out';
