import { quoted } from './quoted';
import type { Sentences } from './outcome';

/** What keeps something typed from being a number, a measure, a price or a size. */
export const typedSays = {
  noneOfIt: (count: string) =>
    `${count} is none of it. Leave the line out, or write how many there are.`,
  noNumberFirst: (text: string) => `${quoted(text)} does not start with a number.`,
  dividesByNothing: (text: string) => `${quoted(text)} divides by nothing.`,
  twoNumbers: (text: string, one: string, other: string) =>
    `${quoted(text)} can mean ${one} or ${other}: write ${one} or ${other}.`,
  noNumber: (text: string) =>
    `${quoted(text)} is not a number this understands: write it like 1234.5.`,
  measureMissing: (what: string, examples: string) => `Write a ${what}, like ${examples}.`,
  measureBelowZero: (what: string) => `A ${what} cannot be below zero.`,
  measureTooLarge: (what: string, most: string) =>
    `A ${what} of more than ${most} is not believed.`,
  noMeasure: (text: string, what: string, examples: string) =>
    `${quoted(text)} is not a ${what} this understands: write it like ${examples}.`,
  unitMissing: (text: string, examples: string) =>
    `${quoted(text)} of what: say the unit, like ${examples}.`,
  otherCurrency: (text: string, currency: string) =>
    `Prices here are in ${currency}, and ${quoted(text)} is not: work it out in ${currency}.`,
  priceTooLarge: () => 'A price of more than ten million is not believed.',
  noPrice: (text: string, example: string) =>
    `${quoted(text)} is not a price this understands: write it like ${example} or 12.50.`,
  sideOfNothing: () => 'Every side of a size is above zero.',
  noSize: (text: string, examples: string) =>
    `${quoted(text)} is not a size this understands: write it like ${examples}.`,
} as const satisfies Sentences;
