export * from './kinds';
export {
  areaOf,
  capacityOf,
  lengthOf,
  withAmountOf,
  withArea,
  withCapacity,
  withContents,
  withLength,
  withSides,
} from './resize';
export type { Kind } from './kind';
