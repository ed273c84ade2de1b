/** A count, and how it was written: that decides whether it counts pieces or what is in one. */
export type CountAs =
  /** `3x candle`, `candle x3`, `2 packs of`: pieces, whatever they are. */
  | 'times'
  /** `3 candles` */
  | 'before'
  /** `candles 3` */
  | 'after'
  /** `candles (8)`, `8 pcs`, `pack of 8` */
  | 'stated';

/**
 * One quantity in a line of text, in the core’s units. A size is kept as text, as the unit of a bare one depends on what it
 * is a size of; so is a price, whose currency is the bench’s.
 */
export type Amount =
  | { readonly what: 'price' | 'size'; readonly text: string }
  | {
      readonly what: 'mass';
      readonly massG: number;
      readonly isOunces: boolean;
      /** Pounds, kilograms and tonnes: units of a load. */
      readonly isPounds: boolean;
      readonly isMilligrams: boolean;
    }
  | { readonly what: 'volume'; readonly volumeMl: number }
  /** `isThin` is how thick or wide something is that is counted in metres: millimetres, and inches, of no length. */
  | {
      readonly what: 'length';
      readonly lengthMm: number;
      readonly isSmall: boolean;
      readonly isThin: boolean;
    }
  | { readonly what: 'breaking load'; readonly breakingN: number }
  /** The unit is null where the text says neither °C nor °F. */
  | { readonly what: 'temperature'; readonly degrees: number; readonly unit: 'C' | 'F' | null }
  | { readonly what: 'R'; readonly r: number }
  | { readonly what: 'food energy'; readonly kcal: number }
  | { readonly what: 'charge'; readonly mAh: number }
  | { readonly what: 'energy'; readonly energyWh: number }
  | { readonly what: 'lumens'; readonly lumens: number }
  | { readonly what: 'hours'; readonly hours: number }
  | {
      readonly what: 'cells';
      readonly count: number | null;
      readonly size: string;
      readonly chemistry: string | null;
    }
  | { readonly what: 'count'; readonly count: number; readonly as: CountAs }
  /** A figure that says what something is like, and how much of nothing: `2 person`, `600 denier`, `30 cal`. */
  | { readonly what: 'property'; readonly text: string };
