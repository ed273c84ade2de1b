import { waysOf, onlyMakesDo } from '@/core/ways';
import { newPlacement } from '@/core/loadout';
import { benchOf, gear, kit } from '../../support/benches';
import { supplyOf } from '../../support/kits-of-needs';

describe('what only makes do', () => {
  const bag = gear('bag', { supplies: [{ ...supplyOf('roof'), fitness: 'improvised' }] });
  const tarp = gear('tarp', { supplies: [{ ...supplyOf('roof'), fitness: 'serves' }] });

  it.each([
    ['nothing at all', [], false],
    ['a bag alone', ['bag'], true],
    ['a bag and a tarp', ['bag', 'tarp'], false],
  ])('%s', (_, ids, makesDo) => {
    const loadout = kit(
      'k',
      ids.map((id) => newPlacement(id, id, { on: 'body' })),
    );
    const { shelf } = benchOf([bag, tarp], []);
    expect(onlyMakesDo(waysOf(loadout, shelf, null), ['roof'])).toBe(makesDo);
  });
});
