import type { SchoolId } from './schools';

/** What each school is about, and why its default is what it is. */
export const schoolsTold: Readonly<
  Record<SchoolId, { readonly about: string; readonly because: string }>
> = {
  first: {
    about: 'What comes first',
    because: 'What kills soonest there and is hardest to make do comes first.',
  },
  cold: {
    about: 'Cold nights',
    because: 'A fire goes out, is forbidden, or is not lit at all by who is hurt.',
  },
  wood: { about: 'Wood', because: 'A saw does most for its mass and hurts least often.' },
  pegs: {
    about: 'Pegs, beds and poles',
    because: 'What is carried is there in the dark, and spares the trees.',
  },
  cord: { about: 'Cord', because: 'Thick bears and comes apart; thin gives metres.' },
  foodFromLand: {
    about: 'Food from the land',
    because: 'A catch is a chance, and mostly unlawful.',
  },
  water: { about: 'Water', because: 'Two that fail in different ways.' },
  vessel: { about: 'Vessel in the fire', because: 'The bottle stays clean, and whole.' },
  seen: { about: 'Being seen', because: 'Who needs help wants to be found.' },
  firstAid: {
    about: 'First aid',
    because: 'The grave one leaves no time to fetch what is missing.',
  },
  bed: { about: 'Bed', because: 'The ground decides: wet, stony and crawling is hung over.' },
  onBody: { about: 'On the body', because: 'A bag is lost in one moment.' },
  bestPieces: { about: 'Best pieces', because: 'What is used is what is known.' },
  doubles: { about: 'Doubles', because: 'What one’s life hangs on fails at the worst time.' },
  howMuch: { about: 'How much', because: 'Mass costs too, and lack costs more.' },
};
