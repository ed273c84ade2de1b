import type { ListLine, ReferenceList } from '../loadout';
import type { JobId } from '../gear';

function line(text: string, kind: string | null, ...jobs: readonly JobId[]): ListLine {
  return { text, kind, jobs };
}

/** What the made-up paddling club of the Teal Lakes holds that everybody should have along. */
export const demoLists: readonly ReferenceList[] = [
  {
    id: 'club-list',
    name: 'Lake club’s list',
    note: 'From the noticeboard at the landing, for trips of more than a day.',
    lines: [
      line('Throw line', 'tow-line', 'tow'),
      line('Whistle on the body', 'whistle', 'signal-sound'),
      line('Two ways to make fire', null, 'flame', 'spark', 'sun-fire'),
      line('Spare warm layer, dry', 'dry-layers', 'insulate'),
      line('Roof for everybody', null, 'roof'),
      line('First-aid set', 'first-aid-pouch', 'first-aid'),
      line('Repair kit: tape, glue, needle', null, 'tape', 'glue', 'sew'),
      line('Map and compass', null, 'map', 'bearing'),
      line('Signal for the night', null, 'signal-night'),
      line('A song for the rain', null),
    ],
  },
];
