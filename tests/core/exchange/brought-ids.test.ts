import { bringIn } from '@/core/exchange';
import { forOthers, type Bench, type Loadout, type RoundLine } from '@/core/loadout';
import { applied } from '../../support/benches';
import { benchOfKinds } from '../../support/kits-of-kinds';

const base = benchOfKinds({ holds: 'belt-knife', brief: {} });
const k = base.loadouts.get('k')!;

function scheme(name: string) {
  return { id: 's1', name, categories: [{ id: 'c1', name: 'All', jobs: ['cut'] as const }] };
}

const mine: Bench = {
  ...base,
  schemes: new Map([['s1', scheme('Mine')]]),
  loadouts: new Map([
    ['k', k],
    ['b', { ...k, id: 'b', name: 'My car box', placements: [] }],
  ]),
};

const line: RoundLine = {
  placement: 'belt-knife',
  gear: 'belt-knife',
  name: 'Knife',
  count: 1,
  used: 0,
  renew: 0,
  missing: 0,
  failed: 0,
  isMoved: false,
  isByWeight: false,
  did: [],
  note: '',
  photo: null,
  on: '2027-01-01',
};

/** The same ids on another bench: all of it differs. */
const theirs: Bench = {
  ...mine,
  schemes: new Map([['s1', scheme('Theirs')]]),
  shelf: new Map([...mine.shelf].map(([id, gear]) => [id, { ...gear, massG: 999 }])),
  rounds: new Map([
    [
      'r',
      {
        id: 'r',
        kit: 'k',
        kitName: 'K',
        begunOn: '2027-01-01',
        endedOn: '2027-01-02',
        lines: [line],
        unreached: 0,
        note: '',
      },
    ],
  ]),
  loadouts: new Map([
    [
      'k',
      {
        ...k,
        purpose: 'theirs',
        brief: {
          ...k.brief!,
          beside: ['b'],
          lanes: [{ scheme: 's1', categories: ['c1'] }],
          rules: [{ rule: 'categories', scheme: 's1' }],
        },
      },
    ],
    ['b', { ...k, id: 'b', name: 'Their car box' }],
  ]),
};

describe('a kit that comes in beside mine of the same ids', () => {
  let made = 0;
  const bench = applied(
    mine,
    bringIn(mine, theirs, 'keep both', () => `new-${(made += 1)}`).command,
  );
  const came = (name: string): Loadout =>
    [...bench.loadouts.values()].find((kit) => kit.name === `${name} (brought in)`)!;

  it('lies beside the box that came with it, and is judged by the scheme that came with it', () => {
    const { brief } = came('k');
    const own = [...bench.schemes.values()].find(({ name }) => name === 'Theirs')!;
    expect(own.id).not.toBe('s1');
    expect(brief!.beside).toEqual([came('Their car box').id]);
    expect(brief!.rules).toEqual([{ rule: 'categories', scheme: own.id }]);
    expect(brief!.lanes).toEqual([{ scheme: own.id, categories: ['c1'] }]);
  });

  it('brings its inspections, of its own knife', () => {
    const [round] = bench.rounds.values();
    const [knife] = came('k').placements;
    expect(round!.lines.map(({ gear }) => gear)).toEqual([knife!.gear]);
    expect(knife!.gear).not.toBe('belt-knife');
  });
});

describe('a file for others', () => {
  const knife = mine.shelf.get('belt-knife')!;
  const own: Bench = {
    ...mine,
    shelf: new Map([
      [
        'belt-knife',
        {
          ...knife,
          lentTo: 'Berta',
          checks: [
            {
              what: 'cuts',
              kind: 'trial',
              on: '2027-01-01',
              passed: true,
              where: 'at home',
              note: 'mine',
            },
          ],
        },
      ],
    ]),
    loadouts: new Map([['k', { ...k, brief: { ...k.brief!, noteLeftWith: 'Berta' } }]]),
  };

  it('names nobody, and tells no words about where a piece was tried', () => {
    const handed = forOthers(own);
    expect(JSON.stringify([[...handed.shelf.values()], [...handed.loadouts.values()]])).not.toMatch(
      /Berta|at home|mine/,
    );
    expect(handed.shelf.get('belt-knife')).toMatchObject({
      lentTo: 'somebody',
      checks: [{ what: 'cuts', passed: true }],
    });
  });

  it('that comes back takes nothing away of what was said here', () => {
    const { command, gear, loadouts } = bringIn(own, forOthers(own), 'replace mine', () => 'new');
    expect(gear.differs).toBe(0);
    expect(loadouts.map(({ arrival }) => arrival)).toEqual(['the same']);
    expect(applied(own, command)).toEqual(own);
  });
});
