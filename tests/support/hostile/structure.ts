import { pick } from '../random';
import { along, kit, placement, spoilt, type Family } from './making';

/** Every field is one that may stand there, but they do not go together, or there are too many. */
export const spoiltStructure: readonly Family[] = [
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
    const id = pick(random, ['five-cs', 'ten-cs', 'rule-of-threes', 'what-hurts-first']);
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
];
