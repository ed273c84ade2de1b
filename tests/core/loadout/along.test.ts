import { plainSupply } from '@/core/gear';
import {
  apply,
  benchOfVersion,
  isOfModule,
  moduleOf,
  newPlacement,
  overplaced,
  totalsOf,
  unsound,
  unsoundVersion,
  versionOf,
  withModules,
  type Bench,
  type Command,
} from '@/core/loadout';
import { loadsOf } from '@/core/fit';
import { waysOf } from '@/core/ways';
import { asOneKit, applied, benchOf, gear, holder, kit } from '../../support/benches';

function refusal(bench: Bench, command: Command): string {
  const outcome = apply(bench, command);
  return outcome.ok ? 'done' : outcome.problem.message;
}

const knife = gear('knife', {
  supplies: [plainSupply('cut', 'made-for', null)],
});

/** A tin with a knife in it, and something not stowed; a bag; and a car that takes the bag along. */
const apart = benchOf(
  [holder('tin'), knife, gear('loose'), holder('bag'), holder('boot')],
  [
    kit('pocket', [
      newPlacement('tin', 'tin', { on: 'body' }),
      newPlacement('knife', 'knife', { in: 'tin', cavity: 'inside' }),
      newPlacement('loose', 'loose', { on: 'mat' }),
    ]),
    kit('everyday', [newPlacement('bag', 'bag', { on: 'body' })]),
    kit('car', [newPlacement('boot', 'boot', { on: 'vehicle' })]),
  ],
);

const along = [
  {
    do: 'take along',
    loadout: 'everyday',
    module: { id: 'm', kit: 'pocket', place: { in: 'bag', cavity: 'inside' } },
  },
  {
    do: 'take along',
    loadout: 'car',
    module: { id: 'm', kit: 'everyday', place: { in: 'boot', cavity: 'inside' } },
  },
] as const satisfies readonly Command[];

const bench = along.reduce<Bench>(applied, apart);
const whole = (id: string) => withModules(bench, bench.loadouts.get(id)!);

describe('a kit that goes along in another', () => {
  it('counts through in mass, ways and fit, at any depth', () => {
    expect(totalsOf(whole('everyday'), bench.shelf).whole).toMatchObject({ massG: 400, pieces: 4 });
    expect(totalsOf(whole('car'), bench.shelf).whole).toMatchObject({ massG: 500, pieces: 5 });
    expect(
      waysOf(whole('car'), bench.shelf, null).all.map(({ job, placement }) => [job, placement.id]),
    ).toEqual([['cut', 'm~m~knife']]);
    const inBag = loadsOf(whole('everyday'), bench.shelf).find(
      ({ placement }) => placement === 'bag',
    )!;
    expect(inBag.answer.massG).toBe(200);
    expect(unsound(asOneKit(whole('car')), bench.shelf)).toBeNull();
  });

  it('stands where it is put, but for what is not stowed in it', () => {
    const places = whole('everyday').placements.map(({ id, place }) => [id, place]);
    expect(places).toEqual([
      ['bag', { on: 'body' }],
      ['m~tin', { in: 'bag', cavity: 'inside' }],
      ['m~knife', { in: 'm~tin', cavity: 'inside' }],
      ['m~loose', { on: 'mat' }],
    ]);
    expect([isOfModule('m~tin'), isOfModule('tin'), moduleOf('m~n~tin'), moduleOf('x')]).toEqual([
      true,
      false,
      'm',
      null,
    ]);
  });

  it('is placed once, as its pieces are', () => {
    expect(overplaced(bench)).toEqual([]);
  });

  it.each<[Command, RegExp]>([
    [
      {
        do: 'take along',
        loadout: 'pocket',
        module: { id: 'x', kit: 'car', place: { on: 'mat' } },
      },
      /“car” would be inside itself/,
    ],
    [
      { do: 'take along', loadout: 'car', module: { id: 'x', kit: 'car', place: { on: 'mat' } } },
      /“car” would be inside itself/,
    ],
    [
      { do: 'take along', loadout: 'car', module: { id: 'x', kit: 'moon', place: { on: 'mat' } } },
      /[Nn]o kit moon/,
    ],
    [
      {
        do: 'move module',
        loadout: 'car',
        module: 'm',
        to: { in: 'boot', cavity: 'attic' },
      },
      /has no cavity “attic”/,
    ],
    [{ do: 'leave module', loadout: 'car', module: 'x' }, /no kit x along/],
    [
      { do: 'set count', loadout: 'car', placement: 'boot', count: 2 },
      /something in it is exactly one/,
    ],
    [{ do: 'move', loadout: 'everyday', placement: 'm~tin', to: { on: 'mat' } }, /no placement/],
  ])('refuses %#', (command, says) => {
    expect(refusal(bench, command)).toMatch(says);
  });

  it('is laid on the mat, or leaves, with the holder that it is in', () => {
    const take = (contents: 'leave too' | 'to the mat') =>
      applied(bench, {
        do: 'take out',
        loadout: 'everyday',
        placement: 'bag',
        contents,
      }).loadouts.get('everyday')!.modules;
    expect(take('to the mat')).toEqual([{ id: 'm', kit: 'pocket', place: { on: 'mat' } }]);
    expect(take('leave too')).toEqual([]);
  });

  it('leaves every kit when it is removed', () => {
    const without = applied(bench, { do: 'remove kit', id: 'everyday' });
    expect(without.loadouts.get('car')!.modules).toEqual([]);
  });
});

describe('a version', () => {
  const kept = versionOf(bench, 'car', { id: 'v', day: '2026-10-01', note: 'Autumn' });
  const later = [
    { do: 'keep version', version: kept },
    { do: 'take out', loadout: 'car', placement: 'boot', contents: 'leave too' },
    { do: 'remove gear', id: 'boot' },
    { do: 'change gear', id: 'knife', change: { massG: 250 } },
  ] as const satisfies readonly Command[];
  const changed = later.reduce<Bench>(applied, bench);

  it('holds the kit, those along in it, and the gear as it was', () => {
    expect(unsoundVersion(kept)).toBeNull();
    const then = benchOfVersion(changed.versions.get('v')!);
    const car = withModules(then, then.loadouts.get('car')!);
    expect(totalsOf(car, then.shelf).whole.massG).toBe(500);
  });

  it('is put back: the kit as it was, gear that is gone comes back, the rest keeps its figures', () => {
    const back = applied(changed, { do: 'put back', version: 'v' });
    expect(back.loadouts.get('car')).toEqual(bench.loadouts.get('car'));
    expect(back.shelf.get('boot')).toEqual(bench.shelf.get('boot'));
    expect(back.shelf.get('knife')!.massG).toBe(250);
  });

  it('is refused where it does not hang together', () => {
    const broken = { ...kept, gear: kept.gear.slice(1) };
    expect(refusal(bench, { do: 'keep version', version: broken })).toMatch(/no gear/);
    expect(refusal(bench, { do: 'put back', version: 'x' })).toMatch(/no version x/);
  });
});

describe('another piece in the place of one', () => {
  it('keeps the place, and lies where it is best', () => {
    const better = applied(applied(bench, { do: 'add gear', gear: [gear('better')] }), {
      do: 'stand in',
      loadout: 'pocket',
      placement: 'knife',
      gear: 'better',
    });
    expect(better.loadouts.get('pocket')!.placements[1]).toEqual(
      newPlacement('knife', 'better', { in: 'tin', cavity: 'inside' }),
    );
  });

  it('is refused where it could not hold what the other holds', () => {
    expect(
      refusal(bench, { do: 'stand in', loadout: 'pocket', placement: 'tin', gear: 'loose' }),
    ).toMatch(/no place for what is in it/);
  });
});
