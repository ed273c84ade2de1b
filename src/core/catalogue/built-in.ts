import { byName } from '../quantity';

/** What is built in, and into what: they stand nowhere else, weigh the kit nothing, and do not float by themselves. */
export const builtInto = byName<'vehicle' | 'house'>({
  'car-boot': 'vehicle',
  'seat-side': 'vehicle',
  'seat-gap': 'vehicle',
  'car-cabin': 'vehicle',
  'bed-drawer': 'house',
});
