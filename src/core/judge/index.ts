export type { Finding, Severity } from './finding';
export * from './findings';
