import { bringIn, type OnClash } from '@/core/exchange';
import { demoBench } from '@/core/demo';
import { emptyBench, unsound, type Bench } from '@/core/loadout';
import { applied } from '../../support/benches';

function brought(into: Bench, file: Bench, onClash: OnClash = 'keep both') {
  let next = 0;
  const arrival = bringIn(into, file, onClash, () => `new-${(next += 1)}`);
  return { arrival, bench: applied(into, arrival.command) };
}

const heavier: Bench = {
  ...demoBench,
  shelf: new Map(demoBench.shelf).set('mirror', { ...demoBench.shelf.get('mirror')!, massG: 99 }),
  loadouts: new Map(demoBench.loadouts).set('float-pouch-kit', {
    ...demoBench.loadouts.get('float-pouch-kit')!,
    name: 'Float pouch, red',
  }),
};

describe('bringing in a file', () => {
  it('fills an empty bench with exactly what the file holds', () => {
    expect(brought(emptyBench, demoBench).bench).toEqual(demoBench);
    expect(brought(emptyBench, { ...demoBench, currency: 'SEK' }).bench.currency).toBe('SEK');
  });

  it('changes nothing where all of it is here already', () => {
    const { arrival, bench } = brought(demoBench, demoBench);
    expect(bench).toEqual(demoBench);
    expect(arrival.gear).toEqual({ new: 0, 'the same': demoBench.shelf.size, differs: 0 });
  });

  it('keeps both where they differ', () => {
    const { arrival, bench } = brought(demoBench, heavier);
    expect(arrival.gear.differs).toBe(1);
    expect(bench.shelf.size).toBe(demoBench.shelf.size + 1);
    expect(bench.shelf.get('mirror')!.massG).toBe(27);
    expect(bench.loadouts.get('float-pouch-kit')).toEqual(
      demoBench.loadouts.get('float-pouch-kit'),
    );
    const added = [...bench.loadouts.values()].find(
      ({ name }) => name === 'Float pouch, red (brought in)',
    )!;
    expect(added.placements.some((placement) => placement.gear === 'new-1')).toBe(true);
    expect(unsound(added, bench.shelf)).toBeNull();
  });

  it('replaces mine where that is asked for', () => {
    expect(brought(demoBench, heavier, 'replace mine').bench).toEqual(heavier);
  });

  it('leaves prices behind that are in another currency', () => {
    const { arrival, bench } = brought(demoBench, { ...heavier, currency: 'USD' });
    expect(arrival.pricesLeftBehind).toBe(true);
    expect(bench.currency).toBe('EUR');
    expect(bench.shelf.get('mirror')!.priceMinor).toBe(700);
  });
});
