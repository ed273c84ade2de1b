import { answered, notAsked, standingOf, type Answer } from './need';
import { idsOf, type Given, type NeedsKit, type Somebody } from './needs-kit';

/** What one sleeper takes of the width, and more than their stature of the length, in m (own). */
const widthEach = 0.6;
const overStature = 0.3;

/** The height of a ridge that one can sit under, in m (own). */
const ridgeM = 1;

/** A cover as it is pitched: over a ridge, or lain in. */
export interface Pitch {
  readonly given: Given;
  /** Sides of the sheet, in m, as far as they can be told from its area. */
  readonly sideM: number;
  /** The dry floor, in m. */
  readonly floorM: readonly [length: number, width: number];
  readonly sleepers: number;
}

/** Pieces that are lain in: each keeps one person dry. */
const lainIn: readonly string[] = ['bivvy', 'film-bivvy'];

/**
 * How many sleep dry under a sheet over a ridge of 1 m: floor 2 √((W/2)² − h²) wide; the longer side is lain along. A sheet
 * of which only the area is known is taken as a square, which houses no more than any other.
 */
export function pitchOf(given: Given, tallest: Somebody): Pitch {
  const sideM = Math.sqrt(given.amount ?? 0);
  if (lainIn.includes(given.gear.kind ?? '')) {
    return { given, sideM, floorM: [sideM, widthEach], sleepers: 1 };
  }
  const half = sideM / 2;
  const isTent = given.supply.demands.length === 0;
  const width = isTent
    ? sideM
    : half > ridgeM
      ? 2 * Math.sqrt(half ** 2 - ridgeM ** 2)
      : leanTo(sideM);
  const isLong = sideM >= tallest.heightCm / 100 + (isTent ? 0 : overStature);
  const sleepers = isLong ? Math.floor(width / widthEach + 1e-9) : 0;
  return { given, sideM, floorM: [sideM, width], sleepers };
}

/** A small sheet leans at 45°: its floor is its width’s cosine. */
function leanTo(sideM: number): number {
  return sideM * Math.SQRT1_2;
}

/** The pitches that the kit has, those that keep most people dry first. */
export function pitchesOf(kit: NeedsKit): readonly Pitch[] {
  const tallest = kit.people.reduce((one, other) => (other.heightCm > one.heightCm ? other : one));
  return kit
    .given('roof')
    .map((given) => pitchOf(given, tallest))
    .sort((one, other) => other.sleepers - one.sleepers);
}

/** People kept dry by night, not square metres. What is improvised is told, and closes nothing alone. */
export function roof(kit: NeedsKit): Answer {
  const { nights, people, print } = kit;
  if (nights === 0) return notAsked('people', 'No night out.');
  const pitches = pitchesOf(kit);
  const relied = pitches.filter(({ given }) => given.supply.fitness !== 'improvised');
  const makesDo = pitches.filter((pitch) => !relied.includes(pitch));
  const supply = relied.reduce((sum, { sleepers, given }) => sum + sleepers * given.count, 0);
  const more = makesDo.reduce((sum, { sleepers, given }) => sum + sleepers * given.count, 0);
  return answered({
    standing: standingOf(supply, people.length),
    demand: people.length,
    supply,
    unit: 'people',
    days: null,
    says: `${supply === 0 ? 'Nobody sleeps' : `Room for ${supply} to sleep`} dry${relied[0] ? ` under ${relied[0].given.gear.name}` : ''}, ${people.length} asked${more > 0 ? `; ${more} more at a pinch` : ''}.`,
    placements: idsOf(relied.map(({ given }) => given)),
    steps: relied.map(
      ({ given, floorM: [long, wide], sleepers }) =>
        `${given.gear.name}: dry floor ${print.metres(long)} × ${print.metres(wide)}, ${sleepers} × ${print.metres(widthEach)} side by side.`,
    ),
  });
}
