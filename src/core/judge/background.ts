import { conditionsOf, countryOf, schoolOf, type Brief, type Conditions } from '../brief';
import type { SchoolId, schoolWords } from '../brief/schools';
import type { Country } from '../catalogue/countries';
import { fitnesses, type Gear, type JobId, type Supply } from '../gear';
import type { WorkedOutKit } from '../kit';
import { kitsBeside, waysWith } from '../kit/beside';
import { once } from '../steps';
import { underOwnBrief } from '../kit/under-own-brief';
import type { Placement } from '../loadout';
import type { Need, NeedId, NeedsKit } from '../needs';
import { schemes, type Scheme } from '../scheme';
import type { ContextId } from '../scheme/context';
import { soonnessFor } from '../scheme/dangers';
import type { Ways } from '../ways';

/** How long a day out is, in h (own). */
const dayOutH = 12;

/** A piece that is laid out and there. */
export interface Piece {
  readonly placement: Placement;
  readonly gear: Gear;
}

/** A piece that does a job, by one of its supplies; what it relies on may be lacking. */
export interface Doing extends Piece {
  readonly supply: Supply;
}

/** What rules ask of a kit beside the kit itself, each worked out when it is first asked for. */
export interface Background {
  readonly brief: Brief | null;
  /** What the brief comes to; null without one. */
  readonly told: Conditions | null;
  readonly country: Country | null;
  /** The grouping that the kit is looked at through. */
  readonly scheme: Scheme;
  /** What the kit is for, as its brief tells; null where that is not known. */
  readonly context: ContextId | null;
  /** How soon the lack of any of these jobs hurts there, in h; Infinity without a brief. */
  readonly soon: (anyOf: readonly JobId[]) => number;
  /** How long they are away, and away and then looked for, in h; 0 where nobody said when. */
  readonly tripH: number;
  readonly awayH: number;
  /** Every need under the kit’s own brief, in the order in which they are told; none without one. */
  readonly needs: readonly Need[];
  /** A need under the kit’s own brief; null without one. */
  readonly need: (id: NeedId) => Need | null;
  readonly needsKit: NeedsKit | null;
  readonly school: <Id extends SchoolId>(id: Id) => (typeof schoolWords)[Id][number];
  /** The kits that the brief has beside it; a kit that has any is a supplement to them. */
  readonly beside: readonly WorkedOutKit[];
  /** What it does together with them; null where nothing is beside it. */
  readonly together: Ways | null;
  /** Nights away; null where nobody said when. */
  readonly nights: number | null;
  /** Pieces that are there: not wished for, lent, spent or past their date. */
  readonly pieces: readonly Piece[];
  /** Those that do any of these jobs more than makeshift, whether all they rely on is there or not. */
  readonly doing: (...anyOf: readonly JobId[]) => readonly Doing[];
  /** Those that do it with all that they rely on, more than makeshift. */
  readonly ways: (...anyOf: readonly JobId[]) => readonly Doing[];
  /** Those of these kinds. */
  readonly ofKind: (...kinds: readonly string[]) => readonly Piece[];
}

/** @param scheme which categories count; the Five Cs where nobody says. */
export function backgroundOf(kit: WorkedOutKit, scheme: Scheme = schemes['five-cs']): Background {
  const { own, day, whole, gear, ways } = kit;
  const { brief } = own;
  const told = once(() => brief && conditionsOf(brief, day));
  const under = once(() => underOwnBrief(kit, 'metric'));
  const needs = once(() => new Map((under()?.needs ?? []).map((need) => [need.need, need])));
  const tripH = once(() => {
    const nights = told()?.period?.nights ?? null;
    return nights === null ? 0 : nights * 24 + dayOutH;
  });
  const soon = once(() => {
    const conditions = told();
    return brief && conditions ? soonnessFor(brief, conditions) : () => Infinity;
  });
  const pieces = once(() =>
    whole.placements
      .filter(({ id }) => !ways.absences.has(id))
      .map((placement): Piece => ({ placement, gear: gear(placement.id) })),
  );
  const beside = once(() => kitsBeside(kit));
  const together = once(() => (beside().length === 0 ? null : waysWith(kit, beside())));
  return {
    brief,
    get told() {
      return told();
    },
    country: brief && countryOf(brief),
    scheme,
    context: kit.context,
    soon: (anyOf) => soon()(anyOf),
    get tripH() {
      return tripH();
    },
    get awayH() {
      return tripH() === 0 ? 0 : tripH() + (brief?.searchHours ?? 0);
    },
    get needs() {
      return under()?.needs ?? [];
    },
    need: (id) => needs().get(id) ?? null,
    get needsKit() {
      return under()?.kit ?? null;
    },
    school: (id) => schoolOf(brief?.schools ?? {}, id),
    get beside() {
      return beside();
    },
    get together() {
      return together();
    },
    get nights() {
      return told()?.period?.nights ?? null;
    },
    get pieces() {
      return pieces();
    },
    doing: (...anyOf) =>
      pieces().flatMap((piece) => {
        const supply = bestFor(piece.gear, anyOf);
        return supply === null ? [] : [{ ...piece, supply }];
      }),
    ways: (...anyOf) => {
      const found = new Map<string, Doing>();
      for (const job of anyOf) {
        for (const { placement, gear: of, supply } of ways.byJob.get(job) ?? []) {
          if (supply.fitness !== 'improvised' && !found.has(placement.id))
            found.set(placement.id, { placement, gear: of, supply });
        }
      }
      return [...found.values()];
    },
    ofKind: (...kinds) =>
      pieces().filter(({ gear: { kind } }) => kind !== null && kinds.includes(kind)),
  };
}

function bestFor({ supplies }: Gear, anyOf: readonly JobId[]): Supply | null {
  let best: Supply | null = null;
  for (const supply of supplies) {
    if (!anyOf.includes(supply.job) || supply.fitness === 'improvised') continue;
    if (best === null || fitnesses.indexOf(supply.fitness) < fitnesses.indexOf(best.fitness))
      best = supply;
  }
  return best;
}

/** The ids of pieces, each once. */
export function idsOf(pieces: readonly Piece[]): readonly string[] {
  return [...new Set(pieces.map(({ placement }) => placement.id))];
}
