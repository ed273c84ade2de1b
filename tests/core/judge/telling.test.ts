import fc from 'fast-check';
import { dividedBy, findingInWords, findingsOf, withSetAside } from '@/core/judge';
import { fixesOf } from '@/core/judge/mending';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import { newPlacement, type Bench } from '@/core/loadout';
import { anyKit } from '../../support/any-kit';
import { benchOfKinds, type KindKit } from '../../support/kits-of-kinds';
import { kindDay, kindKit } from '../../support/kinds-judged';
import { runs } from '../../support/share';

function told(kit: WorkedOutKit, rule: string) {
  return findingsOf(kit)
    .filter((each) => each.rule === rule)
    .map((each) => ({
      says: findingInWords(each, kit, 'metric'),
      severity: each.severity,
      parts: (each.parts ?? []).map((part) => part.rule),
    }));
}

const week = 'pack, lighter @ pack, belt-knife @ pack, steel-bottle @ pack, wool-jersey @ pack';

describe('one cause is one sentence', () => {
  it.each<[string, KindKit, string, RegExp, number]>([
    ['first aid', { holds: 'plasters' }, 'aid/short', /^First aid: nothing for heavy bleeding, /, 5],
    ['what is made ready', { holds: 'belt-knife, lighter, headlamp' }, 'make/ready', /^Before you go: cover the edge of Belt knife.*lock the switch of/, 3],
    ['what lies deep', { holds: 'pack, whistle @ pack.main, compass @ pack.main' }, 'stow/deep-all', /^Wanted at once, and packed deep: Whistle and /, 2],
    ['what is kept dry', { holds: 'pack, map @ pack, wool-jersey @ pack' }, 'stow/dry', /^Nothing waterproof is round /, 2],
    ['fire', { holds: 'lighter' }, 'fire/ways', /^To light a fire: 1 way, and 2 are wanted; none is left when soaked\.$/, 2],
    ['what spills', { holds: 'pack, spirit-bottle @ pack, map @ pack, oat-bar @ pack' }, 'harm/spills', /^Apart from food and what wet spoils: Spirit/, 2],
    ['frost', { holds: 'steel-bottle, thin-bottle', brief: { weather: { lowC: -9, highC: -3, humidityPct: 70, rainDays: 5, windKmh: 5 }, filled: [{ placement: 'steel-bottle', ml: 2000 }, { placement: 'thin-bottle', ml: 2000 }] } }, 'harm/frost', /freeze there: leave a tenth empty/, 2],
  ])('%s', (_, kit, rule, says, least) => {
    const found = told(kindKit(kit), rule);
    expect(found).toHaveLength(1);
    expect(found[0]!.says).toMatch(says);
    expect(found[0]!.parts.length).toBeGreaterThanOrEqual(least);
  }); // prettier-ignore

  it('first aid offers a single dressing for heavy bleeding first, and no whole set', () => {
    const worked = kindKit({ holds: 'plasters' });
    const finding = findingsOf(worked).find(({ rule }) => rule === 'aid/short')!;
    let made = 0;
    const search = { newId: () => `new-${(made += 1)}` };
    const [first] = [...fixesOf(worked, finding, search)].filter((fix) => fix !== null);
    expect(first!.says).toBe('Get Pressure bandage and lay it out');
  });

  it('of a holder, with what stays, gravest where help is further off than that takes to hurt', () => {
    const near = kindKit({ holds: week, brief: { searchHours: 1 } });
    const far = kindKit({ holds: week, brief: { searchHours: 72 } });
    expect(told(near, 'cover/holder')[0]).toMatchObject({ severity: 'warn' });
    expect(told(far, 'cover/holder')[0]).toMatchObject({
      severity: 'stop',
      says: 'With the Portage pack you lose water, fire, blade, warm layers, treatment and boiling; nothing stays.',
    });
    const apart = kindKit({ holds: `${week}, multi-tool` });
    expect(told(apart, 'cover/holder')[0]!.says).toMatch(/; blade stays\.$/);
    const atHome = kindKit({ holds: week.replace('pack,', 'pack @ house,') });
    expect(told(atHome, 'cover/holder')).toEqual([]);
  });

  it('of a need, with all that rules find of it, and the ground with the bed', () => {
    const [sleep] = told(kindKit({ holds: 'lighter' }), 'need/short').filter(({ says }) =>
      says.startsWith('Sleep'),
    );
    expect(sleep!.parts).toEqual(
      expect.arrayContaining(['need/short', 'sleep/short', 'sleep/ground']),
    );
    expect(told(kindKit({ holds: 'lighter' }), 'sleep/short')).toEqual([]);
  });

  it('and no fact stands twice', () => {
    const kit = kindKit({ holds: 'lighter' });
    const all = findingsOf(kit).flatMap((each) => [each, ...(each.parts ?? [])]);
    const names = all.map(({ rule, of }) => `${rule} ${of}`);
    expect(new Set(names).size).toBe(names.length);
  });
});

describe('order', () => {
  it('is by how soon it hurts there, and what is done in a minute comes last', () => {
    const all = findingsOf(kindKit({ holds: 'belt-knife, lighter, headlamp' }));
    const at = (rule: string, of?: string) =>
      all.findIndex((each) => each.rule === rule && (of === undefined || each.of === of));
    expect(at('need/short', 'sleep')).toBeLessThan(at('need/short', 'drink'));
    expect(at('need/short', 'drink')).toBeLessThan(at('need/short', 'food'));
    expect(at('make/ready')).toBeGreaterThan(at('need/short', 'drink'));
    const rank = all.map(({ severity }) => ['stop', 'warn', 'note'].indexOf(severity));
    expect(rank).toEqual([...rank].sort());
  });

  it('and what is said does not change with the order of typing, nor where a line is split in two', () => {
    const said = (bench: Bench) =>
      findingsOf(workedOut(bench, bench.loadouts.get('k')!, kindDay))
        .map(({ rule, severity }) => `${severity} ${rule}`)
        .sort();
    const withPieces = (bench: Bench, change: (of: Bench) => Bench) => said(change(bench));
    const reversed = (bench: Bench): Bench => {
      const own = bench.loadouts.get('k')!;
      const turned = { ...own, placements: [...own.placements].reverse() };
      return { ...bench, loadouts: new Map(bench.loadouts).set('k', turned) };
    };
    const split = (bench: Bench): Bench => {
      const own = bench.loadouts.get('k')!;
      const placements = own.placements.flatMap((each) =>
        each.count < 2
          ? [each]
          : [
              { ...each, count: each.count - 1 },
              { ...newPlacement(`${each.id}-2`, each.gear, each.place), count: 1 },
            ],
      );
      return { ...bench, loadouts: new Map(bench.loadouts).set('k', { ...own, placements }) };
    };
    fc.assert(
      fc.property(anyKit, (kit) => {
        const bench = benchOfKinds(kit);
        expect(withPieces(bench, reversed)).toEqual(said(bench));
        expect(withPieces(bench, split)).toEqual(said(bench));
      }),
      runs(60),
    );
  });
});

describe('a part that is let be', () => {
  it('leaves the others, and the one that is left stands for itself', () => {
    const bench = benchOfKinds({ brief: {}, holds: 'belt-knife, lighter, headlamp' });
    const own = bench.loadouts.get('k')!;
    const found = findingsOf(workedOut(bench, own, kindDay));
    const ready = found.find(({ rule }) => rule === 'make/ready')!;
    let kept = own;
    for (const part of ready.parts!.slice(1)) {
      const setAside = withSetAside(kept, found, part, { note: '', on: kindDay });
      kept = { ...kept, setAside };
    }
    const { open, letBe } = dividedBy(kept, found);
    expect(letBe).toHaveLength(ready.parts!.length - 1);
    expect(open.some(({ rule }) => rule === 'make/ready')).toBe(false);
    expect(open).toContainEqual(ready.parts![0]);
    expect(open).toHaveLength(found.length);
  });
});
