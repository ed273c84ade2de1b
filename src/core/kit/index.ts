export * from './worked-out';
