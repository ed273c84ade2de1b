import { harms, type Harm } from '../gear';

/**
 * What does not work while it is soaked, frozen or hot, by the kinds’ ids (own judgement, to the safe side). What only
 * works less well is not here, nor what is ruined where it lies: that is said by each kind itself.
 */
// prettier-ignore
export const failures: Partial<Readonly<Record<Harm, readonly string[]>>> = {
  wet: [
    'mini-lighter', 'cotton-fluff', 'steel-wool', 'headlamp-aa', 'usb-torch', 'loud-hailer', 'cell-broadcast-radio', 'laser-pointer', 'vehicle-plug', 'mains-plug', 'dioxide-tablets', 'iodine-tablets', 'road-atlas',
    'plain-gauze', 'moleskin', 'pencil-stubs', 'id-copy', 'passport', 'co-alarm', 'road-flare', 'glue-sticks',
    'matchbox', 'match-case', 'fire-piston', 'bow-drill', 'tinder-tin', 'char-cloth', 'tinder-fungus', 'fuel-tablets', 'jute-twine', 'lighter', 'fluid-lighter',
    'toilet-roll', 'paper-hankies', 'coffee-filters', 'map', 'paper-notebook', 'field-guide', 'paperback', 'playing-cards', 'contact-card', 'cash',
    'plasters', 'wound-strips', 'blister-plasters', 'dust-mask', 'chlorine-tablets', 'hand-warmer', 'tape-roll', 'full-tape-roll', 'electrical-tape', 'repair-patch',
    'radio', 'phone', 'satnav', 'camp-lantern', 'cell-charger', 'power-bank', 'large-power-bank', 'memory-stick', 'jump-pack', 'uv-pen', 'rechargeable-headlamp',
  ],
  frost: [
    'mini-lighter', 'lighter-gas', 'large-gas-canister', 'press-purifier', 'small-water-pouch', 'bleach', 'insulin', 'antiseptic-ointment',
    'lighter', 'storm-lighter', 'gas-canister', 'small-gas-canister', 'filter', 'straw-filter', 'pump-filter', 'gravity-filter', 'treatment-drops', 'uv-pen',
    'drinking-water', 'bottled-water', 'drinking-bladder', 'burn-gel', 'eye-wash', 'wet-meal', 'pen', 'permanent-marker', 'tyre-foam', 'bear-spray', 'glue', 'instant-glue', 'phone',
  ],
  heat: [
    'mini-lighter', 'lighter-gas', 'large-gas-canister', 'lamp-oil', 'birthday-candle', 'long-burning-candle', 'insulin', 'glue-sticks', 'usb-torch', 'vhf-radio',
    'lighter', 'storm-lighter', 'fluid-lighter', 'gas-canister', 'small-gas-canister', 'petrol-bottle', 'candle', 'tea-lights', 'long-candle', 'wax-tinder', 'cotton-and-wax',
    'power-bank', 'large-power-bank', 'phone', 'jump-pack', 'bear-spray', 'insect-spray', 'air-horn', 'tyre-foam', 'own-medicine', 'allergy-pen', 'instant-glue',
  ],
};

/** What a kind does not work in. */
export function doesNotWorkIn(id: string): readonly Harm[] {
  return harms.filter((harm) => failures[harm]?.includes(id));
}
