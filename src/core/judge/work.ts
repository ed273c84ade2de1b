import { pitched } from '../needs/rig';
import { listed, printLength, printMass, printNumber } from '../quantity';
import { idsOf } from './background';
import type { Rule } from './finding';
import { isReady } from './fire';
import { checksOf } from '../upkeep';

/** A ridge line between two trees, in m: the longest single length that a roof asks (own). */
const ridgeM = 7;

/** Fewer metres of cord than are asked, or none of them long enough. */
export const shortCord: Rule<{
  readonly askedM: number;
  readonly thereM: number;
  readonly longestM: number;
}> = {
  id: 'cord/short',
  severities: ['warn'],
  speaksWhen: 'metres of cord are under what is asked, or none is as long as the longest asked',
  mendedBy: 'add cord',
  asks: 'nights',
  because: 'Knotted pieces slip where the load is.',
  find: (_kit, { needsKit, need, nights, ways }) => {
    const rig = need('rig');
    if (needsKit === null || rig === null || nights === 0) return [];
    const cords = ways('cord').filter(({ supply: { amount } }) => amount !== null);
    const lengths = cords.map(({ supply, gear: { contents } }) =>
      contents?.unit === 'm' ? contents.left : supply.amount!,
    );
    const longestM = Math.max(0, ...lengths);
    const askedM = rig.demand ?? 0;
    const thereM = rig.supply ?? 0;
    const isTooShort = pitched(needsKit) > 0 && longestM < ridgeM;
    if (askedM === 0 || (thereM >= askedM && !isTooShort)) return [];
    return [
      {
        severity: 'warn',
        about: idsOf(cords),
        of: 'cord',
        figures: { askedM, thereM, longestM },
      },
    ];
  },
  says: ({ askedM, thereM, longestM }, { units }) =>
    thereM < askedM
      ? `${printLength(askedM * 1000, units)} of cord are asked; ${printLength(thereM * 1000, units)} are here.`
      : `A ridge asks ${printLength(ridgeM * 1000, units)} in one length; the longest here is ${printLength(longestM * 1000, units)}.`,
};

/** From so many days on an edge is to be kept (domain). */
const sharpenAfterDays = 6;

/** Days of cutting, and nothing to sharpen with. */
export const nothingSharpens: Rule<{ readonly days: number }> = {
  id: 'cut/sharpen',
  severities: ['note'],
  speaksWhen: `more than ${sharpenAfterDays} days with nothing to sharpen`,
  mendedBy: 'add a whetstone',
  asks: 'days',
  because: 'A dull edge slips.',
  find: ({ ways }, { needsKit, ways: doing }) => {
    const days = needsKit?.days ?? null;
    const edges = doing('cut', 'chop');
    if (days === null || days <= sharpenAfterDays || edges.length === 0) return [];
    return ways.byJob.has('sharpen')
      ? []
      : [{ severity: 'note', about: idsOf(edges), of: 'sharpen', figures: { days } }];
  },
  says: ({ days }) => `${printNumber(days, 0)} days, and nothing to sharpen with.`,
};

export const covered = 'edge covered';

/** Whether its name says that the edge is covered: `knife with sheath`, `hatchet in a leather cover`, `sheathed knife`. */
function isSaidCovered(name: string): boolean {
  return /\b(?:sheathed|covered|(?:with|in|and)\s(?:\p{L}+\s){0,2}(?:sheath|scabbard|cover|case|edge guard|blade guard))\b/iu.test(
    name,
  );
}

/** Edges of which nobody says that they are covered. */
export const bareEdges: Rule<null> = {
  id: 'cut/sheath',
  severities: ['warn'],
  speaksWhen: 'an edge has no cover',
  mendedBy: 'cover the edge, then mark it as covered',
  asks: 'what kind of blade it is',
  because: 'A bare edge cuts what lies beside it, and the hand that looks for it.',
  find: (_kit, { pieces }) => {
    const bare = pieces.filter(
      ({ gear }) =>
        checksOf(gear).ready.includes(covered) &&
        !isReady(gear.checks, covered) &&
        !isSaidCovered(gear.name),
    );
    return bare.length === 0
      ? []
      : [{ severity: 'warn', about: idsOf(bare), of: 'edges', figures: null }];
  },
  says: (_, { name }, about) =>
    `Nobody says that the edge is covered of ${listed(about.map(name))}.`,
};

/** A needle without thread, or thread without a needle. */
export const needleThread: Rule<{ readonly lacks: 'thread' | 'needle' }> = {
  id: 'mend/needle-thread',
  severities: ['warn'],
  speaksWhen: 'a needle is there without thread, or thread without a needle',
  mendedBy: 'add both needle and thread',
  asks: null,
  because: 'The one does nothing without the other.',
  find: ({ ways }, { doing }) => {
    const needles = doing('sew');
    const threads = doing('thread').filter(({ supply }) => supply.fitness === 'made-for');
    if (needles.length > 0 && !ways.byJob.has('thread'))
      return [
        { severity: 'warn', about: idsOf(needles), of: 'thread', figures: { lacks: 'thread' } },
      ];
    if (threads.length > 0 && needles.length === 0)
      return [
        { severity: 'warn', about: idsOf(threads), of: 'needle', figures: { lacks: 'needle' } },
      ];
    return [];
  },
  says: ({ lacks }, { name }, about) => `${listed(about.map(name))}, and no ${lacks}.`,
};

/** A strap that tows bears at least so many times what the vehicle weighs (own): a stuck one pulls harder than a rolling one. */
const towFactor = 2;

const newtonsPerKg = 9.81;

/** A tow strap or rope that breaks before the vehicle of the brief moves. */
export const weakTow: Rule<{ readonly bearsKg: number; readonly vehicleKg: number }> = {
  id: 'vehicle/tow',
  severities: ['stop'],
  speaksWhen: 'a tow strap or rope bears less than twice what the vehicle of the brief weighs',
  mendedBy: 'take a strap rated for the vehicle',
  asks: 'what the vehicle weighs, and what the strap bears',
  because:
    'A strap that breaks under load flies back as hard as it was pulled. Its label comes first.',
  find: (_kit, { brief, doing }) => {
    const vehicleKg = brief?.vehicleKg ?? null;
    if (vehicleKg === null) return [];
    return doing('tow').flatMap(({ placement: { id }, gear: { bearsN } }) =>
      bearsN === null || bearsN >= towFactor * vehicleKg * newtonsPerKg
        ? []
        : [
            {
              severity: 'stop' as const,
              about: [id],
              figures: { bearsKg: bearsN / newtonsPerKg, vehicleKg },
            },
          ],
    );
  },
  says: ({ bearsKg, vehicleKg }, { name, units }, [strap]) =>
    `${name(strap!)} bears ${printMass(bearsKg * 1000, units)}; a vehicle of ${printMass(vehicleKg * 1000, units)} asks ${printMass(towFactor * vehicleKg * 1000, units)}.`,
};
