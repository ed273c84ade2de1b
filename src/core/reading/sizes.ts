import { lineSays } from '../refusals/lines';
import { areaOf, lengthOf, withLength, withSheet, withSides } from '../catalogue';
import {
  done,
  parseSize,
  refused,
  tenths,
  type Outcome,
  type Size,
  type UnitSystem,
} from '../quantity';
import { box, cylinder, type Gear, type JobId } from '../gear';

/** Two sides from here on are a sheet’s rather than those of something as it is carried. */
const leastSheetMm = 700;

/** The largest sheet that is believed, in m². */
const mostAreaM2 = 60;

/**
 * The gear with the size that its line says, and whether the gear shows it as its own outside.
 *
 * @param text as it was typed; a bare one is in the person’s units, of a sheet in metres or feet.
 */
export function withSize(
  gear: Gear,
  text: string,
  units: UnitSystem,
): Outcome<{ readonly gear: Gear; readonly isShown: boolean }> {
  const means = whatSizeMeans(text, gear);
  const size = parseSize(text, bareUnit(means, units));
  if (!size.ok) return size;
  const sized = sizedAs(gear, size.value, means, text);
  return sized.ok ? done({ gear: sized.value, isShown: means === 'outside' }) : sized;
}

/** What a size says of a piece: how large it is, how large it is laid out, how long and thick, or nothing sure. */
type SizeMeans = 'outside' | 'laid out' | 'length and thickness' | 'not known';

/**
 * Two sides of a sheet are how large it is laid out, unless they are far too small for that. Two sides of something counted in
 * metres are its length and thickness where one is many times the other. Of what is like no kind, two long sides may be a
 * sheet’s, and of what is lain on, in or under, or read, they are how large it is opened: how small it packs is not known.
 */
function whatSizeMeans(text: string, gear: Gear): SizeMeans {
  const sides = text.split(/[x×*]|\bby\b/i);
  const size = parseSize(text, 'mm');
  const isBare = !/[a-z"″”'′’]/i.test(text.replace(/x|by/gi, ''));
  // Beds and maps without a unit are in centimetres.
  const openedMm = size.ok ? size.value.sidesMm.map((side) => (isBare ? side * 10 : side)) : [];
  if (areaOf(gear) === null && isOpened(gear, openedMm)) return 'not known';
  if (sides.length !== 2) return 'outside';
  const [first, second] = size.ok ? size.value.sidesMm : [0, 0];
  if (lengthOf(gear) !== null && Math.max(first, second) >= 20 * Math.min(first, second)) {
    return 'length and thickness';
  }
  if (gear.kind === null && Math.min(first, second) >= leastSheetMm) return 'not known';
  const typicalM2 = areaOf(gear);
  if (typicalM2 === null || gear.form?.shape !== 'soft') return 'outside';
  const areaM2 = (first * second) / 1e6;
  return isBare || areaM2 >= typicalM2 / 5 ? 'laid out' : 'outside';
}

/** From these two sides on, in mm, a thing that does the job is opened: nobody carries it as large as that. */
const openedFrom: Readonly<Partial<Record<JobId, readonly [longest: number, second: number]>>> = {
  ground: [380, 280],
  sleep: [1200, 350],
  'insect-guard': [1200, 500],
  map: [400, 250],
};

/** No bed and no net is longer, in mm: a longer one is a slip of the unit. */
const longestOpenedMm = 4000;

/** Whether sides are those of something lain on, in or under, or read, as it is opened. */
function isOpened({ supplies }: Gear, sidesMm: readonly number[]): boolean {
  const [longest = 0, second = 0] = [...sidesMm].sort((one, other) => other - one);
  return supplies.some(({ job }) => {
    const from = openedFrom[job];
    return from && longest >= from[0] && longest <= longestOpenedMm && second >= from[1];
  });
}

function bareUnit(means: SizeMeans, units: UnitSystem): 'mm' | 'in' | 'm' | 'ft' {
  if (means === 'laid out') return units === 'metric' ? 'm' : 'ft';
  return units === 'metric' ? 'mm' : 'in';
}

/** Two outside sides of a kind that is a box are its length and width; else a diameter and a height. */
function sizedAs(
  gear: Gear,
  { sidesMm, round }: Size,
  means: SizeMeans,
  text: string,
): Outcome<Gear> {
  const [first, second, third] = sidesMm;
  switch (means) {
    case 'laid out': {
      const areaM2 = (first * second) / 1e6;
      if (areaM2 <= mostAreaM2) return done(withSheet(gear, first / 1000, second / 1000));
      const inFeet = parseSize(text, 'ft');
      const feetM2 = inFeet.ok ? (inFeet.value.sidesMm[0] * inFeet.value.sidesMm[1]) / 1e6 : areaM2;
      return refused(
        feetM2 <= mostAreaM2
          ? lineSays.sheetRatherInFeet(Math.round(areaM2), text, tenths(feetM2))
          : lineSays.sheetTooLarge(Math.round(areaM2)),
      );
    }
    case 'not known':
      return done(gear);
    case 'length and thickness':
      return done(withLength(gear, Math.max(first, second) / 1000));
    case 'outside':
      if (third !== undefined) return done(withSides(gear, box(first, second, third), 'stated'));
      return gear.form?.shape === 'box' && !round
        ? done(withSides(gear, box(first, second, gear.form.heightMm), 'typical'))
        : done(withSides(gear, cylinder(first, second), 'stated'));
  }
}
