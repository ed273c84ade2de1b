export type { Finding, Severity } from './finding';
export * from './findings';
export * from './thrift';
export * from './price-parts';
