import { byName } from '../quantity';

/**
 * What couples with what, by kind, in sizes: a thread, a valve, a plug. What one piece takes another has to have. Sizes are the
 * common ones; one’s own piece may differ, so that it is tried before it is counted on.
 */
export interface Couplings {
  readonly has?: readonly Coupling[];
  readonly takes?: readonly Coupling[];
}

export type Coupling =
  | 'bottle thread 28 mm'
  | 'bottle thread 44 mm'
  | 'bottle thread 63 mm'
  | 'screw valve of a gas canister'
  | 'lighter gas valve'
  | 'USB-A socket'
  | 'USB-C socket'
  | 'USB-C cable'
  | '12 V socket'
  | 'car tyre valve'
  | 'bicycle tyre valve'
  | 'bit 6.35 mm';

const cableEnd = { has: ['USB-C cable'], takes: ['USB-A socket'] } as const;
const chargedByCable = { takes: ['USB-C cable'] } as const;
const bank = { has: ['USB-A socket', 'USB-C socket'], takes: ['USB-C cable'] } as const;
const canister = { has: ['screw valve of a gas canister'] } as const;

export const couplings = byName<Couplings>({
  filter: { takes: ['bottle thread 28 mm'] },
  'thin-bottle': { has: ['bottle thread 28 mm'] },
  'soft-bottle': { has: ['bottle thread 28 mm'] },
  'water-bag': { has: ['bottle thread 28 mm'] },
  'marked-pouch': { has: ['bottle thread 28 mm'] },
  'bottled-water': { has: ['bottle thread 28 mm'] },
  'steel-bottle': { has: ['bottle thread 44 mm'] },
  'plastic-bottle': { has: ['bottle thread 63 mm'] },
  'gas-stove': { takes: ['screw valve of a gas canister'] },
  'gas-canister': canister,
  'small-gas-canister': canister,
  'large-gas-canister': canister,
  'storm-lighter': { takes: ['lighter gas valve'] },
  'lighter-gas': { has: ['lighter gas valve'] },
  'charging-cable': cableEnd,
  'power-bank': bank,
  'large-power-bank': bank,
  'jump-pack': bank,
  'solar-panel': { has: ['USB-A socket'] },
  'mains-plug': { has: ['USB-A socket', 'USB-C socket'] },
  'vehicle-plug': { has: ['USB-A socket'], takes: ['12 V socket'] },
  phone: chargedByCable,
  'rechargeable-headlamp': chargedByCable,
  'usb-torch': chargedByCable,
  'satellite-messenger': chargedByCable,
  'tyre-pump': { takes: ['12 V socket', 'car tyre valve'] },
  'hand-pump': { takes: ['bicycle tyre valve'] },
});
