import type { Given, NeedsKit, Somebody } from './needs-kit';
import { personsTold } from './persons-told';

/** What one sleeper takes of the width, and more than their stature of the length, in m (own). */
export const sleeperWideM = 0.6;
const overStatureM = 0.3;

/** The height of a ridge that one can sit under, in m, and the slope of a sheet that leans (own). */
const ridgeM = 1;
const lean = Math.PI / 4;

/** How a cover is pitched: over a ridge, leaning, as a tent of its own, or lain in. */
export type PitchedAs = 'over a ridge' | 'leaning' | 'as it stands' | 'lain in';

/** A cover as it is pitched, and who sleeps dry under it. */
export interface Pitch {
  readonly given: Given;
  readonly as: PitchedAs;
  /** The dry floor, in m: along the bodies, and across them. */
  readonly floorM: readonly [along: number, across: number];
  /** How high it is at its highest, in m. */
  readonly heightM: number;
  readonly sleepers: number;
  /** Only its area is known: it was taken as a square. */
  readonly isGuessed: boolean;
}

/** Pieces that are lain in: each keeps one person dry. */
const lainIn: readonly string[] = ['bivvy', 'film-bivvy'];

/** How far the area of a sheet may lie from its sides’, as a share: amounts are kept to a tenth. */
const areaSway = 0.06;

/**
 * The pitch of a cover that most sleep dry under. A sheet L × W goes over a ridge of h = 1 m along either side: floor
 * 2 √((W/2)² − h²) × L; or leans at 45°: L × W cos 45°, W sin 45° high. Bodies lie along the ridge, as the edges are low:
 * each takes 0.6 m across, and the floor must be as long as their stature and 0.3 m. A sheet of which only the area is known
 * is taken as a square. What stands by itself sleeps as many as it is told to be for.
 */
export function pitchOf(given: Given, tallest: Somebody): Pitch {
  const asks = tallest.heightCm / 100;
  const [long, wide] = sidesOf(given);
  if (lainIn.includes(given.gear.kind ?? '')) {
    return {
      given,
      as: 'lain in',
      floorM: [long, sleeperWideM],
      heightM: 0,
      sleepers: 1,
      isGuessed: false,
    };
  }
  // What needs no cord stands by itself: its area is its floor.
  if (given.supply.demands.length === 0) return standing(given, [long, wide], asks);
  const along = asks + overStatureM;
  return best(
    [[long, wide] as const, [wide, long] as const].flatMap(([ridge, over]) => {
      const floor = ridged(over);
      const [deep, high] = [over * Math.cos(lean), over * Math.sin(lean)];
      return [
        ...(floor > 0 ? [slept(given, 'over a ridge', [ridge, floor], ridgeM, along)] : []),
        slept(given, 'leaning', [ridge, deep], high, along),
      ];
    }),
  );
}

/** What is told to be for so many sleeps no more; where its sides are known, no more than lie on them either. */
function standing(given: Given, sidesM: readonly [number, number], asks: number): Pitch {
  const pitch = slept(given, 'as it stands', sidesM, ridgeM, asks);
  const told = personsTold(given.gear);
  if (told === null) return pitch;
  const sleepers = sheetOf(given) === null ? told : Math.min(told, pitch.sleepers);
  return { ...pitch, sleepers };
}

/** The floor under a sheet that hangs over a ridge, in m; 0 where it is too narrow for one. */
function ridged(overM: number): number {
  const half = overM / 2;
  return half > ridgeM ? 2 * Math.sqrt(half ** 2 - ridgeM ** 2) : 0;
}

function slept(
  given: Given,
  as: PitchedAs,
  floorM: readonly [number, number],
  heightM: number,
  asks: number,
): Pitch {
  const [along, across] = floorM;
  const sleepers = along >= asks - 1e-9 ? Math.floor(across / sleeperWideM + 1e-9) : 0;
  const isGuessed = as !== 'as it stands' && sheetOf(given) === null;
  return { given, as, floorM, heightM, sleepers, isGuessed };
}

/** The first of those that most sleep under. */
function best(pitches: readonly Pitch[]): Pitch {
  return pitches.reduce((one, other) => (other.sleepers > one.sleepers ? other : one));
}

/** The sides of a sheet, the longer first; a square’s of its area where nobody told them. */
function sidesOf(given: Given): readonly [number, number] {
  const side = Math.sqrt(given.amount ?? 0);
  return sheetOf(given) ?? [side, side];
}

/** The sides as they were told, while they are those of its area; null where they are not known. */
function sheetOf({ supply: { facts }, amount }: Given): readonly [number, number] | null {
  if (facts?.of !== 'sheet') return null;
  const { lengthM, widthM } = facts;
  const area = amount ?? 0;
  return Math.abs(lengthM * widthM - area) <= areaSway * area ? [lengthM, widthM] : null;
}

/** The pitches that the kit has, those that keep most people dry first. */
export function pitchesOf(kit: NeedsKit): readonly Pitch[] {
  const [first, ...others] = kit.people;
  if (!first) return [];
  const tallest = others.reduce(
    (one, other) => (other.heightCm > one.heightCm ? other : one),
    first,
  );
  return kit
    .given('roof')
    .map((given) => pitchOf(given, tallest))
    .sort((one, other) => other.sleepers - one.sleepers);
}
