import { typedSays } from '../refusals/typed';
import {
  done,
  parseLength,
  parseMass,
  parseMoney,
  parseSize,
  parseVolume,
  refused,
  says,
  type Currency,
  type Outcome,
  type Size,
  type UnitSystem,
} from '../quantity';
import {
  isForCells,
  sortsOf,
  unsoundGear,
  whyNotName,
  withMassOf,
  type ContentUnit,
  type Form,
  type Gear,
} from '../gear';
import type { Kind } from './kind';
import { gearOfKind, gearOfNoKind, kindMeantBy } from './kinds';
import { LineReading } from './line-reading';
import {
  areaOf,
  capacityOf,
  lengthOf,
  withArea,
  withCapacity,
  withContents,
  withLength,
  withSides,
} from './resize';

/** What the line is read with: the units of a bare size, the currency of a price, and the new gear's id. */
export interface QuickAddSetting {
  readonly id: string;
  readonly units: UnitSystem;
  readonly currency: Currency;
  /** The kind that was picked, whose name stands before the line; the line then says what differs from it. */
  readonly kind?: Kind | undefined;
}

/** What a size says of a piece: how large it is, how large it is laid out, how long and thick, or nothing sure. */
type SizeMeans = 'outside' | 'laid out' | 'length and thickness' | 'not known';

/** Two sides from here on are a sheet's rather than those of something as it is carried. */
const leastSheetMm = 700;

/** The largest sheet that is believed, in m². */
const mostAreaM2 = 60;

/**
 * Reads a line such as `steel bottle 1 L 210 g 90x200mm €12` into gear.
 *
 * What is typed is *stated*; what is not comes from the kind that the name means and is marked *typical*;
 * a name that means no kind leaves it unknown. Refuses a line without a name, and a quantity that is below
 * zero, not believed, or can be read in two ways.
 */
export function quickAdd(line: string, setting: QuickAddSetting): Outcome<Gear> {
  const reading = new LineReading(line);
  const count = reading.takeCount();
  const price = parsed(reading.take('price')?.[0] ?? null, (text) =>
    parseMoney(text, setting.currency),
  );
  if (!price.ok) return price;
  const cells = reading.takeCells();
  const sizeText = reading.find('size');
  const kind = setting.kind ?? kindOfLine(reading.rest.replace(sizeText ?? '', ' '), cells?.size);
  const started = kind ? gearOfKind(kind, setting.id) : gearOfNoKind(setting.id, '');

  const means = sizeText === null ? null : whatSizeMeans(sizeText, started);
  const size = sizeText === null ? null : parseSize(sizeText, bareUnit(means!, setting.units));
  if (size && !size.ok) return size;
  if (means === 'outside') reading.take('size');
  const volume = parsed(reading.find('volume'), parseVolume);
  if (!volume.ok) return volume;
  const fluid = volume.value === null ? fluidOunces(reading.find('mass'), started) : null;
  const mass = parsed(fluid === null ? (reading.take('mass')?.[0] ?? null) : null, parseMass);
  if (!mass.ok) return mass;
  const length = parsed(sizeText === null ? reading.find('length') : null, parseLength);
  if (!length.ok) return length;

  const name = [setting.kind?.name, reading.name()].filter(Boolean).join(', ');
  const problem = /\p{L}/u.test(name) ? whyNotName(name) : 'is empty';
  if (problem) {
    return refused(problem === 'is empty' ? typedSays.namelessLine() : says.name(problem));
  }
  let gear: Gear = { ...started, name };
  if (setting.currency !== 'EUR') gear = { ...gear, priceMinor: null };
  const volumeMl = volume.value ?? fluid;
  if (volumeMl !== null) gear = withCapacity(gear, volumeMl);
  if (length.value !== null) gear = withLength(gear, length.value / 1000);
  if (size !== null) {
    const sized = withSize(gear, size.value, means!);
    if (!sized.ok) return sized;
    gear = sized.value;
  }
  if (mass.value !== null) gear = withMassOf(gear, mass.value, 'stated');
  if (price.value !== null) gear = { ...gear, priceMinor: price.value, priceTrust: 'stated' };
  if (count !== null) {
    const isInside = count.isBare && countsContents(gear, kind, name);
    gear = isInside ? withContents(gear, count.count) : { ...gear, count: count.count };
  }
  if (cells) gear = withCells(gear, cells);
  gear = withMassOf(gear, gear.massG, gear.massTrust);
  const unsound = unsoundGear(gear);
  return unsound ? { ok: false, problem: unsound } : done(gear);
}

/**
 * Whether a number before a name counts what is in the piece: `25 matches` is one case of them, and `3 candles`
 * are three pieces. It does where the last word is the plural of what the kind is called for its contents.
 */
function countsContents({ contents }: Gear, kind: Kind | null, name: string): boolean {
  if (!kind || !contents || !inPieces.includes(contents.unit)) return false;
  const last = name.toLowerCase().split(' ').at(-1)!;
  return last.endsWith('s') && kind.nouns.some((noun) => noun.split(' ').at(-1) === last);
}

const inPieces: readonly ContentUnit[] = ['lights', 'tablets', 'pieces', 'doses'];

/** A device that names its cells is the device, not the cells. */
function kindOfLine(words: string, cellSize: string | undefined): Kind | null {
  const device = cellSize === undefined ? null : kindMeantBy(words.replace(cellSize, ' '));
  const runsOnCells = device?.supplies.some(({ demands }) => demands.some(isForCells));
  return runsOnCells ? device : kindMeantBy(words);
}

function parsed(
  found: string | null,
  parse: (text: string) => Outcome<number>,
): Outcome<number | null> {
  return found === null ? done(null) : parse(found.trim());
}

/**
 * Two sides of a sheet are how large it is laid out, unless they are far too small for that. Two sides of
 * something counted in metres are its length and thickness where one is many times the other. Of what is like
 * no kind, two long sides may be a sheet's: how small it packs is not known.
 */
function whatSizeMeans(text: string, gear: Gear): SizeMeans {
  const sides = text.split(/[x×*]/i);
  if (sides.length !== 2) return 'outside';
  const size = parseSize(text, 'mm');
  const [first, second] = size.ok ? size.value.sidesMm : [0, 0];
  if (lengthOf(gear) !== null && Math.max(first, second) >= 20 * Math.min(first, second)) {
    return 'length and thickness';
  }
  if (gear.kind === null && Math.min(first, second) >= leastSheetMm) return 'not known';
  const typicalM2 = areaOf(gear);
  if (typicalM2 === null || gear.form?.shape !== 'soft') return 'outside';
  const isBare = !/[a-z"″”]/i.test(text.replace(/x/gi, ''));
  const areaM2 = (first * second) / 1e6;
  return isBare || areaM2 >= typicalM2 / 5 ? 'laid out' : 'outside';
}

function bareUnit(means: SizeMeans, units: UnitSystem): 'mm' | 'in' | 'm' | 'ft' {
  if (means === 'laid out') return units === 'metric' ? 'm' : 'ft';
  return units === 'metric' ? 'mm' : 'in';
}

/** Two outside sides of a kind that is a box are its length and width; else a diameter and a height. */
function withSize(gear: Gear, { sidesMm, round }: Size, means: SizeMeans): Outcome<Gear> {
  const [first, second, third] = sidesMm;
  switch (means) {
    case 'laid out': {
      const areaM2 = (first * second) / 1e6;
      return areaM2 <= mostAreaM2
        ? done(withArea(gear, areaM2))
        : refused(typedSays.sheetTooLarge(Math.round(areaM2)));
    }
    case 'not known':
      return done(gear);
    case 'length and thickness':
      return done(withLength(gear, Math.max(first, second) / 1000));
    case 'outside':
      if (third !== undefined) return done(withSides(gear, boxOf(first, second, third), 'stated'));
      return gear.form?.shape === 'box' && !round
        ? done(withSides(gear, boxOf(first, second, gear.form.heightMm), 'typical'))
        : done(
            withSides(
              gear,
              { shape: 'cylinder', diameterMm: first, heightMm: second, upright: false },
              'stated',
            ),
          );
  }
}

function boxOf(lengthMm: number, widthMm: number, heightMm: number): Form {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

/**
 * `bottle 40 oz` is what it holds, in US fluid ounces, where as a mass it would be over twice what such a
 * vessel weighs. Null where the text is a mass.
 */
function fluidOunces(massText: string | null, gear: Gear): number | null {
  const ounces = massText === null ? null : /^([\d.,/\s]+)\s*(?:oz|ounces?)$/i.exec(massText);
  if (!ounces || gear.massG === null || capacityOf(gear) === 0) return null;
  const mass = parseMass(massText!);
  const volume = parseVolume(`${ounces[1]!.trim()} fl oz`);
  return mass.ok && volume.ok && mass.value > 2 * gear.massG ? volume.value : null;
}

/** What a device runs on, with another size or number of cells. */
function withCells(gear: Gear, cells: NonNullable<ReturnType<LineReading['takeCells']>>): Gear {
  const wanted = `${cells.size} ${cells.chemistry ?? 'alkaline'}`.toLowerCase();
  const cell = sortsOf.cells!.find(
    (type) => type.toLowerCase() === wanted || type.toLowerCase() === cells.size.toLowerCase(),
  );
  if (!cell) return gear;
  return {
    ...gear,
    supplies: gear.supplies.map((supply) => ({
      ...supply,
      demands: supply.demands.map((demand) =>
        isForCells(demand)
          ? {
              ...demand,
              sorts: [cell],
              items: cells.count ?? (/^(CR123A|18650)/.test(cell) ? 1 : demand.items),
            }
          : demand,
      ),
    })),
  };
}
