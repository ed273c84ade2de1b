export * from './question';
export * from './by-bulk';
export * from './mouth';
export * from './cavity-load';
export * from './outside';
export * from './loads';
export * from './question-key';
export { isCertain, whyInWords, type Why } from './load/why';
export type { Stowage } from './load/stowage';
