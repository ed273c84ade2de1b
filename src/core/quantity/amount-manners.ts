import { byName } from './by-name';
import { lengthMeasure, mmPerFoot, parseLength } from './length';
import { massMeasure, parseMass } from './mass';
import type { Measure } from './measure';
import { numberWords } from './number-words';
import { readNumeral } from './numeral';
import { parseVolume, volumeMeasure } from './volume';
import { typedSays } from '../refusals/typed';
import { done, refused, type Outcome } from '../refusals';
import type { Amount, CountAs } from './amount';

const fractionSigns = '½⅓⅔¼¾⅛⅜⅝⅞';
const group = String.raw`\d{1,3}(?:[ \u00a0\u202f\u2009]\d{3})+(?!\d)(?:[.,]\d+)?`;
const number = String.raw`(?:\d+(?:\s+|-)\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|${group}|\d+[.,]?\d*\s?[${fractionSigns}]|[${fractionSigns}]|\d+(?:[.,]\d+)*|[.,]\d+)`;
/** A quantity starts a word; a sign before it is read with it, so that it can be refused. */
const start = String.raw`(?<![\w.,/⁄${fractionSigns}])(?:(?<=^|\s)[-−–]\s?)?`;
/** Metres and feet are not grouped: `550 100 ft` is a cord called 550, and a hundred feet. */
const ungrouped = number.replace(`${group}|`, '');
/** Of a range both ends are read; which of them counts is said with each quantity. */
const range = String.raw`${number}(?:\s*(?:-|–|to)\s*${number})?`;
const lengthUnit = unitsOf(lengthMeasure);
const longUnit = unitsOf(lengthMeasure, isLong);
const shortUnit = unitsOf(lengthMeasure, (inBase) => !isLong(inBase));
/** A lone t is of no shirt. */
const massUnit = unitsOf(massMeasure).replace('|t|', '|t(?![-–]?\\s?shirt)|');
const volumeUnit = unitsOf(volumeMeasure);
const end = String.raw`(?![\p{L}\d])`;
const side = String.raw`${number}\s*${lengthUnit}?`;
const packs = String.raw`(?:packs?|packets?|boxes|box|bags?|rolls?|bottles?|tubes?|pairs?|sets?|tins?|cans?|bars?|sheets?|cases?|pouches|cards?)`;
const countWords = byName<number>({
  ...Object.fromEntries(numberWords),
  'a dozen': 12,
  dozen: 12,
  'half a dozen': 6,
  'a couple of': 2,
  'couple of': 2,
  'a pair of': 1,
  'pair of': 1,
  a: 1,
  an: 1,
});

/** One manner of writing a quantity. `amount` is null where the text only looks like one. */
export interface Manner {
  readonly pattern: RegExp;
  readonly amount: (match: RegExpExecArray, text: string) => Outcome<Amount | null>;
}

function manner(
  pattern: string,
  amount: (match: RegExpExecArray, text: string) => Outcome<Amount | null>,
  flags = 'giu',
): Manner {
  return { pattern: new RegExp(pattern, flags), amount };
}

function figure(
  pattern: string,
  made: (value: number, match: RegExpExecArray) => Amount | null,
): Manner {
  return manner(`${start}(${range})\\s*-?\\s*${pattern}`, (match) => {
    const value = lowest(match[1]!);
    return value.ok ? done(made(value.value, match)) : value;
  });
}

function count(
  pattern: string,
  as: CountAs,
  isCount: (match: RegExpExecArray) => boolean = () => true,
): Manner {
  return manner(pattern, (match) => {
    const written = match.slice(1).find((part) => part !== undefined)!;
    const counted = countWords.get(written.toLowerCase()) ?? Number(written);
    // `Candle 0` is called so; `0 candles` are none.
    if (counted === 0) return as === 'after' ? done(null) : refused(typedSays.noneOfIt(written));
    return done(isCount(match) ? { what: 'count', count: counted, as } : null);
  });
}

const property = (pattern: string): Manner =>
  manner(pattern, ([text]) => done({ what: 'property', text: text.trim() }));

/** Newtons in a kilogram-force and a pound-force: exact by standard gravity, 9.80665 m/s². */
const newtonsPerKgf = 9.80665;
const newtonsPerLbf = 4.4482216152605;

/** Every manner of writing a quantity; what stands first is looked for first, and takes its letters away from the others. */
export const manners: readonly Manner[] = [
  // Money that is the thing itself, and not what it costs: `50 euro note`, `cash 40 €`.
  property(
    String.raw`(?<![\w.,])\d[\d.,]*\s*(?:€|\$|£|(?:EUR|USD|GBP|euros?|dollars?|pounds?)(?![\p{L}\d]))(?=\s+(?:(?:in|of)\s+)?(?:notes?|bills?|coins?|cash|change)(?!\p{L}))`,
  ),
  property(
    String.raw`(?<=(?<!\p{L})(?:cash|coins?|banknotes?|money)\s+)(?:[€$£]\s*\d[\d.,]*|\d[\d.,]*\s*(?:€|\$|£|(?:EUR|USD|GBP|euros?|dollars?|pounds?)(?![\p{L}\d])))`,
  ),
  manner(
    String.raw`[€$£¥]\s*-?\d[\d.,]*(?:[ \u00a0\u202f]\d{3})*|(?<![\w.,])\d[\d.,]*(?:[ \u00a0\u202f]\d{3})*\s*(?:€|\$|£|(?:EUR|USD|GBP|SEK|NOK|DKK|CHF|CAD|AUD|NZD|JPY|PLN|euros?|dollars?|kr|zł)(?![\p{L}\d]))|(?<![\p{L}])(?:EUR|USD|GBP|SEK|NOK|DKK|CHF|CAD|AUD|NZD|JPY|PLN)\s?\d[\d.,]*`,
    ([text]) => done({ what: 'price', text }),
  ),
  property(String.raw`(?<!\p{L})(?:spf|factor|lsf)\s*[:.]?\s*\d{1,3}\+?(?![\p{L}\d.,])`),
  // Words that only look like a unit: `30 cal ammo can`, `7 day pill box`, `4 in 1 tool`, `.22`.
  property(String.raw`(?<![\w.,])\d+\s*-?\s*in\s*-?\s*(?:1|one)${end}`),
  property(
    String.raw`(?<![\w.,])\.?\d+\s*-?\s*(?:cal(?:iber|ibre)?)\.?(?=\s+(?:ammo|ammunition|can|box|case|cleaning))`,
  ),
  manner(
    String.raw`(?<![\w.,])(?:(\d{1,3})\s*(?:[x×]\s*|\s))?(?:(lithium|rechargeable|alkaline)\s+)?(AAA|AA|9\s?V(?:olts?)?|CR2032|CR123A?|CR2|LR44|14500|18650|21700|[CD](?=(?:\s+(?:alkaline|lithium|nimh|rechargeable))?(?:\s+|-)(?:cells?|batter(?:y|ies)))|(?<=\d\s*[x×]\s*)[CD](?![\p{L}\d]))(?:\s+(alkaline|lithium|ni-?mh|rechargeable|li-?ion)(?![\p{L}\d]))?(?![\w-])`,
    ([, counted, before, size, after]) =>
      done({
        what: 'cells',
        count: counted === undefined ? null : Number(counted),
        size: size!
          .toUpperCase()
          .replace(/\s/, '')
          .replace(/^9VOLTS?$/, '9V')
          .replace(/^CR123$/, 'CR123A'),
        chemistry: (after ?? before)?.toLowerCase().replace('-', '') ?? null,
      }),
  ),
  // `matches, 60 in a box`: no inches.
  count(
    String.raw`(?<![\w.,])(\d{1,4})\s+in\s+(?:a|one|each)\s+(?:box|pack|bag|tin|case)(?![\p{L}\d])`,
    'stated',
  ),
  // `2 x 1.5 L` is two of one and a half litres, `12 x 100 g` twelve of a hundred grams.
  count(
    String.raw`(?<![\w.,])(\d{1,4})\s*[x×]\s*(?=${ungrouped}\s*-?\s*(?:${volumeUnit}|${massUnit})${end})`,
    'times',
  ),
  // So is `2 1.5 L bottles`: of two figures before a thing the first counts, and the fewer is the safe side.
  count(
    String.raw`^([2-9]|[1-9]\d)\s+(?=${ungrouped}\s*-?\s*(?:${volumeUnit}|${massUnit})${end}\s+\p{L})`,
    'times',
  ),
  manner(
    String.raw`(?<![\w.,])(?:[⌀øØ∅]\s*)?${side}(?:\s*(?:[x×*]|\bby\b)\s*${side}){1,2}(?![\p{L}\d.,])`,
    ([text]) => done({ what: 'size', text: text.trim() }),
  ),
  // Of two temperatures the warmer counts: `5 to -2 °C`, `0/-6 C`. What is relied on is rather less.
  manner(
    String.raw`(?<![\w.,])([-−–+]?\d{1,2})\s*(?:to|\/|–|-)\s*([-−–+]?\d{1,2})\s?(?:(?:°|º|deg(?:rees?)?\.?)\s*([CF])?|([CF]))${end}`,
    ([, one, other, unit, bare]) =>
      done({
        what: 'temperature',
        degrees: Math.max(wholeDegrees(one!), wholeDegrees(other!)),
        unit: unitOfDegrees(unit ?? bare),
      }),
  ),
  // A bag’s comfort and limit as its label has them: `sleeping bag 2/-4`.
  manner(
    String.raw`(?<=(?<!\p{L})(?:bag|quilt)\s(?:\p{L}+\s)*)([-−–+]?\d{1,2})\s*\/\s*([-−–+]?\d{1,2})(?![\p{L}\d.,/])`,
    ([, one, other]) =>
      done({
        what: 'temperature',
        degrees: Math.max(wholeDegrees(one!), wholeDegrees(other!)),
        unit: null,
      }),
  ),
  figure(String.raw`(?:°|º|deg(?:rees?)?\.?)\s*([CF])?${end}`, degreesOf),
  manner(
    String.raw`(?<![\w.,])([-−–+]\s?)?(\d{1,3}(?:[.,]\d+)?)\s?([CF])(?![\p{L}\d])`,
    ([, sign, digits, unit]) => done(signedDegrees(sign, digits!, unit!.toUpperCase())),
  ),
  manner(
    String.raw`(?<![\p{L}\d])(zero|minus\s+\d{1,2}|[-−–]\d{1,2})(?:[\s-]*(?:degrees?|deg))?(?:\s*([CF]))?(?=\s+(?:sleeping|bag|quilt|comfort|limit|extreme|survival)|$)`,
    ([, digits, unit]) =>
      done({
        what: 'temperature',
        degrees: digits!.toLowerCase() === 'zero' ? 0 : -Number(digits!.replace(/\D/g, '')),
        unit: unitOfDegrees(unit),
      }),
  ),
  manner(
    String.raw`(?<![\p{L}\d])R\s?-?\s?(?:values?)?\s?(?:of\s)?(\d{1,2}(?:[.,]\d+)?)(?![\p{L}\d])`,
    ([, digits]) => done({ what: 'R', r: Number(digits!.replace(',', '.')) }),
  ),
  figure(String.raw`(?:kcal|calories?|kilocalories?|cals?)\.?${end}`, (kcal) => ({
    what: 'food energy',
    kcal,
  })),
  figure(String.raw`kj${end}`, (kj) => ({ what: 'food energy', kcal: kj / 4.184 })),
  // `power bank 20000`: nobody sells one by another figure of five digits.
  manner(String.raw`(?<=\bbank\s)(\d{4,6})(?![\p{L}\d.,]|\s*m?[aw]h)`, ([digits]) =>
    done({ what: 'charge', mAh: Number(digits) }),
  ),
  figure(String.raw`mah${end}`, (mAh) => ({ what: 'charge', mAh })),
  figure(String.raw`ah${end}`, (ah) => ({ what: 'charge', mAh: ah * 1000 })),
  figure(String.raw`wh${end}`, (energyWh) => ({ what: 'energy', energyWh })),
  figure(String.raw`(?:lumens?|lm)${end}`, (lumens) => ({ what: 'lumens', lumens })),
  figure(String.raw`(?:hours?|hrs?|h)${end}`, (hours) => ({ what: 'hours', hours })),
  figure(
    String.raw`(kN|daN|N|kgf|lbf|kgs?|pounds?|lbs?)\s*-?\s*(?:test|tests|tested|breaking(?: strain| load| strength)?|break|strain|strength|tensile|rated|rating|wll|swl|load|capacity)${end}`,
    breakingLoad,
  ),
  figure(String.raw`(kN|daN|kgf|lbf)${end}`, breakingLoad),
  property(
    String.raw`(?<![\w.,])${number}\s*-?\s*(?:persons?|people|man|men|seasons?|ways?|ply|days?|nights?|weeks?|months?|years?|yrs?|min|mins|minutes?|w|watts?|v|volts?|grit|gauge|denier|mesh|micron|%|percent|sizes?|strands?|cores?|blades?|functions?|eyes?|rooms?|doors?|pockets?|db|decibels?)${end}`,
  ),
  property(
    String.raw`(?<!\p{L})(?:one|two|three|four|five|six)\s*-?\s*(?:persons?|people|man|men|seasons?)${end}`,
  ),
  property(String.raw`(?<![\w])#\s?\d+${end}`),
  property(
    String.raw`(?<!\p{L})(?:sizes?|eu|eur|uk|us)\s*[:.]?\s*\d{1,2}(?:[.,]5)?(?![\p{L}\d]|\s*[x×]\s*\d)`,
  ),
  // `comfort 3`, `limit minus 2`, `rated to -5`: what is rated so is no count.
  manner(
    String.raw`(?<=(?<!\p{L})(?:comfort|limit|extreme|rated|rating)(?:\s+(?:temp|temperature|rating|limit|to|of|at|is))*\s*[:=]?\s*)(minus\s+|[-−–+]\s?)?(\d{1,2})(?![\p{L}\d.,])(?!\s*-?\s*(?:${massUnit}|${volumeUnit}|${lengthUnit})${end})`,
    ([, sign, digits]) =>
      done({
        what: 'temperature',
        degrees: sign !== undefined && !sign.startsWith('+') ? -Number(digits) : Number(digits),
        unit: null,
      }),
  ),
  manner(String.raw`${start}(${range})\s*-?\s*(${volumeUnit})\.?${end}`, (match) => {
    const [text, figures, unit] = match;
    const volume = parseVolume(
      text.startsWith(figures!) ? `${lastOf(figures!)} ${unit!}` : text.trim(),
    );
    return volume.ok ? done({ what: 'volume', volumeMl: volume.value }) : volume;
  }),
  manner(
    String.raw`${start}(${range})\s*-?\s*(${massUnit})\.?(?:\s+(${number})\s*(?:ounces?|oz))?${end}`,
    ([text, figures, unit, ounces]) => {
      // Of a range of masses the heavier counts.
      const written = text.trim().startsWith(figures!)
        ? `${lastOf(figures!)} ${unit!}${ounces === undefined ? '' : ` ${ounces} oz`}`
        : text.trim();
      const mass = parseMass(written);
      return mass.ok
        ? done({
            what: 'mass',
            massG: mass.value,
            isOunces: /^o/i.test(unit!),
            isPounds: /^(?:lb|pound|k|t)/i.test(unit!),
            isMilligrams: /^m/i.test(unit!),
          })
        : mass;
    },
  ),
  manner(
    String.raw`${start}(${ungrouped}(?:\s*(?:-|–|to)\s*${ungrouped})?)\s*-?\s*(${longUnit})(?:\s*(${number})\s*(?:in|inch(?:es)?|["″”]))?(?![\p{L}\d])`,
    ([text, figures, unit]) => length(text, figures!, unit!, false),
  ),
  manner(
    String.raw`${start}(${range})\s*-?\s*(${shortUnit})(?![\p{L}\d])`,
    ([text, figures, unit]) => length(text, figures!, unit!, true),
  ),
  // `2 x 25 matches` are two of twenty-five.
  count(String.raw`^(\d{1,2})\s*[x×]\s*(?=\d{1,4}\s+\p{L})`, 'times'),
  count(String.raw`(?<=^\u0001+)(\d{1,4})\s+(?=\p{L})`, 'stated'),
  count(String.raw`(?<![\w.,])(\d{1,4})\s*[x×](?=\s)`, 'times'),
  count(String.raw`(?<![\w.,])[x×]\s?(\d{1,4})(?![\p{L}\d.,])`, 'times'),
  count(
    String.raw`(?<![\w.,])(\d{1,3}|two|three|four|five|six)\s+${packs}\s+of(?![\p{L}\d])`,
    'times',
  ),
  // `5 packs wet wipes`, `underwear 4 sets`: packs of whatever they hold.
  count(String.raw`^(\d{1,2})\s+(?:packs|packets|boxes|sets)\s+(?=\p{L})(?!of\s)`, 'times'),
  count(String.raw`(?<=\p{L}\s)(\d{1,2})\s+(?:packs|packets|boxes|sets)$`, 'times'),
  count(
    String.raw`(?<![\p{L}\d])(?:pack|packet|set|box|bag|case|card|pkt)s?\s+of\s+(\d{1,4})(?![\p{L}\d])`,
    'stated',
  ),
  count(
    String.raw`(?<![\w.,])(\d{1,4})\s*-?\s*(?:packs?|pks?|pcs?|pieces?|tabs|sachets?|capsules?|caps|ct|count|counts|units?|ea|each|off|no)\.?(?![\p{L}\d])`,
    'stated',
  ),
  // The word stays: it is the thing that is counted.
  count(
    String.raw`(?<![\w.,])(\d{1,4})(?=\s*(?:tablets?|pills?|lozenges?|doses?)(?![\p{L}\d]))`,
    'stated',
  ),
  count(
    String.raw`(?<![\p{L}\d])(?:qty|quantity|count|number|no)\s*[.:=]?\s*(\d{1,4})(?![\p{L}\d.,])`,
    'stated',
  ),
  count(String.raw`[(\[]\s*[x×]?\s*(\d{1,4})\s*(?:pcs?|pieces?|off)?\s*[)\]]`, 'stated'),
  // Fewer than none: `-3 candles`, where the sign is no list’s.
  manner(String.raw`^[-−–](\d{1,4})\s+(?=\p{L})`, ([text]) =>
    refused(typedSays.noneOfIt(text.trim())),
  ),
  count(String.raw`^(\d{1,4})\s+(?=\p{L})`, 'before'),
  count(
    String.raw`^(two|three|four|five|six|seven|eight|nine|ten|twelve|a dozen|dozen|half a dozen|a couple of|couple of|a pair of|pair of|an?)\s+(?=\p{L})`,
    'before',
  ),
  count(String.raw`(?<=[\p{L})\u0001]\s)(\d{1,3})$`, 'after'),
];

/** The lower end of a range: what is relied on is rather less. */
function lowest(figures: string): Outcome<number> {
  const read = readNumeral(figures);
  return read.ok ? done(read.value.value) : read;
}

/** The upper end of a range, as text. */
function lastOf(figures: string): string {
  const ends = /^(.*?\d)\s*(?:–|to|-)\s*(\d.*)$/i.exec(figures);
  return ends && !/[/⁄]/.test(ends[2]!) ? ends[2]! : figures;
}

/** Up to here a small length is how thick something is; of millimetres and inches, up to the second how wide, in mm (own). */
const mostThickMm = 20;
const mostWideMm = 80;

function length(text: string, figures: string, unit: string, isSmall: boolean): Outcome<Amount> {
  const written = text.trim();
  const isRange = written.startsWith(figures) && lastOf(figures) !== figures;
  const lower = isRange ? readNumeral(figures) : null;
  const read = parseLength(
    lower?.ok ? `${lower.value.value} ${unit}` : written.replace(/(\d)-(?=\p{L})/u, '$1 '),
  );
  if (!read.ok) return read;
  const isThin =
    isSmall && (read.value < mostThickMm || (!/^c/i.test(unit) && read.value < mostWideMm));
  return done({ what: 'length', lengthMm: read.value, isSmall, isThin });
}

function degreesOf(degrees: number, match: RegExpExecArray): Amount {
  const isBelow = /^[-−–]/.test(match[0].trim());
  return {
    what: 'temperature',
    degrees: isBelow ? -degrees : degrees,
    unit: unitOfDegrees(match[2]),
  };
}

function unitOfDegrees(letter: string | undefined): 'C' | 'F' | null {
  return (letter?.toUpperCase() as 'C' | 'F' | undefined) ?? null;
}

function wholeDegrees(written: string): number {
  const size = Number(written.replace(/\D/g, ''));
  return /^[-−–]/.test(written) ? -size : size;
}

function signedDegrees(sign: string | undefined, digits: string, unit: string): Amount {
  const degrees = Number(digits.replace(',', '.'));
  const isBelow = sign !== undefined && !sign.startsWith('+');
  return { what: 'temperature', degrees: isBelow ? -degrees : degrees, unit: unit as 'C' | 'F' };
}

function breakingLoad(value: number, match: RegExpExecArray): Amount {
  const unit = match[2]!.toLowerCase();
  const newtons = byName<number>({
    kn: 1000,
    dan: 10,
    n: 1,
    kgf: newtonsPerKgf,
    lbf: newtonsPerLbf,
  });
  const each = newtons.get(unit) ?? (unit.startsWith('k') ? newtonsPerKgf : newtonsPerLbf);
  return { what: 'breaking load', breakingN: value * each };
}

/** The load of a mass that was meant as what breaks a cord, in newtons. */
export function newtonsOf(massG: number): number {
  return (massG / 1000) * newtonsPerKgf;
}

/** Units that cord and sheets are measured in; the others are those of thicknesses and sides. */
function isLong(inMm: number): boolean {
  return inMm >= mmPerFoot;
}

/** Every way to write a unit of the measure, as a pattern. */
function unitsOf({ units }: Measure, isWanted: (inBase: number) => boolean = () => true): string {
  const names = units.filter(({ inBase }) => isWanted(inBase)).flatMap((unit) => unit.names);
  const written = names.map((name) => name.replace(/[.]/g, '\\.').replace(/ /g, '\\s?'));
  return `(?:${written.join('|')})`;
}
