import fc from 'fast-check';
import { kindOf, kinds } from '@/core/catalogue';
import type { WorkedOutKit } from '@/core/kit';
import { conditionIds } from '@/core/loadout';
import { whatCanBeLost } from '@/core/losses';
import { underOwnBrief } from '@/core/kit/under-own-brief';
import { hasFallen, type Need, type NeedId } from '@/core/needs';
import { depthOf, nothingLost, withLoss } from '@/core/ways';
import { anyKit } from '../../support/any-kit';
import { kindKit } from '../../support/kinds-judged';
import type { KindKit } from '../../support/kits-of-kinds';
import { runs } from '../../support/share';
import { everyFinding } from '../../support/every-finding';

function needs(kit: WorkedOutKit): readonly Need[] {
  return underOwnBrief(kit, 'metric')?.needs ?? [];
}

/** Needs that a piece may bring a demand of its own to: they are asked for with it, and were not before. */
const asksOfItsOwn: readonly NeedId[] = ['rig', 'power', 'fuel', 'fire'];

/** A load grows with every piece, and so does the work of an evening. Of what a piece asks of its own nothing was asked before, or it
 * asks more. */
function mayFall({ need, demand }: Need, more: string): boolean {
  // In a tent a candle is no light any more.
  if (need === 'light' && ['tent', 'bivvy', 'film-bivvy'].includes(more)) return true;
  if (need === 'load' || need === 'evening') return true;
  return asksOfItsOwn.includes(need) && ((demand ?? 0) === 0 || asks(more));
}

/** Whether a piece relies on something itself, or is to be rigged. */
function asks(kind: string): boolean {
  return kindOf(kind)!.supplies.some(
    ({ job, demands }) => demands.length > 0 || job === 'roof' || job === 'raise',
  );
}

const kindIds = kinds.map(({ id }) => id);

describe('of any kit and any brief', () => {
  it('one piece more makes no need worse, but for what the piece itself asks', () => {
    fc.assert(
      fc.property(anyKit, fc.constantFrom(...kindIds), (each: KindKit, more) => {
        if (each.holds.split(', ').some((line) => line.split(' ')[1] === more)) return;
        const on = / @ (\w+)$/.exec(each.holds)?.[1] ?? 'body';
        const holds = [each.holds, `${more} @ ${on}`].filter((part) => part !== '').join(', ');
        const [before, after] = [kindKit(each), kindKit({ ...each, holds })].map(needs);
        const fallen = before!.filter(
          (need, at) => !mayFall(need, more) && hasFallen(need, after![at]!),
        );
        expect([more, fallen.map(({ need, says }) => `${need}: ${says}`)]).toEqual([more, []]);
      }),
      runs(600, 0.06),
    );
  });

  it('a loss makes no way better', () => {
    fc.assert(
      fc.property(anyKit, fc.nat(), (each, at) => {
        const { whole, ways } = kindKit(each);
        const losses = whatCanBeLost(whole, conditionIds);
        if (losses.length === 0) return;
        const loss = losses[at % losses.length]!;
        const lost = withLoss(nothingLost, loss);
        for (const job of ways.byJob.keys()) {
          const [before, after] = [nothingLost, lost].map((given) =>
            depthOf(ways.formula, [job], given),
          );
          expect([job, after! <= before!]).toEqual([job, true]);
        }
      }),
      runs(300, 0.1),
    );
  });

  it('no need that is met rests on a piece that the same kit is warned of', () => {
    /** Rules that say that a piece cannot be relied on for a need. */
    const warned: Readonly<Record<string, readonly NeedId[]>> = {
      'harm/frost-filter': ['treat', 'drink'],
      'harm/closed-flame': ['light'],
      'light/cells': ['light'],
      'water/double-wall': ['treat', 'fuel'],
      'fire/no-tinder': ['fire'],
      'fire/no-striker': ['fire'],
      'trust/failed': ['treat', 'light', 'sleep', 'roof', 'fire', 'found'],
    };
    let seen = 0;
    fc.assert(
      fc.property(anyKit, (each) => {
        const kit = kindKit(each);
        const told = needs(kit);
        for (const { rule, about, figures } of everyFinding(kit)) {
          // By an open window a candle is a light; in a tent or a car it is none.
          if (rule === 'harm/closed-flame' && (figures as { where: string }).where === 'house')
            continue;
          for (const id of warned[rule] ?? []) {
            const need = told.find((one) => one.need === id);
            if (!need || need.standing !== 'met') continue;
            seen += 1;
            expect([rule, id, need.placements.filter((piece) => about.includes(piece))]).toEqual([
              rule,
              id,
              [],
            ]);
          }
        }
      }),
      runs(1500, 0.06),
    );
    expect(seen).toBeGreaterThan(0);
  });
});
