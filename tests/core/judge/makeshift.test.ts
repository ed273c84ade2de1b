import { findingInWords } from '@/core/judge';
import { fixesOf } from '@/core/judge/mending';
import { workedOut } from '@/core/kit';
import { schemes } from '@/core/scheme';
import { benchOfKinds } from '../../support/kits-of-kinds';
import { everyFinding } from '../../support/every-finding';

function ofRoof(holds: string) {
  const bench = benchOfKinds({ holds });
  const worked = workedOut(bench, bench.loadouts.get('k')!, '2027-09-01');
  const findings = everyFinding(worked).filter(
    ({ rule, of }) => rule === 'cover/depth' && of === 'roof',
  );
  const must = worked
    .cover(schemes['five-cs'])
    .categories.flatMap(({ musts }) => musts)
    .find(({ anyOf }) => anyOf.join() === 'roof')!;
  return { worked, findings, must };
}

describe('what only makes do closes nothing by itself', () => {
  const makeshift = 'reflective-sheet, refuse-bags, cord, rope-20';

  it('as a lane shows it, a finding says it, however many ways there are', () => {
    const { worked, findings, must } = ofRoof(makeshift);
    expect(must).toMatchObject({ independent: 2, wanted: 2, standing: 'thin' });
    expect(findings.map((each) => findingInWords(each, worked, 'metric'))).toEqual([
      'Roof: 2 of 2 independent ways. What is here only makes do.',
    ]);
  });

  it('is silent once something was made for it, which is offered', () => {
    expect(ofRoof(`${makeshift}, tent`).findings).toEqual([]);
    const { worked, findings } = ofRoof(makeshift);
    let made = 0;
    const offered = [...fixesOf(worked, findings[0]!, { newId: () => `new-${(made += 1)}` })];
    expect(offered.some((fix) => fix !== null)).toBe(true);
  });

  it('is said beside what is too few', () => {
    const { worked, findings } = ofRoof('reflective-sheet, cord');
    expect(findingInWords(findings[0]!, worked, 'metric')).toMatch(
      /^Roof: 1 of 2 independent ways, all gone with .*\. What is here only makes do\.$/,
    );
  });
});
