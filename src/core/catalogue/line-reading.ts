import { capital } from '../gear';

const fractionSigns = '½⅓⅔¼¾⅛⅜⅝⅞';
const number = String.raw`(?:\d+(?:\s+|-)\d+[/⁄]\d+|\d+[/⁄]\d+|\d[\d.,]*\s?[${fractionSigns}]|[${fractionSigns}]|\d+(?:[.,]\d+)*)`;
/** A quantity starts a word; a sign before it is read with it, so that it can be refused. */
const start = String.raw`(?<![\w.,/⁄])(?:(?<=^|\s)[-−–]\s?)?`;
const lengthUnit = String.raw`(?:mm|cm|m|inch(?:es)?|in|ft|feet|["″”])`;
const side = String.raw`${number}\s*${lengthUnit}?`;
const massUnit = String.raw`(?:kilos?|kg|mg|grams?|gr?|pounds?|lbs?|ounces?|oz)`;
const volumeUnit = String.raw`(?:ml|cl|dl|litres?|liters?|l|fl\.?\s?oz|pints?|pt|quarts?|qt|gallons?|gal)`;
const cellSize = 'AAA|AA|D|CR2032|CR123A|18650';

/** After a bare number these words make a property of it, not a count: `2 person tent`, `6 inch knife`. */
const properties =
  /^(?:mm|cm|m|in|inch(?:es)?|ft|feet|foot|yd|yards?|met(?:er|re)s?|persons?|people|man|men|seasons?|ways?|ply|in-1|days?|nights?|hours?|hrs?|h|min|minutes?|w|watts?|v|volts?|lumens?|lm|mah|wh|grit|gauge|denier|degrees?)$/i;

const patterns = {
  cells: new RegExp(
    String.raw`(?<![\w.])(?:(\d{1,2})\s*[x×]\s*)?(${cellSize})(?:\s+(alkaline|lithium|NiMH))?(?![\w-])`,
    'i',
  ),
  size: new RegExp(
    String.raw`(?<![\w.,])[⌀øØ]?\s*${side}(?:\s*[x×*]\s*${side}){1,2}(?![\w.,])`,
    'i',
  ),
  price:
    /[€$£¥]\s*\d[\d.,]*|(?<![\w.,])\d[\d.,]*\s*(?:€|\$|£|EUR\b|USD\b|GBP\b|SEK\b|NOK\b|DKK\b|kr\b)/i,
  volume: new RegExp(String.raw`${start}${number}\s*${volumeUnit}(?![\w])`, 'i'),
  mass: new RegExp(
    String.raw`${start}${number}\s*${massUnit}(?:\s+${number}\s*(?:ounces?|oz))?(?![\w])`,
    'i',
  ),
  length: new RegExp(
    String.raw`${start}${number}\s*(?:m|met(?:re|er)s?|ft|feet|yd|yards?)(?![\w])`,
    'i',
  ),
} as const;

const counts = {
  /** `3x candle`, `3 x candle` */
  times: /^(\d{1,4})\s*[x×]\s*(?=\p{L})/iu,
  /** `x2` before all else, as what follows a kind that was picked */
  before: /^[x×]\s?(\d{1,4})(?=\s|$)/iu,
  /** `3 candles` */
  bare: /^(\d{1,2})\s+(?=(\p{L}[\p{L}\d-]*))/u,
  /** `candle x3`, but not the second side of a size */
  after: new RegExp(
    String.raw`(?<!\d\s*${lengthUnit}?)\s+[x×]\s?(\d{1,4})(?=\s|$)|\s(\d{1,4})\s?(?:pcs?|pieces)\.?(?=\s|$)`,
    'iu',
  ),
} as const;

/** A line from which what was understood is taken out bit by bit; what is left is the name. */
export class LineReading {
  rest: string;

  constructor(line: string) {
    this.rest = line.replace(/\s+/g, ' ').trim();
  }

  find(what: keyof typeof patterns): string | null {
    return patterns[what].exec(this.rest)?.[0].trim() ?? null;
  }

  take(what: keyof typeof patterns): RegExpExecArray | null {
    return this.takeMatch(patterns[what].exec(this.rest));
  }

  /** How many there are, where the line says so; a bare number may count what is in one of them. */
  takeCount(): { readonly count: number; readonly isBare: boolean } | null {
    const times =
      counts.times.exec(this.rest) ?? counts.before.exec(this.rest) ?? counts.after.exec(this.rest);
    const bare = counts.bare.exec(this.rest);
    const isCount = bare !== null && !properties.test(bare[2]!) && !this.startsWithMeasure();
    const match = counts.times.exec(this.rest) ?? (isCount ? bare : times);
    if (!match) return null;
    this.takeMatch(match);
    const isBare = match === bare;
    return { count: Math.max(1, Number(match[1] ?? (isBare ? undefined : match[2]))), isBare };
  }

  /** The cells that are named: how many, which size and which chemistry, each where it is said. */
  takeCells(): {
    readonly count: number | null;
    readonly size: string;
    readonly chemistry?: string;
  } | null {
    const match = patterns.cells.exec(this.rest);
    if (!match) return null;
    const count = match[1] === undefined ? null : Number(match[1]);
    if (count !== null) this.takeMatch(match);
    return { count, size: match[2]!, chemistry: match[3] };
  }

  name(): string {
    const words = this.rest.replace(/^[\s,;+–-]+|[\s,;+–-]+$/g, '');
    return capital(words);
  }

  private startsWithMeasure(): boolean {
    return (['mass', 'volume', 'size'] as const).some(
      (what) => patterns[what].exec(this.rest)?.index === 0,
    );
  }

  private takeMatch(match: RegExpExecArray | null): RegExpExecArray | null {
    if (match) {
      const after = this.rest.slice(match.index + match[0].length);
      this.rest = `${this.rest.slice(0, match.index)} ${after}`.replace(/\s+/g, ' ').trim();
    }
    return match;
  }
}
