import { tableSays } from '../refusals/tables';
import { lineSays } from '../refusals/lines';
import { withCapacity, withSides } from '../catalogue';
import { kindMeantBy, readLine, withSize, type LineSetting, type Reading } from '../reading';
import {
  done,
  parseLength,
  parseMass,
  parseMoney,
  parseVolume,
  refused,
  type Outcome,
} from '../quantity';
import {
  box,
  cylinder,
  jobIds,
  jobs,
  unsoundGear,
  usualSupply,
  withMassOf,
  type Gear,
  type Ownership,
} from '../gear';
import type { Column, ColumnMeaning, ColumnUnit } from './columns';
import { typedDay } from '../reading/typed-day';

/** The cells of one row by what they mean. */
export class Row {
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
export function decimalOf(rows: readonly (readonly string[])[]): ',' | '.' | null {
  const has = (sign: RegExp) => rows.some((cells) => cells.some((cell) => sign.test(cell)));
  const [commas, points] = [
    has(/^\D{0,3}\d+,\d{1,2}\D{0,5}$/),
    has(/^\D{0,3}\d+\.\d{1,2}\D{0,5}$/),
  ];
  return commas === points ? null : commas ? ',' : '.';
}

/** One step of reading a row: the gear so far with what one of its columns says. */
type Step = (gear: Gear, row: Row, setting: LineSetting) => Outcome<Gear>;

const steps: readonly Step[] = [withVolume, withForm, withMass, withPrice, withCount];
const laterSteps: readonly Step[] = [withOwnership, withDate, withJobs, withNote];

/** Reads one row: its name as a line is read, and then what its other columns say. */
export function gearFromRow(
  row: Row,
  setting: LineSetting,
): Outcome<Pick<Reading, 'gear' | 'others'>> {
  const name = row.cell('name');
  if (name === null) return refused(tableSays.namelessRow());
  if (/^(?:grand )?(?:sub)?-?(?:total|sum)\b/i.test(name)) return refused(tableSays.sumRow());
  const started = startedAs(name, row, setting);
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

/** The name as a line; where it means no kind for sure, as one of the kind that the row’s own column says. */
function startedAs(name: string, row: Row, setting: LineSetting): Outcome<Reading> {
  const read = readLine(name, setting);
  const said = row.cell('kind');
  if (!read.ok || read.value.kind !== null || setting.picked !== undefined || said === null) {
    return read;
  }
  const picked = kindMeantBy(said);
  return picked === null ? read : readLine(name, { ...setting, picked });
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
    // A bare size is read as in a line: that of a sheet in metres or feet.
    const said = row.unit('size');
    const typed = said === null || /[a-z"″]\s*$/i.test(size) ? size : `${size} ${said}`;
    const sized = withSize(gear, typed, units);
    return sized.ok ? done(sized.value.gear) : sized;
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
  if (!whole) return refused(tableSays.noCount(text));
  const count = Number(whole[1]);
  // What the name tells of its days is told of all of them.
  const lots = count > 0 ? gear.lots.slice(0, 1).map((lot) => ({ ...lot, count })) : [];
  return done({ ...gear, count, lots });
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
  const day = typedDay(text);
  if (!day.ok) return day;
  // Where its days are told lot by lot, this one is its lot’s too.
  return done(
    gear.lots.length === 0
      ? { ...gear, goodUntil: day.value }
      : {
          ...gear,
          goodUntil: null,
          lots: gear.lots.map((lot) => ({ ...lot, goodUntil: day.value })),
        },
  );
}

function withJobs(gear: Gear, row: Row): Outcome<Gear> {
  const text = row.cell('jobs');
  if (text === null) return done(gear);
  const supplies = [...gear.supplies];
  for (const word of text.split(/[,;/|]/).map((part) => part.trim().toLowerCase())) {
    if (word === '') continue;
    const job = jobIds.find((id) => id === word.replace(/\s+/g, '-') || jobs[id].name === word);
    if (!job) return refused(tableSays.noJob(word, someJobs));
    if (!supplies.some((supply) => supply.job === job)) supplies.push(usualSupply(job));
  }
  return done({ ...gear, supplies });
}

const someJobs = (['cut', 'boil', 'roof'] as const).map((job) => jobs[job].name).join(', ');

function withNote(gear: Gear, row: Row): Outcome<Gear> {
  const note = row.cell('note');
  return done(note === null ? gear : { ...gear, note });
}

function unitOr<Unit extends string>(unit: string | null, units: readonly [Unit, ...Unit[]]): Unit {
  return units.find((known) => known === unit) ?? units[0];
}
