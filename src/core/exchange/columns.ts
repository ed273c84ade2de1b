import type { Table } from './table';

/** What a column of a table can mean for a piece of gear. */
export const columnMeanings = [
  'name',
  'kind',
  'count',
  'mass',
  'unit of mass',
  'size',
  'length',
  'width',
  'height',
  'diameter',
  'volume',
  'price',
  'ownership',
  'good until',
  'jobs',
  'note',
  'leave out',
] as const;
export type ColumnMeaning = (typeof columnMeanings)[number];

/** The unit that bare figures of a column are in; null where every cell says its own. */
export type ColumnUnit =
  'g' | 'kg' | 'oz' | 'lb' | 'mm' | 'cm' | 'm' | 'in' | 'ft' | 'ml' | 'l' | 'fl oz';

export interface Column {
  readonly meaning: ColumnMeaning;
  readonly unit: ColumnUnit | null;
}

/** The units that a column of that meaning can be in. */
export const unitsOf: Partial<Record<ColumnMeaning, readonly ColumnUnit[]>> = {
  mass: ['g', 'kg', 'oz', 'lb'],
  size: ['mm', 'cm', 'in'],
  length: ['mm', 'cm', 'm', 'in', 'ft'],
  width: ['mm', 'cm', 'm', 'in', 'ft'],
  height: ['mm', 'cm', 'm', 'in', 'ft'],
  diameter: ['mm', 'cm', 'm', 'in', 'ft'],
  volume: ['ml', 'l', 'fl oz'],
};

/** Words of headings, each for the first meaning whose words a heading holds. */
const headings: readonly (readonly [ColumnMeaning, RegExp])[] = [
  ['good until', /\b(good until|expir\w*|best before|use by|shelf life)\b/],
  ['count', /^(count|qty|quantity|how many|number|no|pcs|pieces|amount|x|stück|anzahl|antal)\b/],
  ['unit of mass', /^(?:(?:mass|weight) )?units?(?: of (?:mass|weight))?$/],
  ['mass', /\b(mass|weight|weighs|gewicht|vikt|g|grams?|kg|oz|ounces?|lbs?|pounds?)\b/],
  ['size', /\b(size|dimensions?|lxwxh|l x w x h|measures?)\b/],
  ['diameter', /\b(diameter|dia|ø)\b/],
  ['length', /\b(length|long)\b/],
  ['width', /\b(width|wide)\b/],
  ['height', /\b(height|high|tall|depth)\b/],
  ['volume', /\b(volume|capacity|holds|litres?|liters?|ml)\b/],
  ['price', /\b(price|cost|paid|value|preis|pris|eur|usd|gbp)\b|[€$£]/],
  ['ownership', /\b(owned|ownership|own|status|state|have|got)\b/],
  ['kind', /\b(kind|type|sort|category)\b/],
  ['jobs', /\b(jobs?|use|uses|function|purpose)\b/],
  ['note', /\b(notes?|comments?|remarks?|description|desc|bemerkung)\b/],
  ['name', /\b(name|item|gear|piece|what|thing|title|product|artikel|article)\b/],
];

/**
 * What each column most likely means, by its heading, or where there is none by what stands in it. A meaning is
 * given once; the first column that nothing else claims, and that holds words, is the name.
 */
export function guessColumns(table: Table): readonly Column[] {
  const taken = new Set<ColumnMeaning>();
  const guessed = Array.from({ length: table.columns }, (_, at): Column => {
    const heading = table.hasHeading ? table.rows[0]![at]!.toLowerCase().replace(/[_.]/g, ' ') : '';
    const cells = cellsOf(table, at);
    const meaning = byHeading(heading, taken) ?? (table.hasHeading ? null : byCells(cells, taken));
    if (meaning) taken.add(meaning);
    return { meaning: meaning ?? 'leave out', unit: unitIn(heading, meaning) };
  });
  if (taken.has('name')) return guessed;
  const at = guessed.findIndex(
    ({ meaning }, column) =>
      meaning === 'leave out' && cellsOf(table, column).some((cell) => /\p{L}/u.test(cell)),
  );
  return guessed.map((column, index) => (index === at ? { meaning: 'name', unit: null } : column));
}

function cellsOf(table: Table, at: number): readonly string[] {
  return table.rows
    .slice(table.hasHeading ? 1 : 0, 60)
    .map((row) => row[at]!)
    .filter((cell) => cell !== '');
}

function byHeading(heading: string, taken: ReadonlySet<ColumnMeaning>): ColumnMeaning | null {
  const found = headings.find(([meaning, words]) => !taken.has(meaning) && words.test(heading));
  return found?.[0] ?? null;
}

function byCells(
  cells: readonly string[],
  taken: ReadonlySet<ColumnMeaning>,
): ColumnMeaning | null {
  const shapes: readonly (readonly [ColumnMeaning, RegExp])[] = [
    ['mass', /^[\d.,/\s½¼¾]+\s*(?:g|kg|oz|lbs?)(?:\s*[\d.,]+\s*oz)?$/i],
    ['unit of mass', /^(?:g|kg|oz|lbs?|grams?|kilos?|ounces?|pounds?)$/i],
    ['size', /^[⌀ø]?\s*[\d.,]+\s*\D{0,3}\s*[x×]\s*[\d.,]+/i],
    ['volume', /^[\d.,/]+\s*(?:ml|l|fl oz)$/i],
    ['price', /^[€$£]\s*[\d.,]+$|^[\d.,]+\s*(?:€|EUR|USD|kr)$/i],
    ['good until', /^\d{4}-\d{2}(?:-\d{2})?$/],
    ['count', /^\d{1,3}$/],
  ];
  const found = shapes.find(
    ([meaning, shape]) =>
      !taken.has(meaning) && cells.length > 0 && cells.every((cell) => shape.test(cell)),
  );
  if (found) return found[0];
  const isWords = cells.length > 0 && cells.every((cell) => /\p{L}{2}/u.test(cell));
  return isWords && !taken.has('name') ? 'name' : null;
}

function unitIn(heading: string, meaning: ColumnMeaning | null): ColumnUnit | null {
  const units = meaning === null ? undefined : unitsOf[meaning];
  if (!units) return null;
  const plain = heading
    .replace(/\bgrams?\b/, 'g')
    .replace(/\bkilos?|kilograms?\b/, 'kg')
    .replace(/\bounces?\b/, 'oz')
    .replace(/\b(pounds?|lbs)\b/, 'lb')
    .replace(/\b(inch(es)?)\b/, 'in')
    .replace(/\b(lit(?:re|er)s?)\b/, 'l');
  const found = units.filter((unit) => new RegExp(`(?:^|[^a-z])${unit}(?:$|[^a-z])`).test(plain));
  return found.at(-1) ?? null;
}
