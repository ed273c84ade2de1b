import type { Brief } from '../brief';
import { gearOf, groundUnder, treeOf, type Loadout, type Shelf } from '../loadout';

/** What one sleeps and sits in where a kit stands in it: a house, or a vehicle that is the way on. */
export type Shelter = 'house' | 'vehicle';

/** How much warmer than outside it is in a vehicle that stands, and the least in a house without heating, in °C (own). */
const warmerInVehicleC = 4;
const leastInHouseC = 8;

/**
 * The shelter that a kit stands in: most of its mass is in a house, or in a vehicle that people stay with. A canoe, a sledge or a
 * bicycle is no roof: of a vehicle the brief says what it weighs, or that it is held up on a road. Null where they are on their feet.
 */
export function shelterOf(loadout: Loadout, shelf: Shelf, brief: Brief): Shelter | null {
  if (brief.route !== null) return null;
  const tree = treeOf(loadout);
  const massOn = { house: 0, vehicle: 0, all: 0 };
  for (const placement of loadout.placements) {
    const massG = (gearOf(shelf, placement).massG ?? 0) * placement.count;
    const ground = groundUnder(tree, placement);
    massOn.all += massG;
    if (ground === 'house' || ground === 'vehicle') massOn[ground] += massG;
  }
  if (massOn.house > massOn.all / 2) return 'house';
  const isMotor = brief.country === 'road' || brief.vehicleKg !== null;
  return isMotor && massOn.vehicle > massOn.all / 2 ? 'vehicle' : null;
}

/** How warm the air is in a shelter when it is so cold outside, in °C. */
export function airInside(shelter: Shelter | null, outsideC: number): number {
  if (shelter === 'house') return Math.max(leastInHouseC, outsideC);
  return shelter === 'vehicle' ? outsideC + warmerInVehicleC : outsideC;
}
