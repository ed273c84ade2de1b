export * from './first-aid';
export * from './need';
export * from './needs';
export * from './needs-kit';
