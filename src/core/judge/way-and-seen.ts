import { noisy } from '../catalogue/handling';
import { cavityOf, isBright, type JobId } from '../gear';
import type { WorkedOutKit } from '../kit';
import { isOnGround, type Placement } from '../loadout';
import { listed, printNumber } from '../quantity';
import { idsOf, type Piece } from './background';
import { isReady } from './fire';
import type { Rule } from './finding';

/** Nothing shows the country. */
export const noMap: Rule<null> = {
  id: 'way/map',
  severities: ['note'],
  speaksWhen: 'there is no map',
  mendedBy: 'add a map',
  asks: 'nights or a route',
  because: 'A bearing alone leads into the next swamp.',
  find: ({ ways, whole, context }, { brief, nights }) => {
    // Who is at home, or waits in the car, goes nowhere.
    if (context === 'home' || context === 'vehicle') return [];
    const isAway = (nights ?? 0) > 0 || (brief?.route ?? null) !== null;
    const isMapped = (ways.byJob.get('map') ?? []).some(
      ({ supply }) => supply.fitness !== 'improvised',
    );
    return !isAway || isMapped || whole.placements.length === 0
      ? []
      : [{ severity: 'note', about: [], of: 'map', figures: null }];
  },
  says: () => 'No map of where it leads.',
};

/** A map, and nothing that tells which way it lies. */
export const noBearing: Rule<null> = {
  id: 'way/bearing',
  severities: ['note'],
  speaksWhen: 'there is a map, and nothing to take a bearing or a position with',
  mendedBy: 'add a compass',
  asks: 'nights or a route',
  because: 'In fog and forest a map alone lies every way round.',
  find: ({ ways, whole, context }, { nights }) => {
    if (context === null || context === 'home' || context === 'vehicle' || context === 'town')
      return [];
    const does = (job: JobId) =>
      (ways.byJob.get(job) ?? []).some(({ supply }) => supply.fitness !== 'improvised');
    return nights === null || !does('map') || does('bearing') || whole.placements.length === 0
      ? []
      : [{ severity: 'note', about: [], of: 'bearing', figures: null }];
  },
  says: () => 'A map, and no compass to lay it by.',
};

/** An even number of instruments that can disagree. */
export const evenNumber: Rule<{ readonly many: number }> = {
  id: 'way/even',
  severities: ['note'],
  speaksWhen: 'there is an even number of instruments that can disagree',
  mendedBy: 'take one compass, or three',
  asks: null,
  because: 'Two that disagree do not say which is wrong.',
  find: (_kit, { doing }) => {
    const compasses = doing('bearing').filter(({ gear }) => gear.look.silhouette === 'compass');
    const many = compasses.reduce((sum, { placement: { count } }) => sum + count, 0);
    return many === 0 || many % 2 === 1
      ? []
      : [{ severity: 'note', about: idsOf(compasses), of: 'bearing', figures: { many } }];
  },
  says: ({ many }) =>
    `${printNumber(many, 0)} compasses: where they disagree, nobody knows which is wrong.`,
};

const seenJobs: readonly JobId[] = ['signal-day', 'signal-night', 'mark'];
const signalJobs: readonly JobId[] = ['signal-sound', 'signal-day', 'signal-night', 'call'];

/** Who wants to be found, and nothing bright. */
export const dull: Rule<null> = {
  id: 'seen/dull',
  severities: ['warn'],
  speaksWhen: 'out on the land an emergency kit has no bright or reflecting face',
  mendedBy: 'add something bright',
  asks: 'a brief, and that one wants to be found',
  because: 'A searcher sees a colour, or nothing.',
  find: (_kit, { brief, school, pieces, context }) => {
    if (brief === null || school('seen') !== 'found at once' || pieces.length === 0) return [];
    // Nobody is looked for over land at home, in town, or beside their own vehicle.
    if (context === 'home' || context === 'town' || context === 'vehicle') return [];
    const isSeen = pieces.some(
      ({ gear: { look, supplies } }) =>
        isBright(look.colour) ||
        supplies.some(({ job, fitness }) => seenJobs.includes(job) && fitness !== 'improvised'),
    );
    return isSeen ? [] : [{ severity: 'warn', about: [], of: 'bright', figures: null }];
  },
  says: () => 'Nothing here is bright or throws light back.',
};

/** Under a canopy, the mirror is the only signal. */
export const mirrorUnderCanopy: Rule<null> = {
  id: 'seen/mirror-canopy',
  severities: ['warn'],
  speaksWhen: 'a mirror is the only signal under a closed canopy',
  mendedBy: 'add a signal that carries through trees',
  asks: 'the kind of country',
  because: 'Where no sky is seen, no flash is.',
  find: (_kit, { country, ways }) => {
    if (country?.view !== 'closed') return [];
    const signals = ways('signal-day');
    return signals.length > 0 &&
      ways(...signalJobs.filter((job) => job !== 'signal-day')).length === 0
      ? [{ severity: 'warn', about: idsOf(signals), of: 'canopy', figures: null }]
      : [];
  },
  says: (_, { name }, about) =>
    `Under a closed canopy ${listed(about.map(name))} is not seen, and nothing else signals.`,
};

/** Over open distance, the whistle is the only signal. */
export const whistleRange: Rule<null> = {
  id: 'seen/whistle-range',
  severities: ['note'],
  speaksWhen: 'a whistle is the only signal over open distance',
  mendedBy: 'add a signal that carries further',
  asks: 'the kind of country',
  because: 'Wind and width swallow sound long before sight.',
  find: (_kit, { country, ways }) => {
    if (country?.view !== 'open') return [];
    const signals = ways('signal-sound');
    return signals.length > 0 &&
      ways(...signalJobs.filter((job) => job !== 'signal-sound')).length === 0
      ? [{ severity: 'note', about: idsOf(signals), of: 'distance', figures: null }]
      : [];
  },
  says: (_, { name }, about) =>
    `Over open distance ${listed(about.map(name))} is not heard far, and nothing else signals.`,
};

/** What is done to a lamp so that it gives red light: the eyes stay used to the dark, and it is not seen from afar. */
export const redLight = 'red light only, or a red filter over it';

/** What gives away who is to be unseen. */
type GivesAway = 'noise' | 'colour' | 'light' | 'open signal';

/** The kit is to be unseen until wanted, and a piece is heard or seen from afar. */
export const conspicuous: Rule<{ readonly by: GivesAway }> = {
  id: 'seen/noise',
  severities: ['note'],
  speaksWhen:
    'unseen is wished, and a piece is noisy or bright, a lamp gives white light, or a bright signal lies in nothing closed',
  mendedBy: 'take a quiet or dark one, or move it inside',
  asks: 'that the kit is to be unseen until wanted',
  because: 'One bright sack undoes all the green ones.',
  find: ({ gear: gearOf }, { school, pieces }) => {
    if (school('seen') !== 'unseen until wanted') return [];
    return pieces.flatMap((piece) =>
      givingAway(piece, gearOf).map((by) => ({
        severity: 'note' as const,
        about: [piece.placement.id],
        of: `${piece.placement.id} ${by}`,
        figures: { by },
      })),
    );
  },
  says: ({ by }, { name }, [placement]) => {
    const piece = name(placement!);
    switch (by) {
      case 'noise':
        return `${piece} is heard from afar, and the kit is to be unseen.`;
      case 'colour':
        return `${piece} is bright, and the kit is to be unseen.`;
      case 'light':
        return `${piece} gives white light, and the kit is to be unseen: red is seen less far.`;
      case 'open signal':
        return `${piece} is wanted when you are to be found; until then it lies in the open.`;
    }
  },
};

function givingAway(
  { placement, gear }: Piece,
  gearOf: WorkedOutKit['gear'],
): readonly GivesAway[] {
  const { kind, look, supplies, checks } = gear;
  const isMadeFor = (jobs: readonly JobId[]) =>
    supplies.some(({ job, fitness }) => jobs.includes(job) && fitness === 'made-for');
  // What signals is to be loud and bright when it is wanted, and lies closed away until then.
  if (isMadeFor(signalJobs))
    return isBright(look.colour) && liesOpen(placement, gearOf) ? ['open signal'] : [];
  const isWhite = isMadeFor(['light']) && !isReady(checks, redLight);
  return [
    ...(kind !== null && noisy.includes(kind) ? (['noise'] as const) : []),
    ...(isBright(look.colour) ? (['colour'] as const) : []),
    ...(isWhite ? (['light'] as const) : []),
  ];
}

function liesOpen({ place }: Placement, gearOf: WorkedOutKit['gear']): boolean {
  if (isOnGround(place)) return place.on === 'body';
  return cavityOf(gearOf(place.in), place.cavity)?.reach === 'outside pocket';
}

/** From so many hours of dark on, people walk home on a road in it (own). */
const darkMonthsFromH = 12;

/** What shines back in the light of a car. */
const shinesBack: readonly string[] = ['reflective-armband', 'reflective-tape', 'warning-vest'];

/** On foot in town or on a road in the dark months, and nothing shines back. */
export const nothingShinesBack: Rule<null> = {
  id: 'seen/dusk',
  severities: ['warn'],
  speaksWhen: 'in town or on a road in the dark months nothing shines back in the light of a car',
  mendedBy: 'add a light or a reflector',
  asks: 'when and where',
  because: 'A driver sees dark cloth when it is too late to stop.',
  find: ({ whole }, { told, brief, context, ofKind }) => {
    const isByCars = context === 'town' || (context === 'vehicle' && brief?.country === 'road');
    if (!isByCars || whole.placements.length === 0) return [];
    if ((told?.dark?.longestH ?? 0) < darkMonthsFromH) return [];
    return ofKind(...shinesBack).length > 0
      ? []
      : [{ severity: 'warn', about: [], of: 'dusk', figures: null }];
  },
  says: () => 'Nothing on you shines back in the light of a car, and it is dark early.',
};
