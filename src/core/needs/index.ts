export * from './first-aid';
export * from './lasting';
export * from './mass-by-days';
export * from './need';
export * from './needs';
export * from './needs-kit';
export * from './worse';
