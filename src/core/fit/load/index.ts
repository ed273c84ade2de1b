export * from './cargo';
export * from './stowage';
export * from './search';
export * from './stow-search';
export * from './stow-within';
export * from './verify';
export { whyInWords, type Why } from './why';
export { middleOf, volumeOf } from './solid';
export * from './layers';
