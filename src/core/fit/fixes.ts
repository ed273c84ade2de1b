import { fitnesses, isAtHand, isHolder, isSpent, roomMl, type Gear } from '../gear';
import {
  apply,
  gearOf,
  groundUnder,
  placedByGear,
  placementOf,
  samePlace,
  treeOf,
  withModules,
  type Bench,
  type Command,
  type Loadout,
  type Place,
  type Placement,
} from '../loadout';
import { cavityQuestion, type CavityQuestion } from './cavity-load';
import { stowWithin, type Load, type Stowage } from './load';
import { whyNeverIn } from './load/never';
import { roomsTouched, type InCavity } from './rooms-touched';

/** A change that may help. */
export interface FixIdea {
  readonly fix: 'turn' | 'move' | 'swap' | 'larger holder' | 'outside';
  /** The gear that is turned, moved or taken out. */
  readonly gear: string;
  /** The gear that comes instead; null where none does. */
  readonly instead: string | null;
  readonly to: Place | null;
  readonly command: Command;
}

/** One change after which more goes in, found by packing it. */
export interface Fix extends FixIdea {
  /** How many pieces are still left out after it. */
  readonly left: number;
}

/** How long one change is packed at most. Steps, so that the same question has the same fixes. */
const steps = 24;
const budgetMs = 400;

/** How many pieces that are in already are tried elsewhere, where moving what is left out does not help. */
const othersTried = 6;

/** How many fixes of one sort are offered. */
const mostOfASort = 2;

/**
 * The smallest changes that make more of a cavity's pieces go in, each really packed, and none that spoils another
 * cavity: lay an upright piece down, move one elsewhere, swap one for a piece of the shelf that does the same jobs,
 * or take a larger holder. The smallest sort first. Yields null for each change that did not help.
 */
export function* fixesFor(
  bench: Bench,
  loadoutId: string,
  placementId: string,
  cavityId: string,
  stowage: Stowage,
): Generator<Fix | null, void> {
  const loadout = bench.loadouts.get(loadoutId);
  const holder = loadout && placementOf(loadout, placementId);
  if (!loadout || !holder) return;
  const whole = withModules(bench, loadout);
  const question = cavityQuestion(whole, bench.shelf, placementId, cavityId);
  if (!question) return;
  const placements = new Map(question.items.map((item) => [item.id, item.placement]));
  const left = stowage.left.map(({ id }) => placements.get(id) ?? id);
  // What is in a kit that goes along stays as it is there.
  const leftOut = loadout.placements.filter(({ id }) => left.includes(id));
  const others = treeOf(loadout)
    .inCavity(placementId, cavityId)
    .filter((placement) => !leftOut.includes(placement))
    .slice(0, mayYetFit(stowage) ? othersTried : 0);
  const here: InCavity = { in: placementId, cavity: cavityId };
  const leftBefore = new Map<string, number>();
  const asked: Asked = { bench, loadout, whole, here, leftOut: left, leftBefore };
  const candidates: readonly (() => Iterable<FixIdea>)[] = [
    () => [...leftOut, ...others].flatMap((placement) => laidDown(asked, placement)),
    () => leftOut.flatMap((placement) => moved(asked, placement)),
    () => leftOut.flatMap((placement) => swapped(asked, placement)),
    () => largerHolders(asked, holder),
    () => (leftOut.length === 1 ? others.flatMap((placement) => moved(asked, placement)) : []),
    () => leftOut.map((placement) => outside(asked, placement)),
  ];
  const found = new Map<Fix['fix'], number>();
  for (const group of candidates) {
    for (const fix of group()) {
      const already = found.get(fix.fix) ?? 0;
      if (already >= mostOfASort) continue;
      const left = leftAfter(asked, fix);
      if (left !== null) found.set(fix.fix, already + 1);
      yield left === null ? null : { ...fix, left };
    }
  }
}

/** The same for a cavity that nobody has laid out yet: it is packed for a moment first. */
export function* fixesForCavity(
  bench: Bench,
  loadoutId: string,
  { in: holder, cavity }: InCavity,
): Generator<Fix | null, void> {
  const loadout = bench.loadouts.get(loadoutId);
  const question =
    loadout && cavityQuestion(withModules(bench, loadout), bench.shelf, holder, cavity);
  if (!question || question.unmeasured.length > 0) return;
  const stowage = stowWithin(question.loads, { seed: 1, steps, budgetMs });
  yield null;
  yield* fixesFor(bench, loadoutId, holder, cavity, stowage);
}

interface Asked {
  readonly bench: Bench;
  readonly loadout: Loadout;
  /** With the kits that go along in it: what is packed. */
  readonly whole: Loadout;
  readonly here: InCavity;
  /** Placements of the pieces that are left out now, one for each piece. */
  readonly leftOut: readonly string[];
  /** How many pieces other rooms leave out as the kit is now, as far as it was asked. */
  readonly leftBefore: Map<string, number>;
}

/** How many pieces are left out after a change; null where that is no fewer, or another cavity is spoilt. */
function leftAfter(asked: Asked, { command, to, fix, instead }: FixIdea): number | null {
  const outcome = apply(asked.bench, command);
  if (!outcome.ok) return null;
  const { shelf } = outcome.value;
  const after = withModules(outcome.value, outcome.value.loadouts.get(asked.loadout.id)!);
  const leftIn = (place: InCavity) => leftInRoom(after, shelf, place);
  const spoils = (places: readonly InCavity[]) =>
    places.some((place) => leftIn(place) > leftInBefore(asked, place));
  if (fix === 'larger holder') {
    const holder = after.placements.find(({ gear }) => gear === instead)!;
    const places = gearOf(shelf, holder).cavities.map(({ id }) => ({ in: holder.id, cavity: id }));
    // It stands where the smaller one stood, and what lies beside it there must still go in.
    const around = 'in' in holder.place ? roomsTouched(after, shelf, holder.place) : [];
    return places.every((place) => leftIn(place) === 0) && !spoils(around) ? 0 : null;
  }
  const [here, ...aroundHere] = roomsTouched(after, shelf, asked.here);
  if (to && 'in' in to) {
    const [there, ...aroundThere] = roomsTouched(after, shelf, to);
    if (leftIn(there!) > 0 || spoils(aroundThere)) return null;
  }
  const others = asked.leftOut.filter((id) => id !== placementMoved(command)).length;
  // Where what was left out goes elsewhere, the rest lies as it lay.
  if (others < asked.leftOut.length) return others;
  const left = leftIn(here!);
  return left < asked.leftOut.length && !spoils(aroundHere) ? left : null;
}

function leftInBefore({ whole, bench, leftBefore }: Asked, place: InCavity): number {
  const key = JSON.stringify(place);
  const left = leftBefore.get(key) ?? leftInRoom(whole, bench.shelf, place);
  leftBefore.set(key, left);
  return left;
}

function leftInRoom(whole: Loadout, shelf: Bench['shelf'], place: InCavity): number {
  const question = cavityQuestion(whole, shelf, place.in, place.cavity);
  return question === null ? Infinity : leftOf(question);
}

/** How many pieces are left out, packed for a moment; at once where some do not go in by themselves. */
function leftOf({ loads, unmeasured }: CavityQuestion): number {
  const goesIn = (load: Load) =>
    load.items.every((item) => whyNeverIn(load.container, item) === null);
  const open = loads.filter(goesIn);
  if (open.length === 0 || unmeasured.length > 0) return Infinity;
  return stowWithin(open, { seed: 1, steps, budgetMs }).left.length;
}

/** Whether some piece is left out only for want of room, so that more room would help it. */
function mayYetFit({ left }: Stowage): boolean {
  return left.some(({ why }) => why.why === 'no place found' || why.why === 'too much');
}

function placementMoved(command: Command): string | null {
  return command.do === 'move' ? command.placement : null;
}

/** Strapped on, or set beside its holder: that always goes. */
function outside({ loadout }: Asked, placement: Placement): FixIdea {
  const to: Place = { on: groundUnder(treeOf(loadout), placement) };
  const command: Command = { do: 'move', loadout: loadout.id, placement: placement.id, to };
  return { fix: 'outside', gear: placement.gear, instead: null, to, command };
}

function laidDown({ bench }: Asked, placement: Placement): readonly FixIdea[] {
  const { id, form } = gearOf(bench.shelf, placement);
  if (form === null || form.shape === 'soft' || !form.upright) return [];
  const command: Command = { do: 'change gear', id, change: { form: { ...form, upright: false } } };
  return [{ fix: 'turn', gear: id, instead: null, to: null, command }];
}

function moved({ loadout, bench, here }: Asked, placement: Placement): readonly FixIdea[] {
  const inside = new Set([placement.id]);
  return loadout.placements.flatMap((other) => {
    const { cavities } = gearOf(bench.shelf, other);
    if (inside.has(other.id)) return [];
    return cavities.flatMap(({ id }): readonly FixIdea[] => {
      const to: Place = { in: other.id, cavity: id };
      if (samePlace(to, here)) return [];
      const command: Command = { do: 'move', loadout: loadout.id, placement: placement.id, to };
      return [{ fix: 'move', gear: placement.gear, instead: null, to, command }];
    });
  });
}

function swapped({ loadout, bench }: Asked, placement: Placement): readonly FixIdea[] {
  const gear = gearOf(bench.shelf, placement);
  if (isHolder(gear) && treeOf(loadout).within(placement.id).length > 0) return [];
  return freeGear(bench, placement.count)
    .filter((other) => doesJobsOf(other, gear))
    .map((other) => ({
      fix: 'swap',
      gear: gear.id,
      instead: other.id,
      to: null,
      command: {
        do: 'stand in',
        loadout: loadout.id,
        placement: placement.id,
        gear: other.id,
      },
    }));
}

function largerHolders({ loadout, bench, here }: Asked, holder: Placement): readonly FixIdea[] {
  const gear = gearOf(bench.shelf, holder);
  return freeGear(bench, 1)
    .filter((other) => largestRoom(other) > largestRoom(gear))
    .sort((one, other) => largestRoom(one) - largestRoom(other))
    .map((other): FixIdea => {
      const hasSame = gear.cavities.every(({ id }) =>
        other.cavities.some((each) => each.id === id),
      );
      const command = hasSame
        ? ({
            do: 'stand in',
            loadout: loadout.id,
            placement: holder.id,
            gear: other.id,
          } as const)
        : intoAnother(loadout, holder, other);
      return { fix: 'larger holder', gear: gear.id, instead: other.id, to: here, command };
    });
}

/** Everything in a holder goes into the largest cavity of another, which takes its place. */
function intoAnother(loadout: Loadout, holder: Placement, other: Gear): Command {
  const [largest] = [...other.cavities].sort((a, b) => roomMl(b.inside) - roomMl(a.inside));
  const id = freeId(loadout);
  const to: Place = { in: id, cavity: largest!.id };
  const along = loadout.modules.filter(({ place }) => 'in' in place && place.in === holder.id);
  return {
    do: 'together',
    label: `put all of it into ${other.name}`,
    commands: [
      {
        do: 'place',
        loadout: loadout.id,
        placement: { id, gear: other.id, count: 1, place: holder.place, laidFor: null },
      },
      ...treeOf(loadout)
        .within(holder.id)
        .map(({ id: inner }): Command => ({
          do: 'move',
          loadout: loadout.id,
          placement: inner,
          to,
        })),
      ...along.map(({ id: module }): Command => ({
        do: 'move module',
        loadout: loadout.id,
        module,
        to,
      })),
      { do: 'take out', loadout: loadout.id, placement: holder.id, contents: 'to the mat' },
    ],
  };
}

/** Gear at hand of which so many are in no kit. */
export function freeGear(bench: Bench, count: number): readonly Gear[] {
  const placed = placedByGear(bench);
  return [...bench.shelf.values()].filter((gear) => {
    if (!isAtHand(gear) || isSpent(gear)) return false;
    const taken = [...placed.get(gear.id)!.values()].reduce((sum, part) => sum + part, 0);
    return gear.count - taken >= count;
  });
}

/** Every job of the one that it does not only make do for, at least as well. */
function doesJobsOf(other: Gear, gear: Gear): boolean {
  if (other.id === gear.id || gear.supplies.length === 0) return false;
  return gear.supplies
    .filter(({ fitness }) => fitness !== 'improvised')
    .every(({ job, fitness }) =>
      other.supplies.some(
        (supply) =>
          supply.job === job && fitnesses.indexOf(supply.fitness) <= fitnesses.indexOf(fitness),
      ),
    );
}

function largestRoom({ cavities }: Gear): number {
  return Math.max(0, ...cavities.map(({ inside }) => roomMl(inside)));
}

/** An id that no placement of the kit has, however long the ids of its gear are. */
export function freeId({ placements }: Loadout): string {
  const taken = new Set(placements.map(({ id }) => id));
  let at = placements.length + 1;
  while (taken.has(`holder-${at}`)) at += 1;
  return `holder-${at}`;
}
