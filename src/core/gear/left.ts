import { bulkOf, type Form } from './form';
import type { Contents } from './contents';
import type { Gear } from './gear';
import { jobs } from './jobs';
import type { Supply } from './supply';

/** Below this share of a full one, what is left is told from nothing no more. */
export const hairLeft = 1e-9;

/** The share of a full one that is left, 0 to 1; 1 for what is not used up. */
export function shareLeft({ contents }: Pick<Gear, 'contents'>): number {
  return contents === null ? 1 : contents.left / contents.full;
}

/** Whether all of it is used up, so that it does nothing any more. */
export function isSpent(gear: Pick<Gear, 'contents'>): boolean {
  return shareLeft(gear) <= hairLeft;
}

/** The mass of one piece as it is now, in g: that of a full one less what was used. Null while nobody knows. */
export function massNowG(gear: Pick<Gear, 'contents' | 'massG'>): number | null {
  if (gear.massG === null || gear.contents === null) return gear.massG;
  return Math.max(0, gear.massG - gear.contents.massG * (1 - shareLeft(gear)));
}

/** The mass of a full one, in g, from that of one as it is now. */
export function massWhenFullG(gear: Pick<Gear, 'contents'>, nowG: number): number {
  return gear.contents === null ? nowG : nowG + gear.contents.massG * (1 - shareLeft(gear));
}

/** How much of a job one piece does as it is now, in the job’s unit; what is used up counts by what is left. */
export function amountNow(gear: Pick<Gear, 'contents'>, { job, amount }: Supply): number | null {
  return amount === null || !jobs[job].isUsedUp ? amount : amount * shareLeft(gear);
}

/** The shortest length that is counted, in m: what is less cannot be held, and goes with the length beside it. */
export const leastLengthM = 0.001;

/** The mass of one piece without what is used up of it, in g: a reel without its line. 0 where nothing is known. */
export function massWithoutContentsG({
  contents,
  massG,
}: Pick<Gear, 'contents' | 'massG'>): number {
  return contents === null || massG === null ? 0 : Math.max(0, massG - contents.massG);
}

/** A piece with another mass. Contents never weigh more than the whole, so that those of a lighter one are less. */
export function withMassOf(gear: Gear, massG: number | null, massTrust: Gear['massTrust']): Gear {
  return { ...gear, massG, massTrust, contents: contentsWithin(gear.contents, massG) };
}

/** Contents that are no heavier than the piece that they are in. */
export function contentsWithin(contents: Contents | null, massG: number | null): Contents | null {
  return contents !== null && massG !== null && contents.massG > massG
    ? { ...contents, massG }
    : contents;
}

/** A hank with `lengthM` left on it, in metres: its mass, bulk and price by its share of a full one. */
export function shortenedTo(gear: Gear, lengthM: number): Gear {
  const { contents, form } = gear;
  if (contents === null || contents.unit !== 'm') return gear;
  const share = lengthM / contents.full;
  return {
    ...gear,
    // What it is wound on first, so that rounding never makes the whole lighter than what is on it.
    massG: gear.massG === null ? null : massWithoutContentsG(gear) + contents.massG * share,
    form: form?.shape === 'soft' ? softShare(form, share) : form,
    priceMinor: gear.priceMinor === null ? null : Math.round(gear.priceMinor * share),
    contents: { ...contents, full: lengthM, left: lengthM, massG: contents.massG * share },
    supplies: gear.supplies.map((supply) =>
      jobs[supply.job].unit === 'm' && supply.amount !== null
        ? { ...supply, amount: supply.amount * share }
        : supply,
    ),
  };
}

/** A length cut off a hank: as {@link shortenedTo}, without the reel that it was wound on. */
export function cutOff(gear: Gear, lengthM: number): Gear {
  const { contents, form } = gear;
  const whole = shortenedTo(gear, lengthM);
  if (contents === null) return whole;
  const short = { ...whole, massG: gear.massG === null ? null : whole.contents!.massG };
  if (form === null || form.shape === 'soft') return short;
  const looseMl = bulkOf(form).looseMl * (lengthM / contents.full);
  return {
    ...short,
    form: {
      shape: 'soft',
      looseMl,
      tightMl: looseMl * coiledTight,
      thinnestMm: 5,
      longestRigidMm: 0,
    },
    formTrust: 'typical',
    look: { ...gear.look, silhouette: 'hank' },
  };
}

/** A loose coil pressed tight takes about two thirds of its room (own planning value). */
const coiledTight = 0.65;

function softShare(form: Form & { readonly shape: 'soft' }, share: number): Form {
  return { ...form, looseMl: form.looseMl * share, tightMl: form.tightMl * share };
}
