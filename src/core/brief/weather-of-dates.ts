import { noWeather, type TypedWeather, type When } from './brief';

/** The months that a time touches, 1 to 12. */
function monthsOf(when: When): ReadonlySet<number> {
  const [first, last] =
    when.on === 'days'
      ? [Number(when.from.slice(5, 7)), Number(when.to.slice(5, 7))]
      : [when.fromMonth, when.toMonth];
  const many = ((last - first + 12) % 12) + 1;
  return new Set(Array.from({ length: many }, (_, at) => ((first - 1 + at) % 12) + 1));
}

/** Weather that was typed for one time, once it is for another: of other months it says nothing. */
export function weatherAt(
  weather: TypedWeather,
  before: When | null,
  after: When | null,
): TypedWeather {
  if (before === null || after === null) return weather;
  const months = monthsOf(before);
  return [...monthsOf(after)].some((month) => months.has(month)) ? weather : noWeather;
}
