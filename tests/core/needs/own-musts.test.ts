import { somebody, type Brief } from '@/core/brief';
import { foundIn, kindKit, needIn } from '../../support/kinds-judged';
import { judged, needOf, type Line } from '../../support/under-brief';

function own(lines: readonly (string | Line)[], differs: Partial<Brief> = {}) {
  return needOf(judged(lines, differs), 'own musts');
}

describe('own medicine', () => {
  it('is counted by its name: sixty of one are none of the other', () => {
    const kit = kindKit({
      holds: 'own-medicine',
      brief: {
        people: [
          { ...somebody, name: 'One', medicines: [{ name: 'Insulin', dosesPerDay: 4 }] },
          { ...somebody, name: 'Two', medicines: [{ name: 'Thyroid', dosesPerDay: 1 }] },
        ],
      },
      gear: {
        'own-medicine': {
          name: 'Thyroid tablets',
          contents: { unit: 'doses', full: 60, left: 60, massG: 9 },
        },
      },
    });
    expect(needIn(kit, 'own musts')).toMatchObject({ standing: 'short', days: 0 });
    expect(foundIn(kit, 'aid/own')).toHaveLength(1);
  });

  it('at the bottom of a pack is not on the body; a filter in a coat pocket is', () => {
    const brief = { people: [{ ...somebody, graveAllergy: 'bees' }] };
    const kit = kindKit({ holds: 'pack, allergy-pen @ pack.main', brief });
    expect(needIn(kit, 'own musts').standing).toBe('none');
    const weather = { lowC: -10, highC: -2, humidityPct: 60, rainDays: 4, windKmh: 5 };
    const coat = kindKit({ holds: 'pocket-coat, filter @ pocket-coat', brief: { weather } });
    expect(foundIn(coat, 'harm/frost-filter')).toEqual([]);
  });

  it('holds single people’s musts: doses for the days and three more, a pen on the body', () => {
    const asks = {
      people: [
        {
          ...somebody,
          medicines: [{ name: 'drops', dosesPerDay: 2 }],
          graveAllergy: 'wasps',
          wearsSpectacles: true,
        },
      ],
    };
    const doses = (left: number): Line => ({
      kind: 'own-medicine',
      differs: { contents: { unit: 'doses', full: 20, left, massG: 5 } },
    });
    // Two a day for five days, and three.
    expect(own([doses(13), 'allergy-pen', 'spare-spectacles'], asks)).toMatchObject({
      demand: 3,
      supply: 3,
      standing: 'met',
      days: 6.5,
    });
    const stowed: Line = { kind: 'allergy-pen', on: 'vehicle' };
    expect(own([doses(12), stowed, 'spare-spectacles'], asks)).toMatchObject({
      supply: 1,
      standing: 'short',
    });
    expect(own([]).standing).toBe('met');
  });
});
