import type { Brief } from '../brief/brief';
import { inYear } from '../quantity';
import { lotDays, type Gear, type Lot } from '../gear';
import type { Bench, Loadout, Round, Version } from '../loadout';

/** A bench with every day of it so many years later, on the same day of the year: so that the demo never rots. */
export function movedByYears(bench: Bench, years: number): Bench {
  const day = <Day extends string | null>(each: Day): Day =>
    (each === null ? null : inYear(each, years)) as Day;
  return {
    ...bench,
    shelf: eachOf(bench.shelf, gearMoved),
    loadouts: eachOf(bench.loadouts, loadoutMoved),
    versions: eachOf(bench.versions, versionMoved),
    rounds: eachOf(bench.rounds, roundMoved),
    wants: eachOf(bench.wants, (want) => ({ ...want, since: day(want.since) })),
    trips: eachOf(bench.trips, (trip) => ({ ...trip, from: day(trip.from), to: day(trip.to) })),
  };

  function gearMoved(gear: Gear): Gear {
    return {
      ...gear,
      goodUntil: day(gear.goodUntil),
      awaySince: day(gear.awaySince),
      backBy: day(gear.backBy),
      lots: gear.lots.map(lotMoved),
      checks: gear.checks.map((check) => ({ ...check, on: day(check.on) })),
    };
  }

  function lotMoved(lot: Lot): Lot {
    return { ...lot, ...Object.fromEntries(lotDays.map((field) => [field, day(lot[field])])) };
  }

  function loadoutMoved(loadout: Loadout): Loadout {
    const { brief, otherBriefs } = loadout;
    return {
      ...loadout,
      brief: brief && briefMoved(brief),
      otherBriefs: otherBriefs.map(briefMoved),
    };
  }

  function briefMoved(brief: Brief): Brief {
    const { when, heard } = brief;
    return {
      ...brief,
      when: when?.on === 'days' ? { ...when, from: day(when.from), to: day(when.to) } : when,
      heard: heard && { ...heard, on: day(heard.on) },
    };
  }

  function roundMoved(round: Round): Round {
    return {
      ...round,
      begunOn: day(round.begunOn),
      endedOn: day(round.endedOn),
      lines: round.lines.map((line) => ({ ...line, on: day(line.on) })),
    };
  }

  function versionMoved(version: Version): Version {
    return {
      ...version,
      day: day(version.day),
      loadout: loadoutMoved(version.loadout),
      along: version.along.map(loadoutMoved),
      gear: version.gear.map(gearMoved),
    };
  }
}

function eachOf<T>(
  entries: ReadonlyMap<string, T>,
  moved: (entry: T) => T,
): ReadonlyMap<string, T> {
  return new Map([...entries].map(([id, entry]) => [id, moved(entry)]));
}
