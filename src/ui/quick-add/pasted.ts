import type { Loadout } from '@/core/loadout';
import { benchNow } from '@/store/bench';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { sayRefused } from '@/ui/notice/notice';

/** As many lines are taken from a line that is pasted into; more are brought in where they are looked at first. */
const mostLines = 200;

/**
 * Adds a list that was pasted into the line for one piece: each line as if it was typed, all as one act. What is not understood
 * is given back, to be put right line by line.
 */
export async function addPasted(
  lines: readonly string[],
  kit: string | null,
): Promise<readonly string[]> {
  if (lines.length > mostLines) {
    sayRefused(
      `${lines.length} lines are more than one looks through here: paste them under Shelf, Bring in lines.`,
    );
    return [];
  }
  const [{ gearFromLines }, { taughtBy }, { bringGear }] = await Promise.all([
    import('@/core/exchange/pasted-lines'),
    import('@/core/reading'),
    import('./bring-gear'),
  ]);
  const { shelf, currency, loadouts } = benchNow();
  const { units } = usePreferences.getState();
  const setting = { units, currency, taught: taughtBy(shelf.values()) };
  const read = gearFromLines(lines.join('\n'), setting, newId);
  const layIn: Loadout | null = kit === null ? null : (loadouts.get(kit) ?? null);
  if (read.gear.length > 0) bringGear(read.gear, layIn);
  const left = read.notUnderstood;
  if (left.length > 0) {
    const added = read.gear.length === 0 ? 'None was added' : `${read.gear.length} were added`;
    sayRefused(
      `${added}; ${left.length} ${left.length === 1 ? 'line stays' : 'lines stay'} to be put right: ${left[0]!.says}`,
    );
  }
  return left.map(({ text }) => text);
}
