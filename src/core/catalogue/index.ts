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
  withMassShare,
  withSides,
} from './resize';
export type { Kind } from './kind';
export * from './lives';
