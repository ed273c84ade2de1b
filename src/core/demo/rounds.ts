import { gearOf, type Loadout, type Round, type Shelf } from '../loadout';
import { goodLine, newRound, withLine } from '../upkeep';
import { demoRoundOn } from './opens-on';

/** What was looked at in the boathouse box in spring; half of it was not reached before the rain. */
const lookedAt = [
  'boathouse-box',
  'old-saw',
  'axe',
  'old-blanket',
  'stored-water',
  'old-meals',
  'flares',
  'radio',
];

/** The last round of the boathouse box. */
export function demoRound(box: Loadout, shelf: Shelf): Round {
  const begun = newRound('spring-round', box, demoRoundOn);
  const looked = lookedAt.map((id) => {
    const placement = box.placements.find((each) => each.id === id)!;
    const line = goodLine(placement, gearOf(shelf, placement), demoRoundOn);
    return id === 'stored-water'
      ? { ...line, note: 'Good until the end of the month: bring new ones.' }
      : line;
  });
  const round = looked.reduce(withLine, begun);
  return {
    ...round,
    endedOn: demoRoundOn,
    unreached: box.placements.length - looked.length,
    note: 'Rain: the cook box was not opened.',
  };
}
