import type { Brief } from '../brief';
import type { Scheme } from './schemes';

const known = new WeakMap<Scheme, WeakMap<Brief, Scheme>>();

/** A scheme with its lanes as a kit’s brief lays them: one object while both are the same. */
export function laidOrder(scheme: Scheme, brief: Brief | null): Scheme {
  const order = brief?.lanes.find((lanes) => lanes.scheme === scheme.id);
  if (brief === null || order === undefined) return scheme;
  const laid = known.get(scheme) ?? new WeakMap<Brief, Scheme>();
  known.set(scheme, laid);
  const found = laid.get(brief) ?? withOrder(scheme, order.categories);
  laid.set(brief, found);
  return found;
}

function withOrder(scheme: Scheme, order: readonly string[]): Scheme {
  const placeOf = ({ id }: { readonly id: string }) => {
    const at = order.indexOf(id);
    return at < 0 ? order.length : at;
  };
  const categories = [...scheme.categories].sort((one, other) => placeOf(one) - placeOf(other));
  return { ...scheme, categories };
}
