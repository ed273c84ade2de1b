import { builtInto } from '@/core/catalogue/built-in';
import { gearOfKind, gearOfNoKind, kindOf, kinds, kindsFor, kindsToGet } from '@/core/catalogue';
import { kindMeantBy } from '@/core/reading';
import {
  bulkOf,
  serves,
  igniteJobs,
  jobIds,
  jobs,
  longestInsideMm,
  longestRigidMm,
  roomMl,
  unsoundGear,
  type Form,
  type Inside,
  type JobId,
} from '@/core/gear';

const builtIn = [...builtInto.keys()];

describe('the kinds', () => {
  it('have ids of their own', () => {
    expect(new Set(kinds.map(({ id }) => id)).size).toBe(kinds.length);
  });

  it('are to be got, but for what is built in', () => {
    const left = kinds.filter((kind) => !kindsToGet.includes(kind)).map(({ id }) => id);
    expect(left.sort()).toEqual([...builtIn].sort());
    expect(kindsFor(['roof']).map(({ id }) => id)).not.toContain('car-cabin');
  });

  it.each(kinds.map((kind) => [kind.id, kind] as const))('%s makes sense', (_, kind) => {
    const { tightMl, looseMl } = bulkOf(kind.form);
    expect(tightMl).toBeLessThanOrEqual(looseMl);
    const densityGPerMl = kind.massG / tightMl;
    // Rooms of a vehicle or a house are built in.
    expect(densityGPerMl > 0.02 || (kind.massG === 0 && builtIn.includes(kind.id))).toBe(true);
    expect(densityGPerMl).toBeLessThan(4);
    // A blow pipe helps a fire that burns, and does no job by itself.
    const does = kind.supplies.length + kind.cavities.length;
    expect(does > 0 || kind.id === 'bellows').toBe(true);
    expect(new Set(kind.cavities.map(({ id }) => id)).size).toBe(kind.cavities.length);
  });

  it('are over 480 over every group of jobs, and at least 30 of them are holders first', () => {
    expect(kinds.length).toBeGreaterThan(480);
    const holders = kinds.filter(({ cavities, supplies }) => cavities.length > supplies.length);
    expect(holders.length).toBeGreaterThanOrEqual(30);
    const groups = new Set(jobIds.map((id) => jobs[id].group));
    for (const group of groups) {
      const own = kinds.filter(({ supplies }) =>
        supplies.some(({ job, fitness }) => fitness === 'made-for' && jobs[job].group === group),
      );
      expect([group, own.length > 0]).toEqual([group, true]);
    }
    const done = new Set(kinds.flatMap(({ supplies }) => supplies.map(({ job }) => job)));
    expect(jobIds.filter((job) => !done.has(job))).toEqual([]);
  });

  it('are sound pieces with contents, care, harms and cautions that can be believed', () => {
    for (const kind of kinds) {
      const { id, contents, care, cautions, massG } = kind;
      expect([id, unsoundGear(gearOfKind(kind, id))]).toEqual([id, null]);
      if (contents) {
        expect([id, contents.full > 0 && contents.massG <= massG]).toEqual([id, true]);
        expect([id, kind.supplies.length > 0]).toEqual([id, true]);
      }
      for (const { everyMonths } of care) {
        expect([id, everyMonths >= 1 && everyMonths <= 120]).toEqual([id, true]);
      }
      for (const caution of cautions) {
        expect([id, caution.length < 160, /[.]$/.test(caution)]).toEqual([id, true, true]);
      }
    }
  });

  it('have amounts that can be believed for one piece', () => {
    const most: Partial<Record<JobId, number>> = {
      'carry-water': 210_000,
      boil: 3000,
      'treat-water': 4000,
      roof: 15,
      cord: 100,
      light: 20_000,
      candle: 100,
      food: 3000,
      fuel: 25_000,
      recharge: 100,
      ground: 8,
    };
    for (const { id, supplies } of kinds) {
      for (const { job, amount } of supplies) {
        if (amount === null) continue;
        if (job !== 'sleep') expect([id, job, amount > 0]).toEqual([id, job, true]);
        expect([id, job, amount <= (most[job] ?? Infinity)]).toEqual([id, job, true]);
      }
    }
  });

  it('have cavities with no side longer than the outside', () => {
    for (const { id, form, cavities } of kinds) {
      for (const { inside } of cavities) {
        if (inside.shape === 'soft' || form.shape === 'soft') continue;
        expect([id, sidesOf(inside).every((side, at) => side <= sidesOf(form)[at]!)]).toEqual([
          id,
          true,
        ]);
      }
    }
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
    const demands = kinds.flatMap(({ id, supplies }) =>
      supplies.flatMap((supply) => supply.demands.map((demand) => ({ id, demand }))),
    );
    expect(demands.length).toBeGreaterThan(20);
    for (const { id, demand } of demands) {
      if (demand.on === 'sun' || demand.sorts?.some((sort) => isCurrent(sort))) continue;
      const isSupplied = kinds.some(({ supplies }) =>
        supplies.some(({ job, sort }) => demand.anyOf.includes(job) && serves(sort, demand.sorts)),
      );
      expect([id, isSupplied]).toEqual([id, true]);
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
    expect(ids(['cut']).slice(0, 3)).toEqual(['neck-knife', 'folding-knife', 'belt-knife']);
  });

  it('work by themselves: what lacks tinder or cells is not named, what wants a fire is', () => {
    expect(ids(igniteJobs).slice(0, 3)).toEqual(['mini-lighter', 'matchbox', 'lighter']);
    expect(ids(igniteJobs)).not.toContain('ferro-rod');
    expect(ids(['light'])).not.toContain('headlamp');
    expect(ids(['boil'])[0]).toBe('small-pot');
  });

  it('are there for every critical job', () => {
    for (const job of jobIds.filter((id) => jobs[id].critical)) {
      expect([job, ids([job]).length > 0]).toEqual([job, true]);
    }
  });
});

/** Current from outside the kit, which no piece gives. */
function isCurrent(sort: string): boolean {
  return sort === 'mains' || sort === 'vehicle current';
}

/** The sides of a rigid shape from the longest down; a round one is as wide as it is deep. */
function sidesOf(shape: Exclude<Form, { shape: 'soft' }> | Exclude<Inside, { shape: 'soft' }>) {
  const sides =
    shape.shape === 'box'
      ? [shape.lengthMm, shape.widthMm, shape.heightMm]
      : [shape.diameterMm, shape.diameterMm, shape.heightMm];
  return sides.sort((one, other) => other - one);
}
