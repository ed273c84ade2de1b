import { done, refused, type Outcome } from '../quantity';
import { actsSays } from '../refusals/acts';
import {
  cutOff,
  isSpent,
  leastAmount,
  leastLengthM,
  longestName,
  massWithoutContentsG,
  shortenedTo,
  unsoundGear,
  usedNext,
  withCount,
  type Gear,
  type Lot,
} from '../gear';

/** What a stack of one line becomes: the line itself, and those that came of it. */
export interface Parted {
  readonly line: Gear;
  readonly others: readonly Gear[];
}

/** As far as a sum of what is left may be off by rounding, as a share of a full one. */
const hair = 1e-9;

/** A reel lighter than this is none, in g: what is wound on nothing is gone once it is cut. */
const leastReelG = 1e-3;

/**
 * Uses up `amount` of a line, in the unit of its contents. Whole pieces go first; one that is only opened gets
 * a line of its own, `openedId`, as every line’s pieces are alike. What is used and what is left add up to what
 * there was. A line that is all used up stays, with the count 0. Of several lots the one that runs out first goes first, and what
 * is opened keeps its date.
 *
 * @param on the day, YYYY-MM-DD, on which it was opened; null if not known.
 */
export function spend(
  gear: Gear,
  amount: number,
  openedId: string,
  on: string | null = null,
): Outcome<Parted> {
  const { contents } = gear;
  if (contents === null) return refused(actsSays.notUsedUp(gear.name));
  if (!Number.isFinite(amount) || amount <= 0) return refused(actsSays.useOfNothing());
  const there = contents.left * gear.count;
  if (isSpent(gear) || amount > there + hair * contents.full) {
    return refused(actsSays.notSoMuch(plain(there), contents.unit, gear.name));
  }
  const left = Math.max(0, there - amount);
  const whole = Math.floor(left / contents.left + hair);
  const rest = left - whole * contents.left;
  if (rest < leastAmount || rest <= hair * contents.full) {
    return done({ line: withCount(gear, whole), others: [] });
  }
  const opensOn = ({ openedOn }: Lot) => (openedOn === null && on !== null ? { openedOn: on } : {});
  const next = usedNext(gear, 1, gear.count - whole - 1, opensOn);
  const opened: Gear = { ...next, contents: { ...contents, left: rest } };
  return whole === 0
    ? done({ line: opened, others: [] })
    : done({
        line: withCount(gear, whole),
        others: [{ ...opened, id: openedId, name: openedName(gear.name) }],
      });
}

/**
 * Cuts one hank of a line into `lengthsM` and what is left of it. The line keeps the rest where it was a single
 * hank; else the rest gets a line of its own. The metres and the mass add up to what they were: a rest below
 * {@link leastLengthM} goes with the last length, and a reel stays when all of its line is cut off.
 *
 * `ids` names the new lines: one for each length, and one more for the rest, or the reel, of one out of several.
 */
export function cut(
  gear: Gear,
  lengthsM: readonly number[],
  ids: readonly string[],
): Outcome<Parted> {
  const { contents } = gear;
  if (contents === null || contents.unit !== 'm') return refused(actsSays.notInMetres(gear.name));
  if (gear.count === 0 || isSpent(gear)) return refused(actsSays.noneLeft(gear.name));
  if (lengthsM.length === 0 || lengthsM.some((length) => !(length >= leastLengthM))) {
    return refused(actsSays.cutOfNothing('1 mm'));
  }
  const wanted = lengthsM.reduce((sum, length) => sum + length, 0);
  const rest = contents.left - wanted;
  if (rest < -hair * contents.full) {
    return refused(actsSays.notSoLong(gear.name, plain(contents.left), plain(wanted)));
  }
  const isAllCut = rest < leastLengthM;
  const oldest = usedNext(gear, 1);
  const line = isAllCut ? emptyReel(oldest) : shortenedTo(oldest, rest);
  const others = gear.count === 1 || line === null ? [] : [line];
  const fresh = ids.slice(0, lengthsM.length + others.length);
  const isNamed = fresh.length === lengthsM.length + others.length;
  if (!isNamed || new Set([gear.id, ...fresh]).size <= fresh.length) {
    return refused(actsSays.hankWithoutId());
  }
  const lengths = isAllCut ? [...lengthsM.slice(0, -1), lengthsM.at(-1)! + rest] : lengthsM;
  const cuts = lengths.map((length, at) => hank(oldest, length, fresh[at]!));
  const rests = others.map((other) => restOf(other, isAllCut ? null : rest, fresh.at(-1)!));
  const kept = gear.count === 1 && line !== null ? line : withCount(gear, gear.count - 1);
  const problem = [kept, ...cuts, ...rests].map(unsoundGear).find((found) => found !== null);
  return problem ? { ok: false, problem } : done({ line: kept, others: [...cuts, ...rests] });
}

/** What a hank is wound on, with nothing on it any more; null where it is wound on nothing. */
function emptyReel(gear: Gear): Gear | null {
  const { contents } = gear;
  if (contents === null || massWithoutContentsG(gear) < leastReelG) return null;
  return { ...gear, contents: { ...contents, left: 0 } };
}

function hank(gear: Gear, lengthM: number, id: string): Gear {
  return { ...cutOff(gear, lengthM), id, name: hankName(gear.name, lengthM) };
}

/** The rest of a hank, named by its length, or what it was wound on. */
function restOf(rest: Gear, lengthM: number | null, id: string): Gear {
  const name = lengthM === null ? emptyName(rest.name) : hankName(rest.name, lengthM);
  return { ...rest, id, name };
}

/** `Cord 15 m` cut to 2 m is `Cord 2 m`; what names no length gets it behind. */
function hankName(name: string, lengthM: number): string {
  const bare = name.replace(/\s*\d[\d.,]*\s*(?:m|met(?:re|er)s?|ft|feet)\b/i, '').trim();
  return `${bare === '' ? name : bare} ${plain(lengthM)} m`.slice(0, longestName);
}

function emptyName(name: string): string {
  return /, empty$/.test(name) ? name : `${name}, empty`.slice(0, longestName);
}

function openedName(name: string): string {
  return /, opened$/.test(name) ? name : `${name}, opened`.slice(0, longestName);
}

function plain(amount: number): string {
  return String(Number(amount.toPrecision(6)));
}
