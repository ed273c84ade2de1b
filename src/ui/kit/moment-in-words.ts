import type { UnderBrief } from '@/core/kit/under-brief';
import { treeOf } from '@/core/loadout';
import { leastWarmClo, type MomentPart } from '@/core/needs/moments';
import { listed } from '@/core/quantity';

/** Who does one thing that a moment asks: `2 × Rain jacket`; `Tarp (makes do); 1 of 2 lacking, as what could do it does something else then`. */
export function whoInWords(
  { job, asked, by, makesDo, lacks, lacksAnyway }: MomentPart,
  { kit }: UnderBrief,
): string {
  const { byId } = treeOf(kit.loadout);
  const counts = new Map<string, number>();
  for (const id of by) counts.set(id, (counts.get(id) ?? 0) + 1);
  const names = [...counts].map(([id, count]) => {
    const { name } = kit.gear(byId.get(id)!);
    const many = count > 1 ? `${count} × ${name}` : name;
    return makesDo.includes(id) ? `${many} (makes do)` : many;
  });
  const who = names.length > 0 ? listed(names) : 'nothing';
  if (lacks === 0) return who;
  const why =
    lacksAnyway < lacks
      ? ', as what could do it does something else then'
      : job === 'insulate'
        ? `: a bag, a blanket or a coat of at least ${leastWarmClo} clo, for one who lies still`
        : '';
  return `${who}; ${lacks} of ${asked} lacking${why}`;
}
