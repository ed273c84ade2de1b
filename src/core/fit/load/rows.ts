/** How much of a length rows of given sides can fill: what is over is lost to any box. */
export class Rows {
  private readonly stepMm: number;
  /** The longest row within each number of steps, in mm. */
  private readonly longest: Float64Array;

  /** `sides` and the longest length that is asked for, in mm; told in steps of a millimetre or finer. */
  constructor(sides: readonly number[], mostMm: number) {
    this.stepMm = mostMm / Math.ceil(Math.max(mostMm, 512));
    const count = Math.ceil(mostMm / this.stepMm) + 2;
    const isRow = new Uint8Array(count);
    isRow[0] = 1;
    const steps = [...new Set(sides)].map((side) => Math.round(side / this.stepMm));
    this.longest = new Float64Array(count);
    let last = 0;
    for (let at = 0; at < count; at += 1) {
      if (steps.some((side) => side <= at && side > 0 && isRow[at - side]!)) isRow[at] = 1;
      if (isRow[at]) last = at;
      this.longest[at] = last * this.stepMm;
    }
  }

  longestWithin(lengthMm: number): number {
    return lengthMm <= 0 ? 0 : this.longest[Math.floor(lengthMm / this.stepMm + 1e-4)]!;
  }
}
