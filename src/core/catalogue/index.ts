export * from './kinds';
export * from './quick-add';
export { withCapacity, withContents, withSides } from './resize';
export type { Kind } from './kind';
