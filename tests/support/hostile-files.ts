import { demoBench } from '@/core/demo';
import { writeFile } from '@/core/exchange';
import { benchOfKit, versionOf } from '@/core/loadout';
import { pick, randomFrom } from './random';

/** A file that must be refused, and what its message must name: a field’s path, or null where it is about all of it. */
export interface HostileFile {
  readonly name: string;
  readonly text: string;
  readonly field: RegExp | null;
}

type Json = Record<string, unknown>;
interface FileJson extends Json {
  version: number;
  gear: Json[];
  loadouts: (Json & { placements: Json[]; modules: Json[] })[];
  schemes: Json[];
  lists: Json[];
  kept: Json[];
  versions: (Json & { gear: unknown[]; along: Json[]; loadout: Json })[];
}

const small = benchOfKit(demoBench, 'float-pouch-kit');
const versioned = {
  ...small,
  versions: new Map([
    ['v', versionOf(small, 'float-pouch-kit', { id: 'v', day: '2026-10-01', note: '' })],
  ]),
};
const texts = { small: writeFile(small), versioned: writeFile(versioned) };

function file(which: keyof typeof texts = 'small'): FileJson {
  return JSON.parse(texts[which]) as FileJson;
}

function spoilt(change: (file: FileJson) => void, which: keyof typeof texts = 'small'): string {
  const made = file(which);
  change(made);
  return JSON.stringify(made);
}

function ofVersion2(change: (file: FileJson) => void): string {
  return spoilt((made) => {
    made.version = 2;
    delete (made as Json).kept;
    change(made);
  });
}

function placement(id: string, gear: string, place: object, count = 1): Json {
  return { id, gear, count, place, laidFor: null };
}

function kit(id: string, placements: Json[], modules: Json[] = []): FileJson['loadouts'][number] {
  return { id, name: id, purpose: '', mostMassG: null, mostPriceMinor: null, placements, modules };
}

function along(id: string, of: string): Json {
  return { id, kit: of, place: { on: 'body' } };
}

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

/** What may be spoilt, each with as many ways as it is told a number for. */
const families: readonly ((random: () => number) => HostileFile)[] = [
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
    const deep = 13 + Math.floor(random() * 40);
    const kits = Array.from({ length: deep }, (_, at) =>
      kit(
        `k${at}`,
        at === deep - 1 ? [placement('p', 'g', { on: 'body' })] : [],
        at === deep - 1 ? [] : [along('a', `k${at + 1}`), along('b', `k${at + 1}`)],
      ),
    );
    return {
      name: `kits that double, ${deep} deep`,
      text: spoilt((made) => {
        made.gear[0]!.id = 'g';
        made.loadouts = kits;
      }),
      field: /loadouts\[\d+\]\.modules\[\d\]\.kit/,
    };
  },
  (random) => {
    const deep = 66 + Math.floor(random() * 400);
    const kits = Array.from({ length: deep }, (_, at) =>
      kit(`k${at}`, [], at === deep - 1 ? [] : [along('a', `k${at + 1}`)]),
    );
    return {
      name: `${deep} kits each along in the next`,
      text: spoilt((made) => (made.loadouts = random() < 0.5 ? kits : [...kits].reverse())),
      field: /loadouts\[\d+\]\.modules\[0\]\.kit/,
    };
  },
  (random) => {
    const wide = 20 + Math.floor(random() * 60);
    const kits = Array.from({ length: 300 }, (_, at) =>
      kit(
        `k${at}`,
        [],
        Array.from({ length: Math.min(wide, 299 - at) }, (__, to) =>
          along(`m${to}`, `k${at + to + 1}`),
        ),
      ),
    );
    return {
      name: `300 kits, each with the next ${wide} along`,
      text: spoilt((made) => (made.loadouts = kits)),
      field: /loadouts\[\d+\]\.modules/,
    };
  },
  (random) => {
    const deep = 66 + Math.floor(random() * 900);
    const holders = Array.from({ length: deep }, (_, at) =>
      placement(
        `p${at}`,
        'float-pouch',
        at === 0 ? { on: 'body' } : { in: `p${at - 1}`, cavity: 'main' },
      ),
    );
    return {
      name: `${deep} holders in one another`,
      text: spoilt((made) => (made.loadouts[0]!.placements = holders)),
      field: /loadouts\[0\]\.placements/,
    };
  },
  (random) => {
    const many = pick(random, [1001, 5000, 10_000]);
    return {
      name: `${many} placements`,
      text: spoilt((made) => {
        made.loadouts[0]!.placements = Array.from({ length: many }, (_, at) =>
          placement(`p${at}`, 'float-whistle', { on: 'mat' }),
        );
      }),
      field: /loadouts\[0\]\.placements/,
    };
  },
  (random) => {
    const each = pick(random, [10_000, 2000, 500]);
    return {
      name: `999 placements of ${each} in one cavity`,
      text: spoilt((made) => {
        made.loadouts[0]!.placements = [
          placement('h', 'float-pouch', { on: 'body' }),
          ...Array.from({ length: 999 }, (_, at) =>
            placement(`p${at}`, 'float-whistle', { in: 'h', cavity: 'main' }, each),
          ),
        ];
      }),
      field: /loadouts\[0\]\.placements/,
    };
  },
  (random) => {
    const which = pick(random, ['gear', 'along', 'own'] as const);
    return {
      name: `a version with ${which} twice`,
      text: spoilt((made) => {
        const version = made.versions[0]!;
        if (which === 'gear') version.gear = [...version.gear, version.gear[0]!];
        else if (which === 'own') version.along = [version.loadout];
        else version.along = [kit('x', []), kit('x', [])];
      }, 'versioned'),
      field: /versions\[0\]\.(gear|along)\[\d+\]\.id/,
    };
  },
  (random) => {
    const deep = 14 + Math.floor(random() * 20);
    return {
      name: `a version with kits that double, ${deep} deep`,
      text: spoilt((made) => {
        const version = made.versions[0]!;
        const kits = Array.from({ length: deep }, (_, at) =>
          kit(
            `k${at}`,
            [],
            at === deep - 1 ? [] : [along('a', `k${at + 1}`), along('b', `k${at + 1}`)],
          ),
        );
        version.along = kits;
        version.loadout = { ...version.loadout, modules: [along('a', 'k0')] };
      }, 'versioned'),
      field: /versions\[0\]\.(along\[\d+\]|loadout)\.modules/,
    };
  },
  (random) => {
    const number = pick(random, [13, 999, -1, 1.5, '0', null]);
    return {
      name: `a version of piece ${JSON.stringify(number)}`,
      text: spoilt((made) => (made.versions[0]!.gear = [number]), 'versioned'),
      field: /versions\[0\]\.gear\[0\]/,
    };
  },
  (random) => {
    const id = pick(random, ['five-cs', 'ten-cs', 'rule-of-threes', 'order-of-needs']);
    return {
      name: `a scheme called ${id}`,
      text: spoilt((made) => {
        made.schemes = [{ id, name: 'Mine', categories: [{ id: 'x', name: 'X', jobs: ['cut'] }] }];
      }),
      field: /schemes\[0\]\.id/,
    };
  },
  (random) => {
    const part = pick(random, ['gear', 'loadouts'] as const);
    return {
      name: `an id of ${part} twice`,
      text: spoilt((made) => (made[part] = [...made[part], made[part][0]!] as never)),
      field: new RegExp(`${part}\\[\\d+\\]\\.id`),
    };
  },
  (random) => {
    const field = pick(random, [
      'schemes',
      'lists',
      'versions',
      'kept',
      'pictures',
      'gear.tier',
      'gear.contents',
      'modules',
    ]);
    return {
      name: `version 1 with ${field}`,
      text: spoilt((made) => {
        made.version = 1;
        const drop = (of: Json, ...fields: string[]) => fields.forEach((each) => delete of[each]);
        const keep = field.replace('gear.', '');
        drop(made, ...['schemes', 'lists', 'versions', 'kept'].filter((each) => each !== keep));
        if (keep === 'pictures') (made as Json).pictures = [];
        for (const gear of made.gear) {
          drop(
            gear,
            ...['tier', 'lentTo', 'isShared', 'priceTrust', 'contents', 'photo'].filter(
              (each) => each !== keep,
            ),
          );
        }
        for (const loadout of made.loadouts) {
          if (keep !== 'modules') drop(loadout, 'modules');
          loadout.placements.forEach((each) => drop(each, 'laidFor'));
        }
      }),
      field: new RegExp(field.replace('gear.', '')),
    };
  },
  (random) => {
    const part = pick(random, ['gear', 'placements', 'look', 'top'] as const);
    const key = pick(random, [
      'constructor',
      'toString',
      'massKg',
      'hasOwnProperty',
      'x'.repeat(5000),
      'a\u001b[2J',
    ]);
    return {
      name: `unknown field ${key.slice(0, 20)} in ${part}`,
      text: spoilt((made) => {
        if (part === 'top') made[key] = 1;
        else if (part === 'gear') made.gear[0]![key] = 1;
        else if (part === 'look') (made.gear[0]!.look as Json)[key] = 1;
        else made.loadouts[0]!.placements[0]![key] = 1;
      }),
      field: /format|…/,
    };
  },
  (random) => {
    const whole = pick(random, [
      '', ' ', 'null', '[]', '{}', '7', '"x"', '{"format":"other","version":1}', '{"format":"vivid-acorn","version":4}',
      '{"format":"vivid-acorn","version":1e300}', '{"format":"vivid-acorn","version":"3"}', '{"format":"vivid-acorn","version":0}',
      '\u001b]0;evil\u0007', '{"format": "\u001b[2J"}', texts.small.slice(0, 900), '['.repeat(100), '{"a":'.repeat(200_000),
      `{"format":"vivid-acorn","version":3,"gear":[${'[],'.repeat(900_000)}[]]}`,
      `{"format":"vivid-acorn","version":3,"gear":[${'{},'.repeat(1_700_000)}{}]}`,
      `{"${'k'.repeat(3_000_000)}":1}`,
    ]); // prettier-ignore
    return { name: `whole ${whole.slice(0, 30)}`, text: whole, field: null };
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
  (random) => {
    const pictures = pick<unknown>(random, [
      [{ id: 'p', type: 'image/svg+xml', data: 'AAAA' }], [{ id: 'p', type: 'image/png', data: 'no base64!' }],
      [{ id: 'p', type: 'text/html', data: 'AAAA' }], [{ id: 'p', type: 'image/png', data: 'A'.repeat(2_000_000) }],
      [{ id: 'p', type: 'image/png', data: 'AAAA' }, { id: 'p', type: 'image/png', data: 'AAAA' }],
    ]); // prettier-ignore
    return {
      name: 'a picture that is none',
      text: spoilt((made) => ((made as Json).pictures = pictures)),
      field: /pictures\[\d\]/,
    };
  },
];

/** So many hostile files, the same for the same seed. */
export function hostileFiles(many: number, seed: number): readonly HostileFile[] {
  const random = randomFrom(seed);
  return Array.from({ length: many }, (_, at) => families[at % families.length]!(random));
}
