import { gearOfKind, kindOf } from '@/core/catalogue';
import { auditOf } from '@/core/exchange';
import { newPlacement, type Loadout } from '@/core/loadout';
import { schemes } from '@/core/scheme';
import { autumn, today } from '../../support/under-brief';
import { benchOf, kit } from '../../support/benches';

const shelf = ['pack', 'belt-knife', 'tarp', 'cord', 'multi-tool', 'lighter'].map((id) =>
  gearOfKind(kindOf(id)!, id, kindOf(id)!.name),
);
const inPack = { in: 'p-pack', cavity: shelf[0]!.cavities[0]!.id };
const own: Loadout = {
  ...kit('mine', [
    newPlacement('p-pack', 'pack', { on: 'body' }),
    newPlacement('p-knife', 'belt-knife', inPack),
    newPlacement('p-lighter', 'lighter', { on: 'body' }),
  ]),
  brief: {
    ...autumn,
    people: [{ ...autumn.people[0]!, name: 'Somebody named' }, autumn.people[1]!],
    beside: ['other'],
  },
  wishes: [
    { anyOf: ['roof'], ways: 1 },
    { anyOf: ['cut'], ways: 2 },
  ],
  whatIfs: [
    { id: 'w1', name: 'Overboard', losses: [{ kind: 'holder', placement: 'p-pack' }] },
    { id: 'w2', name: 'Long gone', losses: [{ kind: 'piece', placement: 'p-tarp' }] },
  ],
};
const other = kit('other', [
  newPlacement('p-tarp', 'tarp', { on: 'body' }),
  newPlacement('p-cord', 'cord', { on: 'body' }),
  newPlacement('p-tool', 'multi-tool', { on: 'body' }),
]);
const audit = auditOf(benchOf(shelf, [own, other]), own, schemes['five-cs'], today);

describe('the audit tells what is left', () => {
  test('by layers, for both together and each alone, by number and not by name', () => {
    const { layers } = audit;
    expect(layers.map(({ person, layer, pieces }) => [person, layer, pieces])).toEqual([
      [null, 'on the body', 1],
      [null, 'body and bag', 3],
      [null, 'all of it', 3],
      [1, 'on the body', 1],
      [1, 'body and bag', 3],
      [1, 'all of it', 3],
      [2, 'on the body', 1],
      [2, 'body and bag', 3],
      [2, 'all of it', 3],
    ]);
    const demandOf = (person: number | null) =>
      layers.find((each) => each.person === person)!.needs.find(({ need }) => need === 'food')!
        .demand!;
    // Who is alone carries all of it, and eats a little more for that.
    expect(demandOf(1) + demandOf(2)).toBeGreaterThan(demandOf(null));
    expect(demandOf(1) + demandOf(2)).toBeLessThan(1.01 * demandOf(null));
    expect(JSON.stringify(layers)).not.toContain('Somebody named');
  });

  test('in each what-if that is kept, also where what was lost has left the kit', () => {
    expect(audit.whatIfs).toEqual([
      {
        id: 'w1',
        name: 'Overboard',
        losses: ['holder:p-pack'],
        there: ['holder:p-pack'],
        undone: ['cut'],
      },
      { id: 'w2', name: 'Long gone', losses: ['piece:p-tarp'], there: [], undone: [] },
    ]);
  });

  test('when what lies beside it is lost: job by job, and what gives it back', () => {
    const [stands] = audit.beside!.kits;
    expect(stands).toMatchObject({ kit: 'other', givesBack: 1, outOf: 3 });
    expect(stands!.jobs.find(({ job }) => job === 'cut')).toEqual({
      job: 'cut',
      beside: 1,
      here: 1,
      both: 2,
      by: { placement: 'p-knife', job: 'cut', fitness: 'made-for', amount: null },
    });
    expect(stands!.jobs.find(({ job }) => job === 'roof')).toMatchObject({
      beside: 1,
      here: 0,
      both: 1,
      by: null,
    });
  });
});

describe('the audit tells findings', () => {
  const all = audit.findings.flatMap((finding) => [finding, ...(finding.parts ?? [])]);
  const about = (rule: string, of: RegExp) =>
    all.find(({ rule: id, message }) => id === rule && of.test(message))!;

  test('with what mends each', () => {
    expect(about('cover/missing', /ignite|carry water/).fixes!.length).toBeGreaterThan(0);
    // A vessel alone boils nothing for who has no fire; here the lighter is there.
    expect(about('cover/missing', /boil/).fixes!.join()).not.toMatch(/lighter/i);
  });

  test('as notes where what lies beside it does it', () => {
    expect(about('cover/missing', /roof/i)).toMatchObject({
      severity: 'note',
      message: 'No roof. other, beside it, does.',
    });
    expect(about('cover/depth', /^Cut/)).toMatchObject({ severity: 'note' });
    expect(about('cover/missing', /carry water/)).toMatchObject({ severity: 'stop' });
  });
});
