export type { Finding, Fix, Rule, Severity } from './finding';
export * from './findings';
export * from './set-aside';
export * from './to-do';
