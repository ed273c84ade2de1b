import { aid } from './aid';
import { carry } from './carry';
import { drink } from './drink';
import { evening } from './evening';
import { fire } from './fire';
import { food } from './food';
import { found } from './found';
import { fuel } from './fuel';
import { ground } from './ground';
import { guard } from './guard';
import { hygiene } from './hygiene';
import { light } from './light';
import { load } from './load';
import { needIds, notKnown, type Answer, type Need, type NeedId } from './need';
import type { NeedsKit } from './needs-kit';
import { ownMusts } from './own-musts';
import { power } from './power';
import { rig } from './rig';
import { roof } from './roof';
import { sleep } from './sleep';
import { treat } from './treat';
import { warmth } from './warmth';

const answers: Readonly<Record<NeedId, (kit: NeedsKit) => Answer>> = {
  drink,
  carry,
  treat,
  food,
  load,
  warmth,
  sleep,
  ground,
  roof,
  rig,
  fire,
  fuel,
  light,
  power,
  guard,
  'first aid': aid,
  'own musts': ownMusts,
  hygiene,
  found,
  evening,
};

/** Every need of a kit under its brief, in the order in which they are told. */
export function needsOf(kit: NeedsKit): readonly Need[] {
  return needIds.map((need) => needOf(kit, need));
}

/** As {@link needsOf}, one need a step. */
export function* workingNeeds(kit: NeedsKit): Generator<Need, readonly Need[]> {
  const needs: Need[] = [];
  for (const id of needIds) {
    const need = needOf(kit, id);
    needs.push(need);
    yield need;
  }
  return needs;
}

/** One need of a kit under its brief; of nobody nothing is known, and nothing met. */
export function needOf(kit: NeedsKit, need: NeedId): Need {
  return { need, ...(kit.people.length === 0 ? notKnown('', 'who goes') : answers[need](kit)) };
}
