/**
 * What lines must be read as: the line, the kind (`a|b` either, empty for none that is sure), and what must hold of the gear.
 *
 * `x3` three pieces · `198g` that mass, within an eighth · `food=700` that amount, within a twentieth · `full=12` so much in one ·
 * `food=900..1100` from the one to the other · `left=0.5` that share of a full one · `bears=3000` so many kg · `cells=2` so many in it ·
 * `persons=2` told to be for so many ·
 * `+boil` does it · `!boil` does not · `?pot` is among the others that are offered · `refused` is told to be wrong.
 */
export type Line = readonly [line: string, kind: string, holds?: string];
