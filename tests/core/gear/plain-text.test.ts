import { isId, whyNotName, whyNotPlain } from '@/core/gear';

describe('a name', () => {
  it.each([
    'Belt knife',
    'Näh-Etui “klein”',
    'ナイフ',
    'سكين',
    '🪓 axe',
    '👩🏽‍🚒 helmet',
    'Bottle 1 L @ 210 g = full',
    '3 < 5',
    'é (combined: e\u0301)',
  ])('may be %s', (name) => {
    expect(whyNotName(name)).toBeNull();
  });

  it.each([
    ['', 'is empty'],
    [' \u00a0 ', 'is empty'],
    ['a\u0000', 'holds control characters'],
    ['a\u009b31m', 'holds control characters'],
    ['a\u0085', 'holds control characters'],
    ['a\u2028b', 'holds control characters'],
    ['a\u202eb', 'holds control characters'],
    ['\ufff9a\ufffa', 'holds control characters'],
    ['a\u{e0061}', 'holds control characters'],
    ['a\ud800', 'holds characters that are none'],
    ['\udc00a', 'holds characters that are none'],
    ['a\uffff', 'holds characters that are none'],
    ['a\u{2fffe}', 'holds characters that are none'],
    ['a\nb', 'holds a line end or a tab'],
    ['a\tb', 'holds a line end or a tab'],
    ['\u200b', 'holds nothing that can be seen'],
    ['\u00ad\u2060', 'holds nothing that can be seen'],
    ['\u3164', 'holds nothing that can be seen'],
    ['\u2800', 'holds nothing that can be seen'],
    ['<b>x', 'holds markup like <…>, which a name or note cannot'],
    ['x'.repeat(121), 'is longer than 120 characters'],
  ])('may not be %j', (name, why) => {
    expect(whyNotName(name)).toBe(why);
  });
});

describe('a note', () => {
  it('has lines and tabs, and may be empty', () => {
    expect(whyNotPlain('first\n\tsecond', 2000)).toBeNull();
    expect(whyNotPlain('', 2000)).toBeNull();
    expect(whyNotPlain('a\rb', 2000)).toBe('holds control characters');
  });
});

describe('an id', () => {
  it.each(['a', 'A-1_b', '0', 'x'.repeat(64)])('may be %s', (id) => expect(isId(id)).toBe(true));
  it.each(['', '-a', '_a', 'a b', 'ä', 'a\n', 'a~b', 'x'.repeat(65), '__proto__'])(
    'may not be %j',
    (id) => expect(isId(id)).toBe(false),
  );
});
