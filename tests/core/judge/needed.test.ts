import fc from 'fast-check';
import { asTheTableSays, somebody, type Brief } from '@/core/brief';
import { fixesOf } from '@/core/judge/mending';
import { isOwnMedicine, neededIn } from '@/core/judge/needed';
import { drained } from '@/core/steps';
import { deadWeightIn, sparedBy } from '@/core/judge/thrift';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import { underOwnBrief } from '@/core/kit/under-own-brief';
import { apply } from '@/core/loadout';
import { firstAidOf, hasFallen, isAnyWorseOff } from '@/core/needs';
import { anyKit } from '../../support/any-kit';
import { benchOfKinds, type KindKit } from '../../support/kits-of-kinds';
import { runs } from '../../support/share';
import { everyFinding } from '../../support/every-finding';

const worked = (kit: KindKit): WorkedOutKit => {
  const bench = benchOfKinds(kit);
  return workedOut(bench, bench.loadouts.get('k')!, '2027-09-01');
};

const allergic: Partial<Brief> = {
  people: [
    { ...somebody, graveAllergy: 'wasps', medicines: [{ name: 'Insulin', dosesPerDay: 4 }] },
    somebody,
  ],
};

const medicineBag =
  'allergy-pen, own-medicine, pain-tablets, allergy-tablets, first-aid-pouch, eye-wash, belt-knife, whistle';

/** The kind in a line of a kit: `2 lighter @ body`. */
function kindIn(line: string): string {
  return line.replace(/^\d+ | @.*$/g, '');
}

/** Ids of the pieces that each fix of a finding takes out of the kit. */
function leftBy(kit: WorkedOutKit, rule?: string): readonly string[] {
  let next = 0;
  return everyFinding(kit)
    .filter((finding) => rule === undefined || finding.rule === rule)
    .flatMap((finding) => [...fixesOf(kit, finding, { newId: () => `new-${(next += 1)}` })])
    .flatMap((fix) => (fix?.command.do === 'take out' ? [fix.command.placement] : []));
}

describe('nobody is told to leave', () => {
  it('a pen, their medicine, or what answers a complaint', () => {
    const kit = worked({ holds: medicineBag, brief: allergic });
    const dead = drained(deadWeightIn(kit)).map(({ id }) => id);
    expect(dead.filter((id) => id !== 'belt-knife' && id !== 'whistle')).toEqual([]);
    expect(everyFinding(kit).filter(({ rule }) => rule === 'thrift/spares')).toEqual([]);
  });

  it('any of it where the kit is too heavy, but what is done without', () => {
    const kit = worked({
      holds: `${medicineBag}, map, pot, group-pot`,
      brief: allergic,
      kit: { mostMassG: 1700 },
    });
    expect(leftBy(kit, 'stow/limits')).toEqual(['group-pot']);
  });

  it('what they have on: it is swapped', () => {
    const kit = worked({
      holds: 't-shirt, trousers',
      brief: { ...allergic, asKnown: { ...asTheTableSays, isWet: true } },
    });
    expect(leftBy(kit)).not.toContain('t-shirt');
    expect(leftBy(kit)).not.toContain('trousers');
  });

  it('what a rule of the brief asks for', () => {
    const rules: Brief['rules'] = [{ rule: 'must have', what: 'Warning triangle' } as never];
    const kit = worked({ holds: 'warning-triangle, torch', brief: { rules } });
    expect(drained(deadWeightIn(kit)).map(({ id }) => id)).not.toContain('warning-triangle');
  });

  it('what a rule asks for, and is good for a part of the trip', () => {
    const rules: Brief['rules'] = [{ rule: 'must have', what: 'Sunscreen' } as never];
    const kit = worked({
      holds: 'sunscreen, torch',
      brief: { rules, when: { on: 'days', from: '2027-11-20', to: '2027-11-24' } },
      gear: { sunscreen: { goodUntil: '2027-11-22' } },
    });
    expect(neededIn(kit)(kit.whole.placements[0]!)).toEqual({ what: 'rule' });
  });

  it('what is there anyhow, as nothing is saved', () => {
    const kit = worked({
      holds: 'pencil, notebook, map',
      bench: (bench) => {
        const own = bench.loadouts.get('k')!;
        const placements = own.placements.map((each) => ({ ...each, isAssumed: true as const }));
        return { ...bench, loadouts: new Map([['k', { ...own, placements }]]) };
      },
    });
    expect(drained(deadWeightIn(kit))).toEqual([]);
  });
});

describe('what would be lost without a piece', () => {
  it('is told beyond its jobs: a complaint, a need, somebody’s medicine', () => {
    const spared = sparedBy(worked({ holds: medicineBag, brief: allergic }));
    const losses = new Map(spared.map(({ placement, losses: each }) => [placement.id, each]));
    expect(losses.get('allergy-pen')).toContainEqual({ what: 'own medicine' });
    expect(losses.get('pain-tablets')).toEqual([
      { what: 'complaint', complaint: 'pain or fever', left: expect.any(Number) },
    ]);
  });
});

describe('of any kit and any brief', () => {
  it('no piece is dead without which a need is worse off or a complaint answered less often', () => {
    let dead = 0;
    fc.assert(
      fc.property(anyKit, (each) => {
        // One knife more than is wanted, so that something is dead at times.
        const knives = 'belt-knife, neck-knife, folding-knife, whetstone';
        const holds = [...each.holds.split(', '), ...knives.split(', ')].filter(
          (line, at, all) =>
            line !== '' && all.findIndex((other) => kindIn(other) === kindIn(line)) === at,
        );
        const kit = worked({ ...each, holds: holds.join(', ') });
        for (const { id } of drained(deadWeightIn(kit))) {
          dead += 1;
          expect(isOwnMedicine(kit.gear(id))).toBe(false);
          const done = apply(kit.bench, {
            do: 'take out',
            loadout: 'k',
            placement: id,
            contents: 'to the mat',
          });
          if (!done.ok) throw new Error(done.problem.message);
          const left = workedOut(done.value, done.value.loadouts.get('k')!, kit.day);
          const [was, is] = [kit, left].map((of) => underOwnBrief(of, 'metric')?.needs ?? []);
          expect([id, isAnyWorseOff(was!, is!)]).toEqual([id, false]);
          const [used, uses] = [kit, left].map(({ whole, bench, day }) =>
            firstAidOf(whole, bench.shelf, { day }).map((aid) => [aid.complaint, aid.uses]),
          );
          expect([id, uses]).toEqual([id, used]);
        }
      }),
      runs(600, 0.06),
    );
    expect(dead).toBeGreaterThan(10);
  });

  it('no fix brings a new stop, lets a need fall, or leaves somebody’s medicine', () => {
    fc.assert(
      fc.property(anyKit, (each) => {
        const kit = worked(each);
        const stops = (of: WorkedOutKit) =>
          everyFinding(of).flatMap(({ severity, rule, of: what }) =>
            severity === 'stop' ? [`${rule} ${what}`] : [],
          );
        const before = new Set(stops(kit));
        const needs = underOwnBrief(kit, 'metric')?.needs ?? [];
        let next = 0;
        for (const finding of everyFinding(kit).slice(0, 6)) {
          for (const fix of fixesOf(kit, finding, { newId: () => `new-${(next += 1)}` })) {
            if (fix === null) continue;
            if (fix.command.do === 'take out')
              expect(isOwnMedicine(kit.gear(fix.command.placement))).toBe(false);
            const done = apply(kit.bench, fix.command);
            if (!done.ok) throw new Error(done.problem.message);
            const after = workedOut(done.value, done.value.loadouts.get('k')!, kit.day);
            expect(stops(after).filter((stop) => !before.has(stop))).toEqual([]);
            const left = underOwnBrief(after, 'metric')?.needs ?? [];
            const fallen = needs.filter(
              (need, at) => need.need !== 'load' && hasFallen(need, left[at]!),
            );
            expect([fix.says, fallen.map(({ need }) => need)]).toEqual([fix.says, []]);
          }
        }
      }),
      runs(200, 0.05),
    );
  });
});
