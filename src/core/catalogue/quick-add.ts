import {
  done,
  parseLength,
  parseMass,
  parseMoney,
  parseSize,
  parseVolume,
  refused,
  type Currency,
  type Outcome,
  type Size,
  type UnitSystem,
} from '../quantity';
import { cellTypes, jobs, whyNotName, type CellType, type Form, type Gear } from '../gear';
import { gearOfKind, gearOfNoKind, kindMeantBy } from './kinds';
import { withCapacity, withLength, withSides } from './resize';

/** What the line is read with: the units of a bare size, the currency of a price, and the new gear's id. */
export interface QuickAddSetting {
  readonly id: string;
  readonly units: UnitSystem;
  readonly currency: Currency;
}

const number = String.raw`\d+(?:[.,]\d+)?`;
const lengthUnit = String.raw`(?:mm|cm|m|inch(?:es)?|in|ft|["″])`;
const side = String.raw`${number}\s*${lengthUnit}?`;

const patterns = {
  cells:
    /(?<![\w.])(\d{1,2})\s*[x×]\s*(AAA|AA|D|CR2032|CR123A|18650)(?:\s+(alkaline|lithium|NiMH))?(?![\w])/i,
  size: new RegExp(
    String.raw`(?<![\w.,])[⌀øØ]?\s*${side}(?:\s*[x×*]\s*${side}){1,2}(?![\w.,])`,
    'i',
  ),
  price:
    /[€$£¥]\s*\d[\d.,]*|(?<![\w.,])\d[\d.,]*\s*(?:€|\$|£|EUR\b|USD\b|GBP\b|SEK\b|NOK\b|DKK\b|kr\b)/i,
  volume: new RegExp(
    String.raw`(?<![\w.,])${number}\s*(?:ml|cl|dl|l|litres?|liters?|fl\.?\s?oz|pt|qt|gal)(?![\w])`,
    'i',
  ),
  mass: new RegExp(
    String.raw`(?<![\w.,])${number}\s*(?:kg|mg|g|lbs?|oz)(?:\s+${number}\s*oz)?(?![\w])`,
    'i',
  ),
  length: new RegExp(String.raw`(?<![\w.,])${number}\s*(?:m|metres?|ft|feet|yd)(?![\w])`, 'i'),
  count:
    /^(\d{1,4})\s*[x×]?\s+(?!(?:[mcd]?l|[km]?g|[mc]?m|in|ft|oz|fl|lbs?|yd|qt|pt|gal)\b)(?=\p{L})|\s[x×]\s?(\d{1,4})$|\s(\d{1,4})\s?pcs\.?$/iu,
} as const;

/**
 * Reads a line such as `steel bottle 1 L 210 g 90x200mm €12` into gear.
 *
 * What is typed is *stated*; what is not comes from the kind that the name means and is marked *typical*;
 * a name that means no kind leaves it unknown. Refuses a line without a name, and a quantity that can be
 * read in two ways.
 */
export function quickAdd(line: string, setting: QuickAddSetting): Outcome<Gear> {
  const reading = new LineReading(line);
  const count = reading.take('count');
  const cell = reading.take('cells');
  const sizeText = reading.find('size');
  const size = sizeText === null ? null : parseSize(sizeText, bareLengthUnit(setting.units));
  if (size && !size.ok) return size;
  const price = parsed(reading.take('price'), (text) => parseMoney(text, setting.currency));
  if (!price.ok) return price;

  const kind = kindMeantBy(reading.rest.replace(sizeText ?? '', ' '));
  const isLaidOut = size !== null && kind?.form.shape === 'soft' && size.value.sidesMm.length === 2;
  if (sizeText !== null && !isLaidOut) reading.take('size');
  const volume = parsed(reading.find('volume'), parseVolume);
  if (!volume.ok) return volume;
  const mass = parsed(reading.take('mass'), parseMass);
  if (!mass.ok) return mass;
  const length = parsed(isLaidOut ? null : reading.find('length'), parseLength);
  if (!length.ok) return length;

  const name = reading.name();
  const problem = whyNotName(name);
  if (problem) {
    return refused(
      name === ''
        ? 'Write what it is as well, like: steel bottle 1 L 210 g 90x200 mm.'
        : `The name ${problem}.`,
    );
  }
  let gear = kind ? gearOfKind(kind, setting.id, name) : gearOfNoKind(setting.id, name);
  if (setting.currency !== 'EUR') gear = { ...gear, priceMinor: null };
  if (volume.value !== null) gear = withCapacity(gear, volume.value);
  if (length.value !== null) gear = withLength(gear, length.value / 1000);
  if (size !== null) gear = isLaidOut ? withArea(gear, size.value) : withSize(gear, size.value);
  if (mass.value !== null) gear = { ...gear, massG: mass.value, massTrust: 'stated' };
  if (price.value !== null) gear = { ...gear, priceMinor: price.value };
  if (count) gear = { ...gear, count: Math.max(1, Number(count[1] ?? count[2] ?? count[3])) };
  if (cell) gear = withCells(gear, Number(cell[1]), cell[2]!, cell[3]);
  return done(gear);
}

/** A line from which what was understood is taken out bit by bit; what is left is the name. */
class LineReading {
  rest: string;

  constructor(line: string) {
    this.rest = line.replace(/\s+/g, ' ').trim();
  }

  find(what: keyof typeof patterns): string | null {
    return patterns[what].exec(this.rest)?.[0].trim() ?? null;
  }

  take(what: keyof typeof patterns): RegExpExecArray | null {
    const match = patterns[what].exec(this.rest);
    if (match) {
      this.rest =
        `${this.rest.slice(0, match.index)} ${this.rest.slice(match.index + match[0].length)}`
          .replace(/\s+/g, ' ')
          .trim();
    }
    return match;
  }

  name(): string {
    const words = this.rest.replace(/^[\s,;+-]+|[\s,;]+$/g, '');
    return words.charAt(0).toUpperCase() + words.slice(1);
  }
}

function parsed(
  found: string | RegExpExecArray | null,
  parse: (text: string) => Outcome<number>,
): Outcome<number | null> {
  if (found === null) return done(null);
  return parse((typeof found === 'string' ? found : found[0]).trim());
}

function bareLengthUnit(units: UnitSystem): 'mm' | 'in' {
  return units === 'metric' ? 'mm' : 'in';
}

/** Two sides of a kind that is a box are its length and width; else they are a diameter and a height. */
function withSize(gear: Gear, { sidesMm, round }: Size): Gear {
  const [first, second, third] = sidesMm;
  if (third !== undefined) {
    return withSides(gear, boxOf(first, second, third), 'stated');
  }
  return gear.form?.shape === 'box' && !round
    ? withSides(gear, boxOf(first, second, gear.form.heightMm), 'typical')
    : withSides(
        gear,
        { shape: 'cylinder', diameterMm: first, heightMm: second, upright: false },
        'stated',
      );
}

function boxOf(lengthMm: number, widthMm: number, heightMm: number): Form {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

/** A sheet's size laid out: it says its area, not how small it packs. */
function withArea(gear: Gear, { sidesMm }: Size): Gear {
  const areaM2 = (sidesMm[0] * sidesMm[1]) / 1e6;
  return {
    ...gear,
    supplies: gear.supplies.map((supply) =>
      jobs[supply.job].unit === 'm²' ? { ...supply, amount: areaM2 } : supply,
    ),
  };
}

function withCells(gear: Gear, count: number, size: string, chemistry: string | undefined): Gear {
  const wanted = `${size} ${chemistry ?? 'alkaline'}`.toLowerCase();
  const cell: CellType | undefined = cellTypes.find(
    (type) => type.toLowerCase() === wanted || type.toLowerCase() === size.toLowerCase(),
  );
  if (!cell) return gear;
  return {
    ...gear,
    supplies: gear.supplies.map((supply) => ({
      ...supply,
      demands: supply.demands.map((demand) =>
        demand.on === 'cells' ? { ...demand, cell, count } : demand,
      ),
    })),
  };
}
