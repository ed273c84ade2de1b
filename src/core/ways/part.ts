import { numbered, type Formula, type Gate } from './formula';

/**
 * A part of a formula, numbered anew: of its own sources it says what the whole does, at the price of them alone, which
 * counts where it is asked over and over.
 *
 * @param among numbers of sources in the whole, which must hold all that they rely on.
 */
export function partOf(whole: Formula, among: readonly number[]): Formula {
  const here = new Map(among.map((at, own) => [at, own]));
  const gates: Gate[] = [];
  const known = new Map<number, number>();
  const gate = (at: number): number => {
    const found = known.get(at);
    if (found !== undefined) return found;
    const { sources, items } = whole.gates[at]!;
    known.set(at, gates.length);
    return gates.push({ sources: sources.flatMap((member) => here.get(member) ?? []), items }) - 1;
  };
  const sources = among.map((at) => {
    const source = whole.sources[at]!;
    if (source.needs.length === 0) return source;
    const needs = source.needs.map((need) => ({ ...need, gates: need.gates?.map(gate) ?? null }));
    return { ...source, needs };
  });
  return numbered(sources, gates, whole.goesWith, gate(whole.index.light));
}
