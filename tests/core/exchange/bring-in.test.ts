import { bringIn, differs, type OnClash } from '@/core/exchange';
import { demoBench } from '@/core/demo';
import { emptyBench, unsound, unsoundVersion, versionOf, type Bench } from '@/core/loadout';
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

  describe('versions', () => {
    const about = { id: 'v', day: '2026-10-01', note: 'as it was' };
    const file = applied(heavier, {
      do: 'keep version',
      version: versionOf(heavier, 'float-pouch-kit', about),
    });

    it('keep their gear when mine of the same id is another piece', () => {
      const { bench } = brought(demoBench, file);
      const version = bench.versions.get('v');
      const { kit, loadout, gear } = version!;
      expect(bench.loadouts.get(kit)!.name).toBe('Float pouch, red (brought in)');
      expect(loadout.id).toBe(kit);
      // The kit and its version are of the same pieces, so that they differ in nothing.
      expect(loadout.placements).toEqual(bench.loadouts.get(kit)!.placements);
      expect(gear.find(({ massG }) => massG === 99)!.id).toBe('new-1');
      const back = applied(bench, { do: 'put back', version: version!.id });
      expect(back.loadouts.get(kit)!.placements).toEqual(loadout.placements);
      expect(back.shelf.get('new-1')!.massG).toBe(99);
      expect(unsoundVersion(version!)).toBeNull();
    });

    it('never take a piece of mine for one that is gone from their shelf', () => {
      const gone = applied(file, { do: 'remove gear', id: 'mirror' });
      const { bench } = brought(demoBench, gone);
      const version = bench.versions.get('v')!;
      const mirror = version.gear.find(({ massG }) => massG === 99)!;
      expect(mirror.id).not.toBe('mirror');
      expect(version.loadout.placements.some(({ gear }) => gear === mirror.id)).toBe(true);
      const back = applied(bench, { do: 'put back', version: 'v' });
      expect([back.shelf.get(mirror.id)!.massG, back.shelf.get('mirror')!.massG]).toEqual([99, 27]);
    });

    it('that are mine too come in under another id, or in the place of mine', () => {
      const mine = applied(demoBench, {
        do: 'keep version',
        version: versionOf(demoBench, 'float-pouch-kit', about),
      });
      const both = brought(mine, file).bench;
      expect(both.versions.size).toBe(mine.versions.size + 1);
      expect(both.versions.get('v')).toEqual(mine.versions.get('v'));
      const replaced = brought(mine, file, 'replace mine').bench;
      expect(replaced.versions.get('v')).toEqual(file.versions.get('v'));
    });

    it('keep kits that went along, and leave foreign money behind', () => {
      const nested = applied(
        applied(heavier, {
          do: 'take along',
          loadout: 'float-pouch-kit',
          module: { id: 'm', kit: 'boathouse-box-kit', place: { on: 'mat' } },
        }),
        { do: 'change kit', id: 'float-pouch-kit', change: { mostPriceMinor: 5000 } },
      );
      const with_ = applied(nested, {
        do: 'keep version',
        version: versionOf(nested, 'float-pouch-kit', about),
      });
      const { bench } = brought(demoBench, { ...with_, currency: 'USD' });
      const version = bench.versions.get('v')!;
      expect(version.along.map(({ name }) => name)).toEqual(['Boathouse box']);
      expect(version.loadout.modules[0]!.kit).toBe(version.along[0]!.id);
      expect(version.loadout.mostPriceMinor).toBeNull();
      expect(version.gear.every(({ priceMinor }) => priceMinor === null)).toBe(true);
      expect(unsoundVersion(version)).toBeNull();
    });
  });

  it('asks where anything differs, a version too', () => {
    expect(differs(brought(demoBench, demoBench).arrival)).toBe(false);
    expect(differs(brought(demoBench, heavier).arrival)).toBe(true);
  });

  it('keeps a kit that goes along in another along, under its new id', () => {
    const around: Bench = {
      ...heavier,
      loadouts: new Map(heavier.loadouts).set('car', {
        ...demoBench.loadouts.get('boathouse-box-kit')!,
        id: 'car',
        name: 'Car',
        placements: [],
        modules: [{ id: 'm', kit: 'float-pouch-kit', place: { on: 'vehicle' } }],
      }),
    };
    const { bench } = brought(demoBench, around);
    const forked = [...bench.loadouts.values()].find(({ name }) => /brought in/.test(name))!;
    expect(bench.loadouts.get('car')!.modules).toEqual([
      { id: 'm', kit: forked.id, place: { on: 'vehicle' } },
    ]);
  });
});
