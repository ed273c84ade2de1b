export * from './read-line';
export { graveJobs, meaningOf, type Meaning } from './meaning';
export { kindsAbout } from './suggest';
export { taughtBy } from './taught';
