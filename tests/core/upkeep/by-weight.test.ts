import { newPlacement } from '@/core/loadout';
import { weighedIn } from '@/core/upkeep';
import { benchOf, gear, holder, kit } from '../../support/benches';

const inBox = { in: 'box', cavity: 'inside' } as const;
const weighed = { massTrust: 'weighed' } as const;

const pieces = [
  holder('box', { massG: 500, ...weighed }),
  gear('pot', { massG: 340, ...weighed }),
  gear('bar', { massG: 60, count: 5, massTrust: 'stated' }),
  gear('cord', { massG: 100, massTrust: 'typical' }),
];
const box = kit('k', [
  newPlacement('box', 'box', { on: 'house' }),
  newPlacement('pot', 'pot', inBox),
  newPlacement('bar', 'bar', inBox, 5),
  newPlacement('cord', 'cord', inBox),
]);
const { shelf } = benchOf(pieces, [box]);

// 500 + 340 + 5 × 60 + 100; √(0.5² + 0.5² + (5 × 1.8)² + 15²) = 17.5.
const expectedG = 1240;

describe('a holder on the scale', () => {
  it('should weigh what is in it, as surely as its pieces were weighed', () => {
    const found = weighedIn(box, shelf, 'box', expectedG, 1);
    expect(found.expectedG).toBe(expectedG);
    expect(found.sigmaG).toBeCloseTo(17.507, 2);
    expect(found.toleranceG).toBeCloseTo(35.014, 2);
    expect(found.weighNext.map(({ placement }) => placement)).toEqual(['cord', 'bar']);
    expect(found.weighNext[0]!.share).toBeCloseTo(0.734, 2);
  });

  it('agrees within two standard deviations, and vouches for what is heavier than that', () => {
    expect(weighedIn(box, shelf, 'box', 1275, 1)).toMatchObject({
      agrees: true,
      vouchedFor: ['box', 'pot', 'bar', 'cord'],
    });
    expect(weighedIn(box, shelf, 'box', 1276, 1)).toMatchObject({ agrees: false, vouchedFor: [] });
    const light = kit('k', [...box.placements, newPlacement('pin', 'pin', inBox)]);
    const with1 = benchOf([...pieces, gear('pin', { massG: 20, ...weighed })], [light]);
    expect(weighedIn(light, with1.shelf, 'box', 1260, 1).vouchedFor).not.toContain('pin');
  });

  it('that is too light, names what would explain it: one piece, several of a line, or two', () => {
    const of = (readingG: number) => weighedIn(box, shelf, 'box', readingG, 1).lacks;
    expect(of(expectedG - 340)[0]).toEqual(['pot']);
    expect(of(expectedG - 240)[0]).toEqual(['bar']);
    expect(of(expectedG - 440)).toEqual([['pot', 'cord']]);
    expect(of(expectedG + 200)).toEqual([]);
  });

  it('sealed, is held against what it weighed then, until something in it changes', () => {
    const seal = { placement: 'box', massG: 1252, expectedG, on: '2027-01-01' };
    const sealed = { ...box, seals: [seal] };
    expect(weighedIn(sealed, shelf, 'box', 1253, 1)).toMatchObject({
      seal,
      agrees: true,
      toleranceG: 2,
    });
    expect(weighedIn(sealed, shelf, 'box', 1255, 1)).toMatchObject({
      agrees: false,
      differenceG: 3,
    });
    const changed = { ...sealed, placements: sealed.placements.slice(0, -1) };
    expect(weighedIn(changed, shelf, 'box', 1140, 1)).toMatchObject({ seal: null, agrees: true });
  });

  it('tells nothing while a mass is not known', () => {
    const unknown = new Map(shelf).set('cord', gear('cord', { massG: null }));
    expect(weighedIn(box, unknown, 'box', 1140, 1)).toMatchObject({
      agrees: false,
      unknown: ['cord'],
    });
  });
});
