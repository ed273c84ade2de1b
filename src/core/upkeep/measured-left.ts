import { massWhenFullG, type Contents, type Gear, type Trust } from '../gear';
import type { Command, PartedFrom } from '../loadout';
import { done, refused, type Outcome } from '../quantity';
import { actsSays } from '../refusals/acts';
import { upkeepSays } from '../refusals/upkeep';
import { offBy } from './by-weight';

/** What somebody read off a piece that is partly used up. Masses in g, lengths in mm. */
export type LeftReading =
  /** The whole piece on the scale, as it is now. */
  | { readonly by: 'scale'; readonly massG: number; readonly stepG: number }
  /** Tape on a core, over its whole width. */
  | {
      readonly by: 'roll';
      readonly outerMm: number;
      readonly coreMm: number;
      readonly thickMm: number;
    }
  /** Tape or cord wound round something flat, so many turns side by side in each layer. */
  | {
      readonly by: 'turns';
      readonly turns: number;
      readonly widthMm: number;
      readonly depthMm: number;
      readonly thickMm: number;
      readonly beside: number;
    }
  /** How high it still stands in what is as wide above as below. */
  | { readonly by: 'height'; readonly heightMm: number; readonly fullMm: number };

export type LeftBy = LeftReading['by'];

/** What is left of one piece, in the unit of its contents, and how far that may be off: two standard deviations. */
export interface MeasuredLeft {
  readonly left: number;
  readonly plusMinus: number;
}

/** How far a reading of a rule may be off, in mm, and how far the thickness of a tape or cord may, as a share of it. */
const ruleOffMm = 1;
const thicknessOff = 0.1;

/** How what is left of a piece can be measured, the surest first. */
export function waysToMeasure({ contents }: Pick<Gear, 'contents'>): readonly LeftBy[] {
  if (contents === null) return [];
  const byScale: readonly LeftBy[] = contents.massG > 0 ? ['scale'] : [];
  if (contents.unit === 'm') return [...byScale, 'roll', 'turns'];
  return contents.unit === 'mL' || contents.unit === 'g' || contents.unit === 'h'
    ? [...byScale, 'height']
    : byScale;
}

/**
 * What is left of one piece by what was read off it.
 *
 * - Scale: left = full · (m − (M − C)) / C, of the mass M of a full one and C of its contents.
 * - Roll: L = π (D² − d²) / 4s.
 * - Turns, n of them, k side by side: a layer goes once round the middle of what is under it, so that n turns upon each other are
 *   n · 2 (w + t) + 4 n² s.
 * - Height: left = full · h / H.
 *
 * Refused where a figure is missing, or where it comes out below nothing or above a full one by more than it may be off.
 *
 * @example 230 g − (198 g − 100 g) of a full 100 g: a canister of 198 g full, 132 g now, has 34 % left.
 */
export function measuredLeft(
  gear: Pick<Gear, 'name' | 'contents' | 'massG' | 'massTrust'>,
  reading: LeftReading,
): Outcome<MeasuredLeft> {
  const { contents } = gear;
  if (contents === null) return refused(actsSays.notUsedUp(gear.name));
  const figures = Object.values(reading).filter((value) => typeof value === 'number');
  if (!figures.every((figure) => Number.isFinite(figure) && figure >= 0)) {
    return refused(upkeepSays.measureOfNothing());
  }
  const found = leftBy(reading, contents, gear);
  if (!found.ok) return found;
  const { left, plusMinus } = found.value;
  if (left < -plusMinus) return refused(upkeepSays.leftBelowNothing(gear.name));
  if (left > contents.full + plusMinus) {
    return refused(upkeepSays.leftAboveFull(gear.name, plain(contents.full), contents.unit));
  }
  return done({ left: rounded(Math.min(contents.full, Math.max(0, left)), plusMinus), plusMinus });
}

function leftBy(
  reading: LeftReading,
  { unit, full, massG: ofContentsG }: Contents,
  { name, massG: wholeG, massTrust }: Pick<Gear, 'name' | 'massG' | 'massTrust'>,
): Outcome<MeasuredLeft> {
  switch (reading.by) {
    case 'scale': {
      if (wholeG === null || ofContentsG === 0) return refused(upkeepSays.noMassOfContents(name));
      const { massG, stepG } = reading;
      const gone = (wholeG - massG) / ofContentsG;
      const off = Math.hypot(
        stepG,
        2 * sigmaOf(wholeG, massTrust, stepG),
        // What the contents weigh was never on a scale by themselves.
        gone * 2 * ofContentsG * (massTrust === 'typical' ? offBy.typical : offBy.stated),
      );
      return done({ left: full * (1 - gone), plusMinus: (full * off) / ofContentsG });
    }
    case 'height': {
      const { heightMm, fullMm } = reading;
      if (fullMm === 0) return refused(upkeepSays.measureOfNothing());
      const share = heightMm / fullMm;
      return done({
        left: full * share,
        plusMinus: (full * Math.hypot(ruleOffMm, share * ruleOffMm)) / fullMm,
      });
    }
    case 'roll': {
      const { outerMm, coreMm, thickMm } = reading;
      if (unit !== 'm') return refused(actsSays.notInMetres(name));
      if (thickMm === 0) return refused(upkeepSays.measureOfNothing());
      if (outerMm < coreMm) return refused(upkeepSays.coreAboveRoll());
      const leftMm = (Math.PI * (outerMm ** 2 - coreMm ** 2)) / (4 * thickMm);
      const perMm = Math.PI / (2 * thickMm);
      const offMm = Math.hypot(
        perMm * outerMm * ruleOffMm,
        perMm * coreMm * ruleOffMm,
        leftMm * thicknessOff,
      );
      return done({ left: leftMm / 1000, plusMinus: offMm / 1000 });
    }
    case 'turns': {
      const { turns, widthMm, depthMm, thickMm, beside } = reading;
      if (unit !== 'm') return refused(actsSays.notInMetres(name));
      if (beside < 1) return refused(upkeepSays.measureOfNothing());
      const leftMm = woundMm(turns, 2 * (widthMm + depthMm), thickMm, beside);
      const thickerMm = woundMm(
        turns,
        2 * (widthMm + depthMm),
        thickMm * (1 + thicknessOff),
        beside,
      );
      // Half a turn, what it is wound round, and how thick it is.
      const offMm = Math.hypot(widthMm + depthMm, turns * 4 * ruleOffMm, thickerMm - leftMm);
      return done({ left: leftMm / 1000, plusMinus: offMm / 1000 });
    }
  }
}

/** So many turns round a girth, in mm: each layer round the middle of itself, four strands further out than the one below. */
function woundMm(turns: number, girthMm: number, thickMm: number, beside: number): number {
  const layers = Math.floor(turns / beside);
  const rest = turns - layers * beside;
  return turns * girthMm + 4 * thickMm * (beside * layers ** 2 + rest * (2 * layers + 1));
}

function sigmaOf(massG: number, trust: Trust, stepG: number): number {
  return trust === 'weighed' ? stepG / 2 : massG * offBy[trust];
}

/** No more figures than it is sure of. */
function rounded(left: number, plusMinus: number): number {
  const step = 10 ** Math.floor(Math.log10(Math.max(plusMinus, 1e-3) / 2));
  return Number((Math.round(left / step) * step).toPrecision(12));
}

function plain(amount: number): string {
  return String(Number(amount.toPrecision(4)));
}

/**
 * The act that writes down what is left of one piece. Less than was written down is used up, so that of several like pieces one
 * is opened; more sets the one that there is. Null where that is what is written down already.
 *
 * Refused where more is left than is written down of several pieces, which are all alike.
 */
export function leftCommand(
  gear: Gear,
  left: number,
  openedId: string,
  from: PartedFrom | null,
  on?: string,
): Outcome<Command | null> {
  const { contents } = gear;
  if (contents === null) return refused(actsSays.notUsedUp(gear.name));
  const used = contents.left - left;
  if (Math.abs(used) < 1e-9 * contents.full) return done(null);
  if (used > 0)
    return done({ do: 'use', gear: gear.id, amount: used, openedId, from, ...(on && { on }) });
  if (gear.count > 1) return refused(upkeepSays.moreLeftOfSeveral(gear.name));
  return done({ do: 'change gear', id: gear.id, change: { contents: { ...contents, left } } });
}

/** What a reading of the scale is a reading of: a full one, or this one as it is. */
export type ScaleReads = 'a full one' | 'what is left is known' | 'what is left';

/** The mass of a full one in g, by a reading of one piece of which what is left is known, or which is full. */
export function fullByScale(gear: Gear, readingG: number, reads: ScaleReads): number {
  return reads === 'what is left is known' ? massWhenFullG(gear, readingG) : readingG;
}
