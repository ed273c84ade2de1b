import { countryOf } from '../brief';
import type { Country } from '../catalogue/countries';
import type { JobId } from '../gear';
import { answered, notKnown, type Answer } from './need';
import { listed } from '../quantity';
import { idsOf, isRelied, type NeedsKit } from './needs-kit';

/** Which signals carry in a country: sound does not over open distance, what is seen not under a closed canopy. */
const carries: Readonly<Record<Country['view'], readonly JobId[]>> = {
  closed: ['signal-sound', 'signal-night', 'call'],
  broken: ['signal-sound', 'signal-day', 'signal-night', 'call'],
  open: ['signal-day', 'signal-night', 'call'],
};

const words: Partial<Readonly<Record<JobId, string>>> = {
  'signal-sound': 'sound',
  'signal-day': 'by day',
  'signal-night': 'by night',
  call: 'a call',
};

/** How many kinds of signal there should be that carry (own). */
const waysAsked = 2;

/** Signals that carry there, hours until somebody looks, and whether anybody knows. */
export function found(kit: NeedsKit): Answer {
  const { brief, print } = kit;
  if (kit.shelter === 'house') return atHome();
  const country = countryOf(brief);
  if (country === null) return notKnown('signals', 'the kind of country');
  const isNeverDark = kit.conditions.dark?.longestH === 0;
  const jobs = carries[country.view].filter((job) => job !== 'signal-night' || !isNeverDark);
  const given = jobs.map((job) => ({ job, by: kit.given(job).filter(isRelied) }));
  const there = given.filter(({ by }) => by.length > 0);
  const knows = brief.noteLeftWith !== '';
  const isMet = there.length >= waysAsked;
  return answered({
    standing: isMet ? 'met' : there.length > 0 ? 'short' : 'none',
    demand: waysAsked,
    supply: there.length,
    unit: 'signals',
    days: null,
    says: [
      there.length === 0
        ? 'No signal here carries in that country.'
        : `Signals that carry there: ${listed(there.map(({ job }) => words[job]!))}.`,
      brief.searchHours === null
        ? ''
        : `A search starts after ${print.number(brief.searchHours)} h.`,
      knows ? `${brief.noteLeftWith} knows.` : 'Nobody was left a trip note.',
    ]
      .filter((part) => part !== '')
      .join(' '),
    placements: idsOf(there.flatMap(({ by }) => by)),
    steps: [
      `${country.name}: ${country.view} view.`,
      ...(isNeverDark ? ['It never darkens there: no light is seen as a signal.'] : []),
    ],
  });
}

/** Where they live they are found: nothing is asked. */
function atHome(): Answer {
  return answered({
    standing: 'met',
    demand: 0,
    supply: 0,
    unit: 'signals',
    days: null,
    says: 'At home: nobody has to look for them.',
  });
}
