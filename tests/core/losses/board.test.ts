import fc from 'fast-check';
import { conditionsOf, type Brief } from '@/core/brief';
import {
  lossBoard,
  lossesOfKit,
  mostLeft,
  questionsOf,
  whatCanBeLost,
  type Question,
} from '@/core/losses';
import { soonnessFor } from '@/core/scheme/dangers';
import { autumn, packed, today } from '../../support/under-brief';
import { depthOf, formulaOf, nothingLost, withLoss } from '@/core/ways';
import { conditionIds } from '@/core/loadout';
import { exposedJobs, exposedKit } from '../../support/kits-of-needs';
import { runs } from '../../support/share';

const questions: readonly Question[] = exposedJobs.map((job, at) => ({
  id: job,
  anyOf: [job],
  sort: null,
  wanted: at < 3 ? 2 : null,
}));

describe('the board of losses', () => {
  it('says of each loss what is left as the depth without it does', () => {
    fc.assert(
      fc.property(exposedKit({ bags: 3, pieces: 10, count: 3 }), ({ loadout, shelf }) => {
        const formula = formulaOf(loadout, shelf, null);
        const search = { upTo: 3, conditions: conditionIds } as const;
        const asked = [...lossesOfKit(formula, questions, search)];
        const board = lossBoard(asked, whatCanBeLost(loadout));
        for (const { loss, left } of board.rows) {
          const byHand = exposedJobs.map((job) =>
            Math.min(mostLeft, depthOf(formula, [job], withLoss(nothingLost, loss))),
          );
          expect(left).toEqual(byHand);
        }
        const now = exposedJobs.map((job) => Math.min(mostLeft, depthOf(formula, [job])));
        expect(board.now).toEqual(now);
        const hurts = board.rows.map((row) => row.hurts);
        expect(hurts).toEqual([...hurts].sort((one, other) => other - one));
        for (const { left, hurts: much } of board.rows) {
          const isAsBefore = left.every((ways, at) => ways > 0 || now[at] === 0);
          if (much >= 1000 || isAsBefore) continue;
          // What is undone of what nobody asks for is told too, and never weighs as much as what is asked.
          expect(left.slice(0, 3).every((ways, at) => ways > 0 || now[at] === 0)).toBe(true);
        }
      }),
      runs(200, 0.2),
    );
  });

  it('with something lost already, says what is left after that and the next', () => {
    fc.assert(
      fc.property(
        exposedKit({ bags: 3, pieces: 8, count: 3 }),
        fc.nat(),
        ({ loadout, shelf }, which) => {
          const formula = formulaOf(loadout, shelf, null);
          const losses = whatCanBeLost(loadout);
          const first = losses[which % losses.length]!;
          const given = withLoss(nothingLost, first);
          const search = { upTo: 3, conditions: conditionIds, given } as const;
          const board = lossBoard([...lossesOfKit(formula, questions, search)], losses);
          for (const { loss, left } of board.rows) {
            const both = withLoss(given, loss);
            const byHand = exposedJobs.map((job) =>
              Math.min(mostLeft, depthOf(formula, [job], both)),
            );
            expect(left).toEqual(byHand);
          }
        },
      ),
      runs(100, 0.3),
    );
  });

  it('puts before others of equal weight what tells soonest, and what a school puts first', () => {
    const kit = packed(['belt-knife', 'tarp', 'cord', 'steel-bottle']);
    const asked = [
      ...lossesOfKit(kit.ways.formula, questionsOf(kit.ways, []), { upTo: 3, conditions: [] }),
    ];
    const order = (brief: Brief) => {
      const soonness = soonnessFor(brief, conditionsOf(brief, today));
      return lossBoard(asked, whatCanBeLost(kit.whole, []), soonness).rows.flatMap(({ loss }) =>
        loss.kind === 'piece' ? [kit.gear(loss.placement).kind] : [],
      );
    };
    // The cord takes two things with it, so it weighs most whatever comes first; then one thing each.
    const firstBy = (first: Brief['schools']['first']) => {
      const [worst, next] = order({ ...autumn, schools: { first } });
      expect(worst).toBe('cord');
      return next;
    };
    expect(firstBy('blade first')).toBe('belt-knife');
    expect(firstBy('water first')).toBe('steel-bottle');
    expect(firstBy('warmth first')).toBe('tarp');
    expect(firstBy('roof, fire, food, water')).toBe('tarp');
    const soonness = soonnessFor(autumn, conditionsOf(autumn, today));
    const byHours = order(autumn).slice(1, 3);
    expect(byHours).toEqual(
      soonness(['cut']) < soonness(['roof']) ? ['belt-knife', 'tarp'] : ['tarp', 'belt-knife'],
    );
  });
});
