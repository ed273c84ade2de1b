import { gearOf, type Loadout, type Shelf, type Trip } from '../loadout';

/** What lay in the pack without being touched, by its gear: on both trips, and on the first alone. */
const neverTouched = ['pressure-bandage', 'throw-line', 'needles', 'contact-card', 'tarred-line'];
const onTheFirst = ['cord-6', 'multi-tool', 'bivvy', 'tape'];

/** Two trips of a kit that its owner told of: a weekend in spring and two light nights in July. */
export function demoTrips(kit: Loadout, shelf: Shelf): readonly Trip[] {
  const told = (idle: readonly string[]) =>
    [...new Set(kit.placements.map(({ gear }) => gear))].map((gear) => ({
      gear,
      name: gearOf(shelf, { ...kit.placements[0]!, gear }).name,
      wasUsed: !idle.includes(gear),
    }));
  const about = { kit: kit.id, kitName: kit.name };
  return [
    {
      id: 'spring-trip',
      ...about,
      name: 'A weekend in May',
      from: '2026-05-15',
      to: '2026-05-17',
      pieces: told([...neverTouched, ...onTheFirst]),
      missed: ['insect repellent'],
      note: '',
    },
    {
      id: 'july-trip',
      ...about,
      name: 'July, two light nights',
      from: '2026-07-10',
      to: '2026-07-12',
      pieces: told(neverTouched),
      missed: ['whetstone', 'a second water bag'],
      note: 'The knife was dull by the second evening.',
    },
  ];
}
