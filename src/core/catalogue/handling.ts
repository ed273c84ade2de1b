import { byName } from '../quantity';
import type { Cavity, Closure, Silhouette } from '../gear';

/**
 * What each kind carries at most over all its cavities, in g (own planning values: what its straps and seams are usually sold
 * for, to the safe side).
 */
export const mostLoads = byName<number>({
  'belt-pouch': 1500,
  'utility-pouch': 1500,
  'leather-belt-pouch': 2000,
  'accessory-pouch': 1000,
  'bottle-pouch': 2500,
  'stuff-sack': 4000,
  'waist-bag': 3000,
  'sling-bag': 5000,
  haversack: 8000,
  'pocket-vest': 4000,
  pack: 18_000,
  'day-bag': 8000,
  'school-bag': 9000,
  'pack-30': 11_000,
  'pack-60': 20_000,
  'pack-75': 30_000,
  'hydration-pack': 5000,
  duffel: 25_000,
  'dry-bag': 8000,
  barrel: 25_000,
  'big-barrel': 40_000,
  'lidded-bucket': 25_000,
  box: 25_000,
  'small-tote': 12_000,
  'large-tote': 40_000,
  'vehicle-crate': 35_000,
  'food-hang-bag': 8000,
  'ammo-box': 20_000,
});

/**
 * What bears when something hangs on it, in newtons at most: accessory pieces by what they are usually stamped with, rated ones
 * by their standard (EN 12275 for locking carabiners, EN 566 for slings), vehicles’ by the label of a common one.
 */
export const bears = byName<number>({
  carabiner: 500,
  'climbing-carabiner': 20_000,
  'rated-sling': 22_000,
  hammock: 1500,
  webbing: 2000,
  'ratchet-strap': 8000,
  'hooked-bungee': 150,
  'tow-rope': 20_000,
  'tow-strap': 50_000,
  shackle: 32_000,
  'tarp-clips': 100,
});

/** What is opened, by how a kind is drawn; what a single kind does otherwise is named below. */
const bySilhouette: Partial<Readonly<Record<Silhouette, Closure>>> = {
  tin: 'flap',
  tinder: 'screw',
  can: 'flap',
  box: 'flap',
  barrel: 'screw',
  bottle: 'screw',
  'match-case': 'screw',
  pouch: 'zip',
  wallet: 'flap',
  'dry-bag': 'roll',
  garment: 'zip',
  'food-pouch': 'zip',
  'first-aid': 'zip',
  'water-bag': 'zip',
  pack: 'zip',
  bucket: 'flap',
};

const byKind = byName<Closure>({
  barrel: 'buckle',
  'big-barrel': 'buckle',
  'ammo-box': 'buckle',
  'small-ammo-box': 'buckle',
  'dry-case': 'buckle',
  'lunch-box': 'buckle',
  haversack: 'buckle',
  'leather-belt-pouch': 'buckle',
  'tool-roll': 'buckle',
  'stuff-sack': 'flap',
  'folding-bucket': 'none',
  'canteen-cup': 'none',
  'refuse-bags': 'none',
});

/** Cavities that are open, or opened otherwise than the rest of their piece. */
const byCavity = byName<Closure>({
  left: 'none',
  right: 'none',
  sleeve: 'none',
  loops: 'none',
});

/** How a cavity of a kind is opened; null where nobody says. */
export function closureOf(kindId: string, silhouette: Silhouette, cavity: Cavity): Closure | null {
  if (cavity.closure !== null) return cavity.closure;
  const isPack = silhouette === 'pack';
  if (isPack && cavity.id === 'main' && !byKind.has(kindId))
    return kindId.startsWith('pack') ? 'buckle' : 'zip';
  if (isPack && byCavity.get(cavity.id)) return byCavity.get(cavity.id)!;
  return byKind.get(kindId) ?? bySilhouette[silhouette] ?? null;
}

/** The steps that lamps are usually switched between, in lumens: how long each lasts follows from the light they hold. */
export const lampSteps = byName<readonly number[]>({
  headlamp: [20, 100, 200],
  'headlamp-aa': [20, 80, 150],
  'headlamp-cr123a': [20, 120, 300],
  'headlamp-18650': [30, 200, 600],
  'rechargeable-headlamp': [20, 100, 250],
  torch: [20, 90, 150],
  'usb-torch': [30, 150, 400],
  'strong-torch': [30, 250, 800],
  'key-light': [8],
  'camp-lantern': [60, 200],
  'crank-torch': [15],
  'solar-lantern': [20, 60],
  phone: [40],
});

/** What is heard from afar in use or in the pack (own judgement). */
export const noisy: readonly string[] = [
  'whistle',
  'air-horn',
  'loud-hailer',
  'perimeter-alarm',
  'felling-axe',
  'camp-axe',
  'hatchet',
  'hammer',
  'splitting-wedge',
  'reflective-sheet',
  'film-bivvy',
  'nonwoven-tarp',
  'petrol-stove',
  'mini-flares',
];

/** Vessels that are kept for clean water: dirty water in one of them is found out too late. */
export const cleanOnly: readonly string[] = [
  'drinking-bladder',
  'vacuum-flask',
  'insulated-bottle',
  'press-purifier',
  'hydration-pack',
];
