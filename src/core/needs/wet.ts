import type { WarmStuff } from '../gear';
import { treeOf } from '../loadout';
import { isKeptDry } from '../ways';
import type { Given, NeedsKit } from './needs-kit';

/** What is left of what warms once it is wet through, by what warms in it (own). */
const wetShare: Partial<Readonly<Record<WarmStuff, number>>> = {
  down: 0.3,
  cotton: 0.3,
  synthetic: 0.7,
  wool: 0.8,
};

/** What of its warmth a piece keeps: all of it, but where everything is soaked and nothing keeps this dry. */
export function dryShare(kit: NeedsKit, { placement, supply: { facts } }: Given): number {
  if (!kit.holding.has('soaked') || facts?.of !== 'warmth') return 1;
  if (isKeptDry(treeOf(kit.loadout), kit.shelf, placement)) return 1;
  return wetShare[facts.stuff] ?? 1;
}
