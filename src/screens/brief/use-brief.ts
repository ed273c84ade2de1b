import { emptyBrief, type Brief } from '@/core/brief';
import { wishesElsewhere } from '@/core/brief/country-asks';
import { schemesOf } from '@/core/scheme';
import { proposedLanes } from '@/core/scheme/proposed-order';
import { localDay, type KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';

/** What a panel of the brief is given: the brief, and how some of it is changed. */
export interface BriefProps {
  readonly brief: Brief;
  readonly change: (part: Partial<Brief>) => void;
}

/** The brief of a kit, and how some of it is changed: each change is an act, which undo takes back. */
export function briefOf({ own, bench }: KitView): BriefProps {
  const brief = own.brief ?? emptyBrief;
  const today = localDay(new Date());
  return {
    brief,
    change: (part) => {
      const next = { ...brief, ...part };
      // What has no piece yet opens on the order that its brief proposes.
      const isNew = own.placements.length === 0 && part.lanes === undefined;
      const lanes = isNew ? proposedLanes(schemesOf(bench), next, today) : next.lanes;
      // What the country asked goes with it.
      const wishes = wishesElsewhere(own.wishes, brief.country, next.country);
      perform({ do: 'change kit', id: own.id, change: { brief: { ...next, lanes }, wishes } });
    },
  };
}
