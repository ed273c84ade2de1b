import type { Threat } from './facts';
import type { Gear } from './gear';
import type { JobId } from './jobs';
import type { Sort } from './sorts';
import type { Supply } from './supply';

/** What stands under everything that is planned here, and on every paper that leaves the house. */
export const doesNotTrain =
  'This plans and reminds; it does not train. Gear without practice is worth little.';

/** One sentence to beware of something by. */
interface Caution {
  readonly says: string;
  /** Somebody may die of it: it is told before what spoils a piece. */
  readonly isGrave?: boolean;
  /** Left out for improvised supplies: a bandana needs no course. */
  readonly notMakeshift?: boolean;
}

/** What to beware of with whatever does a job: the product’s label, local law and trained people come first. */
const ofJobs: Partial<Readonly<Record<JobId, Caution>>> = {
  flame: { says: closedSpace(), isGrave: true },
  stove: { says: closedSpace(), isGrave: true },
  candle: { says: closedSpace(), isGrave: true },
  boil: {
    says: 'On a fire without its lid: closed, it bursts. The handle burns the hand.',
    isGrave: true,
  },
  'sun-fire': { says: 'Covered in the sun: it sets fires by itself.' },
  cut: { says: blade() },
  saw: { says: blade(), notMakeshift: true },
  snip: { says: blade(), notMakeshift: true },
  chop: { says: 'An arm and a handle’s length clear all round.', isGrave: true },
  'treat-water': {
    says: 'Clear is not safe: what its treatment leaves open stays in the water.',
    isGrave: true,
  },
  'bleed-control': {
    says: 'Get trained. A cloth or a cord is no tourniquet and no pressure dressing.',
    isGrave: true,
  },
  'first-aid': {
    says: 'Gear helps who has learned its use: take a course.',
    notMakeshift: true,
  },
  medicine: { says: 'Follow its leaflet, a doctor or a pharmacist; never after its date.' },
  catch: {
    says: 'Nets, snares and set hooks are unlawful nearly everywhere outside a real emergency, and cruel where they are not checked. Fishing needs a licence in most places.',
    notMakeshift: true,
  },
  cord: {
    says: 'Not for a person’s weight unless it is made and tested for that.',
    isGrave: true,
  },
  tow: {
    says: 'Its label first, rated hooks, nobody in line with it: what snaps under load kills.',
    isGrave: true,
  },
  throw: { says: 'For people and boats: it never tows a vehicle.', isGrave: true },
  sew: { says: 'Not for wounds.' },
  thread: { says: 'Not for wounds.' },
  glue: { says: 'Not for wounds.' },
  sleep: { says: 'A planning figure: who is wet, hurt, old, small or tired is cold sooner.' },
  raise: { says: 'Hung no higher than a chair, from sound trees.', isGrave: true },
  breathe: { says: 'Not against gas, nor where air lacks oxygen.', isGrave: true },
  eyes: {
    says: 'Against splinters and dust; against acid, welding or strong sun only where it says so.',
    notMakeshift: true,
  },
  'animal-guard': { says: 'It buys time and stops nothing for sure.', isGrave: true },
  call: { says: 'For real need: false alarms are punished.' },
  'signal-night': { says: 'For real need: false alarms are punished.', notMakeshift: true },
  'warm-pack': { says: 'Closed tight and wrapped, never on bare skin.', notMakeshift: true },
  start: { says: 'A battery gives off gas that explodes: no flame, glasses on.', isGrave: true },
  'put-out': { says: 'At the foot of the flames, a way out behind you; where it grows, leave.' },
};

function blade(): string {
  return 'Sheathed when it is not in the hand. Law limits carrying a blade in many places.';
}

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

/** Words of a piece that the catalogue has no kind for, and what is said of it: no job, and no advice. */
const ofNames: readonly (readonly [RegExp, string])[] = [
  [
    /\b(?:rifles?|shotguns?|pistols?|handguns?|revolvers?|firearms?|air ?guns?|(?<!(?:glue|heat|grease|nail|staple|spray|hot air) )guns?|crossbows?|longbows?|recurve|ammunition|ammo|cartridges|bullets?)\b|\bbow and arrows?\b/iu,
    'Law and safe storage are yours.',
  ],
  [
    /\b(?:lock ?picks?|lock ?picking|bump keys?|jigglers?|slim ?jim)\b/iu,
    'May be unlawful to carry without a reason: know your law.',
  ],
];

function ofName({ kind, name }: Partial<Pick<Gear, 'kind' | 'name'>>): readonly string[] {
  if (kind !== null || name === undefined) return [];
  return ofNames.filter(([words]) => words.test(name)).map(([, says]) => says);
}

/** Hot water in plastic: only where its maker says so. */
function ofPlastic({ look, supplies }: Partial<Pick<Gear, 'look'>> & Pick<Gear, 'supplies'>) {
  const isWarmed = supplies.some(({ job }) => job === 'warm-pack');
  const isVessel = supplies.some(({ job }) => job === 'carry-water');
  return isWarmed && isVessel && look?.stuff === 'plastic'
    ? ['Plastic: hot water only if its maker says so, and boiling water never.']
    : [];
}

/** Sentences that pieces were given by their kinds, before their jobs and sorts said the same: in what was kept, they are said once. */
const saidByJobsNow: ReadonlySet<string> = new Set([
  'Sheathed whenever it is not in the hand. Carrying a blade is limited by law in many places.',
  'An arm and a handle’s length clear all round; kneel with a short one.',
  'Under pressure and burning: keep it below 50 °C, away from food, and out of a closed vehicle in the sun. Not allowed in aircraft.',
  'Unlawful in most places outside a real emergency: know your law before you carry it.',
  'Deadly when swallowed: keep it from children.',
  'Burns with a flame that cannot be seen in daylight. Never refill a hot burner.',
  'Hang it no higher than a chair, from sound trees only; its straps and cords bear nothing else.',
  'Lid off on the fire: closed it bursts. Burn off paint and lining outdoors first; hot metal burns the hand.',
  'Fire and carbon monoxide: never in a tent or a closed vehicle.',
]);

/**
 * What to beware of with a piece: what its owner or its kind says, and what its jobs and sorts ask for, so that a piece made by
 * hand is no less warned of. Each is said once; what a treatment leaves open comes first, then what somebody may die of, then the
 * piece’s own, then the rest.
 */
export function cautionsOf(
  gear: Pick<Gear, 'cautions' | 'supplies'> & Partial<Pick<Gear, 'kind' | 'name' | 'look'>>,
): readonly string[] {
  const { cautions, supplies } = gear;
  const open = supplies.flatMap(leftOpen);
  const isSaid = ({ job, fitness }: Supply) =>
    // What stays open says better what is not safe.
    !(job === 'treat-water' && open.length > 0) &&
    !(ofJobs[job]?.notMakeshift === true && fitness === 'improvised');
  const asked = supplies.filter(isSaid).flatMap(({ job }) => ofJobs[job] ?? []);
  const isTaught = cautions.some((each) => /\btrain/iu.test(each));
  const told = asked.filter(({ says }) => !(isTaught && /take a course/u.test(says)));
  const grave = told.filter(({ isGrave }) => isGrave).map(({ says }) => says);
  const rest = told.filter(({ isGrave }) => !isGrave).map(({ says }) => says);
  const ofSort = supplies.flatMap(({ sort }) => (sort === null ? [] : (ofSorts[sort] ?? [])));
  return [
    ...new Set([
      ...open,
      ...ofSort,
      ...grave,
      ...ofName(gear),
      ...ofPlastic(gear),
      ...cautions.filter((each) => !saidByJobsNow.has(each)),
      ...rest,
      ...supplies.flatMap(ofPower),
    ]),
  ];
}
