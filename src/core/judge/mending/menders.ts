import { bodyMenders } from './body';
import { careMenders } from './care';
import { coverMenders } from './cover';
import { lyingMenders } from './lying';
import type { Mender } from './mender';
import { needMenders } from './needs';

/** What may mend the findings of each rule; rules that only caution have none. */
export const menders: readonly Mender[] = [
  ...coverMenders,
  ...needMenders,
  ...bodyMenders,
  ...lyingMenders,
  ...careMenders,
];
