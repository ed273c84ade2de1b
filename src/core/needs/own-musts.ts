import { fitsSize, kindsWorn, wornSizeIn, type WornAs } from '../catalogue/worn-size';
import type { Brief } from '../brief';
import { isOnBody, treeOf } from '../loadout';
import { answered, notAsked, notKnown, type Answer } from './need';
import { listed } from '../quantity';
import { idsOf, type Given, type NeedsKit } from './needs-kit';

/** Doses that are taken beside those of the days (own). */
const spareDoses = 3;

/** One thing that somebody cannot be without: how many are asked and there; null if it is not known whose they are. */
interface Must {
  readonly what: string;
  readonly asked: number;
  readonly there: number | null;
}

/** A medicine of somebody’s own, with what is taken of it in a day by all who take it. */
interface Medicine {
  readonly name: string;
  readonly perDay: number;
  readonly asked: number;
}

/**
 * What single people cannot be without: each of their medicines by its name, their pen in date and on the body, a second pair of
 * spectacles; and what is worn in a size has to be somebody’s. One medicine never makes up for another.
 */
export function ownMusts(kit: NeedsKit): Answer {
  const { brief, days } = kit;
  const asking = brief.people.filter(
    ({ medicines, graveAllergy, wearsSpectacles, shoeSize, gloveSize }) =>
      medicines.length > 0 ||
      graveAllergy !== '' ||
      wearsSpectacles ||
      shoeSize !== null ||
      gloveSize !== null,
  );
  if (asking.length === 0) return notAsked('musts', 'Nobody said that they have any.');
  if (days === null) return notKnown('musts', 'when');
  const given = kit.given('medicine');
  const own = given.filter(({ supply }) => supply.sort === 'own medicine');
  const pens = given
    .filter(({ supply }) => supply.sort === 'adrenaline')
    .filter(({ placement }) => isOnBody(treeOf(kit.loadout), kit.shelf, placement));
  const spectacles = kit.ofKind('spare-spectacles', 'spectacles');
  const count = (each: readonly { readonly count: number }[]) =>
    each.reduce((sum, { count: many }) => sum + many, 0);
  const medicines = medicinesOf(brief.people, days);
  const doses = medicines.map((medicine) => ({
    ...medicine,
    there: dosesOf(medicine, medicines, own),
  }));
  const pensAsked = asking.filter(({ graveAllergy }) => graveAllergy !== '').length;
  const pairsAsked = asking.filter(({ wearsSpectacles }) => wearsSpectacles).length;
  const musts: readonly Must[] = [
    ...doses.map(({ name, asked, there }) => ({ what: `doses of ${name}`, asked, there })),
    { what: 'pens in date and on the body', asked: pensAsked, there: count(pens) },
    { what: 'second spectacles', asked: pairsAsked, there: count(spectacles) },
    sizesOf(kit, 'shoe', 'shoes that fit somebody'),
    sizesOf(kit, 'glove', 'gloves that fit somebody'),
  ].filter(({ asked }) => asked > 0);
  if (musts.length === 0) return notAsked('musts', 'Nothing in it has to fit them.');
  const met = musts.filter(({ asked, there }) => there !== null && there >= asked);
  const unknown = musts.filter(({ there }) => there === null);
  const isShort = met.length + unknown.length < musts.length;
  const lasts = doses.flatMap(({ there, perDay }) => (there === null ? [] : [there / perDay]));
  return answered({
    standing: isShort
      ? musts.some(({ there }) => there !== 0)
        ? 'short'
        : 'none'
      : unknown.length > 0
        ? 'not known'
        : 'met',
    demand: musts.length,
    supply: met.length,
    unit: 'musts',
    days: lasts.length > 0 ? Math.min(...lasts) : null,
    says: `${listed(musts.map(({ what, asked, there }) => `${there === null ? 'nobody said how many' : there} of ${asked} ${what}`))}.${doses.length + pensAsked > 0 ? ' A pen or medicine past its date is renewed, not reckoned longer: ask a pharmacist.' : ''}`,
    placements: [...idsOf([...own, ...pens]), ...spectacles.map(({ id }) => id)],
    steps: doses.length > 0 ? [`Doses a day × ${days} days, and ${spareDoses} more each.`] : [],
    asks: unknown.length > 0 ? ['which medicine is which, in the name of the piece'] : [],
  });
}

/** The medicines of all who go, each once by its name. */
function medicinesOf(people: Brief['people'], days: number): readonly Medicine[] {
  const byName = new Map<string, Medicine>();
  for (const { name, dosesPerDay } of people.flatMap(({ medicines }) => medicines)) {
    const key = name.trim().toLowerCase();
    const before = byName.get(key);
    const asked = Math.ceil(dosesPerDay * days) + spareDoses;
    byName.set(key, {
      name: before?.name ?? (name.trim() === '' ? 'own medicine' : name.trim()),
      perDay: (before?.perDay ?? 0) + dosesPerDay,
      asked: (before?.asked ?? 0) + asked,
    });
  }
  return [...byName.values()];
}

/**
 * Doses of a medicine that are there: of pieces that are called so. Where only one medicine is taken, what is called after none is
 * that; where several are, it is not known which of them it is.
 */
function dosesOf(
  medicine: Medicine,
  all: readonly Medicine[],
  own: readonly Given[],
): number | null {
  const isOf = ({ gear }: Given, { name }: Medicine) =>
    gear.name.toLowerCase().includes(name.toLowerCase());
  const named = own.filter((piece) => isOf(piece, medicine));
  const unnamed = own.filter((piece) => !all.some((each) => isOf(piece, each)));
  const counted = all.length === 1 ? [...named, ...unnamed] : named;
  const there = counted.reduce(
    (sum, { gear, count }) => sum + Math.floor(gear.contents?.left ?? 1) * count,
    0,
  );
  return there < medicine.asked && all.length > 1 && unnamed.length > 0 ? null : there;
}

/**
 * Of what is worn so and tells its size, how much fits somebody. Nothing is asked while somebody has not said theirs: it may
 * be for them.
 */
function sizesOf(kit: NeedsKit, worn: WornAs, what: string): Must {
  const own = kit.brief.people.map(({ shoeSize, gloveSize }) =>
    worn === 'shoe' ? shoeSize : gloveSize,
  );
  const pieces = own.includes(null) ? [] : kit.ofKind(...kindsWorn(worn));
  const told = pieces.flatMap((placement) => {
    const size = wornSizeIn(worn, kit.gear(placement).name);
    return size === null ? [] : [{ size, count: placement.count }];
  });
  const fitting = told.filter(({ size }) =>
    own.some((each) => each !== null && fitsSize(size, each)),
  );
  const countOf = (all: typeof told) => all.reduce((sum, { count }) => sum + count, 0);
  return { what, asked: countOf(told), there: countOf(fitting) };
}
