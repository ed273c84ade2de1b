import { countryAsks, type CountryAsks } from '../catalogue/country-asks';
import type { CountryId } from '../catalogue/country-climates';
import { isSameJobs, type JobId } from '../gear';
import type { BriefRule } from './rules';

/** A wish as a kit has it: so many ways to do one of these jobs. */
interface Wish {
  readonly anyOf: readonly JobId[];
  readonly ways: number;
}

/** What a kit wishes: ways to its jobs, and the rules of its brief. */
export interface Wished<W extends Wish = Wish> {
  readonly wishes: readonly W[];
  readonly rules: readonly BriefRule[];
}

/** What a kind of country asks for, as the wish or the rule that it would be, and whether the kit has it so. */
export interface Asked {
  readonly because: string;
  readonly as: (Wish & { readonly rule: null }) | AskedRule;
  readonly isTaken: boolean;
}

type AskedRule = Extract<BriefRule, { readonly rule: 'amount' | 'must have' }>;

/** What a country asks of a kit for so many people. */
export function askedBy(country: CountryId, people: number, wished: Wished): readonly Asked[] {
  return countryAsks[country].map((asks) => {
    const as = askedAs(asks, people);
    return { because: asks.because, as, isTaken: has(wished, as) };
  });
}

/** What a kit wishes with what a country asks taken, in the place of any other about the same. */
export function withAsked<W extends Wish>(
  { wishes, rules }: Wished<W>,
  { as }: Asked,
): Wished<W | Wish> {
  return as.rule === null
    ? {
        wishes: [
          ...wishes.filter(({ anyOf }) => !isSameJobs(anyOf, as.anyOf)),
          { anyOf: as.anyOf, ways: as.ways },
        ],
        rules,
      }
    : { wishes, rules: [...rules.filter((rule) => !isAboutSame(rule, as)), as] };
}

export function withoutAsked<W extends Wish>(wished: Wished<W>, { as }: Asked): Wished<W> {
  return {
    wishes: wished.wishes.filter((wish) => !isSame(wish, as)),
    rules: wished.rules.filter((rule) => !isSameRule(rule, as)),
  };
}

/** Where a brief leads, and how many it takes there. */
export interface Goes {
  readonly country: CountryId | null;
  readonly people: number;
}

/**
 * What a kit wishes whose brief leads somewhere else, or takes more people there: what the country asked is withdrawn, unless
 * the next asks it too; what it asks for each person is counted anew.
 */
export function wishedElsewhere<W extends Wish>(
  wished: Wished<W>,
  from: Goes,
  to: Goes,
): Wished<W | Wish> {
  if (from.country === null || (from.country === to.country && from.people === to.people))
    return wished;
  const before = askedBy(from.country, from.people, wished);
  const next = to.country === null ? [] : askedBy(to.country, to.people, wished);
  const goesOn = ({ as }: Asked, at: number) =>
    from.country === to.country ? next[at] : next.find((each) => isSameAsked(each.as, as));
  return before.reduce<Wished<W | Wish>>((left, asked, at) => {
    if (!asked.isTaken) return left;
    const stays = goesOn(asked, at);
    if (stays && isSameAsked(stays.as, asked.as)) return left;
    return stays ? withAsked(left, stays) : withoutAsked(left, asked);
  }, wished);
}

function askedAs(asks: CountryAsks, people: number): Asked['as'] {
  switch (asks.asks) {
    case 'ways':
      return { rule: null, anyOf: asks.anyOf, ways: asks.ways };
    case 'amount':
      return { rule: 'amount', job: asks.job, least: asks.forEach * people };
    case 'tool':
      return { rule: 'must have', what: asks.what };
  }
}

function has({ wishes, rules }: Wished, as: Asked['as']): boolean {
  return wishes.some((wish) => isSame(wish, as)) || rules.some((rule) => isSameRule(rule, as));
}

function isSame(wish: Wish, as: Asked['as']): boolean {
  return as.rule === null && wish.ways === as.ways && isSameJobs(wish.anyOf, as.anyOf);
}

function isSameRule(rule: BriefRule, as: Asked['as']): boolean {
  return (
    as.rule !== null &&
    isAboutSame(rule, as) &&
    (as.rule !== 'amount' || leastOf(rule) === as.least)
  );
}

function isSameAsked(one: Asked['as'], other: Asked['as']): boolean {
  return one.rule === null ? isSame(one, other) : isSameRule(one, other);
}

/** Both want an amount of one job, or the same thing to be there. */
function isAboutSame(rule: BriefRule, as: AskedRule): boolean {
  return as.rule === 'amount'
    ? rule.rule === 'amount' && rule.job === as.job
    : rule.rule === 'must have' && rule.what === as.what;
}

function leastOf(rule: BriefRule): number | null {
  return rule.rule === 'amount' ? rule.least : null;
}
