import { workedOut } from '@/core/kit';
import { benchOfKinds, type KindKit } from '../../support/kits-of-kinds';
import { cold } from '../../support/rule-case';
import { everyFinding } from '../../support/every-finding';

/** What a rule speaks of, by placement. */
function about(rule: string, kit: KindKit): readonly (readonly string[])[] {
  const bench = benchOfKinds(kit);
  return everyFinding(workedOut(bench, bench.loadouts.get('k')!, '2027-09-01'))
    .filter((finding) => finding.rule === rule)
    .map((finding) => finding.about);
}

describe('frost tears what strains water', () => {
  it.each(['filter', 'straw-filter', 'pump-filter', 'gravity-filter', 'press-purifier'])(
    '%s',
    (kind) => {
      const holds = `pack, ${kind} @ pack`;
      expect(about('harm/frost-filter', { holds, brief: cold })).toEqual([[kind]]);
    },
  );

  it('and no vessel that it is boiled in, no drops and no lamp', () => {
    const holds = 'pack, steel-bottle @ pack, treatment-drops @ pack, uv-pen @ pack';
    expect(about('harm/frost-filter', { holds, brief: cold })).toEqual([]);
  });
});

describe('fuel beside what is eaten', () => {
  it.each([
    ['gas behind its valve spoils no food', 'gas-canister', 'oat-bar', false],
    ['spirit spoils food', 'spirit-bottle', 'oat-bar', true],
    ['gas leaves nothing on the pot that it is carried in', 'gas-canister', 'pot', false],
    ['petrol gets into a pot', 'petrol-bottle', 'pot', true],
    ['fuel tablets get into a bottle', 'fuel-tablets', 'steel-bottle', true],
  ])('%s', (_what, fuel, beside, speaks) => {
    const holds = `pack, ${fuel} @ pack, ${beside} @ pack`;
    expect(about('harm/fuel-food', { holds })).toEqual(speaks ? [[fuel, beside]] : []);
  });
});

describe('dead weight', () => {
  it('is not what waits for what it relies on', () => {
    const holds = '2 lighter, 2 match-case, ferro-rod';
    expect(about('thrift/dead', { holds }).flat()).not.toContain('ferro-rod');
    expect(about('fire/no-tinder', { holds })).toEqual([['ferro-rod']]);
  });

  it('is not what is carried for something that is no job', () => {
    const holds = 'trowel, snow-shovel, ice-scraper, playing-cards, pet-food';
    expect(about('thrift/dead', { holds }).flat()).toEqual([]);
  });
});
