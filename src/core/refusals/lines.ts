import type { Sentences } from './outcome';
import { quoted } from './quoted';

/** What keeps a line of gear from being read, or from being believed. */
export const lineSays = {
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
  twoDays: (text: string) => `${quoted(text)} can be two days: write it like 2027-04-30.`,
  noDayTyped: (text: string) =>
    `${quoted(text)} is not a day this understands: write it like 2027-04-30.`,
  lengthOfNothing: () => 'A length is above 0.',
  namelessLine: () => 'Write what it is as well, like: steel bottle 1 L 210 g 90x200 mm.',
  lineTooLong: (most: number) =>
    `The line is longer than ${most} characters: write one piece a line.`,
  volumeOfNothing: () => 'A volume is above 0.',
  sideNamedOfNothing: (side: string) => `A ${side} is above 0.`,
} as const satisfies Sentences;
