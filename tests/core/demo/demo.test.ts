import { readFileSync } from 'node:fs';
import { kindOf } from '@/core/catalogue';
import { demoBench, demoOpensOn } from '@/core/demo';
import { movedByYears } from '@/core/demo/moved';
import { demoYearsOn } from '@/core/demo/opens-on';
import { readFile, writeFile } from '@/core/exchange';
import { bulkOf, isHolder, longestNote, whyNotName, whyNotPlain } from '@/core/gear';
import { overplaced, unsound, type Bench } from '@/core/loadout';
import { workedOut } from '@/core/kit';
import { underBrief } from '@/core/kit/under-brief';
import { waysOf } from '@/core/ways';
import { everyFinding } from '../../support/every-finding';

const gear = [...demoBench.shelf.values()];

describe('the demo’s shelf', () => {
  it('has at least seventy pieces, each with full figures', () => {
    expect(gear.length).toBeGreaterThanOrEqual(70);
    for (const { id, massG, form, priceMinor, supplies, cavities, kind } of gear) {
      expect([id, massG !== null && massG > 0, form !== null, priceMinor !== null]).toEqual([
        id,
        true,
        true,
        true,
      ]);
      expect([id, supplies.length + cavities.length > 0]).toEqual([id, true]);
      expect([id, kindOf(kind!)?.id]).toEqual([id, kind]);
    }
  });

  it('is true to life: nothing lighter than foam or heavier than lead', () => {
    for (const { id, massG, form } of gear) {
      const densityGPerMl = massG! / bulkOf(form!).tightMl;
      expect([id, densityGPerMl > 0.02 && densityGPerMl < 5]).toEqual([id, true]);
    }
  });

  it('bears plain names, each once among holders', () => {
    for (const { name, note } of gear) {
      expect(whyNotName(name)).toBeNull();
      expect(whyNotPlain(note, longestNote)).toBeNull();
    }
    const holders = gear.filter(isHolder).map(({ name }) => name);
    expect(new Set(holders).size).toBe(holders.length);
  });

  it('holds gear of every standing that a shelf has', () => {
    const owned = new Set(gear.map(({ ownership }) => ownership));
    expect(owned).toContain('owned');
    expect(owned).toContain('wished');
    expect(new Set(gear.map(({ massTrust }) => massTrust))).toEqual(
      new Set(['weighed', 'typical']),
    );
  });
});

describe('the demo that ships', () => {
  it('is this one, as a file of the open format', () => {
    const shipped = readFileSync('public/demo.json', 'utf8');
    expect(shipped).toBe(writeFile(demoBench));
    expect(readFile(shipped)).toEqual({ ok: true, value: demoBench });
  });
});

describe('the demo’s kits', () => {
  it('are three, sound, and one of them is opened', () => {
    expect([...demoBench.loadouts.values()].map(({ name }) => name)).toEqual([
      'Portage pack',
      'Float pouch',
      'Boathouse box',
    ]);
    expect(demoBench.loadouts.has(demoOpensOn)).toBe(true);
    for (const loadout of demoBench.loadouts.values()) {
      expect(unsound(loadout, demoBench.shelf)).toBeNull();
    }
  });

  it('hold one piece in two kits, and no other beyond its count', () => {
    expect(
      overplaced(demoBench).map((found) => [found.gear, found.in.map((part) => part.loadout)]),
    ).toEqual([['multi-tool', ['portage-pack-kit', 'float-pouch-kit']]]);
  });

  it('carry cells for the torch, and none to spare for the headlamp', () => {
    const pack = demoBench.loadouts.get('portage-pack-kit')!;
    const { all: ways } = waysOf(pack, demoBench.shelf, null);
    expect(ways.some(({ job, placement }) => job === 'cells' && placement.id === 'cells-aa')).toBe(
      true,
    );
    const headlamp = demoBench.shelf.get('headlamp')!.supplies.find(({ job }) => job === 'light')!;
    const cells = demoBench.shelf.get('cells-aa')!.supplies.find(({ job }) => job === 'cells')!;
    const takes = headlamp.demands.flatMap((demand) => (demand.on === 'jobs' ? demand.sorts : []));
    expect(takes).not.toContain(cells.sort);
    // It burns by the set that is in it.
    expect(ways.some(({ job, placement }) => job === 'light' && placement.id === 'headlamp')).toBe(
      true,
    );
  });

  it('have a finding of every family to look at', () => {
    const rules = [...demoBench.loadouts.values()].flatMap((loadout) =>
      everyFinding(workedOut(demoBench, loadout, '2026-10-01')).map(({ rule }) => rule),
    );
    const families = new Set(rules.map((rule) => rule.split('/')[0]));
    expect([...families].sort()).toEqual([
      'aid', 'cover', 'cut', 'fire', 'harm', 'keep', 'law', 'light', 'make', 'need', 'people', 'sleep', 'stow', 'thrift',
      'trust', 'water',
    ]); // prettier-ignore
    expect(rules).toEqual(
      expect.arrayContaining([
        'cover/all-in-one', 'cover/holder', 'keep/expired', 'sleep/short', 'stow/fit', 'keep/double',
      ]), // prettier-ignore
    );
  });

  it('sleep four degrees short of a late-September night, the worst-off of two', () => {
    const own = demoBench.loadouts.get(demoOpensOn)!;
    const { needs } = underBrief(workedOut(demoBench, own, '2026-10-01'), own.brief!, 'metric');
    const sleep = needs.find(({ need }) => need === 'sleep')!;
    expect(sleep.supply! - sleep.demand!).toBeCloseTo(4, 0);
    expect(sleep.standing).toBe('short');
  });
});

describe('the demo’s days', () => {
  it.each([
    ['2026-09-21', -1],
    ['2026-09-22', 0],
    ['2026-11-26', 0],
    ['2027-09-21', 0],
    ['2027-09-22', 1],
    ['2031-01-01', 4],
  ])('opened on %s are %i years on, so that its trip is the next', (today, years) => {
    expect(demoYearsOn(today)).toBe(years);
    const moved = movedByYears(demoBench, years);
    const { when } = moved.loadouts.get(demoOpensOn)!.brief!;
    expect(when?.on === 'days' && when.from > today).toBe(true);
    expect(readFile(writeFile(moved)).ok).toBe(true);
  });

  it('move all alike: what is past its date stays so', () => {
    const findings = (bench: Bench, today: string) =>
      everyFinding(workedOut(bench, bench.loadouts.get('boathouse-box-kit')!, today)).map(
        ({ rule, about }) => `${rule} ${about.join()}`,
      );
    expect(findings(movedByYears(demoBench, 3), '2029-10-01')).toEqual(
      findings(demoBench, '2026-10-01'),
    );
  });
});
