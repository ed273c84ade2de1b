export * from './read-line';
export { withSize } from './sizes';
export { graveJobs, meaningOf, type Meaning } from './meaning';
export { kindsAbout } from './suggest';
export { taughtBy } from './taught';
