export * from './first-aid';
