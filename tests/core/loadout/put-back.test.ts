import { plainSupply } from '@/core/gear';
import fc from 'fast-check';
import {
  apply,
  mostGear,
  newPlacement,
  unboundedKit,
  unsound,
  unsoundModules,
  versionOf,
  type Bench,
  type Command,
} from '@/core/loadout';
import {
  applied,
  benchOf,
  gear,
  holder,
  kit,
  someCommands,
  startingBench,
} from '../../support/benches';

const cord = gear('cord', {
  supplies: [plainSupply('cord', 'made-for', 10)],
});
const before = benchOf(
  [cord, holder('tin'), gear('knife')],
  [
    {
      ...kit('k', [
        newPlacement('tin', 'tin', { on: 'body' }),
        { ...newPlacement('cord', 'cord', { in: 'tin', cavity: 'inside' }), laidFor: 'cord' },
        newPlacement('knife', 'knife', { on: 'body' }),
      ]),
      modules: [{ id: 'm', kit: 'pouch', place: { in: 'tin', cavity: 'inside' } }],
    },
    kit('pouch', [newPlacement('p', 'knife', { on: 'body' })]),
  ],
);
const kept: Bench = applied(before, {
  do: 'keep version',
  version: versionOf(before, 'k', { id: 'v', day: '2026-10-01', note: '' }),
});

/** The kit after commands, put back as it was kept. */
function backAfter(...commands: readonly Command[]) {
  const bench = commands.reduce(applied, kept);
  return applied(bench, { do: 'put back', version: 'v' });
}

describe('a version that is put back', () => {
  it('is the kit as it was where nothing else changed', () => {
    const bench = backAfter({
      do: 'take out',
      loadout: 'k',
      placement: 'tin',
      contents: 'leave too',
    });
    expect(bench.loadouts.get('k')).toEqual(before.loadouts.get('k'));
  });

  it('brings gear back that is gone from the shelf', () => {
    const bench = backAfter({ do: 'remove gear', id: 'knife' });
    expect(bench.shelf.get('knife')).toEqual(gear('knife'));
    expect(bench.loadouts.get('k')).toEqual(before.loadouts.get('k'));
  });

  it('lies where it is best at where it lost the job that it was laid for', () => {
    const bench = backAfter({ do: 'change gear', id: 'cord', change: { supplies: [] } });
    expect(bench.loadouts.get('k')!.placements[1]).toMatchObject({ id: 'cord', laidFor: null });
  });

  it('lies on the mat where its cavity is gone, the kit that goes along too', () => {
    const bench = backAfter(
      { do: 'take out', loadout: 'k', placement: 'tin', contents: 'leave too' },
      { do: 'change gear', id: 'tin', change: { cavities: [] } },
    );
    const { placements, modules } = bench.loadouts.get('k')!;
    expect(placements.map(({ id, place }) => [id, place])).toEqual([
      ['tin', { on: 'body' }],
      ['cord', { on: 'mat' }],
      ['knife', { on: 'body' }],
    ]);
    expect(modules).toMatchObject([{ id: 'm', place: { on: 'mat' } }]);
  });

  it('goes without a kit that is gone, and without one that it would be inside of', () => {
    expect(backAfter({ do: 'remove kit', id: 'pouch' }).loadouts.get('k')!.modules).toEqual([]);
    const inside = backAfter(
      { do: 'leave module', loadout: 'k', module: 'm' },
      { do: 'take along', loadout: 'pouch', module: { id: 'x', kit: 'k', place: { on: 'body' } } },
    );
    expect(inside.loadouts.get('k')!.modules).toEqual([]);
    expect(inside.loadouts.get('k')!.placements).toHaveLength(3);
  });

  it('never overfills the shelf', () => {
    const many = Array.from({ length: mostGear - 2 }, (_, at) => gear(`g${at}`));
    const bench = backAfter({ do: 'remove gear', id: 'knife' }, { do: 'add gear', gear: many });
    expect(bench.shelf.size).toBe(mostGear);
    expect(bench.loadouts.get('k')!.placements.map(({ id }) => id)).toEqual(['tin', 'cord']);
  });

  it('is sound after any commands, and never refused', () => {
    const start = (['k1', 'k2'] as const).reduce(
      (bench, id) =>
        applied(bench, {
          do: 'keep version',
          version: versionOf(startingBench, id, { id: `v-${id}`, day: '2026-10-01', note: '' }),
        }),
      startingBench,
    );
    fc.assert(
      fc.property(someCommands, someCommands, (made, then) => {
        const step = (bench: Bench, command: Command) => {
          const outcome = apply(bench, command);
          return outcome.ok ? outcome.value : bench;
        };
        const filled = made.reduce(step, start);
        const keeping = applied(filled, {
          do: 'keep version',
          version: versionOf(filled.loadouts.has('k1') ? filled : startingBench, 'k1', {
            id: 'mine',
            day: '2026-10-02',
            note: '',
          }),
        });
        const later = then.reduce(step, keeping);
        const back = applied(later, { do: 'put back', version: 'mine' });
        expect(unboundedKit(back)).toBeNull();
        for (const loadout of back.loadouts.values()) {
          expect(unsound(loadout, back.shelf)).toBeNull();
          expect(unsoundModules(back, loadout)).toBeNull();
        }
      }),
    );
  });
});
