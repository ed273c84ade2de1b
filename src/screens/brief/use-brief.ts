import { emptyBrief, type Brief } from '@/core/brief';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';

/** What a panel of the brief is given: the brief, and how some of it is changed. */
export interface BriefProps {
  readonly brief: Brief;
  readonly change: (part: Partial<Brief>) => void;
}

/** The brief of a kit, and how some of it is changed: each change is an act, which undo takes back. */
export function briefOf({ own }: KitView): BriefProps {
  const brief = own.brief ?? emptyBrief;
  return {
    brief,
    change: (part) =>
      void perform({ do: 'change kit', id: own.id, change: { brief: { ...brief, ...part } } }),
  };
}
