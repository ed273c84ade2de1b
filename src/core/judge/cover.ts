import type { Brief, Conditions } from '../brief';
import {
  capital,
  demandInWords,
  igniteJobs,
  isSameJobs,
  jobs,
  jobsInWords,
  lackInWords,
  type Demand,
  type JobId,
} from '../gear';
import { absenceInWords, type Absence } from '../upkeep';
import { dayAfter, listed } from '../quantity';
import {
  allInOne,
  conditionWords,
  depthOf,
  itemsOf,
  nothingLost,
  onlyMakesDo,
  singleLosses,
  type Ways,
} from '../ways';
import { beyondId, type ConditionId } from '../loadout';
import type { WorkedOutKit } from '../kit';
import type { Scheme } from '../scheme';
import type { ContextId } from '../scheme/context';
import type { Rule } from './finding';
import { mustsOf } from '../scheme/musts';
import { waysWanted } from '../scheme/ways-wanted';

interface Would {
  readonly placement: string;
  readonly absence: Absence | null;
  readonly unmet: readonly Demand[];
  readonly takenBy: readonly ConditionId[];
}

/** Nothing does what a kit must be able to do. */
export const nothingDoesIt: Rule<{
  readonly anyOf: readonly JobId[];
  readonly would: readonly Would[];
  /** The kits beside it that do it. */
  readonly beside: readonly string[];
}> = {
  id: 'cover/missing',
  severities: ['stop', 'warn', 'note'],
  speaksWhen:
    'a must has no way; a stop where it is critical, or wished, and hurts before they are back; a note where a kit that is beside it does it',
  mendedBy: 'add a piece from the shelf, or put one on the shopping list',
  asks: null,
  because: 'What the kit must be able to do, nothing in it does.',
  find: ({ ways, own, asked }, { beside, soon, awayH }) =>
    mustsOf(asked)
      .filter(({ anyOf }) => ways.depth(anyOf) === 0)
      .map(({ anyOf }) => {
        const would = ways.idle
          .filter(({ supply }) => anyOf.includes(supply.job))
          .map(({ placement, absence, unmet, takenBy }) => ({
            placement: placement.id,
            absence,
            unmet,
            takenBy,
          }));
        const doing = beside.filter((kit) => kit.ways.depth(anyOf) > 0);
        // Whose lack hurts only after they are back is no reason to turn back.
        const isStop =
          isCritical(anyOf) || own.wishes.some((wish) => isSameJobs(wish.anyOf, anyOf));
        return {
          severity:
            doing.length > 0
              ? 'note'
              : isStop && (awayH === 0 || soon(anyOf) <= awayH)
                ? 'stop'
                : 'warn',
          of: anyOf.join(' '),
          about: would.map(({ placement }) => placement),
          figures: { anyOf, would, beside: doing.map((kit) => kit.own.name) },
        };
      }),
  says: ({ anyOf, would, beside }, { name }) => {
    const why = would.map((each) => `${name(each.placement)} ${whyIdle(each)}`).join('; ');
    const lack = `${capital(lackInWords(anyOf))}${why === '' ? '' : `: ${why}`}.`;
    return beside.length === 0 ? lack : `${lack} ${listed(beside)}, beside it, does.`;
  },
};

/** `would, with tinder and 2 × AA cells`; `is lent`. */
function whyIdle({ absence, unmet, takenBy }: Would): string {
  if (absence !== null) return absenceInWords(absence);
  if (takenBy.length > 0)
    return `does not work ${takenBy.map((condition) => conditionWords[condition].then).join(' and ')}`;
  return `would, with ${unmet.map(demandInWords).join(' and ')}`;
}

/** Several ways do what a kit must be able to do, and the loss of one holder takes them all. */
export const allWaysInOne: Rule<{
  readonly anyOf: readonly JobId[];
  readonly ways: number;
  readonly wanted: number;
  readonly holder: string;
}> = {
  id: 'cover/all-in-one',
  severities: ['warn'],
  speaksWhen: 'all ways to a must go with one holder',
  mendedBy: 'move one of them to the body or to another holder',
  asks: null,
  because: 'Twenty ways in the bag that floats away are none.',
  find: ({ ways, asked }) =>
    mustsOf(asked).flatMap(({ anyOf, wanted }) => {
      // Who asks for one way has no second that should lie apart.
      const together = wanted > 1 ? allInOne(ways, anyOf) : null;
      if (together === null) return [];
      const { pieces: about, items, holder } = together;
      return [
        {
          severity: 'warn',
          about,
          of: anyOf.join(' '),
          figures: { anyOf, ways: items, wanted, holder },
        },
      ];
    }),
  says: ({ anyOf, ways, wanted, holder }, { name }) =>
    `${capital(jobsInWords(anyOf))}: all ${ways} ways go with ${name(holder)}; ${wanted} that are independent are wanted.`,
};

/** Fewer independent ways than are wanted of what a kit must be able to do. */
export const tooShallow: Rule<{
  readonly anyOf: readonly JobId[];
  readonly depth: number;
  readonly wanted: number;
  /** Where one loss is enough: what it is, each a placement. */
  readonly singles: readonly string[];
  /** Independent ways together with what is beside it, where that is enough. */
  readonly together: number | null;
  /** Nothing of it was made for that or serves it: it closes nothing by itself. */
  readonly onlyMakesDo: boolean;
}> = {
  id: 'cover/depth',
  severities: ['stop', 'warn', 'note'],
  speaksWhen:
    'a must has fewer independent ways than wanted, or only ways that make do; a stop where one loss undoes a critical job on the way out, a note where there are enough with what is beside it',
  mendedBy: 'add another way, or move the ways apart',
  asks: null,
  because: 'Things break, get lost and get wet, mostly in the same hour.',
  find: (kit, { brief, school, together }) => {
    const { ways, own, asked } = kit;
    const isStripped = school('doubles') === 'stripped';
    return mustsOf(asked).flatMap(({ anyOf, wanted }) => {
      // Who goes stripped asks for doubles only where the kit wishes them.
      if (isStripped && !own.wishes.some((wish) => isSameJobs(wish.anyOf, anyOf))) return [];
      const depth = ways.depth(anyOf);
      const does = anyOf.flatMap((job) => ways.byJob.get(job) ?? []);
      const pieces = new Set(does.map(idOf));
      // What goes with one holder, and too few ways to ignite, are said by rules of their own.
      const isSaid =
        allInOne(ways, anyOf) !== null || (isSameJobs(anyOf, igniteJobs) && itemsOf(does) < wanted);
      const isShallow = depth < wanted && !isSaid;
      const isMakeshift = onlyMakesDo(ways, anyOf);
      if (depth === 0 || (!isShallow && !isMakeshift)) return [];
      const singles = singleLosses(ways.formula, anyOf).map(({ placement }) => placement);
      const both = together?.depth(anyOf) ?? 0;
      const isEnough = depth < wanted && both >= wanted;
      const isStop = depth === 1 && isCritical(anyOf) && isOnTheWay(brief, kit.day);
      return [
        {
          severity: isEnough ? ('note' as const) : isStop ? ('stop' as const) : ('warn' as const),
          about: [...pieces],
          of: anyOf.join(' '),
          figures: {
            anyOf,
            depth,
            wanted,
            singles: [...new Set(singles)],
            together: isEnough ? both : null,
            onlyMakesDo: isMakeshift,
          },
        },
      ];
    });
  },
  says: ({ anyOf, depth, wanted, singles, together, onlyMakesDo }, { name }) =>
    `${capital(jobsInWords(anyOf))}: ${depth} of ${wanted} independent ${wanted === 1 ? 'way' : 'ways'}${singles.length > 0 ? `, all gone with ${singles.map(name).join(', or with ')}` : ''}.${together === null ? '' : ` With what is beside it, ${together > 3 ? 'more than 3' : together}.`}${onlyMakesDo ? ' What is here only makes do.' : ''}`,
};

function idOf({ placement }: { readonly placement: { readonly id: string } }): string {
  return placement.id;
}

function isCritical(anyOf: readonly JobId[]): boolean {
  return isSameJobs(anyOf, igniteJobs) || anyOf.some((job) => jobs[job].critical);
}

/** From so many days before they set out, it is the way out (own). */
const setsOutWithinDays = 7;

function isOnTheWay(brief: Brief | null, day: string): boolean {
  const when = brief?.when ?? null;
  return when?.on === 'days' && day >= dayAfter(when.from, -setsOutWithinDays) && day <= when.to;
}

/** In a house or a car no weather reaches the kit, and in town shops are near. */
function isIndoors(context: ContextId | null): boolean {
  return context === 'home' || context === 'vehicle' || context === 'town';
}

/** Conditions that a brief can bring; those that nobody can rule out where there is none. */
function conditionsThatMayCome(
  brief: Brief | null,
  told: Conditions | null,
): readonly ConditionId[] {
  const always: readonly ConditionId[] = ['soaked', 'no-sun', 'dark', 'cells-flat', 'one-hand'];
  if (brief === null || told === null) return always;
  const isDry = told.isWet === false;
  const freezes = told.lowC !== null && told.lowC.value < -5;
  const isNeverDark = told.dark !== null && told.dark.longestH === 0;
  return [
    ...always.filter(
      (condition) => !(condition === 'dark' && isNeverDark) && !(condition === 'soaked' && isDry),
    ),
    ...(freezes ? (['frozen'] as const) : []),
    ...(brief.storedIn === 'vehicle' ? (['hot-store'] as const) : []),
    ...(brief.isFireAllowed ? [] : (['no-flame'] as const)),
  ];
}

/** Whether every way to these jobs waits for a fire. */
function isAllHeated(ways: Ways, anyOf: readonly JobId[]): boolean {
  return anyOf
    .flatMap((job) => ways.byJob.get(job) ?? [])
    .every(({ supply: { demands } }) =>
      demands.some(
        (demand) => demand.on === 'jobs' && demand.anyOf.some((job) => igniteJobs.includes(job)),
      ),
    );
}

/** Every way to what a kit must do fails in one condition, which may come. */
export const oneCondition: Rule<{
  readonly anyOf: readonly JobId[];
  readonly condition: ConditionId;
  readonly ways: number;
}> = {
  id: 'cover/one-condition',
  severities: ['warn'],
  speaksWhen: 'all ways to a must fail in one condition that the brief may bring',
  mendedBy: 'add a way that still works then',
  asks: null,
  because: 'A condition holds for everything at once, however it is spread.',
  find: ({ ways, asked }, { brief, told, context }) =>
    mustsOf(asked).flatMap(({ anyOf, wanted }) => {
      // Who asks for one way alone takes it that there are times when it fails.
      if (ways.depth(anyOf) === 0 || wanted === 1 || isIndoors(context)) return [];
      return conditionsThatMayCome(brief, told).flatMap((condition) => {
        const lost = { ...nothingLost, conditions: new Set([condition]) };
        const isUndone = (asked: readonly JobId[]) => depthOf(ways.formula, asked, lost, 1) === 0;
        if (!isUndone(anyOf)) return [];
        const isIgniting = isSameJobs(anyOf, igniteJobs);
        // That nothing is lit without a flame says nothing new, nor that nothing boils where nothing is lit.
        if (
          isIgniting ? condition === 'no-flame' : isAllHeated(ways, anyOf) && isUndone(igniteJobs)
        )
          return [];
        const does = anyOf.flatMap((job) => ways.byJob.get(job) ?? []);
        const about = [...new Set(does.map(idOf))];
        return [
          {
            severity: 'warn' as const,
            about,
            of: `${anyOf.join(' ')} ${condition}`,
            figures: { anyOf, condition, ways: itemsOf(does) },
          },
        ];
      });
    }),
  says: ({ anyOf, condition, ways }) =>
    `${capital(jobsInWords(anyOf))}: ${ways === 1 ? 'the only way fails' : `all ${ways} ways fail`} ${conditionWords[condition].then}.`,
};

/** Nothing in the kit does anything of a category. */
export const emptyCategory: Rule<{
  readonly category: string;
  readonly scheme: string;
  readonly musts: readonly (readonly JobId[])[];
}> = {
  id: 'cover/category',
  severities: ['warn', 'note'],
  speaksWhen: 'a category of the scheme that the kit is looked at through is empty',
  mendedBy: 'add a piece for it',
  asks: 'something in the kit',
  because: 'A whole category without a piece is seldom meant.',
  find: (kit, { scheme, beside }) =>
    kit.whole.placements.length === 0
      ? []
      : kit
          .cover(scheme)
          .categories.filter(
            ({ category, placements, musts }) =>
              category.id !== beyondId &&
              placements.length === 0 &&
              musts.some(({ anyOf }) => waysWanted(anyOf, kit.asked) > 0),
          )
          .map(({ category, musts }) => ({
            severity: beside.some((other) => fills(other, scheme, category.id)) ? 'note' : 'warn',
            about: [],
            of: category.id,
            figures: {
              category: category.name,
              scheme: scheme.name,
              musts: musts.map(({ anyOf }) => anyOf),
            },
          })),
  says: ({ category, scheme }) => `${category}, of the ${scheme}, is empty.`,
};

function fills(kit: WorkedOutKit, scheme: Scheme, id: string): boolean {
  return kit
    .cover(scheme)
    .categories.some(({ category, placements }) => category.id === id && placements.length > 0);
}
