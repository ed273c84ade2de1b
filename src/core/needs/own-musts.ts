import { fitsSize, kindsWorn, wornSizeIn, type WornAs } from '../catalogue/worn-size';
import { treeOf, groundUnder } from '../loadout';
import { answered, notAsked, notKnown, type Answer } from './need';
import { listed } from '../quantity';
import { idsOf, type Given, type NeedsKit } from './needs-kit';

/** Doses that are taken beside those of the days (own). */
const spareDoses = 3;

/**
 * What single people cannot be without: their medicine, their pen in date and on the body, a second pair of spectacles; and what
 * is worn in a size has to be somebody’s.
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
  const medicine = kit.given('medicine');
  const own = medicine.filter(({ supply }) => supply.sort === 'own medicine');
  const pens = medicine
    .filter(({ supply }) => supply.sort === 'adrenaline')
    .filter((pen) => isOnBody(kit, pen));
  const spectacles = kit.ofKind('spare-spectacles', 'spectacles');
  const doses = asking
    .flatMap(({ medicines }) => medicines)
    .reduce((sum, { dosesPerDay }) => sum + Math.ceil(dosesPerDay * days) + spareDoses, 0);
  const dosesThere = own.reduce(
    (sum, { gear, count }) => sum + Math.floor(gear.contents?.left ?? 1) * count,
    0,
  );
  const pensAsked = asking.filter(({ graveAllergy }) => graveAllergy !== '').length;
  const pairsAsked = asking.filter(({ wearsSpectacles }) => wearsSpectacles).length;
  const count = (given: readonly { readonly count: number }[]) =>
    given.reduce((sum, each) => sum + each.count, 0);
  const musts = [
    { what: 'doses of own medicine', asked: doses, there: dosesThere },
    { what: 'pens in date and on the body', asked: pensAsked, there: count(pens) },
    { what: 'second spectacles', asked: pairsAsked, there: count(spectacles) },
    sizesOf(kit, 'shoe', 'shoes that fit somebody'),
    sizesOf(kit, 'glove', 'gloves that fit somebody'),
  ].filter(({ asked }) => asked > 0);
  if (musts.length === 0) return notAsked('musts', 'Nothing in it has to fit them.');
  const met = musts.filter(({ asked, there }) => there >= asked);
  const perDay = asking
    .flatMap(({ medicines }) => medicines)
    .reduce((sum, { dosesPerDay }) => sum + dosesPerDay, 0);
  return answered({
    standing:
      met.length === musts.length ? 'met' : musts.some(({ there }) => there > 0) ? 'short' : 'none',
    demand: musts.length,
    supply: met.length,
    unit: 'musts',
    days: perDay > 0 ? dosesThere / perDay : null,
    says: `${listed(musts.map(({ what, asked, there }) => `${there} of ${asked} ${what}`))}.${doses + pensAsked > 0 ? ' A pen or medicine past its date is renewed, not reckoned longer: ask a pharmacist.' : ''}`,
    placements: [...idsOf([...own, ...pens]), ...spectacles.map(({ id }) => id)],
    steps: doses > 0 ? [`Doses a day × ${days} days, and ${spareDoses} more each.`] : [],
  });
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

interface Must {
  readonly what: string;
  readonly asked: number;
  readonly there: number;
}

function isOnBody({ loadout }: NeedsKit, { placement }: Given): boolean {
  return groundUnder(treeOf(loadout), placement) === 'body';
}
