import { gearOfKind, gearOfNoKind, kindMeantBy, kindOf, kinds, kindsFor } from '@/core/catalogue';
import {
  bulkOf,
  cellServes,
  igniteJobs,
  jobIds,
  jobs,
  longestInsideMm,
  longestRigidMm,
  roomMl,
} from '@/core/gear';

describe('the kinds', () => {
  it('have ids of their own and are meant by their own names', () => {
    expect(new Set(kinds.map(({ id }) => id)).size).toBe(kinds.length);
    for (const kind of kinds) {
      const words = [kind.nouns[0]!, ...kind.traits].join(' ');
      expect([kind.id, kindMeantBy(words)?.id]).toEqual([kind.id, kind.id]);
    }
  });

  it.each(kinds.map((kind) => [kind.id, kind] as const))('%s makes sense', (_, kind) => {
    const { tightMl, looseMl } = bulkOf(kind.form);
    expect(tightMl).toBeLessThanOrEqual(looseMl);
    const densityGPerMl = kind.massG / tightMl;
    expect(densityGPerMl).toBeGreaterThan(0.02);
    expect(densityGPerMl).toBeLessThan(4);
    expect(kind.supplies.length + kind.cavities.length).toBeGreaterThan(0);
    expect(new Set(kind.cavities.map(({ id }) => id)).size).toBe(kind.cavities.length);
  });

  it('have rigid cavities that are inside their outside, with mouths no wider than the section', () => {
    for (const { id, form, cavities } of kinds) {
      for (const { inside, mouth } of cavities) {
        if (inside.shape === 'soft') continue;
        expect([id, roomMl(inside) < bulkOf(form).looseMl]).toEqual([id, true]);
        expect([id, longestRigidMm(form) > 0 && longestInsideMm(inside) > 0]).toEqual([id, true]);
        if (mouth.shape === 'round' && inside.shape === 'cylinder') {
          expect([id, mouth.diameterMm <= inside.diameterMm]).toEqual([id, true]);
        }
      }
    }
  });

  it('demand only what some kind supplies', () => {
    const supplied = new Set(kinds.flatMap(({ supplies }) => supplies.map(({ job }) => job)));
    const offered = kinds.flatMap(({ supplies }) =>
      supplies.flatMap(({ cell }) => (cell ? [cell] : [])),
    );
    const demands = kinds.flatMap(({ id, supplies }) =>
      supplies.flatMap((supply) => supply.demands.map((demand) => ({ id, demand }))),
    );
    expect(demands.length).toBeGreaterThan(20);
    for (const { id, demand } of demands) {
      if (demand.on === 'jobs') {
        expect([id, demand.anyOf.some((job) => supplied.has(job))]).toEqual([id, true]);
      }
      if (demand.on === 'cells') {
        expect([id, offered.some((cell) => cellServes(cell, demand.cell))]).toEqual([id, true]);
      }
    }
  });

  it('give gear whose every figure is marked as typical', () => {
    const gear = gearOfKind(kindOf('candle')!, 'mine', 'My candle');
    expect(gear).toMatchObject({
      id: 'mine',
      name: 'My candle',
      massTrust: 'typical',
      formTrust: 'typical',
      count: 1,
    });
    expect(gearOfNoKind('odd', 'Odd thing')).toMatchObject({
      massG: null,
      form: null,
      priceMinor: null,
      kind: null,
    });
  });

  it.each([
    ['steel water bottle', 'steel-bottle'],
    ['Plastic Bottle', 'plastic-bottle'],
    ['bottles, plastic', 'plastic-bottle'],
    ['small pocket tin', 'storage-tin'],
    ['waxed tinder sticks', 'wax-tinder'],
    ['pack', 'pack'],
    ['button compass', 'button-compass'],
    ['AAA cells', 'cell-aaa'],
    ['unheard-of gizmo', undefined],
    ['', undefined],
  ])('“%s” means %s', (name, id) => {
    expect(kindMeantBy(name)?.id).toBe(id);
  });
});

describe('kinds for a job', () => {
  const ids = (...args: Parameters<typeof kindsFor>) => kindsFor(...args).map(({ id }) => id);

  it('come made for it first, then the lighter', () => {
    expect(ids(['cut']).slice(0, 3)).toEqual(['folding-knife', 'belt-knife', 'multi-tool']);
  });

  it('work by themselves: what lacks tinder or cells is not named, what wants a fire is', () => {
    expect(ids(igniteJobs)).toEqual(['lighter', 'match-case']);
    expect(ids(['light'])).not.toContain('headlamp');
    expect(ids(['boil'])[0]).toBe('pot');
  });

  it('are there for every critical job', () => {
    for (const job of jobIds.filter((id) => jobs[id].critical)) {
      expect([job, ids([job]).length > 0]).toEqual([job, true]);
    }
  });
});
