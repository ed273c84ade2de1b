import fc from 'fast-check';
import type { Brief } from '@/core/brief';
import { demoBench } from '@/core/demo';
import { septemberTraverse } from '@/core/demo/briefs';
import { jobIds, type Gear } from '@/core/gear';
import {
  benchOfKit,
  versionOf,
  type Bench,
  type Command,
  type GearChange,
  type Loadout,
  type Round,
  type Trip,
  type Version,
  type Want,
} from '@/core/loadout';

/** Numbers as nobody types them, and some that somebody does. */
const wildNumber = fc.oneof(
  fc.double(),
  fc.integer({ min: -3, max: 30_000 }),
  fc.constantFrom(0, -0, 1e-7, 5e-324, 1e308, -1e308, -40, 0.5, 1e7, 1e9, NaN, Infinity),
);

/** Texts as nobody types them: controls, halves of characters, markup, nothing to see. */
export const wildText = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.string({ unit: 'grapheme', maxLength: 130 }),
  fc.constantFrom(
    '',
    ' ',
    'knife',
    'five-cs',
    'beyond',
    'knife\nbelt',
    'knife\tbelt',
    'a\u0085b',
    'a\u009bb',
    'a\u2028b',
    '\u200b\u2060',
    '\u3164',
    '\u2800',
    '\ud800',
    '\ufff9x\ufffb',
    '\uffff',
    'x\u{e0041}',
    '\u202eback',
    '<script>',
    '=cmd|x',
    '2026-02-30',
    '12026-10-10',
    '2027-04-30',
    '#8a5a33',
    '__proto__',
    'a'.repeat(65),
  ),
);

const wildValue = fc.oneof(wildNumber, wildText, fc.constantFrom(null, true, false));

/** Every path to a value inside another, lists and objects themselves too. */
export function pathsOf(value: unknown, path: readonly string[] = []): readonly string[][] {
  if (typeof value !== 'object' || value === null) return [[...path]];
  return Object.entries(value).flatMap(([key, inner]) => pathsOf(inner, [...path, key]));
}

/** A copy with another value at a path. */
export function withValueAt<T>(whole: T, path: readonly string[], value: unknown): T {
  if (path.length === 0) return value as T;
  const copy = structuredClone(whole);
  let at = copy as unknown as Record<string, unknown>;
  for (const step of path.slice(0, -1)) at = at[step] as Record<string, unknown>;
  at[path.at(-1)!] = value;
  return copy;
}

/** A brief with something in every list of it. */
const wildBrief: Brief = {
  ...septemberTraverse,
  people: [
    {
      ...septemberTraverse.people[0]!,
      medicines: [{ name: 'drops', dosesPerDay: 2 }],
      graveAllergy: 'wasps',
    },
  ],
  waterThreats: ['bacteria'],
  beside: ['portage-pack-kit'],
  route: {
    name: 'Portages',
    distanceKm: 42,
    ascentM: 310,
    terrain: 'dirt',
    dryKm: 6,
    line: [
      [61, 27.5, 110],
      [61.1, 27.6, null],
    ],
  },
  schools: { cold: 'with a tended fire' },
};

/** Something of that shape in which up to three values are anything of their own kind. */
function spoilt<T>(whole: T): fc.Arbitrary<T> {
  const paths = pathsOf(whole);
  return fc
    .array(fc.tuple(fc.nat({ max: paths.length - 1 }), wildValue), { maxLength: 3 })
    .map((changes) =>
      changes.reduce((before, [at, value]) => {
        const path = paths[at]!;
        const now = path.reduce<unknown>(
          (inner, step) => (inner as Record<string, unknown> | undefined)?.[step],
          before,
        );
        // A number stays a number: what is of another kind no program makes, and types forbid.
        return typeof now === typeof value && (now === null) === (value === null)
          ? withValueAt(before, path, value)
          : before;
      }, whole),
    );
}

const floatKit = benchOfKit(demoBench, 'float-pouch-kit');

/** A small bench with something of everything: figures, contents, cavities, demands, a day, a picture, a brief. */
export const wildStart: Bench = {
  ...floatKit,
  loadouts: new Map(
    [...floatKit.loadouts].map(([id, loadout]) => [id, { ...loadout, brief: wildBrief }]),
  ),
};
const pieces = [...wildStart.shelf.values()];
const kits = [...wildStart.loadouts.values()];

const anyGear: fc.Arbitrary<Gear> = fc.constantFrom(...pieces).chain(spoilt);
const anyKit: fc.Arbitrary<Loadout> = fc.constantFrom(...kits).chain(spoilt);
const anyVersion: fc.Arbitrary<Version> = fc
  .constantFrom(...kits)
  .map((kit) => versionOf(wildStart, kit.id, { id: 'v', day: '2026-10-01', note: 'kept' }))
  .chain(spoilt);

const anyRound: fc.Arbitrary<Round> = spoilt<Round>({
  id: 'r',
  kit: 'float-pouch-kit',
  kitName: 'Float pouch',
  begunOn: '2026-10-01',
  endedOn: '2026-10-02',
  lines: kits[0]!.placements.slice(0, 3).map(({ id, gear, count }) => ({
    placement: id,
    gear,
    name: gear,
    count,
    used: 0,
    renew: 1,
    missing: 0,
    failed: 0,
    isMoved: false,
    isByWeight: false,
    did: ['inspect'],
    note: 'damp',
    photo: null,
    on: '2026-10-01',
  })),
  unreached: 2,
  note: '',
});

const anyWant: fc.Arbitrary<Want> = fc.constantFrom(...pieces).chain(({ id }) =>
  spoilt<Want>({
    id: 'w',
    gear: id,
    count: 2,
    kit: 'float-pouch-kit',
    placement: null,
    because: 'used',
    since: '2026-10-02',
    note: '',
  }),
);

const anyTrip: fc.Arbitrary<Trip> = spoilt<Trip>({
  id: 't',
  kit: 'float-pouch-kit',
  kitName: 'Float pouch',
  name: 'autumn',
  from: '2026-09-24',
  to: '2026-09-28',
  pieces: pieces.slice(0, 3).map(({ id, name }) => ({ gear: id, name, wasUsed: true })),
  missed: ['a dry bag'],
  note: '',
});

/** Commands of every sort on the demo, any field of which may be anything of its kind. */
export const wildCommands: fc.Arbitrary<readonly Command[]> = fc.array(
  fc.oneof(
    anyGear.map((gear): Command => ({ do: 'add gear', gear: [{ ...gear, id: `${gear.id}-2` }] })),
    anyGear.map((gear): Command => ({ do: 'add gear', gear: [gear] })),
    anyGear.map(({ id, ...change }): Command => ({
      do: 'change gear',
      id,
      change: change as GearChange,
    })),
    anyGear.map((gear): Command => ({ do: 'replace gear', gear: [gear] })),
    anyKit.map((loadout): Command => ({ do: 'replace kit', loadout })),
    anyKit.map((loadout): Command => ({
      do: 'add kit',
      loadout: { ...loadout, id: `${loadout.id}-2` },
    })),
    anyKit.map(({ id, name, purpose, mostMassG, mostPriceMinor }): Command => ({
      do: 'change kit',
      id,
      change: { name, purpose, mostMassG, mostPriceMinor },
    })),
    anyVersion.map((version): Command => ({ do: 'keep version', version })),
    fc.constantFrom<Command>(
      { do: 'put back', version: 'v' },
      { do: 'remove gear', id: 'multi-tool' },
      { do: 'clear' },
    ),
    fc.record({
      do: fc.constant('keep scheme' as const),
      scheme: fc.record({
        id: wildText,
        name: wildText,
        categories: fc.array(
          fc.record({
            id: wildText,
            name: wildText,
            jobs: fc.array(fc.constantFrom(...jobIds), { maxLength: 3 }),
          }),
          { maxLength: 3 },
        ),
      }),
    }),
    fc.record({
      do: fc.constant('keep list' as const),
      list: fc.record({
        id: fc.constantFrom('l', 'l 2', ''),
        name: wildText,
        note: wildText,
        lines: fc.array(
          fc.record({
            text: wildText,
            kind: fc.constantFrom(null, 'belt-knife', 'no id'),
            jobs: fc.array(fc.constantFrom(...jobIds), { maxLength: 3 }),
          }),
          { maxLength: 3 },
        ),
      }),
    }),
    anyRound.map((round): Command => ({ do: 'keep round', round })),
    anyWant.map((want): Command => ({ do: 'keep want', want })),
    anyTrip.map((trip): Command => ({ do: 'keep trip', trip })),
    fc.constantFrom<Command>(
      { do: 'remove round', id: 'r' },
      { do: 'remove want', id: 'w' },
      { do: 'remove trip', id: 't' },
    ),
    fc.record({
      do: fc.constant('place' as const),
      loadout: fc.constantFrom(...kits.map(({ id }) => id)),
      placement: fc.record({
        id: wildText,
        gear: fc.constantFrom(...pieces.map(({ id }) => id)),
        count: wildNumber,
        place: fc.constantFrom({ on: 'mat' as const }, { on: 'moon' as 'mat' }),
        laidFor: fc.constantFrom(null, 'cut' as const),
      }),
    }),
    fc.record({
      do: fc.constant('take along' as const),
      loadout: fc.constantFrom(...kits.map(({ id }) => id)),
      module: fc.record({
        id: wildText,
        kit: fc.constantFrom(...kits.map(({ id }) => id), 'moon'),
        place: fc.constantFrom({ on: 'body' as const }, { on: 'moon' as 'body' }),
      }),
    }),
    fc.record({
      do: fc.constant('use' as const),
      gear: fc.constantFrom(...pieces.map(({ id }) => id)),
      amount: wildNumber,
      openedId: wildText,
      from: fc.constant(null),
    }),
    fc.record({
      do: fc.constant('cut' as const),
      gear: fc.constantFrom(
        ...pieces.filter(({ contents }) => contents?.unit === 'm').map(({ id }) => id),
      ),
      lengthsM: fc.array(fc.oneof(wildNumber, fc.double({ min: 0, max: 20, noNaN: true })), {
        maxLength: 3,
      }),
      ids: fc.array(fc.oneof(wildText, fc.constantFrom('n1', 'n2', 'n3')), { maxLength: 4 }),
      from: fc.constant(null),
    }),
  ),
  { maxLength: 12 },
);
