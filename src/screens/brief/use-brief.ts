import { emptyBrief, knownAt, weatherAt, type Brief } from '@/core/brief';
import { wishedElsewhere } from '@/core/brief/country-asks';
import type { Bench } from '@/core/loadout';
import { schemesOf } from '@/core/scheme';
import { proposedLanes } from '@/core/scheme/proposed-order';
import { useBenchState } from '@/store/bench';
import { today } from '@/store/today';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';

/** What a panel of the brief is given: the brief, and how some of it is changed. */
export interface BriefProps {
  readonly brief: Brief;
  /** Whether it was changed: what is refused says why by itself. */
  readonly change: (part: Partial<Brief>) => boolean;
}

/**
 * The brief of a kit, and how some of it is changed: each change is an act, which undo takes back. What the climate service or
 * a file says comes a while after it was asked for: the brief is changed as it is by then.
 */
export function briefOf(view: KitView): BriefProps {
  return {
    brief: view.own.brief ?? emptyBrief,
    change: (part) => {
      const { bench } = useBenchState.getState().history;
      const own = bench.loadouts.get(view.own.id);
      if (!own) return false;
      const brief = own.brief ?? emptyBrief;
      const when = part.when === undefined ? brief.when : part.when;
      const changed = {
        ...brief,
        ...part,
        weather: part.weather ?? weatherAt(brief.weather, brief.when, when),
      };
      // What is known of a country is of that one; another kit’s brief may know the next.
      const next =
        changed.country === brief.country
          ? changed
          : { ...changed, asKnown: knownAt(changed, briefsOn(bench)) };
      // What has no piece yet opens on the order that its brief proposes.
      const isNew = own.placements.length === 0 && part.lanes === undefined;
      const lanes = isNew ? proposedLanes(schemesOf(bench), next, today()) : next.lanes;
      // What the country asked goes with it, and is for so many as come.
      const { wishes, rules } = wishedElsewhere(
        { wishes: own.wishes, rules: next.rules },
        { country: brief.country, people: brief.people.length },
        { country: next.country, people: next.people.length },
      );
      return perform({
        do: 'change kit',
        id: own.id,
        change: { brief: { ...next, lanes, rules }, wishes },
      });
    },
  };
}

/** Every brief of every kit. */
function briefsOn({ loadouts }: Bench): readonly Brief[] {
  return [...loadouts.values()].flatMap(({ brief, otherBriefs }) => [
    ...(brief === null ? [] : [brief]),
    ...otherBriefs,
  ]);
}
