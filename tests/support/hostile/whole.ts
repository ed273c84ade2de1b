import { pick } from '../random';
import { sinceVersion3, spoilt, texts, type Family, type Json } from './making';

/** What it is as a whole, of which version, and what else it holds. */
export const spoiltWholes: readonly Family[] = [
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
            ...sinceVersion3,
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
