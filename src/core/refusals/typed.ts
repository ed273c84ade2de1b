import { quoted } from './quoted';
import type { Sentences } from './outcome';

/** What keeps something typed from being a number, a measure, a price, a size or a line. */
export const typedSays = {
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
  sheetTooLarge: (areaM2: number) =>
    `A sheet of ${areaM2} m² is not believed: say the unit, like 3x3 m or 10x10 ft.`,
  sheetRatherInFeet: (areaM2: number, text: string, feetM2: number) =>
    `A sheet of ${areaM2} m² is not believed. ${text.trim()} ft would be ${feetM2} m²: say the unit.`,
  whichDegrees: (degrees: number) =>
    `${degrees} degrees of what: write ${degrees} °C or ${degrees} °F.`,
  moreThanFat: (kcal: number, massG: number, most: number) =>
    `${kcal} kcal in ${massG} g is not believed: no food gives more than ${most} kcal a gram. Check both.`,
  heavierThanMetal: (gPerMl: number) =>
    `A mass of ${gPerMl} g for each mL of its size is not believed: no metal is as heavy. Check both.`,
  moreLightThanPower: (lumenHours: number, energyWh: number, most: number) =>
    `${lumenHours} lumen-hours out of ${energyWh} Wh are not believed: no lamp gives more than ${most} lm for each watt.`,
  farTooHeavy: (massKg: number, typicalKg: number) =>
    `${massKg} kg is not believed: one of its kind weighs about ${typicalKg} kg. Check the unit.`,
  lengthOfNothing: () => 'A length is above 0.',
  namelessLine: () => 'Write what it is as well, like: steel bottle 1 L 210 g 90x200 mm.',
  lineTooLong: (most: number) =>
    `The line is longer than ${most} characters: write one piece a line.`,
  volumeOfNothing: () => 'A volume is above 0.',
  sideNamedOfNothing: (side: string) => `A ${side} is above 0.`,
} as const satisfies Sentences;
