export * from './kinds';
export * from './quick-add';
export type { Kind } from './kind';
