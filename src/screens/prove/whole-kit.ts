import type { LaidOut } from '@/core/fit';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import type { KitView } from '@/ui/kit/kit-view';

/** The kit on the table as it is kept, whatever is supposed to be lost of it. */
export function wholeKit({ bench, own, kit }: KitView, laidOut?: LaidOut): WorkedOutKit {
  return workedOut(bench, own, kit.day, laidOut);
}

/** What the piece of a placement of the whole kit is called, and how many there are. */
export function namesIn(view: KitView) {
  const { gear, tree } = wholeKit(view);
  return (placement: string) => ({
    name: gear(placement).name,
    count: tree.byId.get(placement)!.count,
  });
}
