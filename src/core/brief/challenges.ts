import { igniteJobs } from '../gear';
import type { Challenge } from './rules';

/** Sets of rules that ship, of our own making: something to hold a kit against. */
export const challenges: readonly Challenge[] = [
  {
    id: 'one-wet-night',
    name: 'One wet night in a lunch box',
    note: 'All that one person needs to come through a wet night by the fire, in a box that fits a side bag, its lid shut.',
    rules: [
      { rule: 'most mass', massG: 2000 },
      { rule: 'outside', sidesMm: [260, 180, 110] },
      { rule: 'lids close' },
      { rule: 'ways', anyOf: igniteJobs, ways: 2 },
      { rule: 'ways', anyOf: ['cut'], ways: 1 },
      { rule: 'ways', anyOf: ['roof'], ways: 1 },
      { rule: 'ways', anyOf: ['boil'], ways: 1 },
      { rule: 'ways', anyOf: ['light'], ways: 1 },
      { rule: 'second vessel' },
    ],
  },
];
