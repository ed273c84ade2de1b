import { longestName, type Gear } from '../gear';
import { somebody, type Brief } from '../brief/brief';
import {
  gearOf,
  isOnGround,
  kitsByName,
  kitsWithin,
  newPlacement,
  type Bench,
  type Command,
  type CopyOf,
  type Loadout,
  type Place,
  type Placement,
  type StandsFor,
} from '../loadout';
import { done, refused, says, type Outcome } from '../quantity';
import { upkeepSays } from '../refusals/upkeep';
import { Supply, type SoMany } from './copy-supply';

/** What copies are made of: the act, the kits by their names, what of the shelf goes into them and what is to be bought. */
export interface Copies {
  readonly command: Command;
  readonly kits: readonly { readonly id: string; readonly name: string }[];
  readonly fromShelf: readonly SoMany[];
  readonly toBuy: readonly SoMany[];
}

/** As many copies are made at once. */
export const mostCopies = 50;

/**
 * Kits like one, a copy for each who gets one, with those that go along in it. Each piece is a free one of its line, or one of its
 * kind that does for it; where there is none, it is wished for: once a line over all copies, so that they are one shopping list.
 *
 * Refused where the kit is not there, or where none or too many are asked for.
 *
 * @param forWhom one entry a copy; empty where nobody is named.
 * @param today a piece that is past its date goes into no copy. YYYY-MM-DD.
 */
export function copiesOfKit(
  bench: Bench,
  kitId: string,
  forWhom: readonly string[],
  today: string,
  newId: () => string,
): Outcome<Copies> {
  const pattern = bench.loadouts.get(kitId);
  if (!pattern) return refused(says.noKit(kitId));
  if (forWhom.length < 1 || forWhom.length > mostCopies) {
    return refused(upkeepSays.noSuchManyCopies(mostCopies));
  }
  const within = [...kitsWithin(bench, kitId)].map((id) => bench.loadouts.get(id)!);
  const supply = new Supply(bench, today, newId);
  const names = new Set([...bench.loadouts.values()].map(({ name }) => name));
  const made: Loadout[] = [];
  const tops: Loadout[] = [];
  for (const [at, who] of forWhom.entries()) {
    const kits = [pattern, ...within];
    const ids = new Map(kits.map(({ id }) => [id, newId()]));
    const copies = kits.map((each) =>
      copyLike(
        each,
        ids,
        freshName(each.name, who.trim(), at + 2, names),
        who.trim(),
        supply,
        newId,
      ),
    );
    made.push(...copies);
    tops.push(copies[0]!);
  }
  const commands: readonly Command[] = [
    ...supply.commands(),
    ...made.map((each): Command => ({ do: 'add kit', loadout: { ...each, modules: [] } })),
    ...made.flatMap((each): readonly Command[] =>
      each.modules.length > 0 ? [{ do: 'replace kit', loadout: each }] : [],
    ),
  ];
  return done({
    command: {
      do: 'together',
      label: `make ${forWhom.length === 1 ? 'another' : `${forWhom.length} more`} like ${pattern.name}`,
      commands,
    },
    kits: tops.map(({ id, name }) => ({ id, name })),
    fromShelf: supply.fromShelf(),
    toBuy: supply.toBuy(),
  });
}

/** What a copy lacks of its pattern as it is now, and what it has of before that its pattern has no longer. */
export interface Behind {
  readonly copy: Loadout;
  readonly lacks: readonly SoMany[];
  readonly over: readonly SoMany[];
}

/** The copies of a kit that are not as it is now; what their owners added themselves is theirs. */
export function copiesBehind(bench: Bench, kitId: string): readonly Behind[] {
  const pattern = bench.loadouts.get(kitId);
  if (!pattern) return [];
  return copiesOf(bench, kitId)
    .map((copy) => behind(bench, pattern, copy))
    .filter(({ lacks, over }) => lacks.length > 0 || over.length > 0);
}

/** The kits that were made after one. */
export function copiesOf(bench: Bench, kitId: string): readonly Loadout[] {
  return kitsByName(bench).filter((each) => each.copyOf?.kit === kitId);
}

function behind(bench: Bench, pattern: Loadout, copy: Loadout): Behind {
  const left = countsIn(copy);
  const lacks: SoMany[] = [];
  for (const [id, wanted] of countsIn(pattern)) {
    let short = wanted;
    for (const stand of standing(bench, copy, id)) {
      const taken = Math.min(short, left.get(stand) ?? 0);
      left.set(stand, (left.get(stand) ?? 0) - taken);
      short -= taken;
    }
    if (short > 0) lacks.push({ gear: bench.shelf.get(id)!, count: short });
  }
  const known = new Set(copy.copyOf!.stands.flatMap(({ of }) => standing(bench, copy, of)));
  const over = [...left].flatMap(([id, count]) =>
    count > 0 && known.has(id) ? [{ gear: bench.shelf.get(id)!, count }] : [],
  );
  return { copy, lacks, over };
}

/**
 * The act that gives every copy of a kit what it lacks of it: free pieces first, wishes for the rest, each where the pattern has it, or
 * on the mat where the copy has no such place. What a copy has too much stays in it.
 */
export function copiesBroughtOn(
  bench: Bench,
  kitId: string,
  today: string,
  newId: () => string,
): Outcome<Copies> {
  const pattern = bench.loadouts.get(kitId);
  if (!pattern) return refused(says.noKit(kitId));
  const late = copiesBehind(bench, kitId).filter(({ lacks }) => lacks.length > 0);
  if (late.length === 0) return refused(upkeepSays.copiesAreAlike(pattern.name));
  const supply = new Supply(bench, today, newId);
  const commands: Command[] = [];
  for (const { copy, lacks } of late) {
    const stands: StandsFor[] = [...copy.copyOf!.stands];
    for (const { gear, count } of lacks) {
      const source = pattern.placements.find((placement) => placement.gear === gear.id)!;
      for (const given of supply.give(gear, count)) {
        const place = placeLike(bench, pattern, copy, source);
        commands.push({
          do: 'place',
          loadout: copy.id,
          placement: newPlacement(newId(), given.gear, place, given.count),
        });
        if (!stands.some((each) => each.gear === given.gear && each.of === gear.id)) {
          stands.push({ gear: given.gear, of: gear.id });
        }
      }
    }
    const change = { copyOf: { ...copy.copyOf!, stands } };
    commands.push({ do: 'change kit', id: copy.id, change });
  }
  return done({
    command: {
      do: 'together',
      label: `bring ${late.length === 1 ? 'the copy' : `${late.length} copies`} of ${pattern.name} up to it`,
      commands: [...supply.commands(), ...commands],
    },
    kits: late.map(({ copy: { id, name } }) => ({ id, name })),
    fromShelf: supply.fromShelf(),
    toBuy: supply.toBuy(),
  });
}

/** Where a piece of the pattern lies in a copy, as far as the copy has that place. */
function placeLike(bench: Bench, pattern: Loadout, copy: Loadout, { place }: Placement): Place {
  if (isOnGround(place)) return place;
  const holder = pattern.placements.find(({ id }) => id === place.in)!;
  const stands = new Set(standing(bench, copy, holder.gear));
  const own = copy.placements.find(
    (each) =>
      stands.has(each.gear) &&
      each.count === 1 &&
      gearOf(bench.shelf, each).cavities.some(({ id }) => id === place.cavity),
  );
  return own ? { in: own.id, cavity: place.cavity } : { on: 'mat' };
}

/**
 * The gears of a copy that do there what one of the pattern does: itself, what was given in its place, and what is of the same kind and
 * name as one of these, as a part of a line is that was lent or is wished for still.
 */
function standing(bench: Bench, copy: Loadout, pattern: string): readonly string[] {
  const given = new Set([
    pattern,
    ...(copy.copyOf?.stands ?? []).flatMap((each) => (each.of === pattern ? [each.gear] : [])),
  ]);
  const alike = new Set(
    [...given].flatMap((id) => {
      const gear = bench.shelf.get(id);
      return gear ? [nameAndKind(gear)] : [];
    }),
  );
  const here = new Set(copy.placements.map(({ gear }) => gear));
  return [...here].filter((id) => given.has(id) || alike.has(nameAndKind(bench.shelf.get(id)!)));
}

function nameAndKind({ name, kind }: Gear): string {
  return `${kind ?? ''} ${name}`;
}

function countsIn({ placements }: Loadout): Map<string, number> {
  const counts = new Map<string, number>();
  for (const { gear, count } of placements) counts.set(gear, (counts.get(gear) ?? 0) + count);
  return counts;
}

function copyLike(
  pattern: Loadout,
  kitIds: ReadonlyMap<string, string>,
  name: string,
  who: string,
  supply: Supply,
  newId: () => string,
): Loadout {
  const ids = new Map(pattern.placements.map(({ id }) => [id, newId()]));
  const stands = new Map<string, StandsFor>();
  const placeHere = (place: Place): Place =>
    isOnGround(place) ? place : { ...place, in: ids.get(place.in)! };
  const placements = pattern.placements.flatMap((placement) => {
    // Pieces whose weight is not counted, as clothes one wears, are never bought for a copy.
    if (placement.isAssumed)
      return [{ ...placement, id: ids.get(placement.id)!, place: placeHere(placement.place) }];
    const wanted = supply.ofBench(placement.gear);
    return supply.give(wanted, placement.count).map(({ gear, count }, at): Placement => {
      stands.set(`${gear} ${wanted.id}`, { gear, of: wanted.id });
      const id = at === 0 ? ids.get(placement.id)! : newId();
      return { ...placement, id, gear, count, place: placeHere(placement.place) };
    });
  });
  const made: CopyOf = { kit: pattern.id, forWhom: who, stands: [...stands.values()] };
  return {
    ...pattern,
    id: kitIds.get(pattern.id)!,
    name,
    brief: pattern.brief && briefFor(pattern.brief, ids, kitIds, who),
    otherBriefs: pattern.otherBriefs.map((brief) => briefFor(brief, ids, kitIds, who)),
    placements,
    modules: pattern.modules.map((module) => ({
      id: newId(),
      kit: kitIds.get(module.kit)!,
      place: placeHere(module.place),
    })),
    seals: [],
    ...(pattern.whatIfs && {
      whatIfs: pattern.whatIfs.map((each) => ({
        ...each,
        losses: each.losses.map((loss) =>
          loss.kind === 'condition'
            ? loss
            : { ...loss, placement: ids.get(loss.placement) ?? loss.placement },
        ),
      })),
    }),
    copyOf: made,
  };
}

/** The same brief for other people: what those of the pattern say of themselves is theirs. */
function briefFor(
  brief: Brief,
  ids: ReadonlyMap<string, string>,
  kitIds: ReadonlyMap<string, string>,
  who: string,
): Brief {
  const isAlone = brief.people.length === 1;
  return {
    ...brief,
    people: brief.people.map(() => (isAlone ? { ...somebody, name: who } : somebody)),
    filled: brief.filled.flatMap(({ placement, ml }) => {
      const here = ids.get(placement);
      return here === undefined ? [] : [{ placement: here, ml }];
    }),
    beside: brief.beside.map((kit) => kitIds.get(kit) ?? kit),
  };
}

/** A name that no kit has yet, which is taken from now on. */
function freshName(name: string, who: string, number: number, names: Set<string>): string {
  const letters = [...name];
  const named = (behind: string) =>
    `${letters.slice(0, longestName - [...behind].length).join('')}${behind}`;
  let found = named(who === '' ? ` ${number}` : `, ${who}`);
  for (let at = 2; names.has(found); at += 1) {
    found = named(who === '' ? ` ${number + at - 1}` : `, ${who} ${at}`);
  }
  names.add(found);
  return found;
}
