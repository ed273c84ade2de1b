import { demoBench } from '@/core/demo';
import { auditOf, readFile, writeFile } from '@/core/exchange';
import { dueOf } from '@/core/exchange/due';
import { lossesInWords } from '@/core/exchange/losses';
import { readLine } from '@/core/reading';
import { schemes } from '@/core/scheme';
import { checksOf } from '@/core/upkeep';

/** What every object inherits, each beside a name nearly the same that none has. */
const inherited = [
  ['constructor', 'constructos'],
  ['toString', 'toStrinh'],
  ['valueOf', 'valueOg'],
  ['hasOwnProperty', 'hasOwnPropertz'],
  ['isPrototypeOf', 'isPrototypeOg'],
] as const;

/** The demo with one of its kits: a piece of each kind of thing is enough. */
const pouch = demoBench.loadouts.get('float-pouch-kit')!;
const ofPouch = new Set(pouch.placements.map(({ gear }) => gear));
const file = writeFile({
  ...demoBench,
  loadouts: new Map([[pouch.id, pouch]]),
  shelf: new Map([...demoBench.shelf].filter(([id]) => ofPouch.has(id))),
});
const today = '2026-10-01';

/** One id of each field that names or tells the kind of something: its path without positions, and the id. */
function freeIds(): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  const visit = (value: unknown, path: string) => {
    if (Array.isArray(value)) for (const each of value) visit(each, `${path}[]`);
    else if (typeof value === 'object' && value !== null) {
      for (const [name, field] of Object.entries(value)) {
        const at = `${path}.${name}`;
        const isOfGear = name === 'kind' && path.endsWith('gear[]');
        if (typeof field === 'string' && (name === 'id' || isOfGear) && !found.has(at))
          found.set(at, field);
        visit(field, at);
      }
    }
  };
  visit(JSON.parse(file), '');
  return found;
}

/** Ids, each with the name that it is called by instead. */
type Renamed = ReadonlyMap<string, string>;

/** All that is worked out of the demo with some ids called otherwise everywhere, each such name written as its id again. */
function workedOutWith(renamed: Renamed): string {
  const read = readFile(
    JSON.stringify(JSON.parse(file), (key, value: unknown) =>
      // Words that a field may hold are no ids.
      typeof value === 'string' && key !== 'tier' && key !== 'reach'
        ? (renamed.get(value) ?? value)
        : value,
    ),
  );
  if (!read.ok) throw new Error(read.problem.message);
  const bench = read.value;
  const kits = [...bench.loadouts.values()];
  const whole = JSON.stringify([
    kits.map((kit) => auditOf(bench, kit, schemes['five-cs'], today)),
    kits.map((kit) => lossesInWords(bench, kit, today, { upTo: 1, conditions: [] })),
    dueOf(bench, today, '2027-10-01'),
  ]);
  return [...renamed].reduce((text, [id, name]) => text.replaceAll(name, id), whole);
}

describe('names that every object inherits', () => {
  const ids = [...freeIds()];

  it('are tried at every id of a file', () => {
    expect(ids.length).toBeGreaterThan(12);
  });

  // An id of each field in turn, so many at once that each has a name of its own.
  const together = Array.from({ length: Math.ceil(ids.length / inherited.length) }, (_, at) =>
    ids.slice(at * inherited.length, (at + 1) * inherited.length),
  );

  test.each(together.map((some) => [some.map(([path]) => path).join(', '), some] as const))(
    '%s: work out like any other',
    (_paths, some) => {
      const called = (by: 0 | 1): Renamed =>
        new Map(some.map(([, id], at) => [id, inherited[at]![by]]));
      expect(workedOutWith(called(0))).toBe(workedOutWith(called(1)));
    },
  );

  test.each(inherited)('%s is no kind and no word', (name) => {
    expect(checksOf({ kind: name })).toEqual({ ready: [], trial: [] });
    const read = readLine(`3 x ${name}`, { id: 'new', units: 'metric', currency: 'EUR' });
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.value).toMatchObject({ kind: null, gear: { count: 3, supplies: [] } });
  });
});
