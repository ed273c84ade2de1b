import { tableSays } from '../refusals/tables';
import { lineSays } from '../refusals/lines';
import { gearOfKind, withCapacity, withSides, type Kind } from '../catalogue';
import { kindMeantBy, readLine, type LineSetting, type Reading } from '../reading';
import {
  done,
  parseLength,
  parseMass,
  parseMoney,
  parseSize,
  parseVolume,
  refused,
  type Outcome,
} from '../quantity';
import {
  jobIds,
  jobs,
  unsoundGear,
  withMassOf,
  type Form,
  type Gear,
  type JobId,
  type Ownership,
  plainSupply,
  usualDemands,
} from '../gear';
import type { Column, ColumnMeaning, ColumnUnit } from './columns';
import { mostRows, type Table } from './table';
import { dayIn } from './typed-day';

/** A row or a line that was not brought in, and why. Counted from 1, as the person sees them. */
export interface NotUnderstood {
  readonly row: number;
  readonly text: string;
  readonly says: string;
}

/** A row or a line that was brought in as a plain piece that does no job, as no kind is sure. */
export interface Unsure {
  readonly row: number;
  readonly text: string;
  /** The id of the gear it became. */
  readonly gear: string;
  /** The ids of the kinds that it may be, the likeliest first. */
  readonly others: readonly string[];
}

export interface GearRead {
  readonly gear: readonly Gear[];
  readonly unsure: readonly Unsure[];
  readonly notUnderstood: readonly NotUnderstood[];
}

/** What rows and lines are read with: the units of bare sizes, the currency of prices. */
export type GearSetting = Omit<LineSetting, 'id' | 'picked'>;

/**
 * Reads the rows of a table into gear, each by itself: what is wrong in one row keeps only that row out.
 * Figures that are given are *stated*; the rest come from the kind that the name means.
 */
export function gearFromTable(
  table: Table,
  columns: readonly Column[],
  setting: GearSetting,
  newId: () => string,
): GearRead {
  return drained(readingTable(table, columns, setting, newId));
}

/** As {@link gearFromTable}, some rows a step, so that it can be told how far it is, and left. */
export function* readingTable(
  table: Table,
  columns: readonly Column[],
  setting: GearSetting,
  newId: () => string,
): Generator<RowsProgress, GearRead> {
  const first = table.hasHeading ? 1 : 0;
  const lines = table.rows.slice(first).map((cells, at) => ({
    row: table.numbers[at + first]!,
    text: cells.filter((cell) => cell !== '').join(' · '),
    cells,
  }));
  const decimal = decimalOf(lines.map(({ cells }) => cells));
  return yield* collecting(lines, (_, { cells }) =>
    gearFromRow(new Row(cells, columns, decimal), { ...setting, id: newId() }),
  );
}

/** The most characters that are pasted at once. */
export const mostPasted = 2_000_000;

/** What keeps a pasted text from being read at all; null where nothing does. */
export function whyNotPasted(text: string): string | null {
  if (text.length > mostPasted) return tableSays.textTooLong('2 million');
  let lines = 0;
  for (let at = -1; (at = text.indexOf('\n', at + 1)) >= 0;) lines += 1;
  return lines >= mostRows ? tableSays.tooManyRows(mostRows) : null;
}

/** Reads lines as they are pasted, each as a quick-add line; bullets, numbers and boxes before them are dropped. */
export function gearFromLines(text: string, setting: GearSetting, newId: () => string): GearRead {
  return drained(readingLines(text, setting, newId));
}

/** As {@link gearFromLines}, a line a step, so that it can be told how far it is, and left. */
export function* readingLines(
  text: string,
  setting: GearSetting,
  newId: () => string,
): Generator<RowsProgress, GearRead> {
  const lines = text
    .split(/\r\r\n|\r\n|\r|\n|\u2028|\u2029/)
    .map((line, at) => ({ row: at + 1, text: line.trim() }))
    .filter((line) => line.text !== '');
  return yield* collecting(lines, (line) =>
    readLine(withoutBullet(line), { ...setting, id: newId() }),
  );
}

/** A line as it was meant, without the bullet, the number or the box before it. */
export function withoutBullet(line: string): string {
  return line.trim().replace(bullet, '').trim();
}

const bullet = /^(?:[-–•*·☐☑✓✔◦]|\[[ xX]?\]|\d{1,3}[.)])\s+/;

/** How many rows were read, out of how many. */
export interface RowsProgress {
  readonly read: number;
  readonly outOf: number;
}

interface Line {
  readonly row: number;
  readonly text: string;
}

function* collecting<L extends Line>(
  lines: readonly L[],
  read: (text: string, line: L) => Outcome<Pick<Reading, 'gear' | 'others'>>,
): Generator<RowsProgress, GearRead> {
  const gear: Gear[] = [];
  const unsure: Unsure[] = [];
  const notUnderstood: NotUnderstood[] = [];
  for (const [at, line] of lines.entries()) {
    const { row, text } = line;
    const outcome = read(text, line);
    if (outcome.ok) {
      const { gear: piece, others } = outcome.value;
      gear.push(piece);
      if (piece.kind === null) {
        unsure.push({ row, text, gear: piece.id, others: others.map(({ id }) => id) });
      }
    } else notUnderstood.push({ row, text, says: outcome.problem.message });
    if ((at + 1) % 100 === 0) yield { read: at + 1, outOf: lines.length };
  }
  return { gear, unsure, notUnderstood };
}

function drained<T>(work: Generator<unknown, T>): T {
  for (;;) {
    const next = work.next();
    if (next.done) return next.value;
  }
}

/** The cells of one row by what they mean. */
class Row {
  constructor(
    private readonly cells: readonly string[],
    private readonly columns: readonly Column[],
    private readonly decimal: ',' | '.' | null,
  ) {}

  /** A figure, with the groups of thousands taken out where the table shows which sign is the decimal one. */
  figure(meaning: ColumnMeaning): string | null {
    const text = this.cell(meaning);
    if (text === null || this.decimal === null) return text;
    return text.replace(this.decimal === ',' ? /\.(?=\d{3}(?!\d))/g : /,(?=\d{3}(?!\d))/g, '');
  }

  cell(meaning: ColumnMeaning): string | null {
    const text = this.cells[this.at(meaning)] ?? '';
    return text === '' ? null : text;
  }

  unit(meaning: ColumnMeaning): ColumnUnit | null {
    return this.columns[this.at(meaning)]?.unit ?? null;
  }

  private at(meaning: ColumnMeaning): number {
    return this.columns.findIndex((column) => column.meaning === meaning);
  }
}

/** The sign before decimals in a table, by the figures that can be read in one way only: `12,50`. Null where none tells. */
function decimalOf(rows: readonly (readonly string[])[]): ',' | '.' | null {
  const has = (sign: RegExp) => rows.some((cells) => cells.some((cell) => sign.test(cell)));
  const [commas, points] = [
    has(/^\D{0,3}\d+,\d{1,2}\D{0,5}$/),
    has(/^\D{0,3}\d+\.\d{1,2}\D{0,5}$/),
  ];
  return commas === points ? null : commas ? ',' : '.';
}

/** One step of reading a row: the gear so far with what one of its columns says. */
type Step = (gear: Gear, row: Row, setting: LineSetting) => Outcome<Gear>;

const steps: readonly Step[] = [withKind, withVolume, withForm, withMass, withPrice, withCount];
const laterSteps: readonly Step[] = [withOwnership, withDate, withJobs, withNote];

function gearFromRow(row: Row, setting: LineSetting): Outcome<Pick<Reading, 'gear' | 'others'>> {
  const name = row.cell('name');
  if (name === null) return refused(tableSays.namelessRow());
  if (/^(?:grand )?(?:sub)?-?(?:total|sum)\b/i.test(name)) return refused(tableSays.sumRow());
  const started = readLine(name, setting);
  if (!started.ok) return started;
  const read = [...steps, ...laterSteps].reduce<Outcome<Gear>>(
    (sofar, step) => (sofar.ok ? step(sofar.value, row, setting) : sofar),
    done(started.value.gear),
  );
  if (!read.ok) return read;
  const gear = withMassOf(read.value, read.value.massG, read.value.massTrust);
  const unsound = unsoundGear(gear);
  return unsound ? { ok: false, problem: unsound } : done({ gear, others: started.value.others });
}

function withKind(gear: Gear, row: Row): Outcome<Gear> {
  const text = row.cell('kind');
  const kind = gear.kind === null && text !== null ? kindMeantBy(text) : null;
  return done(kind === null ? gear : ofKind(gear, kind));
}

/** A plain piece as one of a kind: the figures that were typed stay, the rest are the kind’s. */
export function ofKind(gear: Gear, kind: Kind): Gear {
  const { massG, form, priceMinor, goodUntil, count, ownership, note } = gear;
  return {
    ...gearOfKind(kind, gear.id, gear.name),
    count,
    ownership,
    note,
    goodUntil,
    ...(massG !== null && { massG, massTrust: gear.massTrust }),
    ...(form !== null && { form, formTrust: gear.formTrust }),
    ...(priceMinor !== null && { priceMinor, priceTrust: gear.priceTrust }),
  };
}

function withVolume(gear: Gear, row: Row): Outcome<Gear> {
  const text = row.cell('volume');
  if (text === null) return done(gear);
  const volume = parseVolume(
    text,
    unitOr<'l' | 'ml' | 'fl oz'>(row.unit('volume'), ['l', 'ml', 'fl oz']),
  );
  if (!volume.ok) return volume;
  return volume.value > 0
    ? done(withCapacity(gear, volume.value))
    : refused(lineSays.volumeOfNothing());
}

function withForm(gear: Gear, row: Row, { units }: LineSetting): Outcome<Gear> {
  const size = row.cell('size');
  if (size !== null) {
    const said = row.unit('size');
    const bare = said ?? (units === 'metric' ? 'mm' : 'in');
    const typed =
      /[a-z"″]\s*$/i.test(size) || bare === 'mm' || bare === 'in' ? size : `${size} ${bare}`;
    const read = parseSize(typed, bare === 'in' ? 'in' : 'mm');
    if (!read.ok) return read;
    const [first, second, third] = read.value.sidesMm;
    return done(
      withSides(
        gear,
        third === undefined ? cylinder(first, second) : box(first, second, third),
        'stated',
      ),
    );
  }
  const sides = { length: 0, width: 0, height: 0, diameter: 0 };
  for (const side of Object.keys(sides) as (keyof typeof sides)[]) {
    const text = row.cell(side);
    if (text === null) continue;
    const bare = row.unit(side) ?? (units === 'metric' ? 'mm' : 'in');
    const read = parseLength(/[a-z"″]\s*$/i.test(text) ? text : `${text} ${bare}`);
    if (!read.ok) return read;
    if (read.value <= 0) return refused(lineSays.sideNamedOfNothing(side));
    sides[side] = read.value;
  }
  const { length, width, height, diameter } = sides;
  if (diameter > 0 && (height || length) > 0) {
    return done(withSides(gear, cylinder(diameter, height || length), 'stated'));
  }
  return length > 0 && width > 0 && height > 0
    ? done(withSides(gear, box(length, width, height), 'stated'))
    : done(gear);
}

function withMass(gear: Gear, row: Row, { units }: LineSetting): Outcome<Gear> {
  const text = row.figure('mass');
  if (text === null) return done(gear);
  const unit = row.cell('unit of mass') ?? row.unit('mass') ?? (units === 'metric' ? 'g' : 'oz');
  const typed = /[a-z]\s*\.?$/i.test(text) ? text : `${text} ${unit}`;
  const mass = parseMass(typed);
  return mass.ok ? done(withMassOf(gear, mass.value, 'stated')) : mass;
}

function withPrice(gear: Gear, row: Row, { currency }: LineSetting): Outcome<Gear> {
  const text = row.cell('price');
  if (text === null) return done(gear);
  const price = parseMoney(text, currency);
  return price.ok ? done({ ...gear, priceMinor: price.value, priceTrust: 'stated' }) : price;
}

function withCount(gear: Gear, row: Row): Outcome<Gear> {
  const text = row.cell('count');
  if (text === null) return done(gear);
  const whole = /^[x×]?\s*(\d{1,5})\s*[x×]?(?:[.,]0+)?(?:\s*(?:pcs?|pieces|st|stk)\.?)?$/i.exec(
    text,
  );
  return whole ? done({ ...gear, count: Number(whole[1]) }) : refused(tableSays.noCount(text));
}

const ownershipWords: readonly (readonly [Ownership, RegExp])[] = [
  ['wished', /^(wish\w*|want\w*|to ?buy|needed?|no|n|missing|0|false)$/i],
  ['home-made', /^(home-? ?made|made|self-? ?made|diy)$/i],
  ['scavenged', /^(scavenged|found|free|salvaged)$/i],
  ['retired', /^(retired|old|broken|sold|gone)$/i],
  ['owned', /^(owned?|have|yes|y|got|have it|x|✓|✔|1|true|bought)$/i],
];

function withOwnership(gear: Gear, row: Row): Outcome<Gear> {
  const text = row.cell('ownership');
  if (text === null) return done(gear);
  const found = ownershipWords.find(([, words]) => words.test(text));
  return found ? done({ ...gear, ownership: found[0] }) : refused(tableSays.noOwnership(text));
}

function withDate(gear: Gear, row: Row): Outcome<Gear> {
  const text = row.cell('good until');
  if (text === null) return done(gear);
  const day = dayIn(text);
  return day.ok ? done({ ...gear, goodUntil: day.value }) : day;
}

function withJobs(gear: Gear, row: Row): Outcome<Gear> {
  const text = row.cell('jobs');
  if (text === null) return done(gear);
  const supplies = [...gear.supplies];
  for (const word of text.split(/[,;/|]/).map((part) => part.trim().toLowerCase())) {
    if (word === '') continue;
    const job = jobIds.find((id) => id === word.replace(/\s+/g, '-') || jobs[id].name === word);
    if (!job) return refused(tableSays.noJob(word, someJobs));
    if (!supplies.some((supply) => supply.job === job)) supplies.push(serving(job));
  }
  return done({ ...gear, supplies });
}

const someJobs = (['cut', 'boil', 'roof'] as const).map((job) => jobs[job].name).join(', ');

function serving(job: JobId): Gear['supplies'][number] {
  return { ...plainSupply(job, 'serves', null), demands: usualDemands[job] ?? [] };
}

function withNote(gear: Gear, row: Row): Outcome<Gear> {
  const note = row.cell('note');
  return done(note === null ? gear : { ...gear, note });
}

function unitOr<Unit extends string>(unit: string | null, units: readonly [Unit, ...Unit[]]): Unit {
  return units.find((known) => known === unit) ?? units[0];
}

function box(lengthMm: number, widthMm: number, heightMm: number): Form {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

function cylinder(diameterMm: number, heightMm: number): Form {
  return { shape: 'cylinder', diameterMm, heightMm, upright: false };
}
