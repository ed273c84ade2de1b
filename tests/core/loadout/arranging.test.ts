import { advance, apply, historyOf, newPlacement, undoing, type Command } from '@/core/loadout';
import { applied, benchOf, gear, holder, kit } from '../../support/benches';

const bench = benchOf(
  [holder('large'), holder('small'), gear('piece'), gear('many')],
  [
    kit('k', [
      newPlacement('large', 'large', { on: 'body' }),
      newPlacement('small', 'small', { in: 'large', cavity: 'inside' }),
      newPlacement('piece', 'piece', { in: 'small', cavity: 'inside' }),
      newPlacement('more', 'piece', { on: 'mat' }),
      newPlacement('many', 'many', { on: 'mat' }, 3),
    ]),
  ],
);

function arrange(...places: readonly (readonly [string, object])[]): Command {
  return {
    do: 'arrange',
    loadout: 'k',
    places: places.map(([placement, to]) => ({ placement, to: to as never })),
  };
}

describe('arrange', () => {
  it('lets two holders change their roles at once', () => {
    const after = applied(
      bench,
      arrange(['large', { in: 'small', cavity: 'inside' }], ['small', { on: 'body' }]),
    );
    expect(
      after.loadouts
        .get('k')!
        .placements.slice(0, 2)
        .map(({ place }) => place),
    ).toEqual([{ in: 'small', cavity: 'inside' }, { on: 'body' }]);
  });

  it('keeps each placement its own, also beside more of the same', () => {
    const after = applied(bench, arrange(['more', { in: 'small', cavity: 'inside' }]));
    expect(after.loadouts.get('k')!.placements).toHaveLength(5);
  });

  it.each([
    ['a holder in itself', arrange(['large', { in: 'small', cavity: 'inside' }])],
    ['a piece that is not there', arrange(['none', { on: 'body' }])],
    ['a cavity that is not there', arrange(['piece', { in: 'large', cavity: 'attic' }])],
    ['a holder that is not there', arrange(['piece', { in: 'none', cavity: 'inside' }])],
    ['a ground that is none', arrange(['piece', { on: 'roof' }])],
    ['no holder', arrange(['piece', { in: 'many', cavity: 'inside' }])],
  ])('refuses %s, and changes nothing', (_, command) => {
    expect(apply(bench, command).ok).toBe(false);
  });

  it('is one act, taken back in one', () => {
    const command = arrange(['piece', { on: 'mat' }], ['small', { on: 'mat' }]);
    const done = advance(historyOf(bench), { act: 'do', command, id: 'one' });
    if (!done.ok) throw new Error(done.problem.message);
    expect(done.value.bench).not.toEqual(bench);
    const undone = advance(done.value, undoing(done.value)!);
    expect(undone.ok && undone.value.bench).toEqual(bench);
  });
});

describe('pin', () => {
  const pin = (isPinned: boolean): Command => ({
    do: 'pin',
    loadout: 'k',
    placement: 'piece',
    isPinned,
  });

  it('is kept with the placement, and taken away without a trace', () => {
    const pinned = applied(bench, pin(true));
    expect(pinned.loadouts.get('k')!.placements[2]).toMatchObject({ id: 'piece', isPinned: true });
    expect(applied(pinned, pin(false))).toEqual(bench);
  });

  it('goes with the piece that is moved by hand', () => {
    const moved = applied(applied(bench, pin(true)), {
      do: 'move',
      loadout: 'k',
      placement: 'piece',
      to: { on: 'body' },
    });
    expect(moved.loadouts.get('k')!.placements[2]).toMatchObject({ isPinned: true });
  });

  it('is refused of what is not there', () => {
    expect(apply(bench, { ...pin(true), placement: 'none' } as Command).ok).toBe(false);
  });
});
