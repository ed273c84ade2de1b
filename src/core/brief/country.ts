import { countries, makeDoIn, type Country } from '../catalogue/countries';
import type { MakeDo } from '../catalogue/make-do';
import type { JobId } from '../gear';
import { asTheTableSays, type Brief, type CountryAsKnown } from './brief';

type InCountry = Pick<Brief, 'country' | 'asKnown'>;

/** The country of a brief: its kind’s row of the table with what somebody knows better; null where no kind is said. */
export function countryOf({ country, asKnown }: InCountry): Country | null {
  if (country === null) return null;
  const row = countries[country];
  if (asKnown === asTheTableSays) return row;
  return {
    ...row,
    view: asKnown.view ?? row.view,
    insects: asKnown.insects ?? row.insects,
    groundBites: asKnown.groundBites ?? row.groundBites,
    firewood: asKnown.firewood ?? row.firewood,
    water: asKnown.water ?? row.water,
    isWet: asKnown.isWet ?? row.isWet,
    glare: asKnown.glare ?? row.glare,
    makeDo: {
      ...row.makeDo,
      ...Object.fromEntries(
        asKnown.makeDo.map(({ job, hardness, minutes }) => [job, { hardness, minutes }]),
      ),
    },
  };
}

/** How hard a job is to make do where a brief leads; null where no kind of country is said. */
export function makeDoThere(brief: InCountry, job: JobId): MakeDo | null {
  const country = countryOf(brief);
  return country && makeDoIn(country, job);
}

/** How many figures of its kind’s row are known otherwise. */
export function otherwiseKnown({ makeDo, ...figures }: CountryAsKnown): number {
  return makeDo.length + Object.values(figures).filter((figure) => figure !== null).length;
}

/** What is known of making a job do, in the place of what was; null goes back to the table. */
export function withMakeDo(
  asKnown: CountryAsKnown,
  job: JobId,
  known: MakeDo | null,
): CountryAsKnown {
  const others = asKnown.makeDo.filter((each) => each.job !== job);
  return { ...asKnown, makeDo: known === null ? others : [...others, { job, ...known }] };
}

/**
 * A brief that leads to another kind of country: what was known of the one before does not hold there. What another brief
 * knows of the next is taken over.
 *
 * @param others the briefs that may know that country.
 */
export function knownAt(brief: Brief, others: readonly Brief[]): CountryAsKnown {
  const known = others.find(
    ({ country, asKnown }) => country === brief.country && otherwiseKnown(asKnown) > 0,
  );
  return brief.country === null || !known ? asTheTableSays : known.asKnown;
}
