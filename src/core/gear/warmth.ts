/** What a sleeper gives off, and how a clo is counted: 47 W/m², of which three quarters go through the insulation; 0.155 m²K/W. */
const degreesPerClo = 0.155 * 0.75 * 47;

/** The skin that has to stay warm, in °C. */
const skinC = 33;

/** What a sleeper wears who went to bed clothed, in clo (own planning value). */
export const clothedClo = 1;

/**
 * The lowest temperature at which so much insulation keeps a sleeper, in °C.
 *
 * @example sleepTempC(4.9) // 6.2
 */
export function sleepTempC(clo: number): number {
  return skinC - clo * degreesPerClo;
}

/** What a sleeper needs at a temperature, in clo: {@link sleepTempC} turned round. */
export function sleepClo(tempC: number): number {
  return (skinC - tempC) / degreesPerClo;
}
