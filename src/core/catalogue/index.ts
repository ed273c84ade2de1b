export * from './kinds';
export {
  areaOf,
  capacityOf,
  lengthOf,
  withAmountOf,
  withSheet,
  withCapacity,
  withContents,
  withLength,
  withSides,
} from './resize';
export type { Kind } from './kind';
export * from './lives';
