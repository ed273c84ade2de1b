import { igniteJobs, isSameJobs, jobs, type JobId } from '../gear';
import { deepest } from '../ways';
import { type Loss } from '../loadout';
import type { QuestionLost } from './losses-of-kit';
import { lossId } from './loss-id';

/** What one loss does to everything that is asked of a kit. */
export interface LossRow {
  readonly loss: Loss;
  /** Independent ways that are left of each question, in their order; 3 stands for three or more. */
  readonly left: readonly number[];
  /** The larger, the more it takes of what is wanted. 0 where everything wanted is as it was. */
  readonly hurts: number;
}

/** Every loss against everything that is asked: down and across. */
export interface LossBoard {
  readonly asked: readonly QuestionLost[];
  /** Independent ways of each while no more is lost. */
  readonly now: readonly number[];
  /**
   * The worst first; of those that take as much of what is wanted, what tells soonest; then what takes more of the rest; then
   * conditions before holders before pieces, and in the order of the kit.
   */
  readonly rows: readonly LossRow[];
}

/** More ways than this are not told apart once something is lost: sets of three losses were looked at, one of them it. */
export const mostLeft = 3;

/**
 * What each single loss leaves of everything that is asked. It is read off the minimal sets of losses, so that the board says
 * what they say: once something is lost, a set that holds it needs one loss less.
 *
 * @param asked with sets of up to three losses, conditions among them.
 * @param losses what can be lost; one item stands for all that are alike.
 * @param soonness how soon the lack of something tells: the smaller the sooner; all alike where nobody says.
 */
export function lossBoard(
  asked: readonly QuestionLost[],
  losses: readonly Loss[],
  soonness: (anyOf: readonly JobId[]) => number = () => 0,
): LossBoard {
  const sets = asked.map(setsByLoss);
  const now = sets.map(({ depth }) => Math.min(mostLeft, depth));
  const rows = losses.map((loss): LossRow => {
    const id = lossId(loss);
    const left = sets.map(({ depth, after }) => Math.min(mostLeft, depth, after.get(id) ?? depth));
    return { loss, left, hurts: hurtBy(asked, now, left) };
  });
  const soonest = new Map(rows.map((row) => [row, soonestOf(asked, now, row, soonness)]));
  return {
    asked,
    now,
    rows: rows.sort(
      (one, other) =>
        askedHurt(other) - askedHurt(one) ||
        less(soonest.get(one)!, soonest.get(other)!) ||
        other.hurts - one.hurts ||
        rank(one) - rank(other),
    ),
  };
}

/** The depth in pieces and holders alone, and by each loss how many more of them it takes after it. */
function setsByLoss({ depth: whole, sets }: QuestionLost) {
  const after = new Map<string, number>();
  let depth = whole === 0 ? 0 : deepest;
  for (const set of sets) {
    const conditions = set.filter(({ kind }) => kind === 'condition');
    if (conditions.length === 0) depth = Math.min(depth, set.length);
    // What is left to happen after it is to be pieces and holders.
    for (const loss of set) {
      if (conditions.some((each) => each !== loss)) continue;
      const id = lossId(loss);
      after.set(id, Math.min(after.get(id) ?? deepest, set.length - 1));
    }
  }
  return { depth, after };
}

/** What one way fewer than is wanted weighs, in the measure in which a job that nobody asks for weighs 1. */
const leastWanted = 100;

/**
 * How much worse off the kit is. What is no longer done at all weighs most, what somebody's life hangs on before what only
 * this kit asks; then ways that are fewer than are wanted; then everything else that is no longer done.
 */
function hurtBy(
  asked: readonly QuestionLost[],
  now: readonly number[],
  left: readonly number[],
): number {
  let hurts = 0;
  for (const [at, { question }] of asked.entries()) {
    const { anyOf, wanted } = question;
    if (left[at]! >= now[at]!) continue;
    const isUndone = left[at] === 0;
    if (wanted === null) {
      hurts += isUndone ? 1 : 0;
      continue;
    }
    const isCritical = isSameJobs(anyOf, igniteJobs) || anyOf.some((job) => jobs[job].critical);
    if (isUndone) hurts += isCritical ? 10_000 : 1000;
    else hurts += Math.max(0, Math.min(wanted, mostLeft) - left[at]!) * leastWanted;
  }
  return hurts;
}

/** What a row weighs by what is wanted alone: everything else weighs less than the least of that. */
function askedHurt({ hurts }: LossRow): number {
  return Math.floor(hurts / leastWanted);
}

/** How soon the lack of what is undone tells, or of what there are fewer ways to where nothing is; never where all wanted is there. */
function soonestOf(
  asked: readonly QuestionLost[],
  now: readonly number[],
  row: LossRow,
  soonness: (anyOf: readonly JobId[]) => number,
): number {
  const { left } = row;
  if (askedHurt(row) === 0) return Infinity;
  const worse = asked.flatMap(({ question }, at) =>
    question.wanted !== null && left[at]! < now[at]!
      ? [{ isUndone: left[at] === 0, soon: soonness(question.anyOf) }]
      : [],
  );
  const undone = worse.filter(({ isUndone }) => isUndone);
  return Math.min(...(undone.length > 0 ? undone : worse).map(({ soon }) => soon));
}

/** Nothing tells as late as nothing does. */
function less(one: number, other: number): number {
  return one === other ? 0 : one < other ? -1 : 1;
}

function rank({ loss }: LossRow): number {
  return ['condition', 'holder', 'piece'].indexOf(loss.kind);
}
