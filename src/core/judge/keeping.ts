import { hasFailed, igniteJobs, isAtHand, type JobId } from '../gear';
import { kitsByName } from '../loadout';
import { listed, withVerb } from '../quantity';
import { untriedAt, duesOf, heldInKit } from '../upkeep';
import { idsOf } from './background';
import type { ContextId } from '../scheme/context';
import type { Rule } from './finding';

/** What is to be charged, and was not. */
export const chargeDue: Rule<{ readonly since: string }> = {
  id: 'keep/charge',
  severities: ['warn'],
  speaksWhen: 'a recharge is due',
  mendedBy: 'charge it, then mark it as charged',
  asks: 'when it was last charged',
  because: 'What lies empty for a year never fills again.',
  find: ({ own, bench, day }) => {
    const dues = heldInKit(own, bench.shelf, day)
      .flatMap((held) => (isAtHand(held.gear) ? duesOf(held).dues : []))
      .filter(({ act, on }) => act === 'recharge' && on < day);
    const byPiece = new Map(dues.map((due) => [due.placement!.id, due.on]));
    return [...byPiece].map(([id, since]) => ({
      severity: 'warn',
      about: [id],
      figures: { since },
    }));
  },
  says: ({ since }, { name }, [placement]) =>
    `${withVerb(name(placement!), 'was', 'were')} to be charged by ${since}.`,
};

/** Two kits count on one piece that goes from kit to kit. */
export const countedOnTwice: Rule<{ readonly kits: readonly string[] }> = {
  id: 'keep/count-on',
  severities: ['warn'],
  speaksWhen: 'two kits count on one piece',
  mendedBy: 'add a second one to the shopping list, or decide which kit has it',
  asks: null,
  because: 'One of them goes without it on the day that both go.',
  find: ({ bench, own, gear }) =>
    own.placements.flatMap(({ id }) => {
      const { id: gearId, isShared, count } = gear(id);
      if (!isShared) return [];
      const kits = kitsByName(bench).filter(({ placements }) =>
        placements.some((placement) => placement.gear === gearId),
      );
      return kits.length <= count
        ? []
        : [
            {
              severity: 'warn' as const,
              about: [id],
              figures: { kits: kits.map(({ name }) => name) },
            },
          ];
    }),
  says: ({ kits }, { name }, [placement]) => `${listed(kits)} count on one ${name(placement!)}.`,
};

/** What a critical job is counted on, and was never tried. */
/** What works otherwise than one thinks, until it was tried once: a bottle and a knife do what they look like. */
const triedFor: readonly JobId[] = [...igniteJobs, 'treat-water', 'roof', 'stove'];

export const neverTried: Rule<null> = {
  id: 'trust/untried',
  severities: ['warn'],
  speaksWhen: 'a piece that a critical job is counted on was never tried',
  mendedBy: 'test it at home, then mark it as tested',
  asks: 'what kind of piece it is',
  because: 'Gear that was never used fails on the first night.',
  find: (_kit, { pieces, brief }) => {
    if (brief === null) return [];
    const open = pieces.filter(
      ({ gear }) =>
        gear.supplies.some(
          ({ job, fitness }) => fitness === 'made-for' && triedFor.includes(job),
        ) && untriedAt(gear).length > 0,
    );
    return open.length === 0
      ? []
      : [{ severity: 'warn', about: idsOf(open), of: 'untried', figures: null }];
  },
  says: (_, { name }, about) => {
    const shown = about.slice(0, 4).map(name);
    return `Never tried: ${listed(about.length > 4 ? [...shown, `${about.length - 4} more`] : shown)}.`;
  },
};

/** Tried, failed, and still in the kit. */
export const failedTrial: Rule<null> = {
  id: 'trust/failed',
  severities: ['stop'],
  speaksWhen: 'a piece failed when it was tried, and is still counted on',
  mendedBy: 'take another one, or leave it at home',
  asks: null,
  because: 'It failed at home, where it was easy.',
  find: ({ whole, gear }) =>
    whole.placements
      .filter(({ id }) => hasFailed(gear(id).checks))
      .map(({ id }) => ({ severity: 'stop', about: [id], figures: null })),
  says: (_, { name }, [placement]) => `${name(placement!)} failed when it was tried.`,
};

/** Kinds that ask for leave in many places (own judgement; local law comes first). */
const licensed: readonly string[] = [
  'fishing-set',
  'gill-net',
  'snares',
  'snare-wire',
  'catapult',
  'bear-spray',
  'machete',
  'escape-set',
  'radio',
  'vhf-radio',
  'flare',
  'mini-flares',
  'road-flare',
  'smoke-signal',
];

/** Pieces that need leave in many places. */
export const needsLeave: Rule<null> = {
  id: 'law/licence',
  severities: ['note'],
  speaksWhen:
    'gear needs leave in many places: nets and snares, sprays, long blades, radios, flares',
  mendedBy: 'ask the authority of the place before you carry it',
  asks: 'what kind of piece it is',
  because: 'Local law comes first: ask before you carry it.',
  find: (_kit, { ofKind, brief }) => {
    const own = brief === null ? [] : ofKind(...licensed);
    return own.length === 0
      ? []
      : [{ severity: 'note', about: idsOf(own), of: 'licence', figures: null }];
  },
  says: (_, { name }, about) =>
    `Leave or a licence is needed in many places for ${listed(about.map(name))}.`,
};

const blades: readonly string[] = [
  'belt-knife',
  'neck-knife',
  'kitchen-knife',
  'crook-knife',
  'machete',
  'hatchet',
  'camp-axe',
  'felling-axe',
  'bear-spray',
  'folding-saw',
];

/** Blades and sprays where people are carried. */
export const inCarriage: Rule<null> = {
  id: 'law/carriage',
  severities: ['note'],
  speaksWhen: 'blades or sprays are worn or carried on the way there',
  mendedBy: 'pack it away, out of reach, on the way there',
  asks: 'what kind of piece it is',
  because: 'Railways, ships and towns have rules of their own: packed away, and out of reach.',
  find: (_kit, { ofKind, brief }) => {
    const own = brief === null ? [] : ofKind(...blades);
    const onBody = own.filter(({ placement: { place } }) => 'on' in place && place.on === 'body');
    return onBody.length === 0
      ? []
      : [{ severity: 'note', about: idsOf(onBody), of: 'carriage', figures: null }];
  },
  says: (_, { name }, about) =>
    `${listed(about.map(name))}: in trains, ships and towns packed away, not worn.`,
};

/** At home, on the road and in town somebody misses them without a note. */
function isMissedAnyway(context: ContextId | null): boolean {
  return context === 'home' || context === 'vehicle' || context === 'town';
}

/** Nobody knows where they go. */
export const noNote: Rule<null> = {
  id: 'people/note',
  severities: ['note'],
  speaksWhen: 'nobody was left a trip note',
  mendedBy: 'write the trip note, and leave it with someone',
  asks: 'nights out, or a day on foot',
  because: 'A search starts when somebody misses you, where you said you would be.',
  find: (_kit, { brief, nights, context }) =>
    brief === null ||
    nights === null ||
    brief.noteLeftWith !== '' ||
    isMissedAnyway(context) ||
    brief.country === 'town'
      ? []
      : [{ severity: 'note', about: [], of: 'note', figures: null }],
  says: () => 'Nobody was left a trip note.',
};
