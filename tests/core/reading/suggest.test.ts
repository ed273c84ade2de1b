import { kindsAbout, readLine } from '@/core/reading';

const ids = (line: string) => {
  const read = readLine(line, { id: 'x', units: 'metric', currency: 'EUR' });
  return read.ok ? [read.value.kind, ...read.value.others].flatMap((kind) => kind?.id ?? []) : [];
};

describe('kinds like what is being typed', () => {
  it.each([
    ['steel bot', 'steel-bottle'],
    ['folding kn', 'folding-knife'],
    ['bandan', 'bandana'],
    ['whisle', 'whistle'],
    ['first aid', 'first-aid-pouch'],
    ['tarp', 'tarp'],
    ['3 headlamps 60 g', 'headlamp'],
    ['sharpen', 'whetstone'],
  ])('“%s” finds %s', (line, id) => {
    expect(ids(line)).toContain(id);
  });

  it('leads with the plain name', () => {
    expect(ids('candle')[0]).toBe('candle');
    expect(ids('compass')[0]).toMatch(/compass$/);
  });

  it('takes no notice of a number that is no kind’s, and heeds one that is, whole or begun', () => {
    const about = (...words: readonly string[]) => kindsAbout(words, 9).map(({ id }) => id);
    // Only the last word may be begun, so nothing that begins like “pad” is found for the first.
    expect(about('sketch', 'pad', '12a')).toEqual(about('sketch', 'pad', '13b'));
    expect(about('12a')).toEqual([]);
    expect(about('cr2032')[0]).toMatch(/cell/);
    expect(about('cr20')).toContain(about('cr2032')[0]);
    expect(about('candle')).toEqual(about('candle'));
  });

  it('finds nothing for nothing', () => {
    expect([ids(''), ids('2'), ids('210 g'), ids('qqqq')]).toEqual([[], [], [], []]);
  });
});
