import { pick } from '../random';
import { along, ofVersion2, spoilt, type Family, type FileJson, type Json } from './making';

const badTexts = [
  'a\u0000b', 'a\u0007b', 'a\u001b[2Jb', 'a\u007fb', 'a\u0085b', 'a\u009bb', 'a\u2028b', 'a\u2029b',
  'a\u202eb', 'a\u2066b', '\ufff9a\ufffb', 'a\u{e0041}b', 'a\uffffb', 'a\ufdd0b', 'a\u{1fffe}b', 'a\ud800b',
  '\udc00', '<b>', '<script>alert(1)</script>', '<!--', '</p',
]; // prettier-ignore
const badNames = [
  ...badTexts, '', '   ', 'a\nb', 'a\tb', '\u200b', '\u2060\u200b', '\u00ad', '\u3164', '\u2800', '\ufe0f',
  'x'.repeat(121),
]; // prettier-ignore
const badIds = [
  '',
  ' ',
  '__proto__',
  'a b',
  'ä',
  'a'.repeat(65),
  '-a',
  '_a',
  'a/b',
  '../a',
  'a~b',
  7,
  null,
];
const badDays = [
  '2026-02-30',
  '12026-10-10',
  '0050-01-01',
  '1899-12-31',
  '2200-01-01',
  '2026-13-01',
  '2026-1-1',
  'soon',
  '',
];
const badAmounts = [1e308, -1e308, 5e-324, -40, -1, 1e10, 1e-9];
const badCounts = [-1, 1.5, 10_001, 1e9, '1', null, true];
const badSides = [0, -1, 1e9, 5e-324, 1e308, '9', null];

/** One field holds what it must not. */
export const spoiltFields: readonly Family[] = [
  (random) => {
    const bad = pick(random, badNames);
    const where = pick(random, ['gear', 'loadouts'] as const);
    return {
      name: `${where} called ${JSON.stringify(bad)}`,
      text: spoilt((made) => (made[where][0]!.name = bad)),
      field: new RegExp(`${where}\\[0\\]\\.name`),
    };
  },
  (random) => {
    const bad = pick(random, [...badTexts, 'x'.repeat(2001)]);
    return {
      name: `note ${JSON.stringify(bad.slice(0, 20))}`,
      text: spoilt((made) => (made.gear[1]!.note = bad)),
      field: /gear\[1\]\.note/,
    };
  },
  (random) => {
    const bad = pick(random, badIds);
    const where = pick(random, ['gear', 'placement', 'kind', 'photo', 'module'] as const);
    return {
      name: `${where} id ${JSON.stringify(bad)}`,
      text: spoilt((made) => {
        if (where === 'gear') made.gear[2]!.id = bad;
        else if (where === 'placement') made.loadouts[0]!.placements[1]!.id = bad;
        else if (where === 'module') made.loadouts[0]!.modules = [{ ...along('m', 'x'), id: bad }];
        else made.gear[2]![where] = bad === null ? 5 : bad;
      }),
      field: where === 'gear' ? /gear\[2\]\.id/ : /\.(id|kind|photo)/,
    };
  },
  (random) => {
    const bad = pick(random, badDays);
    return {
      name: `day ${bad}`,
      text: spoilt((made) => (made.gear[0]!.goodUntil = bad)),
      field: /gear\[0\]\.goodUntil/,
    };
  },
  (random) => {
    const bad = pick(random, badDays);
    return {
      name: `day of a version ${bad}`,
      text: spoilt((made) => (made.versions[0]!.day = bad), 'versioned'),
      field: /versions\[0\]\.day/,
    };
  },
  (random) => {
    const bad = pick(random, badAmounts);
    const spoil = (made: FileJson) => {
      made.gear[0]!.supplies = [
        {
          job: pick(random, ['flame', 'carry-water', 'food']),
          fitness: 'serves',
          amount: bad,
          demands: [],
          cell: null,
        },
      ];
    };
    return {
      name: `amount ${bad}`,
      text: random() < 0.5 ? spoilt(spoil) : ofVersion2(spoil),
      field: /gear\[0\]\.supplies\[0\]\.amount/,
    };
  },
  (random) => {
    const job = pick(random, ['cut', 'flame', 'boil']);
    const one = { job, fitness: 'serves', amount: null, demands: [], cell: null };
    return {
      name: `${job} twice`,
      text: spoilt((made) => (made.gear[0]!.supplies = [one, one])),
      field: /gear\[0\]\.supplies\[1\]\.job/,
    };
  },
  (random) => {
    const massG = pick(random, [5000, 101, 1e6]);
    const spoil = (made: FileJson) => {
      made.gear[0]!.massG = 1;
      made.gear[0]!.contents = { unit: 'm', full: 10, left: 10, massG };
    };
    return {
      name: `contents of ${massG} g in 1 g`,
      text: random() < 0.5 ? spoilt(spoil) : ofVersion2(spoil),
      field: /gear\[0\]\.contents\.massG/,
    };
  },
  (random) => {
    const bad = pick(random, badCounts);
    const where = pick(random, ['gear', 'placement'] as const);
    return {
      name: `count ${JSON.stringify(bad)} of a ${where}`,
      text: spoilt((made) => {
        const at = where === 'gear' ? made.gear[0]! : made.loadouts[0]!.placements[0]!;
        at.count = bad;
      }),
      field: /count/,
    };
  },
  (random) => {
    const bad = pick(random, badSides);
    const side = pick(random, ['lengthMm', 'widthMm', 'heightMm']);
    return {
      name: `side ${JSON.stringify(bad)}`,
      text: spoilt((made) => {
        made.gear[0]!.form = {
          shape: 'box',
          lengthMm: 1,
          widthMm: 1,
          heightMm: 1,
          upright: false,
          [side]: bad,
        };
      }),
      field: new RegExp(`gear\\[0\\]\\.form\\.${side}`),
    };
  },
  (random) => {
    const place = pick<unknown>(random, [
      { on: 'moon' }, { in: 'moon', cavity: 'main' }, { in: 'float-pouch', cavity: 'moon' }, { in: 'float-pouch' },
      { on: 'body', in: 'x' }, {}, null, 'body', [], 7,
    ]); // prettier-ignore
    return {
      name: `place ${JSON.stringify(place)}`,
      text: spoilt((made) => (made.loadouts[0]!.placements[1]!.place = place)),
      field: /loadouts\[0\]\.placements\[1\]\.place/,
    };
  },
  (random) => {
    const colour = pick(random, ['red', '#12345', '#1234567', 'url(x)', '#12345g', '']);
    return {
      name: `colour ${colour}`,
      text: spoilt((made) => ((made.gear[0]!.look as Json).colour = colour)),
      field: /gear\[0\]\.look\.colour/,
    };
  },
];
