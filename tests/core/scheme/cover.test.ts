import { cells, relying } from '@/core/catalogue/kind';
import { igniteJobs, jobIds, plainSupply, type Demand, type Supply } from '@/core/gear';
import { coverOf, homeCategory, schemes } from '@/core/scheme';
import { singleLosses, waysOf } from '@/core/ways';
import { newPlacement, type Loadout } from '@/core/loadout';
import { demoBench } from '@/core/demo';
import { looseCells } from '../../support/kits-of-needs';
import { benchOf, gear, holder, kit } from '../../support/benches';

function supply(
  job: Supply['job'],
  demands: readonly Demand[] = [],
  more: Partial<Supply> = {},
): Supply {
  return { ...plainSupply(job, 'made-for', null), demands, ...more };
}

const shelf = [
  holder('pack', { count: 2 }),
  gear('rod', { supplies: [supply('spark', [relying('tinder')])] }),
  gear('tinder', { supplies: [supply('tinder', [], { amount: 20 })] }),
  gear('lighter', { supplies: [supply('flame', [], { amount: 900 })] }),
  gear('pot', {
    supplies: [supply('boil', [relying('flame', 'spark')], { amount: 1400 })],
  }),
  gear('mug', {
    supplies: [
      supply('boil', [relying('flame', 'spark')], { amount: 600 }),
      supply('carry-water', [], { amount: 600, fitness: 'improvised' }),
    ],
  }),
  gear('lamp', { supplies: [supply('light', [cells('AAA alkaline', 3)])] }),
  gear('unknown', { supplies: [supply('light', [looseCells(3)])] }),
  gear('aa', { supplies: [supply('cells', [], { sort: 'AA alkaline', amount: 3 })] }),
  gear('aaa', { supplies: [supply('cells', [], { sort: 'AAA alkaline', amount: 1.3 })] }),
  gear('hen', { supplies: [supply('sew', [relying('thread')])] }),
  gear('egg', { supplies: [supply('thread', [relying('sew')])] }),
];

function loadout(
  ...lines: readonly [string, Loadout['placements'][number]['place'], number?][]
): Loadout {
  return kit(
    'k',
    lines.map(([id, place, count]) => newPlacement(id, id, place, count)),
  );
}

function jobsDone(of: Loadout): readonly string[] {
  return [...new Set(waysOf(of, benchOf(shelf, []).shelf, null).all.map(({ job }) => job))].sort();
}

const body = { on: 'body' } as const;
const mat = { on: 'mat' } as const;

describe('ways', () => {
  it('need their demands met inside the kit, step after step', () => {
    expect(jobsDone(loadout(['rod', body], ['pot', body]))).toEqual([]);
    expect(jobsDone(loadout(['pot', body], ['rod', body], ['tinder', body]))).toEqual([
      'boil',
      'spark',
      'tinder',
    ]);
  });

  it('are none where two only rely on each other', () => {
    expect(jobsDone(loadout(['hen', body], ['egg', body]))).toEqual([]);
  });

  it('need enough cells where nobody knows that they have some', () => {
    expect(jobsDone(loadout(['lamp', body]))).toEqual(['light']);
    expect(jobsDone(loadout(['unknown', body]))).toEqual([]);
    expect(jobsDone(loadout(['unknown', body], ['aaa', body, 2]))).toEqual(['cells']);
    expect(jobsDone(loadout(['unknown', body], ['aaa', body, 3]))).toEqual(['cells', 'light']);
  });
});

describe('cover', () => {
  const inPack = { in: 'pack', cavity: 'inside' } as const;

  function category(of: Loadout, id: string) {
    return coverOf(
      waysOf(of, benchOf(shelf, []).shelf, null),
      schemes['ten-cs'],
      [],
    ).categories.find((each) => each.category.id === id)!;
  }

  it('counts as many independent ways as losses it takes, whatever goes with what', () => {
    const together = loadout(
      ['pack', body],
      ['rod', inPack],
      ['tinder', inPack],
      ['lighter', inPack],
    );
    expect(category(together, 'combustion').musts[0]).toMatchObject({
      ways: 2,
      independent: 1,
      wanted: 3,
      standing: 'thin',
    });
    const apart = loadout(['pack', body], ['rod', inPack], ['tinder', inPack], ['lighter', body]);
    expect(category(apart, 'combustion').musts[0]).toMatchObject({ ways: 2, independent: 2 });
    const laid = loadout(['rod', mat], ['tinder', mat], ['lighter', mat]);
    expect(category(laid, 'combustion').musts[0]).toMatchObject({ ways: 2, independent: 2 });
  });

  it('adds up or takes the best, as the job has it', () => {
    const container = category(
      loadout(['lighter', body], ['pot', body], ['mug', body, 2]),
      'container',
    );
    expect(container.jobs.map(({ job, amount }) => [job, amount])).toEqual([
      ['carry-water', 1200],
      ['boil', 1400],
    ]);
    // Two vessels boil, over the one lighter: without it neither does.
    expect(container.musts.map(({ standing }) => standing)).toEqual(['thin', 'thin']);
    expect(container.standing).toBe('thin');
  });

  it('is missing where one thing it must do is missing', () => {
    expect(category(loadout(['lighter', body], ['pot', body]), 'container').standing).toBe(
      'missing',
    );
    expect(category(kit('k'), 'cutting').standing).toBe('missing');
    expect(category(kit('k'), 'beyond').standing).toBeNull();
  });
});

describe('schemes', () => {
  it.each(Object.values(schemes))(
    '$name puts every job into exactly one category',
    ({ categories }) => {
      const gathered = categories.flatMap(({ jobs }) => jobs);
      expect([...gathered].sort()).toEqual([...jobIds].sort());
      for (const { jobs, must } of categories) {
        for (const job of must.flat()) expect(jobs).toContain(job);
      }
      expect(new Set(categories.map(({ mark }) => mark)).size).toBe(categories.length);
    },
  );

  it('lay a piece where it is best at something', () => {
    const shelfOf = demoBench.shelf;
    const home = (id: string) => homeCategory(schemes['ten-cs'], shelfOf.get(id)!).id;
    expect(home('multi-tool')).toBe('cutting');
    expect(home('bandana')).toBe('cotton');
    expect(home('headlamp')).toBe('candling');
    expect(home('portage-pack')).toBe('beyond');
  });
});

describe('the demo', () => {
  const cover = (id: string) =>
    coverOf(waysOf(demoBench.loadouts.get(id)!, demoBench.shelf, null), schemes['ten-cs'], []);

  it('has every way to ignite of the portage pack in the barrel', () => {
    const fire = cover('portage-pack-kit').categories.find(
      ({ category }) => category.id === 'combustion',
    )!;
    expect(fire.musts[0]).toMatchObject({ ways: 3, independent: 1, standing: 'thin' });
    const { formula } = waysOf(demoBench.loadouts.get('portage-pack-kit')!, demoBench.shelf, null);
    expect(singleLosses(formula, igniteJobs)).toEqual([{ kind: 'holder', placement: 'barrel' }]);
  });

  it('has lamps with cells of their own, and a rod without tinder', () => {
    const { all: pack } = waysOf(
      demoBench.loadouts.get('portage-pack-kit')!,
      demoBench.shelf,
      null,
    );
    expect(pack.filter(({ job }) => job === 'light').map(({ placement }) => placement.id)).toEqual([
      'headlamp',
      'torch',
    ]);
    const float = cover('float-pouch-kit');
    expect(float.categories.find(({ category }) => category.id === 'combustion')!.standing).toBe(
      'missing',
    );
  });
});
