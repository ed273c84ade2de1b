export * from './jobs';
export * from './form';
export * from './cavity';
export * from './supply';
export * from './job-words';
export * from './look';
export * from './plain-text';
export * from './gear';
