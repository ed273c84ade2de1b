import fc from 'fast-check';
import { plainSupply, type Gear, type JobId } from '@/core/gear';
import { cavityQuestion, stowWithin } from '@/core/fit/laid-out';
import {
  advance,
  historyOf,
  isOnGround,
  newPlacement,
  undoing,
  type Bench,
  type Place,
  type Placement,
} from '@/core/loadout';
import { areApart, backsUp } from '@/core/pack';
import { applied, benchOf, gear, holder, kit } from '../../support/benches';
import { packed, wrongWithRooms } from '../../support/packed';
import { runs } from '../../support/share';

const someJobs: readonly (JobId | null)[] = [
  null,
  'flame',
  'spark',
  'cut',
  'light',
  'food',
  'fuel',
  'first-aid',
  'sleep',
];

/** A piece of some size, hard or soft, that does a job or none. */
const somePiece = fc.record({
  sides: fc.tuple(
    fc.integer({ min: 8, max: 120 }),
    fc.integer({ min: 8, max: 80 }),
    fc.integer({ min: 5, max: 60 }),
  ),
  isSoft: fc.boolean(),
  job: fc.constantFrom(...someJobs),
  count: fc.constantFrom(1, 1, 1, 2),
  pinned: fc.constantFrom(false, false, false, true),
  on: fc.constantFrom<Place>({ on: 'mat' }, { on: 'mat' }, { on: 'body' }, { on: 'vehicle' }),
});

/** A box or a pouch of some size, by itself or in the one before it. */
const someHolder = fc.record({
  sides: fc.tuple(
    fc.integer({ min: 60, max: 320 }),
    fc.integer({ min: 50, max: 200 }),
    fc.integer({ min: 25, max: 160 }),
  ),
  isSoft: fc.boolean(),
  mostMassG: fc.constantFrom(null, null, 400),
  on: fc.constantFrom<Place>({ on: 'mat' }, { on: 'body' }),
});

const someBench: fc.Arbitrary<Bench> = fc
  .record({
    holders: fc.array(someHolder, { minLength: 1, maxLength: 4 }),
    pieces: fc.array(somePiece, { minLength: 1, maxLength: 14 }),
  })
  .map(({ holders, pieces }) => {
    const shelf: Gear[] = [];
    const placements: Placement[] = [];
    holders.forEach(({ sides: [l, w, h], isSoft, mostMassG, on }, at) => {
      const volumeMl = (l * w * h) / 1000;
      const id = `h${at}`;
      shelf.push(
        holder(id, {
          form: isSoft
            ? { shape: 'soft', looseMl: 60, tightMl: 30, thinnestMm: 4, longestRigidMm: 0 }
            : { shape: 'box', lengthMm: l + 4, widthMm: w + 4, heightMm: h + 4, upright: false },
          cavities: holder('x').cavities.map((cavity) => ({
            ...cavity,
            mostMassG,
            inside: isSoft
              ? { shape: 'soft', volumeMl, longestMm: Math.max(l, w), bulgeShare: 0 }
              : { shape: 'box', lengthMm: l, widthMm: w, heightMm: h },
          })),
        }),
      );
      placements.push(newPlacement(id, id, on));
    });
    pieces.forEach(({ sides: [l, w, h], isSoft, job, count, pinned, on }, at) => {
      const id = `p${at}`;
      const ml = (l * w * h) / 1000;
      shelf.push(
        gear(id, {
          form: isSoft
            ? { shape: 'soft', looseMl: ml, tightMl: ml * 0.6, thinnestMm: 4, longestRigidMm: 0 }
            : { shape: 'box', lengthMm: l, widthMm: w, heightMm: h, upright: false },
          supplies: job === null ? [] : [plainSupply(job, 'made-for', null)],
        }),
      );
      const placed = newPlacement(id, id, on, count);
      placements.push(pinned ? { ...placed, isPinned: true } : placed);
    });
    return benchOf(shelf, [kit('k', placements)]);
  });

/** Fewer than elsewhere: each case packs a whole kit. */
const few = runs(60, 0.2);

describe('packing from nothing', () => {
  it('overfills no room, by the verifier, and lays no two apart that spoil each other', () => {
    fc.assert(
      fc.property(someBench, (bench) => {
        const found = packed(bench, 'k');
        expect(wrongWithRooms(found)).toEqual([]);
        const { placements } = found.kit;
        for (const one of placements) {
          for (const other of placements) {
            if (one === other || isOnGround(one.place) || isOnGround(other.place)) continue;
            if (one.place.in !== other.place.in) continue;
            expect(areApart(bench.shelf.get(one.gear)!, bench.shelf.get(other.gear)!)).toBe(false);
          }
        }
      }),
      few,
    );
  });

  it('keeps within the mass that a room may carry', () => {
    fc.assert(
      fc.property(someBench, (bench) => {
        const { kit: after } = packed(bench, 'k');
        for (const { id, gear: gearId } of after.placements) {
          const cavity = bench.shelf.get(gearId)!.cavities[0];
          if (!cavity || cavity.mostMassG === null) continue;
          expect(massIn(bench, after.placements, id)).toBeLessThanOrEqual(cavity.mostMassG);
        }
      }),
      few,
    );
  });

  it('tells of every piece once: moved, left, or pinned where it is', () => {
    fc.assert(
      fc.property(someBench, (bench) => {
        const { packing, kit: after } = packed(bench, 'k');
        const told = [...packing.moves, ...packing.left].map(({ placement }) => placement);
        expect(new Set(told).size).toBe(told.length);
        const before = bench.loadouts.get('k')!;
        for (const placement of before.placements) {
          expect(told.includes(placement.id)).toBe(placement.isPinned !== true);
          const now = after.placements.find(({ id }) => id === placement.id)!;
          if (placement.isPinned) expect(now).toEqual(placement);
        }
      }),
      few,
    );
  });

  it('lays nothing beside what backs it up where another room would truly hold it', () => {
    fc.assert(
      fc.property(someBench, (bench) => {
        const { kit: after, after: there, packing } = packed(bench, 'k');
        for (const id of packing.beside) {
          const one = after.placements.find((each) => each.id === id)!;
          for (const other of after.placements) {
            const isWithin = isInside(after.placements, other, id);
            for (const { id: cavity } of bench.shelf.get(other.gear)!.cavities) {
              if (isWithin || !isStowed(after.placements, other)) continue;
              const to: Place = { in: other.id, cavity };
              if (JSON.stringify(to) === JSON.stringify(one.place)) continue;
              expect(wouldHold(there, id, to)).toBe(false);
            }
          }
        }
      }),
      few,
    );
  });

  it('is taken back exactly, in one step', () => {
    fc.assert(
      fc.property(someBench, (bench) => {
        const { packing } = packed(bench, 'k');
        const history = historyOf(bench);
        const command = { do: 'arrange', loadout: 'k', places: packing.places } as const;
        const done = advance(history, { act: 'do', command, id: 'one' });
        const undone = done.ok && advance(done.value, undoing(done.value)!);
        expect(undone && undone.ok && undone.value.bench).toEqual(bench);
      }),
      few,
    );
  });

  it('has the same answer for the same seed, and packs what is packed as it is', () => {
    fc.assert(
      fc.property(someBench, fc.integer({ min: 1, max: 9 }), (bench, seed) => {
        const once = packed(bench, 'k', 'nothing', seed);
        expect(packed(bench, 'k', 'nothing', seed).packing).toEqual(once.packing);
        const again = packed(once.after, 'k', 'now');
        const isOut = new Set(once.packing.left.map(({ placement }) => placement));
        expect(again.packing.moves.filter(({ placement }) => !isOut.has(placement))).toEqual([]);
      }),
      few,
    );
  });
});

function massIn(bench: Bench, placements: readonly Placement[], holderId: string): number {
  return placements
    .filter(({ place }) => !isOnGround(place) && place.in === holderId)
    .reduce(
      (sum, { id, gear: gearId, count }) =>
        sum + (bench.shelf.get(gearId)!.massG ?? 0) * count + massIn(bench, placements, id),
      0,
    );
}

function isInside(placements: readonly Placement[], { place }: Placement, id: string): boolean {
  if (isOnGround(place)) return false;
  const around = placements.find((each) => each.id === place.in)!;
  return around.id === id || isInside(placements, around, id);
}

function isStowed(placements: readonly Placement[], { place }: Placement): boolean {
  if (isOnGround(place)) return place.on !== 'mat';
  return isStowed(
    placements,
    placements.find(({ id }) => id === place.in)!,
  );
}

/** Whether a piece would lie in another room, apart from its backups and from what it spoils, with all rooms laid out. */
function wouldHold(
  bench: Bench,
  id: string,
  to: Exclude<Place, { readonly on: unknown }>,
): boolean {
  const before = bench.loadouts.get('k')!;
  const moved = before.placements.find((each) => each.id === id)!;
  const piece = bench.shelf.get(moved.gear)!;
  const beside = before.placements
    .filter(({ place }) => !isOnGround(place) && place.in === to.in && place.cavity === to.cavity)
    .map((each) => bench.shelf.get(each.gear)!);
  if (beside.some((each) => backsUp(piece, each) || areApart(piece, each))) return false;
  const after = applied(bench, {
    do: 'arrange',
    loadout: 'k',
    places: [{ placement: id, to }],
  });
  const there = after.loadouts.get('k')!;
  return there.placements.every((placement) => {
    const each = after.shelf.get(placement.gear)!;
    return each.cavities.every(({ id: cavity, mostMassG }) => {
      if (mostMassG !== null && massIn(after, there.placements, placement.id) > mostMassG) {
        return false;
      }
      const question = cavityQuestion(there, after.shelf, placement.id, cavity)!;
      return stowWithin(question.loads, { seed: 1, steps: 6 }).fits;
    });
  });
}
