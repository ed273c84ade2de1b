/** Where every piece of a kit goes. Loads all that lays out, so that no first screen waits for it. */
export * from './packing';
export * from './pack-kit';
export * from './in-words';
export { areApart, backsUp, isHurtByWet } from './together';
export { reachOf, wishedReach } from './wished-reach';
export * from './smallest-change';
export { benchForPacking } from './for-packing';
