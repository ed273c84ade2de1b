import { igniteJobs, roomMl, type JobId } from '../gear';
import { isOnGround } from '../loadout';
import { listed } from '../quantity';
import { nothingLost, roundsOf, type Rounds } from '../ways';
import type { Background } from './background';
import type { Rule } from './finding';
import type { WorkedOutKit } from '../kit';

/** What one asks of a kit when a holder is gone, and what it is called in a sentence. */
const askedThen: readonly { readonly anyOf: readonly JobId[]; readonly name: string }[] = [
  { anyOf: ['carry-water'], name: 'water' },
  { anyOf: igniteJobs, name: 'fire' },
  { anyOf: ['cut'], name: 'blade' },
  { anyOf: ['sleep'], name: 'bed' },
  { anyOf: ['insulate'], name: 'warm layers' },
  { anyOf: ['roof'], name: 'roof' },
  { anyOf: ['treat-water'], name: 'treatment' },
  { anyOf: ['boil'], name: 'boiling' },
  { anyOf: ['light'], name: 'light' },
  { anyOf: ['food'], name: 'food' },
  { anyOf: ['first-aid', 'bleed-control'], name: 'first aid' },
  { anyOf: ['call'], name: 'every call' },
  { anyOf: ['medicine'], name: 'medicine' },
];

/** Of these the loss of all ways is one that stops, where help is further off than that takes to hurt. */
const vital: readonly (readonly JobId[])[] = [igniteJobs, ['cut'], ['carry-water'], ['insulate']];

/** Fewer things than this that go with a holder are what holders are for, where nothing of them is vital. */
const worthSaying = 3;

/** How long help takes where nobody said, in h (own). */
const usualHelpH = 24;

/** What is lost with a holder, and what is left, in words, what hurts soonest first. */
export interface TakenAlong {
  readonly gone: readonly string[];
  readonly stays: readonly string[];
}

/** One holder takes much with it. */
export const holderTakes: Rule<TakenAlong> = {
  id: 'cover/holder',
  severities: ['stop', 'warn'],
  speaksWhen:
    'with one holder goes more than one thing that the kit must do; a stop where fire, blade, water or the warm layers go, and help is further off than that takes to hurt',
  mendedBy: 'carry one of each on the body, or in another holder',
  asks: null,
  because: 'A pack that rolls down a slope takes all of it at once.',
  find: (kit, background) => {
    const { context, brief, soon } = background;
    // A box in the house, or in the car that people stay with, is not lost by itself.
    if (context === 'home' || context === 'vehicle' || context === 'town') return [];
    // What stands in a vehicle stays with it where nobody goes far: a car at a meadow is no boat.
    const staysBy = brief !== null && brief.work === 'easy';
    const isWithout = isOnlyIn(kit);
    return outmost(kit).flatMap((holder) => {
      if (staysBy && isOnVehicle(kit, holder)) return [];
      const there = askedThen.filter(({ anyOf }) => isRelied(kit, anyOf));
      const gone = there.filter(({ anyOf }) => isWithout(holder, anyOf));
      // A boat, a sledge or a bicycle goes its own way, and whoever is parted from it has to call.
      const vitalHere = isOnVehicle(kit, holder) ? [...vital, ['call']] : vital;
      const isAny = ({ anyOf }: (typeof gone)[number]) =>
        vitalHere.some((each) => each[0] === anyOf[0]);
      if (gone.length < (gone.some(isAny) ? 2 : worthSaying)) return [];
      const helpH = brief?.searchHours ?? usualHelpH;
      const mayStop = brief !== null && context !== 'day walk' && !isPocketed(kit, holder);
      const isVital = gone.some((each) => isAny(each) && soon(each.anyOf) <= helpH);
      return [
        {
          severity: isVital && mayStop ? ('stop' as const) : ('warn' as const),
          about: [holder],
          of: holder,
          figures: {
            gone: gone.map(({ name }) => name),
            stays: there.filter((each) => !gone.includes(each)).map(({ name }) => name),
          },
        },
      ];
    });
  },
  says: ({ gone, stays }, { name }, [holder]) =>
    `With ${theHolder(name(holder!))} you lose ${listed(gone)}${stays.length === 0 ? '; nothing stays' : `; ${listed(stays)} ${stays.length === 1 && !stays[0]!.endsWith('s') ? 'stays' : 'stay'}`}.`,
};

/** Of these a pocket keeps enough to go on with. */
const fromPocket = [
  ...igniteJobs,
  'carry-water',
  'cut',
  'treat-water',
  'light',
  'first-aid',
  'call',
];

/** The jobs that go with a holder and that a pocket has room for, what is missed soonest first. */
export function jobsForPocket(
  gone: readonly string[],
  { soon }: Pick<Background, 'soon'>,
): readonly (readonly JobId[])[] {
  // Most that bleeds is bound with what is worn: first aid comes last.
  const missedIn = (anyOf: readonly JobId[]) => (anyOf[0] === 'first-aid' ? 1e6 : soon(anyOf));
  return askedThen
    .filter(({ name, anyOf }) => gone.includes(name) && fromPocket.includes(anyOf[0]!))
    .map(({ anyOf }) => anyOf)
    .sort((one, other) => missedIn(one) - missedIn(other));
}

/** How soon what goes with a holder is missed, in h. */
export function holderHurtsH(gone: readonly string[], { soon }: Pick<Background, 'soon'>): number {
  // Most that bleeds is bound with what is worn.
  const lost = askedThen.filter(({ name }) => gone.includes(name) && name !== 'first aid');
  return Math.min(Infinity, ...lost.map(({ anyOf }) => soon(anyOf)));
}

function theHolder(name: string): string {
  return `the ${name}`;
}

/** The holders that stand on a ground with something in them. */
function outmost({ whole, tree }: WorkedOutKit): readonly string[] {
  return whole.placements
    .filter(({ id, place }) => isOnGround(place) && tree.within(id).length > 0)
    .map(({ id }) => id);
}

function isOnVehicle({ whole }: WorkedOutKit, holder: string): boolean {
  const { place } = whole.placements.find(({ id }) => id === holder)!;
  return 'on' in place && place.on === 'vehicle';
}

/** What goes into a pocket, or hangs on a belt, is not left behind as a pack is: up to so many mL (own). */
const pocketMl = 5000;

function isPocketed({ gear, whole }: WorkedOutKit, holder: string): boolean {
  const { place } = whole.placements.find(({ id }) => id === holder)!;
  const room = gear(holder).cavities.reduce((sum, { inside }) => sum + roomMl(inside), 0);
  return 'on' in place && place.on === 'body' && room <= pocketMl;
}

/** More than makeshift: that a dry bag holds water too is no water lost with it. */
function isRelied({ ways }: WorkedOutKit, anyOf: readonly JobId[]): boolean {
  return anyOf.some((job) =>
    (ways.byJob.get(job) ?? []).some(({ supply }) => supply.fitness !== 'improvised'),
  );
}

/** Tells whether a job is left undone once a holder is gone. Makeshifts do not count. */
function isOnlyIn({ ways }: WorkedOutKit): (holder: string, anyOf: readonly JobId[]) => boolean {
  const roundsWithout = new Map<string, Rounds>();
  return (holder, anyOf) => {
    const rounds =
      roundsWithout.get(holder) ??
      roundsOf(ways.formula, { ...nothingLost, holders: new Set([holder]) });
    roundsWithout.set(holder, rounds);
    return !anyOf.some((job) =>
      (ways.byJob.get(job) ?? []).some(
        ({ supply, source }) => supply.fitness !== 'improvised' && rounds[source] !== 0,
      ),
    );
  };
}
