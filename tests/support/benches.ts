import fc from 'fast-check';
import { gearOfKind, kinds } from '@/core/catalogue';
import { plainSupply, type Gear } from '@/core/gear';
import {
  apply,
  emptyBench,
  grounds,
  versionOf,
  type Bench,
  type Command,
  type Loadout,
  type Place,
} from '@/core/loadout';

/** A piece with figures that are easy to add up by hand. */
export function gear(id: string, differs: Partial<Gear> = {}): Gear {
  return {
    ...gearOfKind(kinds[0]!, id, id),
    massG: 100,
    form: { shape: 'box', lengthMm: 100, widthMm: 50, heightMm: 20, upright: false },
    priceMinor: 500,
    cavities: [],
    supplies: [],
    ...differs,
  };
}

/** A rigid box of 1 L inside and 1.5 L outside. */
export function holder(id: string, differs: Partial<Gear> = {}): Gear {
  return gear(id, {
    form: { shape: 'box', lengthMm: 150, widthMm: 100, heightMm: 100, upright: false },
    cavities: [
      {
        id: 'inside',
        name: 'Inside',
        inside: { shape: 'box', lengthMm: 100, widthMm: 100, heightMm: 100 },
        mouth: { shape: 'section' },
        mostMassG: null,
        waterproof: false,
        closure: null,
        reach: 'main',
      },
    ],
    ...differs,
  });
}

export function kit(id: string, placements: Loadout['placements'] = []): Loadout {
  return {
    id,
    name: id,
    purpose: '',
    mostMassG: null,
    mostPriceMinor: null,
    placements,
    wishes: [],
    brief: null,
    otherBriefs: [],
    modules: [],
    seals: [],
    copyOf: null,
  };
}

/** A kit with all that goes along in it as if it were one of its own, with ids that a kit’s own may be. */
export function asOneKit(whole: Loadout): Loadout {
  const own = (id: string) => id.replaceAll('~', '-');
  return {
    ...whole,
    placements: whole.placements.map((placement) => ({
      ...placement,
      id: own(placement.id),
      place:
        'in' in placement.place
          ? { ...placement.place, in: own(placement.place.in) }
          : placement.place,
    })),
  };
}

export function benchOf(shelf: readonly Gear[], loadouts: readonly Loadout[]): Bench {
  return {
    ...emptyBench,
    shelf: new Map(shelf.map((each) => [each.id, each])),
    loadouts: new Map(loadouts.map((each) => [each.id, each])),
  };
}

/** Applies a command that must succeed. */
export function applied(bench: Bench, command: Command): Bench {
  const outcome = apply(bench, command);
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value;
}

const shelf = [
  ...['a', 'b', 'c'].map((id, at) => gear(id, { massG: 12.5 * (at + 1), priceMinor: 199 })),
  ...['h1', 'h2', 'h3'].map((id) => holder(id)),
  holder('soft', {
    form: { shape: 'soft', looseMl: 400, tightMl: 100, thinnestMm: 5, longestRigidMm: 0 },
  }),
  gear('unknown', { massG: null, form: null, priceMinor: null }),
  gear('cord', {
    count: 2,
    contents: { unit: 'm', full: 10, left: 10, massG: 90 },
    supplies: [plainSupply('cord', 'made-for', 10), plainSupply('tape', 'improvised', null)],
  }),
  gear('pills', { count: 3, contents: { unit: 'tablets', full: 12, left: 12, massG: 6 } }),
];

export const startingBench: Bench = benchOf(shelf, [kit('k1'), kit('k2')]);

/** Any short list of commands over a small world of ids, sound or not. */
export const someCommands: fc.Arbitrary<readonly Command[]> = fc.array(commandArbitrary(), {
  maxLength: 40,
});

/** A bench after any commands, those that are refused left out. */
export function benchAfter(commands: readonly Command[]): Bench {
  return commands.reduce((bench, command) => {
    const outcome = apply(bench, command);
    return outcome.ok ? outcome.value : bench;
  }, startingBench);
}

function commandArbitrary(): fc.Arbitrary<Command> {
  const loadout = fc.constantFrom('k1', 'k2', 'k3');
  const gearId = fc.constantFrom(...shelf.map(({ id }) => id), 'nowhere');
  const placement = fc.constantFrom('p1', 'p2', 'p3', 'p4', 'p5', 'p6');
  const place: fc.Arbitrary<Place> = fc.oneof(
    fc.record({ on: fc.constantFrom(...grounds) }),
    fc.record({ in: placement, cavity: fc.constantFrom('inside', 'inside', 'attic') }),
  );
  const count = fc.integer({ min: -1, max: 5 });
  const laidFor = fc.constantFrom(null, null, 'cord' as const, 'tape' as const);
  const contents = fc.constantFrom('leave too', 'to the mat') as fc.Arbitrary<
    'leave too' | 'to the mat'
  >;
  return fc.oneof(
    partingArbitrary(loadout, placement),
    moduleArbitrary(place),
    keepingArbitrary(),
    fc.record({ do: fc.constant('stand in' as const), loadout, placement, gear: gearId }),
    fc.record({ do: fc.constant('lay for' as const), loadout, placement, job: laidFor }),
    fc.record({
      do: fc.constant('place' as const),
      loadout,
      placement: fc.record({ id: placement, gear: gearId, count, place, laidFor }),
    }),
    fc.record({ do: fc.constant('move' as const), loadout, placement, to: place }),
    fc.record({
      do: fc.constant('arrange' as const),
      loadout,
      places: fc.array(fc.record({ placement, to: place }), { maxLength: 3 }),
    }),
    fc.record({ do: fc.constant('pin' as const), loadout, placement, isPinned: fc.boolean() }),
    fc.record({ do: fc.constant('set count' as const), loadout, placement, count }),
    fc.record({ do: fc.constant('take out' as const), loadout, placement, contents }),
    fc.record({
      do: fc.constant('change gear' as const),
      id: gearId,
      change: fc.record({ name: fc.constantFrom('knife', 'mug', ''), count }),
    }),
    fc.record({
      do: fc.constant('remove gear' as const),
      id: fc.constantFrom('c', 'h3', 'nowhere'),
    }),
    fc.record({
      do: fc.constant('change kit' as const),
      id: loadout,
      change: fc.record({
        name: fc.constantFrom('Pack', '<script>'),
        mostMassG: fc.constantFrom(900, null),
      }),
    }),
    fc.record({ do: fc.constant('remove kit' as const), id: fc.constantFrom('k2', 'k3') }),
    fc.record({
      do: fc.constant('add kit' as const),
      loadout: fc.constantFrom(kit('k2'), kit('k3')),
    }),
  );
}

type Parting = Extract<Command, { do: 'use' | 'cut' }>;

/** Some used or cut, off the shelf or out of a kit, with ids that may be taken. */
function partingArbitrary(
  loadout: fc.Arbitrary<string>,
  placement: fc.Arbitrary<string>,
): fc.Arbitrary<Parting> {
  const gearId = fc.constantFrom('cord', 'pills', 'a');
  const fresh = fc.integer({ min: 1, max: 9 }).map((at) => `new-${at}`);
  const amount = fc.constantFrom(0, 0.5, 3, 7.25, 12, 40);
  const from = fc.option(
    fc.record({ loadout, placement, placements: fc.array(placement, { maxLength: 3 }) }),
  );
  return fc.oneof(
    fc.record({ do: fc.constant('use' as const), gear: gearId, amount, openedId: fresh, from }),
    fc.record({
      do: fc.constant('cut' as const),
      gear: gearId,
      lengthsM: fc.array(amount, { maxLength: 2 }),
      ids: fc.array(fresh, { maxLength: 3 }),
      from,
    }),
  );
}

type Along = Extract<Command, { do: 'take along' | 'move module' | 'leave module' }>;

function moduleArbitrary(place: fc.Arbitrary<Place>): fc.Arbitrary<Along> {
  const loadout = fc.constantFrom('k1', 'k2', 'k3');
  const moduleId = fc.constantFrom('m1', 'm2');
  return fc.oneof(
    fc.record({
      do: fc.constant('take along' as const),
      loadout,
      module: fc.record({ id: moduleId, kit: loadout, place }),
    }),
    fc.record({ do: fc.constant('move module' as const), loadout, module: moduleId, to: place }),
    fc.record({ do: fc.constant('leave module' as const), loadout, module: moduleId }),
  );
}

type Keeping = Extract<Command, { do: `${string} ${'scheme' | 'list' | 'version'}` }>;

function keepingArbitrary(): fc.Arbitrary<Keeping | Extract<Command, { do: 'put back' }>> {
  const id = fc.constantFrom('s1', 's2');
  const name = fc.constantFrom('Mine', '');
  return fc.oneof(
    fc.record({
      do: fc.constant('keep scheme' as const),
      scheme: fc.record({
        id,
        name,
        categories: fc.constantFrom(
          [{ id: 'x', name: 'Sharp', jobs: ['cut' as const] }],
          [{ id: 'x', name: 'Nothing', jobs: [] }],
        ),
      }),
    }),
    fc.record({
      do: fc.constant('keep list' as const),
      list: fc.record({
        id,
        name,
        note: fc.constant(''),
        lines: fc.constantFrom([], [{ text: 'Knife', kind: null, jobs: ['cut' as const] }]),
      }),
    }),
    fc.record({
      do: fc.constant('keep version' as const),
      version: fc.constantFrom('k1', 'k2').map((kit_) => ({
        ...versionOf(startingBench, kit_, { id: `v-${kit_}`, day: '2026-10-01', note: '' }),
      })),
    }),
    fc.record({ do: fc.constantFrom('remove scheme' as const, 'remove list' as const), id }),
    fc.record({ do: fc.constant('remove version' as const), id: fc.constantFrom('v-k1', 'v-k2') }),
    fc.record({ do: fc.constant('put back' as const), version: fc.constantFrom('v-k1', 'v-k2') }),
  );
}
