import { countries, type CountryAsks } from '../catalogue/countries';
import type { CountryId } from '../catalogue/country-climates';
import { isSameJobs, type JobId } from '../gear';

/** A wish as a kit has it: so many ways to do one of these jobs. */
interface Wish {
  readonly anyOf: readonly JobId[];
  readonly ways: number;
}

/** What a kind of country asks for, and whether the kit wishes so. */
export interface Asked extends CountryAsks {
  readonly isTaken: boolean;
}

export function askedBy(country: CountryId, wishes: readonly Wish[]): readonly Asked[] {
  return countries[country].asks.map((asks) => ({
    ...asks,
    isTaken: wishes.some((wish) => isSame(wish, asks)),
  }));
}

/** The wishes of a kit with what a country asks taken, in the place of any other about the same jobs. */
export function withAsked<W extends Wish>(
  wishes: readonly (W | Wish)[],
  asked: Wish,
): readonly (W | Wish)[] {
  const others = wishes.filter(({ anyOf }) => !isSameJobs(anyOf, asked.anyOf));
  return [...others, { anyOf: asked.anyOf, ways: asked.ways }];
}

export function withoutAsked<W extends Wish>(wishes: readonly W[], asked: Wish): readonly W[] {
  return wishes.filter((wish) => !isSame(wish, asked));
}

/** The wishes of a kit that leaves one kind of country: what that one asked is withdrawn, unless the next asks it too. */
export function wishesElsewhere<W extends Wish>(
  wishes: readonly W[],
  from: CountryId | null,
  to: CountryId | null,
): readonly W[] {
  if (from === null || from === to) return wishes;
  const stays = to === null ? [] : countries[to].asks;
  return countries[from].asks
    .filter((asks) => !stays.some((next) => isSame(next, asks)))
    .reduce<readonly W[]>((left, asks) => withoutAsked(left, asks), wishes);
}

function isSame(one: Wish, other: Wish): boolean {
  return one.ways === other.ways && isSameJobs(one.anyOf, other.anyOf);
}
