/** Where every piece of a kit goes. Loads all that lays out, so that no first screen waits for it. */
export * from './packing';
export * from './pack-kit';
export * from './in-words';
export { areApart, backsUp, isHurtByWet } from '../kit/together';
export { reachOf, wishedReach } from '../kit/wished-reach';
export * from './smallest-change';
export { benchForPacking } from './for-packing';
