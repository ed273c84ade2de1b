import { lossesOfKit, minimalSets, questionsOf, writtenOut } from '@/core/losses';
import { unknownCells } from '../../support/rule-case';
import { kindKit } from '../../support/kinds-judged';

describe('items of one placement', () => {
  it('are told apart as many as are needed at once and three more: five cells of a lamp for three', () => {
    const { formula } = kindKit({
      holds: 'headlamp, 5 cell-aaa',
      gear: { headlamp: unknownCells },
    }).ways;
    const { sets } = minimalSets(formula, ['light'], { upTo: 3, conditions: [] });
    const written = writtenOut(formula, sets);
    // The lamp, and any three of the five: two are left then.
    expect(written).toHaveLength(1 + 10);
    expect(written.at(-1)).toEqual(['piece:cell-aaa#3', 'piece:cell-aaa#4', 'piece:cell-aaa#5']);
  });

  it('are four at most where one at a time is needed', () => {
    const { formula } = kindKit({ holds: '9 belt-knife' }).ways;
    const { sets } = minimalSets(formula, ['cut'], { upTo: 3, conditions: [] });
    expect(writtenOut(formula, sets)).toEqual([]);
  });
});

describe('medicine', () => {
  it('is asked by its sort: tablets are no second way to a pen', () => {
    const { ways, own } = kindKit({ holds: 'allergy-pen, allergy-tablets, 2 pain-tablets' });
    const questions = questionsOf(ways, own.wishes).filter(({ anyOf }) => anyOf[0] === 'medicine');
    const depths = [...lossesOfKit(ways.formula, questions, { upTo: 3, conditions: [] })].map(
      ({ question, depth }) => [question.id, depth],
    );
    expect(depths).toEqual([
      ['medicine: adrenaline', 1],
      ['medicine: against allergy', 1],
      ['medicine: common medicine', 2],
    ]);
  });

  it('of one sort is one question', () => {
    const { ways, own } = kindKit({ holds: '2 pain-tablets' });
    const ids = questionsOf(ways, own.wishes).map(({ id }) => id);
    expect(ids).toContain('medicine');
    expect(ids.filter((id) => id.startsWith('medicine'))).toHaveLength(1);
  });
});
