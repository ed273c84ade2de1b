import { done, refused, type Outcome } from '../quantity';
import { cutOff, shortenedTo, unsoundGear, type Gear } from '../gear';

/** What a stack of one line becomes: the line itself, and those that came of it. */
export interface Parted {
  readonly line: Gear;
  readonly others: readonly Gear[];
}

/** As far as a sum of what is left may be off by rounding, as a share of a full one. */
const hair = 1e-9;

/**
 * Uses up `amount` of a line, in the unit of its contents. Whole pieces go first; one that is only opened gets
 * a line of its own, `openedId`, as every line’s pieces are alike. What is used and what is left add up to what
 * there was. A line that is all used up stays, with the count 0.
 */
export function spend(gear: Gear, amount: number, openedId: string): Outcome<Parted> {
  const { contents } = gear;
  if (contents === null) return refused(`${gear.name} is not counted in anything used up.`);
  if (!Number.isFinite(amount) || amount <= 0) return refused('What is used is more than nothing.');
  const there = contents.left * gear.count;
  if (amount > there + hair * contents.full) {
    return refused(`There is ${plain(there)} ${contents.unit} of ${gear.name} left, no more.`);
  }
  const left = Math.max(0, there - amount);
  const whole = Math.floor(left / contents.left + hair);
  const rest = left - whole * contents.left;
  if (rest <= hair * contents.full) {
    return done({ line: { ...gear, count: whole }, others: [] });
  }
  const opened: Gear = { ...gear, count: 1, contents: { ...contents, left: rest } };
  return whole === 0
    ? done({ line: opened, others: [] })
    : done({
        line: { ...gear, count: whole },
        others: [{ ...opened, id: openedId, name: openedName(gear.name) }],
      });
}

/**
 * Cuts one hank of a line into `lengthsM` and what is left of it. The line keeps the rest where it was a single
 * hank; else the rest gets a line of its own. The metres and the mass add up to what they were.
 *
 * `ids` names the new lines: one for each length, and one more for the rest of a hank out of several.
 */
export function cut(
  gear: Gear,
  lengthsM: readonly number[],
  ids: readonly string[],
): Outcome<Parted> {
  const { contents } = gear;
  if (contents === null || contents.unit !== 'm') {
    return refused(`${gear.name} is not counted in metres.`);
  }
  if (gear.count === 0) return refused(`There is no ${gear.name} left to cut.`);
  if (lengthsM.length === 0 || lengthsM.some((length) => !(length > 0))) {
    return refused('Every length that is cut is more than nothing.');
  }
  const wanted = lengthsM.reduce((sum, length) => sum + length, 0);
  const rest = contents.left - wanted;
  if (rest < -hair * contents.full) {
    return refused(
      `One ${gear.name} has ${plain(contents.left)} m, and ${plain(wanted)} m are wanted.`,
    );
  }
  const isSingle = gear.count === 1;
  const isAllCut = rest <= hair * contents.full;
  const needed = lengthsM.length + (isSingle || isAllCut ? 0 : 1);
  if (ids.length < needed) return refused('Every new hank needs an id.');
  const cuts = lengthsM.map((length, at) => hank(gear, length, ids[at]!));
  const problem = cuts.map(unsoundGear).find((found) => found !== null);
  if (problem) return { ok: false, problem };
  if (isAllCut) return done({ line: { ...gear, count: gear.count - 1 }, others: cuts });
  return isSingle
    ? done({ line: shortenedTo(gear, rest), others: cuts })
    : done({
        line: { ...gear, count: gear.count - 1 },
        others: [...cuts, restOf(gear, rest, ids[lengthsM.length]!)],
      });
}

function hank(gear: Gear, lengthM: number, id: string): Gear {
  return { ...cutOff(gear, lengthM), id, name: hankName(gear.name, lengthM), count: 1 };
}

function restOf(gear: Gear, lengthM: number, id: string): Gear {
  return { ...shortenedTo(gear, lengthM), id, name: hankName(gear.name, lengthM), count: 1 };
}

/** `Cord 15 m` cut to 2 m is `Cord 2 m`; what names no length gets it behind. */
function hankName(name: string, lengthM: number): string {
  const bare = name.replace(/\s*\d[\d.,]*\s*(?:m|met(?:re|er)s?|ft|feet)\b/i, '').trim();
  return `${bare === '' ? name : bare} ${plain(lengthM)} m`.slice(0, 120);
}

function openedName(name: string): string {
  return /, opened$/.test(name) ? name : `${name}, opened`.slice(0, 120);
}

function plain(amount: number): string {
  return String(Number(amount.toPrecision(6)));
}
