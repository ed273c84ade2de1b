import { gearOf, type Bench, type Loadout } from '../loadout';

/** What a kit costs, without what is there anyhow, by how sure the figure is and whether it is still to be paid. In minor units. */
export interface PriceParts {
  readonly paidMinor: number;
  /** Typical of the kind, for what is there. */
  readonly typicalMinor: number;
  /** For what is only wished for. */
  readonly toBuyMinor: number;
  readonly unpriced: number;
}

export function pricePartsOf(bench: Bench, loadout: Loadout): PriceParts {
  const parts = { paidMinor: 0, typicalMinor: 0, toBuyMinor: 0, unpriced: 0 };
  for (const placement of loadout.placements) {
    if (placement.isAssumed) continue;
    const { priceMinor, priceTrust, ownership } = gearOf(bench.shelf, placement);
    if (priceMinor === null) parts.unpriced += placement.count;
    else {
      const part =
        ownership === 'wished'
          ? 'toBuyMinor'
          : priceTrust === 'stated'
            ? 'paidMinor'
            : 'typicalMinor';
      parts[part] += priceMinor * placement.count;
    }
  }
  return parts;
}
