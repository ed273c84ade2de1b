import type { Threat } from './facts';
import type { Gear } from './gear';
import type { JobId } from './jobs';
import type { Sort } from './sorts';
import type { Supply } from './supply';

/** What to beware of with whatever does a job: the product’s label, local law and trained people come first. */
const ofJobs: Partial<Readonly<Record<JobId, string>>> = {
  flame: closedSpace(),
  stove: closedSpace(),
  candle: closedSpace(),
  boil: 'On a fire without its lid: closed, it bursts. The handle burns the hand.',
  'sun-fire': 'Covered in the sun: it sets fires by itself.',
  chop: 'An arm and a handle’s length clear all round.',
  'treat-water': 'Clear is not safe: what its treatment leaves open stays in the water.',
  'bleed-control': 'Get trained. A cloth or a cord is no tourniquet and no pressure dressing.',
  'first-aid': 'Gear helps who has learned its use: take a course.',
  medicine: 'Follow its leaflet, a doctor or a pharmacist; never after its date.',
  catch:
    'Nets, snares and set hooks are unlawful nearly everywhere outside a real emergency, and cruel where they are not checked. Fishing needs a licence in most places.',
  cord: 'Not for a person’s weight unless it is made and tested for that.',
  tow: 'Its label first, rated hooks, nobody in line with it: what snaps under load kills.',
  throw: 'For people and boats: it never tows a vehicle.',
  sew: 'Not for wounds.',
  glue: 'Not for wounds.',
  sleep: 'A planning figure: who is wet, hurt, old, small or tired is cold sooner.',
  raise: 'Hung no higher than a chair, from sound trees.',
  breathe: 'Not against gas, nor where air lacks oxygen.',
  'animal-guard': 'It buys time and stops nothing for sure.',
  call: 'For real need: false alarms are punished.',
  'signal-night': 'For real need: false alarms are punished.',
  'warm-pack': 'Closed tight and wrapped, never on bare skin.',
  start: 'A battery gives off gas that explodes: no flame, glasses on.',
  'put-out': 'At the foot of the flames, a way out behind you; where it grows, leave.',
};

function closedSpace(): string {
  return 'Never in a tent, a car or under a poncho, and never asleep: carbon monoxide cannot be smelled. Open fire is forbidden in many places and seasons.';
}

const lithium = 'Lithium: not in a hot vehicle, not crushed, in aircraft in the cabin only.';
const bareCell = 'Bare cells away from keys, coins, foil and steel wool.';

/** What to beware of with a sort, whatever it is in. */
const ofSorts: Partial<Readonly<Record<Sort, string>>> = {
  gas: 'Under pressure: below 50 °C, never in a closed vehicle in the sun, not in aircraft.',
  spirit: 'Poisonous, and its flame cannot be seen in daylight: never refill a hot burner.',
  tablet: 'Its smoke is poisonous: outdoors, and away from food.',
  petrol: 'Its fumes catch from far: never opened near a flame.',
  adrenaline:
    'For the person it is prescribed for; then call for help. Past its date: renew it, ask a pharmacist.',
  'against allergy':
    'It does not treat a grave reaction: that takes the own adrenaline pen, and help.',
  CR2032: 'Deadly when swallowed: away from children.',
  LR44: 'Deadly when swallowed: away from children.',
};

/** Threats that a treatment may leave open, as they are printed. */
const openable: readonly Threat[] = ['viruses', 'protozoa', 'bacteria', 'chemicals'];

/** What a piece’s own battery or its cells ask for. */
function ofPower({ job, sort, facts }: Supply): readonly string[] {
  const ownWh = facts?.of === 'light' || facts?.of === 'power' ? facts.ownWh : null;
  if (ownWh !== null) return [lithium];
  if (job !== 'cells' || sort === null) return [];
  return /lithium|^CR|^1|^2/.test(sort) ? [lithium, bareCell] : [bareCell];
}

/** What a treatment leaves in the water, always said: `Leaves open: viruses, chemicals.` */
function leftOpen({ job, facts }: Supply): readonly string[] {
  if (job !== 'treat-water' || facts?.of !== 'treatment') return [];
  const { removes } = facts;
  const open = openable.filter((threat) => !removes.includes(threat));
  return open.length === 0 ? [] : [`Leaves open: ${open.join(', ')}.`];
}

/**
 * What to beware of with a piece: what its owner or its kind says, and what its jobs and sorts ask for, so that a piece made by
 * hand is no less warned of. Each is said once.
 */
export function cautionsOf({
  cautions,
  supplies,
}: Pick<Gear, 'cautions' | 'supplies'>): readonly string[] {
  const asked = supplies.flatMap((supply) => [
    ...(ofJobs[supply.job] === undefined ? [] : [ofJobs[supply.job]!]),
    ...(supply.sort === null || ofSorts[supply.sort] === undefined ? [] : [ofSorts[supply.sort]!]),
    ...leftOpen(supply),
    ...ofPower(supply),
  ]);
  return [...new Set([...cautions, ...asked])];
}
