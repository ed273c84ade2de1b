import type { Loss } from '../loadout';

/** What a loss is called in files: `holder:barrel`, `condition:soaked`; an item of a placement without its number. */
export function lossId(loss: Loss): string {
  return loss.kind === 'condition'
    ? `condition:${loss.condition}`
    : `${loss.kind}:${loss.placement}`;
}
