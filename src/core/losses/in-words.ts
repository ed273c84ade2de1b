import { listed } from '../quantity';
import { conditionWords } from '../ways';
import { type Loss } from '../loadout';
import { lossId } from './loss-id';

/**
 * Losses in words: `Barrel with all in it`, `2 of Gas lighter`, `soaked`, an item of a placement by its name.
 *
 * @param name what the piece of a placement is called, and how many of it there are.
 */
export function lossesInWords(
  losses: readonly Loss[],
  of: (placement: string) => { readonly name: string; readonly count: number },
): readonly string[] {
  const times = new Map<string, { readonly loss: Loss; many: number }>();
  for (const loss of losses) {
    const before = times.get(lossId(loss));
    if (before) before.many += 1;
    else times.set(lossId(loss), { loss, many: 1 });
  }
  return [...times.values()].map(({ loss, many }) => {
    if (loss.kind === 'condition') return conditionWords[loss.condition].name;
    const { name, count } = of(loss.placement);
    if (loss.kind === 'holder') return `${name} with all in it`;
    if (count === 1) return name;
    return many === count ? `all ${count} of ${name}` : `any ${many} of ${count} ${name}`;
  });
}

/** What is supposed, as the beginning of a sentence goes on: `without Barrel with all in it and Axe, when soaked`. */
export function supposedInWords(
  losses: readonly Loss[],
  of: Parameters<typeof lossesInWords>[1],
): string {
  const gone = lossesInWords(
    losses.filter(({ kind }) => kind !== 'condition'),
    of,
  );
  const holds = losses.flatMap((loss) =>
    loss.kind === 'condition' ? [conditionWords[loss.condition].then] : [],
  );
  return [...(gone.length > 0 ? [`without ${listed(gone)}`] : []), ...holds].join(', ');
}
