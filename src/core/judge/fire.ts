import { checksOf } from '../upkeep';
import { igniteJobs, isSameJobs, type Sort } from '../gear';
import { gearOf, isOnGround, type Placement } from '../loadout';
import type { WorkedOutKit } from '../kit';
import { agree, withVerb } from '../quantity';
import { mustsOf } from '../scheme/musts';
import { itemsOf } from '../ways';
import { idsOf } from './background';
import type { Rule } from './finding';

/** Fewer pieces that ignite than are wanted, however they are stowed. */
export const fewToIgnite: Rule<{ readonly ways: number; readonly wanted: number }> = {
  id: 'fire/ignite',
  severities: ['warn'],
  speaksWhen: 'there are fewer ways to ignite than wanted',
  mendedBy: 'add another way to light a fire',
  asks: null,
  because: 'Lighters run dry, matches get wet, and a rod takes practice.',
  find: ({ ways, asked }) => {
    const must = mustsOf(asked).find(({ anyOf }) => isSameJobs(anyOf, igniteJobs));
    if (!must) return [];
    const pieces = igniteJobs.flatMap((job) => ways.byJob.get(job) ?? []);
    const about = [...new Set(pieces.map(({ placement }) => placement.id))];
    const many = itemsOf(pieces);
    if (many === 0 || many >= must.wanted) return [];
    return [
      { severity: 'warn', about, of: 'ignite', figures: { ways: many, wanted: must.wanted } },
    ];
  },
  says: ({ ways, wanted }) =>
    `${ways} ${ways === 1 ? 'way' : 'ways'} to ignite; ${wanted} are wanted.`,
};

/** A rod or a lens without the tinder that it takes. */
export const noTinder: Rule<{ readonly sorts: readonly Sort[] }> = {
  id: 'fire/no-tinder',
  severities: ['stop', 'warn'],
  speaksWhen:
    'a spark or a lens has no tinder of the class that it takes; a stop where nothing else lights a fire that is asked',
  mendedBy: 'add tinder that catches a spark',
  asks: null,
  because: 'A spark lights only what catches a spark.',
  find: ({ ways, asked }) => {
    const isAsked = mustsOf(asked).some(({ anyOf }) => isSameJobs(anyOf, igniteJobs));
    const severity = isAsked && ways.depth(igniteJobs) === 0 ? 'stop' : 'warn';
    return ways.idle.flatMap(({ placement, supply, absence, unmet }) => {
      if (absence !== null || supply.fitness === 'improvised') return [];
      if (supply.job !== 'spark' && supply.job !== 'sun-fire') return [];
      const tinder = unmet.find(
        (demand) => demand.on === 'jobs' && demand.anyOf.includes('tinder'),
      );
      if (tinder?.on !== 'jobs') return [];
      return [
        {
          severity,
          about: [placement.id],
          figures: { sorts: tinder.sorts ?? [] },
        },
      ];
    });
  },
  says: ({ sorts }, { name }, [placement]) =>
    `${withVerb(name(placement!), 'has', 'have')} no tinder here${sorts.length === 0 ? '' : ` that takes ${sorts.map((sort) => tinderTakes[sort] ?? sort).join(' or ')}`}.`,
};

const tinderTakes: Partial<Readonly<Record<Sort, string>>> = {
  ember: 'an ember',
  spark: 'a spark',
  flame: 'a flame',
};

/** Tinder that burns wet should burn so long in wet country, in min (own). */
const wetTinderMin = 30;

/** Wet country, and little tinder that burns wet. */
export const littleWetTinder: Rule<{ readonly minutes: number; readonly wanted: number }> = {
  id: 'fire/wet-tinder',
  severities: ['warn'],
  speaksWhen: `wet country, and tinder that burns wet lasts under ${wetTinderMin} min`,
  mendedBy: 'add tinder that lights when wet',
  asks: 'whether the country is wet',
  because: 'In rain nothing from the ground catches for an hour.',
  find: ({ whole }, { told, doing, brief, context }) => {
    // Nobody lights a fire in a house or a car.
    if (context === 'home' || context === 'vehicle' || context === 'town') return [];
    if (told?.isWet !== true || !brief!.isFireAllowed || whole.placements.length === 0) return [];
    const tinder = doing('tinder');
    const burnsWet = tinder.filter(({ gear }) => !gear.failsIn.includes('wet'));
    const minutes = burnsWet.reduce(
      (sum, { supply, placement, gear }) =>
        sum +
        (supply.amount ?? 0) *
          placement.count *
          (gear.contents === null ? 1 : gear.contents.left / gear.contents.full),
      0,
    );
    // Of something nobody says how long it burns.
    if (burnsWet.some(({ supply }) => supply.amount === null)) return [];
    if (minutes >= wetTinderMin || doing(...igniteJobs).length === 0) return [];
    return [
      {
        severity: 'warn',
        about: idsOf(tinder),
        of: 'tinder',
        figures: { minutes, wanted: wetTinderMin },
      },
    ];
  },
  says: ({ minutes, wanted }) =>
    `Wet country: tinder that burns wet lasts ${Math.round(minutes)} min; ${wanted} are wanted.`,
};

/** A bare rod without anything that strikes it. */
export const noStriker: Rule<null> = {
  id: 'fire/no-striker',
  severities: ['warn'],
  speaksWhen: 'a bare rod has no sharp-backed blade or striker',
  mendedBy: 'add a striker, or a knife with a sharp back',
  asks: null,
  because: 'A rounded back throws no sparks.',
  find: ({ ways }) =>
    ways.idle.flatMap(({ placement, supply, absence, unmet }) =>
      absence === null &&
      supply.job === 'spark' &&
      unmet.some((demand) => demand.on === 'jobs' && demand.anyOf.includes('strike'))
        ? [{ severity: 'warn' as const, about: [placement.id], figures: null }]
        : [],
    ),
  says: (_, { name }, [placement]) =>
    `${withVerb(name(placement!), 'has', 'have')} nothing here that strikes ${agree(name(placement!), 'it', 'them')}: no sharp-backed blade, no striker.`,
};

/** What is done before a lighter goes along. */
const unpressed = 'the button kept from being pressed';

/** A lighter lies where it may be pressed empty. */
export const lighterPresses: Rule<null> = {
  id: 'fire/lighter-presses',
  severities: ['note'],
  speaksWhen: 'a lighter lies loose where it can be pressed empty',
  mendedBy: 'put the lighter in a case, and mark it as secured',
  asks: 'what kind of lighter it is',
  because: 'A pressed button lets the gas out through a week in the pack.',
  find: (kit, { pieces }) =>
    pieces
      .filter(({ gear, placement }) => {
        const asks = checksOf(gear).ready.includes(unpressed);
        return asks && !isReady(gear.checks, unpressed) && !isInRigid(kit, placement);
      })
      .map(({ placement }) => ({ severity: 'note', about: [placement.id], figures: null })),
  says: (_, { name }, [placement]) =>
    `${withVerb(name(placement!), 'lies', 'lie')} where ${agree(name(placement!), 'it', 'they')} can be pressed empty: a band under the button keeps the gas in.`,
};

export function isReady(
  checks: readonly { readonly what: string; readonly on: string; readonly passed: boolean }[],
  what: string,
): boolean {
  let latest: { readonly on: string; readonly passed: boolean } | null = null;
  for (const check of checks) {
    if (check.what === what && (latest === null || latest.on <= check.on)) latest = check;
  }
  return latest?.passed === true;
}

/** Whether it lies in a cavity with rigid walls. */
function isInRigid({ tree, bench }: WorkedOutKit, { place }: Placement): boolean {
  if (isOnGround(place)) return false;
  const holder = gearOf(bench.shelf, tree.byId.get(place.in)!);
  return holder.cavities.find(({ id }) => id === place.cavity)?.inside.shape !== 'soft';
}
