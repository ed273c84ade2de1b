import type { LaidOut } from '@/core/fit';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import type { KitView } from './kit-view';

/** The kit on the table as it is kept, whatever is supposed to be lost of it. */
export function wholeKit({ bench, own, kit }: KitView, laidOut?: LaidOut): WorkedOutKit {
  return workedOut(bench, own, kit.day, laidOut);
}

/** What the piece of a placement of a kit is called, and how many there are. */
export function namesIn({ gear, tree }: WorkedOutKit) {
  return (placement: string) => ({
    name: gear(placement).name,
    count: tree.byId.get(placement)!.count,
  });
}

/** {@link namesIn} the whole kit: what is supposed to be lost has a name too. */
export function namesInWhole(view: KitView) {
  return namesIn(wholeKit(view));
}
