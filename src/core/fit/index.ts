export * from './question';
export * from './by-bulk';
export * from './mouth';
export * from './loads';
export type { CavityItem, CavityQuestion } from './cavity-load';
export { whyInWords } from './load/why-in-words';
export { isCertain, type Why } from './load/why';
export type { Stowage } from './load/stowage';
