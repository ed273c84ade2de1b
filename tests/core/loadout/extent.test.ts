import {
  apply,
  mostHoldersDeep,
  mostKitsDeep,
  mostPieces,
  mostPlacements,
  newPlacement,
  unboundedKit,
  withModules,
  type Bench,
  type Command,
  type Loadout,
  type Module,
  type Placement,
} from '@/core/loadout';
import { applied, benchOf, gear, holder, kit } from '../../support/benches';

const shelf = [gear('knife', { count: 10_000 }), holder('tin', { count: 10_000 })];

function along(id: string, of: string, place: Module['place'] = { on: 'body' }): Module {
  return { id, kit: of, place };
}

function withAlong(id: string, placements: readonly Placement[], modules: readonly Module[]) {
  return { ...kit(id, placements), modules };
}

function knives(many: number, count = 1): readonly Placement[] {
  return Array.from({ length: many }, (_, at) =>
    newPlacement(`p${at}`, 'knife', { on: 'mat' }, count),
  );
}

/** Tins in one another, so many of them. */
function nested(many: number): readonly Placement[] {
  return Array.from({ length: many }, (_, at) =>
    newPlacement(
      `t${at}`,
      'tin',
      at === 0 ? { on: 'body' } : { in: `t${at - 1}`, cavity: 'inside' },
    ),
  );
}

function problemOf(...kits: readonly Loadout[]): string | null {
  const problem = unboundedKit(benchOf(shelf, kits));
  return problem && `${problem.kit}: ${problem.field} ${problem.message}`;
}

describe('how large a kit may be with all that goes along in it', () => {
  it('counts every kit along as often as it is along', () => {
    const half = mostPlacements / 2 - 2;
    const inner = kit('inner', knives(half));
    expect(
      problemOf(inner, withAlong('outer', [], [along('a', 'inner'), along('b', 'inner')])),
    ).toBeNull();
    expect(
      problemOf(inner, withAlong('outer', knives(3), [along('a', 'inner'), along('b', 'inner')])),
    ).toMatch(
      /^outer: modules\[1\]\.kit With the kits that go along in it, a kit holds up to 1000/,
    );
  });

  it.each([10, 18, 24, 60])('is told at once of kits that double %i deep', (deep) => {
    const kits = Array.from({ length: deep }, (_, at) =>
      withAlong(
        `k${at}`,
        at === deep - 1 ? knives(1) : [],
        at === deep - 1 ? [] : [along('a', `k${at + 1}`), along('b', `k${at + 1}`)],
      ),
    );
    expect(problemOf(...kits)).toMatch(/modules\[\d\]\.kit With the kits that go along/);
  });

  it('counts kits that hold nothing themselves', () => {
    const kits = Array.from({ length: 20 }, (_, at) =>
      withAlong(
        `k${at}`,
        [],
        at === 19 ? [] : [along('a', `k${at + 1}`), along('b', `k${at + 1}`)],
      ),
    );
    expect(problemOf(...kits)).toMatch(/With the kits that go along/);
  });

  it('holds pieces to a number as well', () => {
    expect(problemOf(kit('k', knives(2, mostPieces / 2)))).toBeNull();
    expect(problemOf(kit('k', knives(2, mostPieces / 2 + 1)))).toMatch(/up to 10000 pieces/);
  });

  it('holds all kits of a bench to a number', () => {
    const kits = Array.from({ length: 51 }, (_, at) => kit(`k${at}`, knives(mostPlacements)));
    expect(problemOf(...kits.slice(0, 50))).toBeNull();
    expect(problemOf(...kits)).toMatch(/^k50: placements The kits of a bench hold up to 50000/);
  });
});

describe('kits that hold nothing', () => {
  it('count where they go along, over all kits of a bench', () => {
    const inner = Array.from({ length: 100 }, (_, at) => kit(`e${at}`));
    const outer = (many: number) =>
      Array.from({ length: many }, (_, at) =>
        withAlong(
          `k${at}`,
          [],
          inner.map(({ id }) => along(id, id)),
        ),
      );
    expect(problemOf(...inner, ...outer(20))).toBeNull();
    expect(problemOf(...inner, ...outer(21))).toMatch(/^k20: modules In all kits .* 2000 kits/);
  });
});

describe('how deep a kit may go', () => {
  it('counts holders through the kits that go along', () => {
    const half = mostHoldersDeep / 2;
    const inner = kit('inner', nested(half + 1));
    const outer = (deep: number) =>
      withAlong('outer', nested(deep), [
        along('a', 'inner', { in: `t${deep - 1}`, cavity: 'inside' }),
      ]);
    expect(problemOf(inner, outer(half))).toBeNull();
    expect(problemOf(inner, outer(half + 1))).toMatch(/Holders go in one another at most 64 deep/);
    expect(problemOf(kit('k', nested(mostHoldersDeep + 1)))).toBeNull();
    expect(problemOf(kit('k', nested(mostHoldersDeep + 2)))).toMatch(/at most 64 deep/);
  });

  it('counts kits in one another, in whatever order they are looked at', () => {
    const chain = (deep: number) =>
      Array.from({ length: deep }, (_, at) =>
        withAlong(`k${at}`, [], at === deep - 1 ? [] : [along('a', `k${at + 1}`)]),
      );
    expect(problemOf(...chain(mostKitsDeep))).toBeNull();
    expect(problemOf(...chain(mostKitsDeep + 1))).toMatch(
      /Kits go along in one another at most 64/,
    );
    expect(problemOf(...chain(mostKitsDeep + 1).reverse())).toMatch(/at most 64 deep/);
  });

  it('finds a kit in itself, however far round', () => {
    expect(
      problemOf(
        withAlong('a', [], [along('m', 'b')]),
        withAlong('b', [], [along('m', 'c')]),
        withAlong('c', [], [along('m', 'a')]),
      ),
    ).toMatch(/“a” would be inside itself/);
  });

  it('is of what is laid in: a kit within its bounds never grows beyond them', () => {
    const bench = benchOf(shelf, [
      kit('inner', nested(5)),
      withAlong('outer', nested(3), [along('a', 'inner'), along('b', 'inner')]),
    ]);
    expect(unboundedKit(bench)).toBeNull();
    expect(withModules(bench, bench.loadouts.get('outer')!).placements).toHaveLength(13);
  });
});

describe('a command', () => {
  const full: Bench = benchOf(shelf, [
    kit('inner', knives(490)),
    withAlong('outer', knives(10), [along('a', 'inner'), along('b', 'inner')]),
  ]);

  it.each<[string, Command, RegExp]>([
    [
      'in the kit along that makes the kit around it too large',
      {
        do: 'together',
        label: 'lay out more',
        commands: Array.from({ length: 10 }, (_, at) => ({
          do: 'place' as const,
          loadout: 'inner',
          placement: newPlacement(`n${at}`, 'tin', { on: 'mat' }),
        })),
      },
      /With the kits that go along/,
    ],
    [
      'that takes one more along',
      { do: 'take along', loadout: 'outer', module: along('c', 'inner') },
      /With the kits that go along/,
    ],
    [
      'that counts more than a kit holds',
      { do: 'set count', loadout: 'outer', placement: 'p0', count: 9999 },
      /up to 10000 pieces/,
    ],
  ])('%s is refused', (_, command, says) => {
    const outcome = apply(full, command);
    expect(outcome.ok ? 'done' : outcome.problem.message).toMatch(says);
  });

  it('within the bounds is done', () => {
    const after = applied(full, {
      do: 'place',
      loadout: 'inner',
      placement: newPlacement('n', 'tin', { on: 'mat' }),
    });
    expect(after.loadouts.get('inner')!.placements).toHaveLength(491);
  });
});
