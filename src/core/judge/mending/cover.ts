import { kindsToGet } from '../../catalogue';
import { massNowG, type JobId } from '../../gear';
import { branchOf, holdersAround, isOfModule, type ConditionId } from '../../loadout';
import type { WorkedOutKit } from '../../kit';
import * as cover from '../cover';
import * as fire from '../fire';
import { holderTakes, jobsForPocket } from '../holder';
import { failsInWhatIf } from '../what-if';
import { reliedOn, takenIn, type Way } from '../../ways';
import type { Fix } from '../finding';
import { checked, layingOut, layingOutKind, movingOf } from './fixing';
import { mends, type Mender } from './mender';
import { withWhatItNeeds } from './with-what-it-needs';

/** Moves any of these pieces out of a holder, each by itself. */
function movingOutOf(
  kit: WorkedOutKit,
  pieces: readonly string[],
  holder: string | null,
): readonly Fix[] {
  return pieces.flatMap((id) => {
    const placement = kit.tree.byId.get(id);
    if (!placement || isOfModule(id)) return [];
    const fixes = movingOf(kit, placement, (place) => !('in' in place) || place.in !== holder);
    // The body is where a way of one’s own is best kept.
    return [...fixes.filter(({ command }) => isToBody(command)), ...fixes].slice(0, 3);
  });
}

/** What weighs no more than this is kept in a pocket or on the belt, in g (own). */
const pocketG = 300;

/** Puts the lightest piece for each job that goes with a holder on the body, so that it stays when the holder is gone. */
function keptOnBody(
  kit: WorkedOutKit,
  holder: string,
  jobs: readonly (readonly JobId[])[],
): readonly Fix[] {
  const inside = new Set(branchOf(kit.tree, holder).map(({ id }) => id));
  const massG = ({ gear, placement: { count } }: Way) => (massNowG(gear) ?? Infinity) * count;
  return jobs.flatMap((anyOf) => {
    const [lightest] = anyOf
      .flatMap((job) => kit.ways.byJob.get(job) ?? [])
      .filter(
        (way) =>
          way.supply.fitness !== 'improvised' &&
          way.placement.id !== holder &&
          inside.has(way.placement.id) &&
          massG(way) <= pocketG,
      )
      .sort((one, other) => massG(one) - massG(other));
    if (!lightest || isOfModule(lightest.placement.id)) return [];
    return movingOf(kit, lightest.placement, (place) => 'on' in place && place.on === 'body');
  });
}

function isToBody(command: Fix['command']): boolean {
  return command.do === 'move' && 'on' in command.to;
}

/** Kinds of which a condition takes no supply of these jobs. */
function kindsThatStand(anyOf: readonly JobId[], condition: ConditionId): readonly string[] {
  return kindsToGet
    .filter((kind) => {
      const gear = { ...kind } as unknown as Parameters<typeof takenIn>[0];
      const taken = takenIn(gear, false);
      return kind.supplies.some(
        (supply, at) =>
          anyOf.includes(supply.job) &&
          supply.fitness !== 'improvised' &&
          !taken[at]!.includes(condition),
      );
    })
    .sort((one, other) => one.massG - other.massG)
    .slice(0, 6)
    .map(({ id }) => id);
}

/**
 * Where the ways to a job stand in one bag and what they rely on lies in another, one move alone parts nothing: something that
 * they rely on goes to the body, and one of the ways elsewhere.
 */
function movingTwo(
  kit: WorkedOutKit,
  about: readonly string[],
  { anyOf, holder }: { readonly anyOf: readonly JobId[]; readonly holder: string },
): readonly Fix[] {
  const { formula } = kit.ways;
  const inHolder = new Set(branchOf(kit.tree, holder).map(({ id }) => id));
  const relied = [
    ...new Set(reliedOn(formula, anyOf).map((at) => formula.sources[at]!.placement.id)),
  ].filter((id) => inHolder.has(id) && !about.includes(id) && !isOfModule(id));
  const firsts = relied
    .flatMap((id) =>
      movingOf(kit, kit.tree.byId.get(id)!).filter(({ command }) => isToBody(command)),
    )
    .slice(0, 3);
  const seconds = about.slice(0, 3).flatMap((id) => {
    const placement = kit.tree.byId.get(id);
    if (!placement || isOfModule(id)) return [];
    const outer = outermostOf(kit, id);
    return movingOf(
      kit,
      placement,
      (place) => !('in' in place) || outermostOf(kit, place.in) !== outer,
    ).slice(0, 3);
  });
  return firsts.flatMap((first) =>
    seconds.map((second) => ({
      says: `${first.says}, and ${second.says.charAt(0).toLowerCase()}${second.says.slice(1)}`,
      command: {
        do: 'together',
        label: 'move two pieces',
        commands: [first.command, second.command],
      },
    })),
  );
}

function outermostOf({ tree }: WorkedOutKit, id: string): string {
  return holdersAround(tree, tree.byId.get(id)!).at(-1)?.id ?? id;
}

const onBody = { on: 'body' } as const;

export const coverMenders: readonly Mender[] = [
  mends(cover.nothingDoesIt, ({ kit, newId, finding: { figures } }) =>
    withWhatItNeeds(kit, newId, figures.anyOf),
  ),
  mends(cover.tooShallow, ({ kit, newId, finding: { figures, about } }) => [
    ...movingOutOf(kit, about, figures.singles[0] ?? null),
    ...layingOut({ kit, newId, place: onBody }, ...figures.anyOf),
    ...layingOut({ kit, newId, place: onBody, count: 2 }, ...figures.anyOf),
  ]),
  mends(cover.allWaysInOne, ({ kit, newId, finding: { figures, about } }) => [
    ...movingOutOf(kit, about, figures.holder),
    ...movingTwo(kit, about, figures),
    ...layingOut({ kit, newId, place: onBody }, ...figures.anyOf),
  ]),
  mends(
    holderTakes,
    ({ kit, background, finding: { figures, about } }) =>
      keptOnBody(kit, about[0]!, jobsForPocket(figures.gone, background)),
    (before, after) => after.gone.length < before.gone.length,
  ),
  mends(cover.oneCondition, ({ kit, newId, finding: { figures } }) =>
    kindsThatStand(figures.anyOf, figures.condition).map((kind) =>
      layingOutKind({ kit, newId, place: onBody }, kind),
    ),
  ),
  mends(failsInWhatIf, ({ kit, newId, finding: { figures } }) =>
    figures.undone.flatMap((anyOf) => layingOut({ kit, newId, place: onBody }, ...anyOf)),
  ),
  mends(cover.emptyCategory, ({ kit, newId, background, finding: { of } }) => {
    const category = background.scheme.categories.find(({ id }) => id === of);
    return category ? layingOut({ kit, newId }, ...category.must.flat()) : [];
  }),
  mends(fire.fewToIgnite, ({ kit, newId, finding: { figures } }) =>
    ['lighter', 'match-case', 'ferro-rod'].map((kind) =>
      layingOutKind({ kit, newId, place: onBody, count: figures.wanted - figures.ways }, kind),
    ),
  ),
  mends(fire.noTinder, ({ kit, newId }) =>
    ['tinder-tabs', 'char-cloth', 'tinder-tin'].map((kind) => layingOutKind({ kit, newId }, kind)),
  ),
  mends(fire.littleWetTinder, ({ kit, newId }) =>
    ['tinder-tabs', 'wax-tinder', 'cotton-and-wax', 'fatwood'].flatMap((kind) =>
      [1, 3].map((count) => layingOutKind({ kit, newId, count }, kind)),
    ),
  ),
  mends(fire.noStriker, ({ kit, newId }) => layingOut({ kit, newId }, 'strike', 'cut')),
  mends(fire.lighterPresses, ({ kit, finding: { about } }) => [
    checked(
      kit,
      about,
      () => [{ what: 'the button kept from being pressed', kind: 'ready' }],
      'A band holds its button now',
    ),
  ]),
];
