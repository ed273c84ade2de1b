import { demoBench } from '@/core/demo';
import { auditOf, kitNamed, packingByCategory, packingByHolder } from '@/core/exchange';
import { totalsOf } from '@/core/loadout';
import { schemes } from '@/core/scheme';
import { kit } from '../../support/benches';

const { shelf } = demoBench;
const pack = demoBench.loadouts.get('portage-pack-kit')!;

describe('the packing list by holder', () => {
  const sections = packingByHolder(pack, shelf);
  const lines = sections.flatMap((section) => section.lines);

  it('has every placement once, under its ground', () => {
    expect(lines.map(({ placement }) => placement.id).sort()).toEqual(
      pack.placements.map(({ id }) => id).sort(),
    );
    expect(sections.map(({ ground }) => ground)).toEqual(['body', 'vehicle', 'mat']);
  });

  it('puts what is in a holder after it, one step in, with the cavity where there are several', () => {
    const at = lines.findIndex(({ placement }) => placement.id === 'dry-bag-8');
    expect(lines[at]).toMatchObject({ depth: 1, cavity: 'Main' });
    expect(lines[at + 1]).toMatchObject({
      depth: 2,
      cavity: null,
      placement: { id: 'dry-layers' },
    });
    expect(lines[at]!.totals.massG).toBe(1220);
  });

  it('leaves out grounds on which nothing stands', () => {
    expect(packingByHolder(kit('empty'), shelf)).toEqual([]);
  });
});

describe('the packing list by category', () => {
  it('has every placement once, and every category, empty ones too', () => {
    const sections = packingByCategory(pack, shelf, schemes['ten-cs']);
    expect(sections.map(({ category }) => category.mark).join('')).toBe('ABCDEFGHIJ+');
    const ids = sections.flatMap(({ lines }) => lines.map(({ placement }) => placement.id));
    expect(ids.sort()).toEqual(pack.placements.map(({ id }) => id).sort());
    expect(packingByCategory(kit('empty'), shelf, schemes['five-cs'])).toHaveLength(6);
  });

  it('adds up to the kit, as a holder’s line is without what is in it', () => {
    const { massG } = totalsOf(pack, shelf).whole;
    const sections = packingByCategory(pack, shelf, schemes['ten-cs']);
    expect(sections.reduce((sum, section) => sum + section.massG, 0)).toBeCloseTo(massG, 9);
    const lines = sections.flatMap((section) => section.lines);
    const barrel = lines.find(({ placement }) => placement.id === 'barrel')!;
    expect(barrel.totals.massG).toBe(2080);
    expect(packingByHolder(pack, shelf).reduce((sum, part) => sum + part.massG, 0)).toBeCloseTo(
      massG,
      9,
    );
  });
});

describe('the audit', () => {
  const audit = auditOf(demoBench, pack, schemes['five-cs'], '2026-09-24');

  it('gives every branch its totals and the way to it', () => {
    expect(audit.branches).toHaveLength(pack.placements.length);
    expect(audit.branches.find(({ placement }) => placement === 'needles')).toMatchObject({
      gear: 'Sail needles in a case',
      in: ['Barrel 30 L', 'Mending pouch', 'main'],
      massG: 15.5,
    });
    expect(audit.branches.find(({ placement }) => placement === 'belt-knife')).toMatchObject({
      in: ['body'],
    });
  });

  it('adds up: the branches on the grounds make the whole', () => {
    const onGrounds = audit.branches.filter(({ in: path }) => path.length === 1);
    const massG = onGrounds.reduce((sum, branch) => sum + branch.massG, 0);
    expect(massG).toBeCloseTo(audit.totals.massG, 9);
    expect(audit.limits).toMatchObject({
      mostMassG: 20_000,
      massKept: true,
      mostPriceMinor: 240_000,
      priceKept: true,
    });
    expect(audit.limits.rules.map(({ kept }) => kept)).toEqual([true, true, true]);
    expect(audit.needs).toHaveLength(20);
    expect(audit.lasts).toEqual({ days: 0, first: 'sleep' });
  });

  it('is plain data that survives being written', () => {
    expect(JSON.parse(JSON.stringify(audit))).toEqual(audit);
  });

  it('finds its kit by id, by name in any letters, or as the only one', () => {
    const named = (name?: string) => kitNamed(demoBench, name);
    expect(named('float-pouch-kit')).toMatchObject({ ok: true, value: { name: 'Float pouch' } });
    expect(named('FLOAT POUCH')).toMatchObject({ ok: true, value: { id: 'float-pouch-kit' } });
    expect(named()).toMatchObject({ ok: false, problem: { field: 'loadouts' } });
    expect(kitNamed({ ...demoBench, loadouts: new Map() }, undefined)).toMatchObject({ ok: false });
    expect(
      kitNamed({ ...demoBench, loadouts: new Map([[pack.id, pack]]) }, undefined),
    ).toMatchObject({ ok: true });
  });
});
