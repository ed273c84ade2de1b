import { massNowG, type Gear } from '../gear';
import {
  branchOf,
  gearOf,
  placementOf,
  treeOf,
  type Loadout,
  type Placement,
  type Seal,
  type Shelf,
} from '../loadout';

/** How far a mass may be off, as a share of it (own planning values); what was weighed is off by the scale’s step. */
export const offBy = { stated: 0.03, typical: 0.15 } as const;

/** The step of a kitchen scale, in g. */
export const kitchenStepG = 1;

/** A sealed holder is as it was within so much, in g, or two steps of the scale. */
const sealedWithinG = 2;

/** So many explanations are named at most. */
const mostExplanations = 6;

/** A holder with all in it on the scale, held against what it should weigh. */
export interface WeighedIn {
  /** What it should weigh, and how sure that is: the standard deviation, in g. */
  readonly expectedG: number;
  readonly sigmaG: number;
  /** How far the reading may be off and still agree, in g. */
  readonly toleranceG: number;
  /** The reading less what it should be, in g. */
  readonly differenceG: number;
  /** It was sealed at a mass, and nothing was changed in it since by what is written down. */
  readonly seal: Seal | null;
  readonly agrees: boolean;
  /** The placements that the scale vouches for: what is lighter than it can tell may be missing all the same. */
  readonly vouchedFor: readonly string[];
  /** Pieces, or pairs of them, whose lack would be so much, the closest first. */
  readonly lacks: readonly (readonly string[])[];
  /** What makes the sum unsure, with its share of that: the next to be weighed. */
  readonly weighNext: readonly { readonly placement: string; readonly share: number }[];
  /** Pieces of which nobody knows the mass: nothing can be told while there are any. */
  readonly unknown: readonly string[];
}

interface Part {
  readonly placement: Placement;
  readonly massG: number;
  readonly sigmaG: number;
}

/**
 * Whether the mass of a holder with all in it is what it should be. What the scale says of a sealed holder is said of what it
 * weighed then, to {@link sealedWithinG}; of another, of the sum of its pieces, to two standard deviations.
 *
 * @param placement the holder; null for the whole kit, which is never sealed as one.
 * @param stepG the smallest step of the scale.
 */
export function weighedIn(
  loadout: Loadout,
  shelf: Shelf,
  placement: string | null,
  readingG: number,
  stepG: number,
): WeighedIn {
  const branch = branchOrAll(loadout, placement);
  const unknown = branch.filter((each) => massNowG(gearOf(shelf, each)) === null);
  const parts = branch.flatMap((each) => partOf(each, gearOf(shelf, each), stepG));
  const expectedG = parts.reduce((sum, { massG }) => sum + massG, 0);
  const variance = parts.reduce((sum, { sigmaG }) => sum + sigmaG ** 2, 0);
  const seal = placement === null ? null : sealOf(loadout, shelf, placement);
  const sigmaG = Math.sqrt(variance);
  const toleranceG = seal ? Math.max(sealedWithinG, 2 * stepG) : Math.max(2 * sigmaG, 2 * stepG);
  const differenceG = readingG - (seal?.massG ?? expectedG);
  const agrees = unknown.length === 0 && Math.abs(differenceG) <= toleranceG;
  return {
    expectedG,
    sigmaG,
    toleranceG,
    differenceG,
    seal,
    agrees,
    vouchedFor: agrees
      ? parts.filter((part) => onesMassG(part) > toleranceG).map((part) => part.placement.id)
      : [],
    lacks: agrees || differenceG > 0 ? [] : explaining(parts, -differenceG, toleranceG, placement),
    weighNext: parts
      .filter((part) => variance > 0 && part.sigmaG > stepG)
      .sort((one, other) => other.sigmaG - one.sigmaG)
      .slice(0, 3)
      .map((part) => ({ placement: part.placement.id, share: part.sigmaG ** 2 / variance })),
    unknown: unknown.map(({ id }) => id),
  };
}

/** What a holder, or the whole kit, should weigh by its pieces, in g; null where the mass of one of them is not known. */
export function massOfBranch(
  loadout: Loadout,
  shelf: Shelf,
  placement: string | null,
): number | null {
  return branchOrAll(loadout, placement).reduce<number | null>((sum, each) => {
    const massG = massNowG(gearOf(shelf, each));
    return sum === null || massG === null ? null : sum + massG * each.count;
  }, 0);
}

function branchOrAll(loadout: Loadout, placement: string | null): readonly Placement[] {
  const all = placement === null ? loadout.placements : branchOf(treeOf(loadout), placement);
  // What is there anyhow, as what is worn, is not on the scale.
  return all.filter(({ isAssumed }) => !isAssumed);
}

/** The seal of a holder, while what it should weigh is what it was when it was sealed; null where there is none. */
export function sealOf(loadout: Loadout, shelf: Shelf, placement: string): Seal | null {
  const seal = loadout.seals.find((each) => each.placement === placement);
  if (!seal || !placementOf(loadout, placement)) return null;
  const nowG = massOfBranch(loadout, shelf, placement);
  return nowG !== null && Math.abs(nowG - seal.expectedG) < 0.5 ? seal : null;
}

/** Like pieces of one line are off together: a wrong figure of one is wrong in each. */
function partOf(placement: Placement, gear: Gear, stepG: number): readonly Part[] {
  const each = massNowG(gear);
  if (each === null) return [];
  const sigmaOne = gear.massTrust === 'weighed' ? stepG / 2 : each * offBy[gear.massTrust];
  const { count } = placement;
  return [{ placement, massG: each * count, sigmaG: sigmaOne * count }];
}

function onesMassG({ placement, massG }: Part): number {
  return massG / placement.count;
}

function onesSigmaG({ placement, sigmaG }: Part): number {
  return sigmaG / placement.count;
}

/** Single pieces, any number of one line, and pairs, that weigh as much as is lacking. */
function explaining(
  parts: readonly Part[],
  lackG: number,
  toleranceG: number,
  holder: string | null,
): readonly (readonly string[])[] {
  const inside = parts.filter(({ placement, massG }) => placement.id !== holder && massG > 0);
  const found: { readonly ids: readonly string[]; readonly offG: number }[] = [];
  // A piece whose mass is only typical may weigh what is lacking though its figure says otherwise.
  const offer = (ids: readonly string[], massG: number, sigmaG: number) => {
    const offG = Math.abs(massG - lackG);
    if (offG <= Math.hypot(toleranceG, 2 * sigmaG)) found.push({ ids, offG });
  };
  for (const part of inside) {
    const each = onesMassG(part);
    const some = Math.min(part.placement.count, Math.max(1, Math.round(lackG / each)));
    offer([part.placement.id], some * each, some * onesSigmaG(part));
  }
  for (const [at, one] of inside.entries()) {
    for (const other of inside.slice(at + 1)) {
      offer(
        [one.placement.id, other.placement.id],
        onesMassG(one) + onesMassG(other),
        Math.hypot(onesSigmaG(one), onesSigmaG(other)),
      );
    }
  }
  return found
    .sort((one, other) => one.ids.length - other.ids.length || one.offG - other.offG)
    .slice(0, mostExplanations)
    .map(({ ids }) => ids);
}
