import type { Bench, Loadout } from '../loadout';
import { workedOut } from '../kit';
import {
  itemsToldApart,
  lossesOfKit,
  lossId,
  questionsOf,
  whatCanBeLost,
  writtenOut,
  type LossSearch,
} from '../losses';
import { conditionWords } from '../ways';
import { type Loss } from '../loadout';

interface LossTold {
  readonly id: string;
  readonly kind: Loss['kind'];
  readonly name: string;
}

/**
 * What can be lost of a kit, and for each thing that it must do or does every minimal set of losses that leaves it undone, as
 * one plain document. Items of one placement are written out, as `piece:rod#1`; sets are sorted by size and then by their ids.
 *
 * @param today YYYY-MM-DD.
 */
export function lossesInWords(
  bench: Bench,
  own: Loadout,
  today: string,
  search: Pick<LossSearch, 'upTo' | 'conditions'>,
) {
  const { whole, gear, ways, tree } = workedOut(bench, own, today);
  const losses = whatCanBeLost(whole, search.conditions).flatMap(
    (loss): LossTold | readonly LossTold[] => {
      const { kind } = loss;
      const id = lossId(loss);
      if (kind === 'condition') return { id, kind, name: conditionWords[loss.condition].name };
      const { name } = gear(loss.placement);
      if (kind === 'holder') return { id, kind, name };
      const { count } = tree.byId.get(loss.placement)!;
      return Array.from(
        { length: itemsToldApart(ways.formula, loss.placement, count) },
        (_, at) => ({
          id: `${id}#${at + 1}`,
          kind,
          name,
        }),
      );
    },
  );
  const jobs = [...lossesOfKit(ways.formula, questionsOf(ways, own.wishes), search)].map(
    ({ question, depth, sets }) => ({
      job: question.id,
      depth,
      sets: writtenOut(ways.formula, sets),
    }),
  );
  return { losses, jobs };
}
