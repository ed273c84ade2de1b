import { aids, needsTraining, type Aid } from '../catalogue/aid';
import { complaints, type Complaint, type Gear } from '../gear';
import { gearOf, type Loadout, type Shelf } from '../loadout';
import { absenceOf, goodAmong, keptIn, nobodyElse, sharesIn, type LotsElsewhere } from '../upkeep';
import type { Standing } from './need';

/** How often a complaint is planned for, at least and for each person and day (own planning values, to be overruled). */
interface Wanted {
  readonly least: number;
  readonly perPersonDay: number;
}

const wanted: Readonly<Record<Complaint, Wanted>> = {
  'small cut': { least: 5, perPersonDay: 0.3 },
  'heavy bleeding': { least: 1, perPersonDay: 0 },
  blister: { least: 3, perPersonDay: 0.3 },
  burn: { least: 1, perPersonDay: 0.05 },
  'sting or itch': { least: 2, perPersonDay: 0.3 },
  // Only where somebody declared it.
  'grave allergy': { least: 0, perPersonDay: 0 },
  'tick or splinter': { least: 1, perPersonDay: 0.2 },
  sprain: { least: 1, perPersonDay: 0.02 },
  eye: { least: 1, perPersonDay: 0.05 },
  'pain or fever': { least: 6, perPersonDay: 0.5 },
  gut: { least: 4, perPersonDay: 0.2 },
  'salts or heat': { least: 2, perPersonDay: 0.3 },
  cold: { least: 1, perPersonDay: 0.1 },
};

/** What of a place and a way makes a complaint likely. */
export interface Risks {
  /** They walk or paddle; not at home, nor held up in a car. */
  readonly isOnTheWay: boolean;
  /** What flies and crawls bites there then. */
  readonly bites: boolean;
  readonly isHot: boolean;
  readonly isCold: boolean;
  /** Nights away; null where nobody said. */
  readonly nights: number | null;
  /** Doctors and pharmacies are round the corner. */
  readonly isInTown: boolean;
}

/** Nobody said where: everything may happen. */
const anything: Risks = {
  isOnTheWay: true,
  bites: true,
  isHot: true,
  isCold: true,
  nights: null,
  isInTown: false,
};

/** At home so many complaints come for one on the way (own). */
const atHomeShare = 1 / 3;

/** Whether a complaint is planned for at all there. */
function isLikely(complaint: Complaint, risks: Risks): boolean {
  const { isOnTheWay, bites, isHot, isCold, nights, isInTown } = risks;
  const isAway = nights === null || nights > 1;
  switch (complaint) {
    case 'grave allergy':
    case 'small cut':
    case 'pain or fever':
      return true;
    case 'blister':
      return isOnTheWay;
    case 'sprain':
      return isOnTheWay && !isInTown;
    case 'heavy bleeding':
    case 'burn':
      return !isInTown;
    case 'sting or itch':
    case 'tick or splinter':
      return isOnTheWay && bites && !isInTown;
    case 'eye':
    case 'gut':
      return isAway && !isInTown;
    case 'salts or heat':
      return isHot && !isInTown;
    case 'cold':
      return isCold && isAway && !isInTown;
  }
}

/** How one complaint is answered. */
export interface ComplaintAid {
  readonly complaint: Complaint;
  /** How often it is answered; Infinity by a tool that is not used up. */
  readonly uses: number;
  readonly wanted: number;
  /** Not known where somebody’s own set says nothing of what is in it. */
  readonly standing: Standing;
  /** Some of what answers it asks for training. */
  readonly asksTraining: boolean;
  /** The placements that answer it. */
  readonly by: readonly string[];
}

/**
 * What a kit holds against each complaint, on a day: what is lent, used up, failed or past its date counts nothing.
 *
 * @param personDays people times days; 0 plans for the least alone.
 * @param declared somebody has a grave allergy.
 * @param day YYYY-MM-DD.
 * @param risks what of it is likely there; everything where nobody said.
 */
export function firstAidOf(
  loadout: Loadout,
  shelf: Shelf,
  {
    day,
    personDays = 0,
    declared = false,
    elsewhere = nobodyElse,
    risks = anything,
  }: {
    readonly day: string;
    readonly personDays?: number;
    readonly declared?: boolean;
    readonly elsewhere?: LotsElsewhere;
    readonly risks?: Risks;
  },
): readonly ComplaintAid[] {
  const shares = sharesIn(loadout, shelf, day, elsewhere);
  const pieces = loadout.placements.flatMap((placement) => {
    const gear = gearOf(shelf, placement);
    if (aidsOf(gear).length === 0 && !isUnknownAid(gear)) return [];
    const own = shares.get(placement.id);
    const kept = keptIn(placement, loadout, elsewhere);
    const count = own ? goodAmong(gear, own, day, kept, placement.count) : placement.count;
    const absence = absenceOf(gear, day, kept, own);
    return absence !== null || count === 0 ? [] : [{ id: placement.id, gear, count }];
  });
  const hasUnknown = pieces.some(({ gear }) => isUnknownAid(gear));
  return complaints.flatMap((complaint) => {
    const answers = pieces.flatMap(({ id, gear, count }) =>
      aidsOf(gear)
        .filter((each) => each.complaint === complaint)
        .map((each) => ({ id, kind: gear.kind!, uses: count * usesOf(each, gear) })),
    );
    const uses = answers.reduce((sum, each) => sum + each.uses, 0);
    const { least, perPersonDay } = wanted[complaint];
    const atLeast = complaint === 'grave allergy' && declared ? 1 : least;
    const days = personDays * (risks.isOnTheWay ? 1 : atHomeShare);
    const asked = isLikely(complaint, risks)
      ? Math.max(atLeast, Math.ceil(perPersonDay * days))
      : 0;
    if (asked === 0 && uses === 0) return [];
    return [
      {
        complaint,
        uses,
        wanted: asked,
        standing: standingOf(uses, asked, hasUnknown),
        asksTraining: answers.some(({ kind }) => needsTraining.has(kind)),
        by: answers.map(({ id }) => id),
      },
    ];
  });
}

function standingOf(uses: number, asked: number, hasUnknown: boolean): Standing {
  if (uses >= asked) return 'met';
  if (uses > 0) return 'short';
  return hasUnknown ? 'not known' : 'none';
}

function aidsOf({ kind }: Gear): readonly Aid[] {
  return kind === null ? [] : (aids.get(kind) ?? []);
}

/** Uses that are left in one piece, whole ones. */
function usesOf({ uses }: Aid, { contents }: Gear): number {
  const share = contents === null ? 1 : contents.left / contents.full;
  if (typeof uses === 'number') return Math.floor(uses * share);
  return contents === null ? 1 : Math.floor(contents.left / uses.each);
}

/** First aid of which nobody says what it is against. */
function isUnknownAid(gear: Gear): boolean {
  return (
    aidsOf(gear).length === 0 &&
    gear.supplies.some(({ job, fitness }) => job === 'first-aid' && fitness !== 'improvised')
  );
}
