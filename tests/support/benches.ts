import fc from 'fast-check';
import { gearOfKind, kinds } from '@/core/catalogue';
import type { Gear } from '@/core/gear';
import {
  apply,
  emptyBench,
  grounds,
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
        reach: 'main',
      },
    ],
    ...differs,
  });
}

export function kit(id: string, placements: Loadout['placements'] = []): Loadout {
  return { id, name: id, purpose: '', mostMassG: null, mostPriceMinor: null, placements };
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
  const contents = fc.constantFrom('leave too', 'to the mat') as fc.Arbitrary<
    'leave too' | 'to the mat'
  >;
  return fc.oneof(
    fc.record({
      do: fc.constant('place' as const),
      loadout,
      placement: fc.record({ id: placement, gear: gearId, count, place }),
    }),
    fc.record({ do: fc.constant('move' as const), loadout, placement, to: place }),
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
