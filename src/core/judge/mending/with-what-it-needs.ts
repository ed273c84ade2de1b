import type { JobId, JobsDemand } from '../../gear';
import { workedOut, type WorkedOutKit } from '../../kit';
import { apply } from '../../loadout';
import type { Idle } from '../../ways';
import type { Fix } from '../finding';
import { layingOut } from './fixing';

/** How many pieces are laid out together at most, and how many supplies are looked at for what they lack. */
const mostTogether = 4;
const mostLooked = 4;

/**
 * Does what nothing does where one piece alone is not enough: what would do it and is there, or a piece that comes, and one
 * after the other what that relies on, down to the last.
 *
 * @returns fixes that each lay out all that it takes, undone in one.
 */
export function withWhatItNeeds(
  kit: WorkedOutKit,
  newId: () => string,
  anyOf: readonly JobId[],
): readonly Fix[] {
  const asked = { newId, anyOf };
  return [
    completed(kit, asked, []),
    ...layingOut({ kit, newId }, ...anyOf).map((first) => completed(kit, asked, [first])),
  ].flatMap((fix) => fix ?? []);
}

interface Asked {
  readonly newId: () => string;
  readonly anyOf: readonly JobId[];
}

/** What is laid out with all that it still lacks; null where that cannot be had in a few pieces. */
function completed(kit: WorkedOutKit, asked: Asked, steps: readonly Fix[]): Fix | null {
  const now = steps.length === 0 ? kit : after(kit, steps);
  if (now === null) return null;
  if (now.ways.depth(asked.anyOf) > 0) return inOne(steps);
  if (steps.length === mostTogether) return null;
  for (const { placement, demand } of lackingIn(now, asked.anyOf)) {
    const isMet = (step: Fix) => {
      const then = after(kit, [...steps, step]);
      const still = then?.ways.idle.filter((idle) => idle.placement.id === placement);
      return still?.every(({ unmet }) => !unmet.includes(demand)) ?? false;
    };
    // What is asked for first serves best: cord for a roof before line.
    const step = demand.anyOf
      .flatMap((job) => layingOut({ kit: now, newId: asked.newId, count: demand.items }, job))
      .find(isMet);
    const found = step && completed(kit, asked, [...steps, step]);
    if (found) return found;
  }
  return null;
}

/** What the supplies lack that would do it, those that lack least first. */
function lackingIn({ ways }: WorkedOutKit, anyOf: readonly JobId[]) {
  return ways.idle
    .filter(
      ({ supply, absence, takenBy }) =>
        anyOf.includes(supply.job) &&
        supply.fitness !== 'improvised' &&
        absence === null &&
        takenBy.length === 0,
    )
    .sort((one, other) => one.unmet.length - other.unmet.length)
    .slice(0, mostLooked)
    .flatMap(firstLacking);
}

function firstLacking({ placement, unmet }: Idle) {
  const demand = unmet.find((each): each is JobsDemand => each.on === 'jobs');
  return demand ? [{ placement: placement.id, demand }] : [];
}

function after({ bench, own, day, holding }: WorkedOutKit, steps: readonly Fix[]) {
  let now = bench;
  for (const { command } of steps) {
    const next = apply(now, command);
    if (!next.ok) return null;
    now = next.value;
  }
  return workedOut(now, now.loadouts.get(own.id)!, day, undefined, holding);
}

function inOne(steps: readonly Fix[]): Fix {
  const [first, ...others] = steps;
  if (others.length === 0) return first!;
  const says = [
    first!.says,
    ...others.map((each) => `${each.says.charAt(0).toLowerCase()}${each.says.slice(1)}`),
  ].join(', and ');
  return {
    says,
    command: {
      do: 'together',
      label: `lay out ${steps.length} pieces`,
      commands: steps.map(({ command }) => command),
    },
  };
}
