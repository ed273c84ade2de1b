import { kindOf } from '../catalogue';
import { whyInWords } from '../fit';
import { gearOf, placementOf, type Bench, type Ground, type Loadout } from '../loadout';
import type { UnitSystem } from '../quantity';
import type { Because, InCavity, WhyLeft } from './packing';
import type { ChangeFound } from './smallest-change';

const onGround: Readonly<Record<Ground, string>> = {
  body: 'it is carried on the body',
  vehicle: 'it stands in the vehicle',
  house: 'it stands in the house',
  mat: 'it lies on the mat',
};

/** How many names a sentence says before it counts the rest. */
const mostNamed = 2;

/** Why a piece goes where it goes, in a few words without its name. */
export function becauseInWords(why: Because, kit: Loadout, { shelf }: Bench): string {
  switch (why.because) {
    case 'stands there':
      return 'it stands where you set it';
    case 'outermost':
      return `it goes into no other holder of this kit: ${onGround[why.on]}`;
    case 'no holder has room':
      return 'no holder has room for it, and it stood there';
    case 'wanted at once':
      return 'wanted at once, it is nearest to hand there';
    case 'on the body':
      return 'on the body it is not lost with a bag';
    case 'for the camp':
      return 'not wanted before the camp is made';
    case 'kept dry':
      return 'it is no use wet, and stays dry there';
    case 'apart from its backup': {
      const names = why.of.slice(0, mostNamed).map((id) => nameIn(kit, shelf, id));
      return `not beside ${namesInWords(names, why.of.length)}, which can do its job`;
    }
    case 'made for it':
      return 'that is made to hold it';
    case 'with its like':
      return 'with others for the same jobs';
    case 'small things together':
      return 'it is small, and would be lost in a large room';
    case 'only room':
      return 'no other room takes it';
    case 'room there':
      return 'there is room for it';
  }
}

/** Why a piece is in no room, as a sentence without its name. */
export function leftInWords(why: WhyLeft, kit: Loadout, bench: Bench, units: UnitSystem): string {
  switch (why.left) {
    case 'no size':
      return 'nobody knows its size, so that no room can be laid out with it: give it one';
    case 'no holder':
      return 'there is no holder in this kit: add one';
    case 'into none':
      return `it goes into no holder of this kit; of ${roomName(why.nearest, kit, bench)}: ${whyInWords(why.why, units)}`;
    case 'full': {
      const names = [...new Set(why.rooms.map((room) => roomName(room, kit, bench)))];
      return `no place was found in ${namesInWords(names.slice(0, mostNamed), names.length)} beside what is needed sooner or takes more room`;
    }
    case 'too heavy':
      return `${roomName(why.room, kit, bench)} has room, but may not carry so much`;
    case 'spoils':
      return `the one room left is ${roomName(why.room, kit, bench)}, with ${nameIn(kit, bench.shelf, why.beside)}: the one would spoil the other`;
  }
}

/** `Portage pack, lid pocket`: the holder, and the cavity where it has several. */
export function roomName({ in: holder, cavity }: InCavity, kit: Loadout, { shelf }: Bench): string {
  const placement = placementOf(kit, holder);
  if (!placement) return holder;
  const { name, cavities } = gearOf(shelf, placement);
  const space = cavities.find(({ id }) => id === cavity);
  return cavities.length > 1 && space ? `${name}, ${space.name}` : name;
}

function nameIn(kit: Loadout, shelf: Bench['shelf'], id: string): string {
  const placement = placementOf(kit, id);
  return placement ? gearOf(shelf, placement).name : 'another piece';
}

function namesInWords(names: readonly string[], all: number): string {
  const more = all - names.length;
  return more > 0 ? `${names.join(', ')} and ${more} more` : names.join(' and ');
}

/** What would have to be different for more to go in, as a sentence. */
export function changeInWords({ change, left }: ChangeFound, { shelf }: Bench): string {
  const then = left === 0 ? 'all goes in' : 'more goes in';
  switch (change.change) {
    case 'anew':
      return `Packed from nothing, ${then}.`;
    case 'lay down':
      return `With ${shelf.get(change.gear)!.name} laid down, ${then}.`;
    case 'take':
      return `With ${shelf.get(change.gear)!.name} from the shelf, ${then}.`;
    case 'get':
      return `With ${kindOf(change.kind)!.name.toLowerCase()}, typical size, ${then}; the shelf has none free.`;
  }
}
