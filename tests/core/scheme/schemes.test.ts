import { gearOfKind, kindOf } from '@/core/catalogue';
import { igniteJobs, jobIds } from '@/core/gear';
import { emptyBench, unsoundScheme, type OwnScheme } from '@/core/loadout';
import { homeCategory, ownFrom, schemeIds, schemeOf, schemes, schemesOf } from '@/core/scheme';

const own: OwnScheme = {
  id: 'mine',
  name: 'Mine',
  categories: [
    { id: 'hands', name: 'Hands', jobs: ['snip', 'cut', 'flame', 'spark'] },
    { id: 'head', name: 'Head', jobs: ['morale', 'guide'] },
  ],
};
const bench = { ...emptyBench, schemes: new Map([[own.id, own]]) };

describe('the schemes that ship', () => {
  it.each(schemeIds)('%s gathers every job exactly once, each category with its letter', (id) => {
    const { categories } = schemes[id];
    const gathered = categories.flatMap(({ jobs }) => jobs);
    expect([...gathered].sort()).toEqual([...jobIds].sort());
    expect(new Set(categories.map(({ mark }) => mark)).size).toBe(categories.length);
    for (const { id: category, must, jobs } of categories) {
      for (const anyOf of must) {
        expect([category, anyOf.every((job) => jobs.includes(job))]).toEqual([category, true]);
      }
    }
  });
});

describe('a scheme of one’s own', () => {
  it('must do its critical jobs, ignite where it has fire, or else any of its jobs', () => {
    const scheme = schemeOf(bench, 'mine');
    expect(scheme.categories.map(({ name, mark, must }) => [name, mark, must])).toEqual([
      ['Hands', 'A', [['cut'], ['flame', 'spark']]],
      ['Head', 'B', [['morale', 'guide']]],
      ['Beyond', '+', []],
    ]);
    expect(scheme.categories.flatMap(({ jobs }) => jobs).length).toBe(jobIds.length);
    expect(schemesOf(bench).map(({ id }) => id)).toEqual([...schemeIds, 'mine']);
    expect(schemeOf(bench, 'gone').id).toBe('five-cs');
  });

  it('starts from one that ships, and can take all of it', () => {
    const copy = ownFrom(schemes['rule-of-threes'], 'mine', 'My threes');
    expect(unsoundScheme(copy)).toBeNull();
    expect(copy.categories.map(({ name }) => name)).toEqual(
      schemes['rule-of-threes'].categories
        .map(({ name }) => name)
        .filter((name) => name !== 'Beyond'),
    );
    const everything = { ...own, categories: [{ id: 'all', name: 'All', jobs: jobIds }] };
    expect(schemeOf({ schemes: new Map([['mine', everything]]) }, 'mine').categories.length).toBe(
      1,
    );
  });

  it.each<[Partial<OwnScheme>, RegExp]>([
    [{ name: ' ' }, /is empty/],
    [{ categories: [] }, /1 to 40/],
    [{ categories: [{ id: 'x', name: 'X', jobs: [] }] }, /gathers no job/],
    [{ categories: [{ id: 'beyond', name: 'X', jobs: ['cut'] }] }, /is taken/],
    [
      {
        categories: [
          { id: 'x', name: 'X', jobs: ['cut'] },
          { id: 'y', name: 'Y', jobs: ['cut'] },
        ],
      },
      /stands in two/,
    ],
  ])('is refused %#', (differs, says) => {
    expect(unsoundScheme({ ...own, ...differs })?.message).toMatch(says);
  });
});

describe('the lane of a piece', () => {
  const candle = gearOfKind(kindOf('candle')!, 'candle');

  it('is that of the job it is in the kit for', () => {
    const scheme = schemes['ten-cs'];
    expect(homeCategory(scheme, candle).id).toBe('candling');
    expect(homeCategory(scheme, candle, 'tinder').id).toBe('combustion');
    expect(igniteJobs.length).toBe(3);
  });
});
