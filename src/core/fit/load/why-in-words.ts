import { printLength, printVolume, type UnitSystem } from '../../quantity';
import { openingInWords } from '../mouth';
import type { Why } from './why';

/** Why, in a sentence without the piece's name. */
export function whyInWords(why: Why, units: UnitSystem): string {
  switch (why.why) {
    case 'lid':
      return why.isUpright
        ? `stays upright, and stands ${printLength(why.byMm, units)} out of the top, so that the lid does not close`
        : `stands ${printLength(why.byMm, units)} out of the top, so that the lid does not close`;
    case 'upright':
      return why.isLid
        ? `stays upright, and stands ${printLength(why.byMm, units)} out of the top, so that the lid does not close; laid down it goes in`
        : `stays upright, and is ${printLength(why.byMm, units)} too wide for that; laid down it goes in`;
    case 'too long':
      return `${printLength(why.byMm, units)} too long, and it does not go in corner to corner either`;
    case 'mouth':
      return `needs ${openingInWords(why.needsMm, units)} and the mouth is ${openingInWords(why.mouthMm, units)}`;
    case 'at an angle':
      return 'goes in only on the diagonal, corner to corner, by itself; that takes the room of the others and is not laid out';
    case 'no turning':
      return 'passes the mouth, but no way was found to turn it below it to where it would lie';
    case 'pressed':
      return `pressed as tight as it goes it takes ${printVolume(why.needsMl, units)}, and the room is ${printVolume(why.roomMl, units)}`;
    case 'too thick':
      return `cannot be made thin enough, by ${printLength(why.byMm, units)}`;
    case 'filled':
      return `as it is filled, ${whyInWords(why.so, units)}; filled another way it might go in`;
    case 'too much':
      return `no room: all pieces together, pressed tight, are ${printVolume(why.byMl, units)} more than there is`;
    case 'fault':
      return `not laid out: an answer was found that does not hold (${why.wrong.replace(/\.$/, '')}). A fault of this program; nothing is claimed of this room`;
    case 'no place found':
      return 'no place found beside the others; not proven that there is none';
  }
}
