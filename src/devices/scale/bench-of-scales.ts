import { SimulatedScale } from './simulated-scale';

/** As many scales are kept at once; the one that was used longest ago makes room. */
const mostScales = 50;

const scales = new Map<string, SimulatedScale>();

/** The simulated scale of that name, made where there is none. */
export function scaleNamed(name: string): SimulatedScale {
  const scale = scales.get(name) ?? new SimulatedScale(seedOf(name));
  scales.delete(name);
  scales.set(name, scale);
  const [oldest] = scales.keys();
  if (scales.size > mostScales && oldest !== undefined) scales.delete(oldest);
  return scale;
}

function seedOf(name: string): number {
  let seed = 7;
  for (const letter of name) seed = (seed * 31 + letter.codePointAt(0)!) | 0;
  return seed;
}
