import { somebody } from '@/core/brief';
import { judged, needOf, type Line } from '../../support/under-brief';

function need(id: Parameters<typeof needOf>[1], ...kit: Parameters<typeof judged>) {
  return needOf(judged(...kit), id);
}

describe('what has to fit people', () => {
  it('wants what is worn in a size to be somebody’s, once all have said theirs', () => {
    const boots = (name: string): Line => ({ kind: 'boots', differs: { name } });
    const wears = (...sizes: (number | null)[]) => ({
      people: sizes.map((shoeSize) => ({ ...somebody, shoeSize })),
    });
    const two = [boots('Walking boots size 43'), boots('Boots EU 38')];
    expect(need('own musts', two, wears(42.5, 38))).toMatchObject({ standing: 'met', supply: 1 });
    const misfit = need('own musts', two, wears(41, 38));
    expect(misfit).toMatchObject({ standing: 'short', supply: 0, demand: 1 });
    expect(misfit.says).toBe('1 of 2 shoes that fit somebody.');
    // They may be for whom nobody has said it of.
    expect(need('own musts', two, wears(41, null)).standing).toBe('met');
    // Of what tells no size, or another measure’s, nothing is known.
    const untold = [boots('Boots'), boots('Boots UK 9')];
    expect(need('own musts', untold, wears(41, 38)).standing).toBe('met');
  });

  it('finds a bag and a mat too short that say so, the longest with the tallest', () => {
    const tall = { people: [{ ...somebody, name: 'Ada', heightCm: 192 }, somebody] };
    const bed = (kind: string, name: string): Line => ({ kind, count: 1, differs: { name } });
    const bags = (one: string, other: string) => [
      bed('winter-bag', one),
      bed('winter-bag', other),
      { kind: 'air-mat', count: 2 },
    ];
    const fits = need('sleep', bags('Winter bag 220x80 cm', 'Winter bag for 175 cm'), tall);
    expect(fits.standing).toBe('met');
    const short = need('sleep', bags('Winter bag 205x80 cm', 'Winter bag for 175 cm'), tall);
    expect(short.standing).toBe('short');
    expect(short.says).toContain('Ada is 1.92 m tall, and that bag is for 1.85 m');
    expect(need('sleep', bags('Winter bag', 'Winter bag'), tall).standing).toBe('met');
    const mats = [bed('air-mat', 'Air mat 183x51 cm'), bed('air-mat', 'Air mat 120 cm')];
    const ground = need('ground', mats, tall);
    expect(ground.standing).toBe(need('ground', [{ kind: 'air-mat', count: 2 }], tall).standing);
    expect(ground.says).toContain('Ada is 1.92 m tall, and the mat 1.83 m');
  });
});
