import { typedSays } from '../refusals/typed';
import { readNumeral } from './numeral';
import { done, refused, type Outcome } from '../refusals';

/** The highest price that is believed, in minor units. */
export const mostPriceMinor = 1e9;

/** The currencies a bench can count in, with the signs people write for them. */
export const currencySigns = {
  EUR: ['€', 'euro', 'euros'],
  USD: ['$', 'us$', 'dollar', 'dollars'],
  GBP: ['£', 'pound', 'pounds'],
  SEK: ['kr', 'kronor'],
  NOK: ['kr', 'kroner'],
  DKK: ['kr', 'kroner'],
  CHF: ['fr', 'sfr'],
  CAD: ['c$', 'ca$', '$'],
  AUD: ['a$', 'au$', '$'],
  NZD: ['nz$', '$'],
  JPY: ['¥', 'yen'],
  PLN: ['zł', 'zl'],
} as const satisfies Record<string, readonly string[]>;

export type Currency = keyof typeof currencySigns;

export const currencies = Object.keys(currencySigns) as readonly Currency[];

export function isCurrency(text: string): text is Currency {
  return Object.hasOwn(currencySigns, text);
}

/**
 * Reads a price such as `€12`, `12,50 €` or `12.5 EUR` into minor units (cents) of `currency`.
 *
 * A bare number is taken to be in `currency`. Another currency is refused: no rate is known offline.
 *
 * @example parseMoney('12,50 €', 'EUR') // 1250
 */
export function parseMoney(text: string, currency: Currency): Outcome<number> {
  const typed = text.trim();
  const split = /^([^\d.,-]*)([\d][\d.,\s\u00a0\u202f]*|[.,]\d+)([^\d]*)$/.exec(
    typed.replace(/[.:,][-–](?=\s|$|\D)/, ''),
  );
  if (!split) return notUnderstood(typed, currency);
  const signs = [split[1]!, split[3]!].map((sign) => sign.trim().toLowerCase()).filter(Boolean);
  if (signs.length > 1) return notUnderstood(typed, currency);
  const sign = signs[0];
  if (sign !== undefined && !isSignOf(sign, currency)) {
    return isAnySign(sign)
      ? refused(typedSays.otherCurrency(typed, currency))
      : notUnderstood(typed, currency);
  }
  const numeral = readNumeral(inUnits(split[2]!.trim()));
  if (!numeral.ok) return numeral;
  if (numeral.value.rest.trim() !== '') return notUnderstood(typed, currency);
  const minor = Math.round(numeral.value.value * 10 ** minorDigits(currency));
  return minor <= mostPriceMinor ? done(minor) : refused(typedSays.priceTooLarge());
}

/** No price has three decimals: a point or a comma before three digits groups thousands. `12.-` is twelve. */
function inUnits(amount: string): string {
  const plain = amount.replace(/[.,]$/, '');
  return /^\d{1,3}(?:[.,]\d{3})+$/.test(plain) ? plain.replace(/[.,]/g, '') : plain;
}

/**
 * Prints minor units as a price in the person's own manner of writing: `€12.50`.
 *
 * @example printMoney(1250, 'EUR') // '€12.50'
 */
export function printMoney(priceMinor: number, currency: Currency, locale = 'en'): string {
  const digits = minorDigits(currency);
  const isWhole = priceMinor % 10 ** digits === 0;
  return formatOf(currency, isWhole ? 0 : digits, locale).format(priceMinor / 10 ** digits);
}

/** Made once for each: to make one takes longer than to print a hundred prices. */
const formats = new Map<string, Intl.NumberFormat>();

function formatOf(currency: Currency, digits: number, locale: string): Intl.NumberFormat {
  const name = `${currency} ${digits} ${locale}`;
  const found =
    formats.get(name) ??
    new Intl.NumberFormat(locale, { style: 'currency', currency, minimumFractionDigits: digits });
  formats.set(name, found);
  return found;
}

function minorDigits(currency: Currency): number {
  return currency === 'JPY' ? 0 : 2;
}

function isSignOf(sign: string, currency: Currency): boolean {
  const signs: readonly string[] = currencySigns[currency];
  return sign === currency.toLowerCase() || signs.includes(sign);
}

function isAnySign(sign: string): boolean {
  return currencies.some((currency) => isSignOf(sign, currency));
}

function notUnderstood(typed: string, currency: Currency): Outcome<never> {
  return refused(typedSays.noPrice(typed, printMoney(1250, currency)));
}
