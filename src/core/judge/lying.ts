import { checksOf } from '../upkeep';
import { bulkOf, cavityOf, isBright, isOfItsOwnSort, reaches, type Gear } from '../gear';
import { isHurtByWet, backsUp } from '../kit/together';
import { reachOf, wishedReach } from '../kit/wished-reach';
import {
  groundUnder,
  holdersAround,
  isOnGround,
  samePlace,
  type Place,
  type Placement,
} from '../loadout';
import { agree, listed, printNumber, withVerb } from '../quantity';
import { mustsOf } from '../scheme/musts';
import { allInOne, isKeptDry } from '../ways';
import type { WorkedOutKit } from '../kit';
import { idsOf, type Piece } from './background';
import type { Rule } from './finding';
import { isReady } from './fire';
import { byCavity } from './harm';
import { covered } from './work';

type InCavity = Extract<Place, { readonly in: string }>;

/** How soon a hand is at a placement, as a number in the order of reaches. */
function reachNow({ tree, gear }: WorkedOutKit, { place }: Placement): number | null {
  if (isOnGround(place)) return null;
  return reachOf(place, gear, (holder) => tree.byId.get(holder)!.place);
}

/** Wanted on the body or at hand. */
const urgentUpTo = reaches.indexOf('at hand');
const deepFrom = reaches.indexOf('main');

/** A piece that is wanted at once lies too deep, and nothing that does the same lies nearer. */
export const tooDeep: Rule<{ readonly wished: string; readonly lies: string }> = {
  id: 'stow/deep',
  severities: ['warn'],
  speaksWhen: 'an urgent piece lies too deep',
  mendedBy: 'move it to an outer pocket or to the body',
  asks: null,
  because: 'What is wanted at once is wanted with cold hands, in the dark.',
  find: (kit, { pieces, brief, nights, context }) => {
    // What waits in a house, a car or a shed is fetched in peace.
    if (brief !== null && nights === null) return [];
    if (context === 'home' || context === 'vehicle' || context === 'town') return [];
    const urgent = pieces.filter(({ gear }) => reaches.indexOf(wishedReach(gear)) <= urgentUpTo);
    const isNear = ({ placement }: Piece) => {
      const reach = reachNow(kit, placement);
      return reach === null || reach < deepFrom;
    };
    const near = urgent.filter(isNear);
    return urgent
      .filter(
        (piece) =>
          !isNear(piece) &&
          !near.some(({ gear }) => doesSame(gear, piece.gear)) &&
          // Of several that do the same, the first stands for all.
          !urgent.slice(0, urgent.indexOf(piece)).some(({ gear }) => doesSame(gear, piece.gear)),
      )
      .map(({ placement, gear }) => ({
        severity: 'warn',
        about: [placement.id],
        figures: {
          wished: wishedReach(gear),
          lies: reaches[reachNow(kit, placement)!]!,
        },
      }));
  },
  says: ({ wished, lies }, { name }, [placement]) =>
    `${withVerb(name(placement!), 'is', 'are')} wanted ${wished === 'on body' ? 'on the body' : wished}, and ${agree(name(placement!), 'lies', 'lie')} ${lies === 'bottom' ? 'at the bottom' : 'deep in the pack'}.`,
};

/** Both are made for a job that makes the one urgent. */
function doesSame(one: Gear, other: Gear): boolean {
  const made = ({ supplies }: Gear) => supplies.filter(({ fitness }) => fitness === 'made-for');
  const isSame = made(one).some(({ job, sort }) =>
    made(other).some(
      (supply) => supply.job === job && (!isOfItsOwnSort(job) || supply.sort === sort),
    ),
  );
  return isSame || backsUp(one, other);
}

/** A worn load has at most so much of its mass in the lid and the outer pockets (own). */
const mostOutsideShare = 0.4;

/** Too much of a worn load is far from the back. */
export const offBalance: Rule<{ readonly share: number }> = {
  id: 'stow/balance',
  severities: ['note'],
  speaksWhen: `more than ${mostOutsideShare * 100} % of a worn load is in the lid and the outer pockets`,
  mendedBy: 'move heavy pieces close to the back',
  asks: 'masses',
  because: 'A load far from the back pulls at every step.',
  find: ({ tree, totals, gear, whole }) =>
    whole.placements.flatMap((holder) => {
      const { cavities, look } = gear(holder.id);
      if (look.silhouette !== 'pack' || groundUnder(tree, holder) !== 'body') return [];
      const massIn = (cavity: string) =>
        tree
          .inCavity(holder.id, cavity)
          .reduce((sum, { id }) => sum + (totals.branches.get(id)?.massG ?? 0), 0);
      const all = cavities.reduce((sum, { id }) => sum + massIn(id), 0);
      const out = cavities
        .filter(({ reach }) => reach === 'top' || reach === 'outside pocket')
        .reduce((sum, { id }) => sum + massIn(id), 0);
      if (all < 2000 || out <= all * mostOutsideShare) return [];
      return [{ severity: 'note' as const, about: [holder.id], figures: { share: out / all } }];
    }),
  says: ({ share }, { name }, [holder]) =>
    `${printNumber(share * 100, 0)} % of what is in ${name(holder!)} lies in its lid and outer pockets.`,
};

/** Wet country, and pieces that nothing keeps dry. */
export const getsWet: Rule<null> = {
  id: 'stow/wet',
  severities: ['warn'],
  speaksWhen: 'fire kit, paper, warmth or cells lie in nothing waterproof in wet country',
  mendedBy: 'put it in a dry bag',
  asks: 'when, and whether the country is wet',
  because: 'Rain finds every seam in four hours.',
  find: ({ tree, bench, context }, { told, pieces, nights }) => {
    // What waits in a house, a car or a shed is not out in the rain.
    if (told?.isWet !== true || nights === null) return [];
    if (context === 'home' || context === 'vehicle' || context === 'town') return [];
    const wet = pieces.filter(
      ({ gear, placement }) =>
        isHurtByWet(gear) &&
        !isOnGround(placement.place) &&
        !isKeptDry(tree, bench.shelf, placement),
    );
    return [...byCavity(wet)].map(([room, inIt]) => ({
      severity: 'warn',
      about: idsOf(inIt),
      of: room,
      figures: null,
    }));
  },
  says: (_, { name }, about) => {
    const shown = about.slice(0, 4).map(name);
    const all = about.length > 4 ? [...shown, `${about.length - 4} more`] : shown;
    return `${listed(all)}: nothing waterproof round ${agree(about.map(name), 'it', 'them')}.`;
  },
};

/** Tape or a band alone keeps a lid closed. */
export const lidTaped: Rule<null> = {
  id: 'stow/lid-tape',
  severities: ['note'],
  speaksWhen: 'tape or a band alone keeps a lid closed',
  mendedBy: 'take a lid that latches, or renew the tape',
  asks: 'how it closes',
  because: 'Tape lets go in the cold, and is gone after the first opening.',
  find: ({ tree, gear, whole }) =>
    whole.placements
      .filter(({ id }) =>
        gear(id).cavities.some(
          ({ closure, id: cavity }) => closure === 'tape' && tree.inCavity(id, cavity).length > 0,
        ),
      )
      .map(({ id }) => ({ severity: 'note', about: [id], figures: null })),
  says: (_, { name }, [holder]) =>
    `Tape alone keeps ${name(holder!)} closed: take more of it along.`,
};

/** A thing and its backup in one pocket. */
export const backupTogether: Rule<null> = {
  id: 'stow/backup-together',
  severities: ['warn'],
  speaksWhen: 'a thing and its backup lie in one pocket',
  mendedBy: 'move one of the two to another place',
  asks: null,
  because: 'What takes the one takes the other.',
  find: ({ tree, ways, asked, context }, { pieces }) => {
    if (context === 'home' || context === 'vehicle' || context === 'town') return [];
    // That all ways to a must go with one holder is said by a rule of its own.
    const said = new Set(
      mustsOf(asked).flatMap(({ anyOf }) => allInOne(ways, anyOf)?.pieces ?? []),
    );
    const others = pieces.filter(({ placement }) => !said.has(placement.id));
    return [...byCavity(others)].flatMap(([room, together]) => {
      const seen = new Set<string>();
      return together.flatMap((one, at) => {
        if (seen.has(one.placement.id)) return [];
        const backups = together
          .slice(at + 1)
          .filter((other) => backsUp(one.gear, other.gear) && !seen.has(other.placement.id));
        if (backups.length === 0) return [];
        const all = [one, ...backups];
        // Elsewhere there is another: these two are not all that there is.
        const isElsewhere = pieces.some(
          (other) =>
            !samePlace(other.placement.place, one.placement.place) &&
            backsUp(one.gear, other.gear) &&
            outermostOf(tree, other.placement) !== outermostOf(tree, one.placement),
        );
        all.forEach(({ placement }) => seen.add(placement.id));
        return isElsewhere
          ? []
          : [
              {
                severity: 'warn' as const,
                about: idsOf(all),
                of: `${room} ${one.placement.id}`,
                figures: null,
              },
            ];
      });
    });
  },
  says: (_, { name }, about) =>
    `${listed(about.map(name))} back each other up, and lie in one pocket.`,
};

function outermostOf(tree: WorkedOutKit['tree'], placement: Placement): string {
  const outermost = holdersAround(tree, placement).at(-1);
  return outermost?.id ?? placement.id;
}

/** Open outer pockets hold what rain spoils, or a bare edge. */
export const outsideSpoils: Rule<{ readonly by: 'rain' | 'edge' }> = {
  id: 'stow/outside',
  severities: ['warn'],
  speaksWhen: 'outside lies what rain spoils, a bare edge, or more than its fixing bears',
  mendedBy: 'move it inside',
  asks: 'what lies in outer pockets; what hangs outside is not told yet',
  because: 'What is outside is wet, seen and caught on first.',
  find: ({ gear }, { told, pieces }) =>
    pieces.flatMap(({ placement, gear: own }) => {
      const { place } = placement;
      if (isOnGround(place)) return [];
      const cavity = cavityOf(gear(place.in), place.cavity);
      if (cavity?.reach !== 'outside pocket' || cavity.waterproof) return [];
      const isBare = checksOf(own).ready.includes(covered) && !isReady(own.checks, covered);
      const isWetted = told?.isWet === true && own.failsIn.includes('wet');
      if (!isBare && !isWetted) return [];
      const by = isBare ? ('edge' as const) : ('rain' as const);
      return [{ severity: 'warn' as const, about: [placement.id], figures: { by } }];
    }),
  says: ({ by }, { name }, [placement]) =>
    by === 'edge'
      ? `${withVerb(name(placement!), 'lies', 'lie')} outside with a bare edge.`
      : `${withVerb(name(placement!), 'lies', 'lie')} outside, and rain spoils ${agree(name(placement!), 'it', 'them')}.`,
};

/** A vessel cannot be emptied to be used: there is no room for what is in it. */
export const cannotBeEmptied: Rule<{ readonly ml: number; readonly freeMl: number }> = {
  id: 'stow/empty',
  severities: ['note'],
  speaksWhen: 'a filled vessel finds no room for its contents when it is to be used',
  mendedBy: 'add a bag for the contents',
  asks: 'sizes',
  because: 'A pot stuffed with gear is the pot only if the gear has somewhere to go.',
  find: ({ ways, tree, gear, loads }) => {
    const filled = [
      ...new Set(
        ways.all
          .filter(({ isToBeEmptied, supply }) => isToBeEmptied && supply.fitness !== 'improvised')
          .map((way) => way.placement),
      ),
    ];
    return filled.flatMap((vessel) => {
      const inside = tree.within(vessel.id);
      const ml = inside.reduce((sum, { id, count }) => {
        const { form } = gear(id);
        return sum + (form === null ? 0 : bulkOf(form).tightMl * count);
      }, 0);
      const own = new Set([vessel.id, ...inside.map(({ id }) => id)]);
      const freeMl = loads
        .filter(({ placement }) => !own.has(placement))
        .reduce((sum, { answer }) => sum + Math.max(0, answer.roomMl - answer.looseMl), 0);
      return ml <= freeMl
        ? []
        : [{ severity: 'note' as const, about: [vessel.id], figures: { ml, freeMl } }];
    });
  },
  says: ({ ml, freeMl }, { name }, [vessel]) =>
    `${name(vessel!)} is full of gear: ${printNumber(ml, 0)} mL of it would have to go into ${printNumber(freeMl, 0)} mL.`,
};

export const marked = 'marked so that the hand knows it';

/** Two pieces that feel alike in one pocket. */
export const feelsAlike: Rule<null> = {
  id: 'stow/feel',
  severities: ['note'],
  speaksWhen: 'pieces that feel alike lie in one pocket',
  mendedBy: 'mark one of them so that the hand can tell',
  asks: 'sizes',
  because: 'In the dark the hand takes the wrong one.',
  find: ({ gear }, { pieces }) => {
    const small = pieces.filter(({ placement: { place } }) => {
      if (isOnGround(place)) return false;
      const { reach } = cavityOf(gear(place.in), place.cavity)!;
      return reach === 'on body' || reach === 'at hand' || reach === 'outside pocket';
    });
    return [...byCavity(small)].flatMap(([room, together]) => {
      const alike = together.filter((one) =>
        together.some((other) => other !== one && feelAlike(one.gear, other.gear)),
      );
      const unmarked = alike.filter(({ gear: { checks } }) => !isReady(checks, marked));
      // One of two that is marked is told from the other.
      return alike.length < 2 || unmarked.length < alike.length
        ? []
        : [{ severity: 'note' as const, about: idsOf(alike), of: room, figures: null }];
    });
  },
  says: (_, { name }, about) => `${listed(about.map(name))} feel alike in one pocket.`,
};

function feelAlike(one: Gear, other: Gear): boolean {
  if (one.id === other.id || one.look.silhouette !== other.look.silhouette) return false;
  if (one.form === null || other.form === null) return false;
  // What is of a kind is no other thing: two lighters are taken one for the other gladly.
  if (one.kind !== null && one.kind === other.kind) return false;
  const [a, b] = [bulkOf(one.form).looseMl, bulkOf(other.form).looseMl];
  return (
    Math.min(a, b) / Math.max(a, b) > 0.8 &&
    isBright(one.look.colour) === isBright(other.look.colour)
  );
}

/** Where the one good kit is always packed the same, a piece lies elsewhere than in its last version. */
export const wasMoved: Rule<{ readonly was: Place }> = {
  id: 'stow/moved',
  severities: ['note'],
  speaksWhen: 'the kit is always packed the same, and a piece was moved since its last version',
  mendedBy: 'put it back in its place',
  asks: 'the school “one good kit always the same”, and a version',
  because: 'The hand goes where it has always gone.',
  find: ({ bench, own, tree }, { school }) => {
    if (school('bestPieces') !== 'one good kit always the same') return [];
    const versions = [...bench.versions.values()].filter(({ kit }) => kit === own.id);
    const last = versions.reduce<(typeof versions)[number] | null>(
      (latest, each) => (latest === null || each.day >= latest.day ? each : latest),
      null,
    );
    if (last === null) return [];
    return last.loadout.placements.flatMap(({ id, place }) => {
      const now = tree.byId.get(id);
      const isThere = isOnGround(place) || tree.byId.has(place.in);
      if (!now || !isThere || samePlace(now.place, place)) return [];
      return [{ severity: 'note' as const, about: [id], figures: { was: place } }];
    });
  },
  says: ({ was }, { name }, [placement]) =>
    `${withVerb(name(placement!), 'was', 'were')} ${'on' in was ? `on the ${was.on}` : `in ${name((was as InCavity).in)}`} in the last version.`,
};
