import {
  answerOf,
  cavityQuestion,
  fillOf,
  goesIn,
  keyOf,
  StowSearch,
  verified,
  type CavityQuestion,
  type Load,
  type Stowage,
} from '../fit/laid-out';
import { treeOf, type Loadout, type Shelf } from '../loadout';
import type { InCavity } from './rooms';

/** How long a room is laid out: for a first answer, or to better it. */
export type Effort = 'quick' | 'thorough';

/** How many arrangements are tried of a room, by how many pieces are in it: many pieces take long (own). */
const stepsFor: Readonly<
  Record<Effort, readonly { readonly upTo: number; readonly steps: number }[]>
> = {
  quick: [
    { upTo: 15, steps: 24 },
    { upTo: 40, steps: 9 },
    { upTo: 100, steps: 4 },
    { upTo: Infinity, steps: 2 },
  ],
  thorough: [
    { upTo: 30, steps: 48 },
    { upTo: 80, steps: 16 },
    { upTo: Infinity, steps: 6 },
  ],
};

/** How many arrangements are tried in one shape of a room before another is. */
const stepsInShape = 3;

/** Of every layout: the one that the same content is laid out with elsewhere. */
const layoutSeed = 1;

/** A room that was laid out, with the placements of which something found no place in it. */
export interface LaidRoom {
  readonly question: CavityQuestion;
  readonly stowage: Stowage;
  readonly left: readonly string[];
}

/**
 * Lays out rooms, each content once. Counted in steps alone, so that the same content has the same answer however fast the
 * machine is.
 */
export class Laying {
  private readonly known = new Map<string, Stowage>();

  constructor(private readonly shelf: Shelf) {}

  /** A room of a kit as it lies; null where nothing of a known size is in it. Yields between the arrangements. */
  *room(whole: Loadout, place: InCavity, effort: Effort): Generator<void, LaidRoom | null> {
    if (treeOf(whole).inCavity(place.in, place.cavity).length === 0) return null;
    const question = cavityQuestion(whole, this.shelf, place.in, place.cavity);
    if (!question || question.items.length === question.unmeasured.length) return null;
    const key = keyOf(question);
    const items = question.items.length - question.unmeasured.length;
    const { steps } = stepsFor[effort].find(({ upTo }) => items <= upTo)!;
    const known = this.known.get(key);
    const isKnown = known && (known.fits || known.steps >= steps);
    const stowage = isKnown ? known : yield* laidOut(question, steps);
    this.known.set(key, stowage);
    const placementOf = new Map(question.items.map(({ id, placement }) => [id, placement]));
    const left = [...new Set(stowage.left.map(({ id }) => placementOf.get(id)!))];
    return { question, stowage, left };
  }

  /**
   * Remembers of a room from which something was taken that the rest lies as it lay: nothing else needs to be moved for that.
   * A soft holder that became thinner lies otherwise, and is laid out anew.
   */
  keep(before: LaidRoom, whole: Loadout, place: InCavity): void {
    const question = cavityQuestion(whole, this.shelf, place.in, place.cavity);
    if (!question || question.items.length === question.unmeasured.length) return;
    const key = keyOf(question);
    if (this.known.has(key)) return;
    const ids = new Set(question.loads[0]!.items.map(({ id }) => id));
    const placed = before.stowage.placed.filter(({ id }) => ids.has(id));
    const fill = fillOf(before.stowage.container, placed);
    const rest = { ...before.stowage, fits: true, placed, left: [], fill };
    const held = verified(question.loads, rest);
    if (held.fits) this.known.set(key, held);
  }
}

/** Lays a room out in as many of the shapes that it can take as there is time to look at. */
function* laidOut({ loads }: CavityQuestion, steps: number): Generator<void, Stowage> {
  const items = loads[0]!.items;
  const shapes: Load[] = [];
  for (const load of loads) {
    if (shapes.length * stepsInShape >= steps) break;
    if (items.every(({ form }) => goesIn(load.container, form))) shapes.push(load);
  }
  const asked = shapes.length > 0 ? shapes : loads;
  const search = new StowSearch(asked, layoutSeed);
  const run = search.run();
  while (search.steps < steps && !run.next().done) yield;
  return answerOf(asked, search);
}
