import { capital } from '@/core/gear';
import type { RoundStop } from '@/core/upkeep';
import { groundInWords } from '@/ui/kit/place-in-words';

/** Where a round stops, in words: `Portage pack › Lid pocket`; what stands on a ground by itself, `On the body`. */
export function stopInWords({ ground, within }: RoundStop): string {
  return within.length === 0 ? capital(groundInWords(ground)) : within.join(' › ');
}
