import { gearOfKind, gearOfNoKind, kindOf, kinds } from '@/core/catalogue';
import { cautionsOf } from '@/core/gear';
import { readLine } from '@/core/reading';

function cautionsOfKind(id: string): readonly string[] {
  return cautionsOf(gearOfKind(kindOf(id)!, id));
}

function cautionsOfLine(line: string): readonly string[] {
  const read = readLine(line, { id: 'x', units: 'metric', currency: 'EUR' });
  if (!read.ok) throw new Error(read.problem.message);
  return cautionsOf(read.value.gear);
}

describe('cautions', () => {
  it('say first what a treatment leaves open', () => {
    for (const id of ['filter', 'straw-filter', 'chlorine-tablets', 'pot']) {
      expect(cautionsOfKind(id)[0]).toMatch(/^Leaves open: /);
    }
  });

  it('say what somebody may die of before what spoils a piece', () => {
    expect(cautionsOfKind('gas-canister')[0]).toMatch(/^Under pressure/);
    expect(cautionsOfKind('candle')[0]).toContain('carbon monoxide');
    expect(cautionsOfKind('cell-cr2032')[0]).toMatch(/^Deadly when swallowed/);
    expect(cautionsOfKind('allergy-pen')[0]).toMatch(/^For the person it is prescribed for/);
  });

  it('say nothing twice: no two of one kind share a long run of words', () => {
    const runOf = (text: string) => {
      const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
      return words.slice(0, -3).map((_, at) => words.slice(at, at + 4).join(' '));
    };
    for (const { id } of kinds) {
      const told = cautionsOfKind(id);
      for (const [at, one] of told.entries()) {
        const others = new Set(told.slice(at + 1).flatMap(runOf));
        expect([id, runOf(one).filter((run) => others.has(run))]).toEqual([id, []]);
      }
    }
  });

  it('do not ask for a course with what only makes do', () => {
    for (const id of ['bandana', 'tape-roll', 'cotton-fluff']) {
      expect(cautionsOfKind(id).join()).not.toContain('take a course');
    }
  });

  it('do not call loud what is made to be heard', () => {
    expect(cautionsOfKind('whistle').join()).not.toContain('Heard from afar');
  });

  it.each([
    ['air rifle', /^Law and safe storage/],
    ['box of ammunition', /^Law and safe storage/],
    ['bump keys', /know your law/],
    ['lock picks', /know your law/],
  ])('of %s, which is no kind, name the law and nothing else', (line, says) => {
    const told = cautionsOfLine(line);
    expect(told).toHaveLength(1);
    expect(told[0]).toMatch(says);
  });

  it('of a plain piece are none', () => {
    expect(cautionsOf(gearOfNoKind('x', 'Glue gun'))).toEqual([]);
    expect(cautionsOf(gearOfNoKind('x', 'Paddle'))).toEqual([]);
  });

  it.each([
    ['tinned-food', /closed, it bursts/],
    ['tape-roll', /smoke is foul/],
    ['safety-glasses', /only where it says so/],
    ['plastic-bottle', /hot water only if its maker says so/],
    ['belt-knife', /^Sheathed/],
  ])('of %s name its danger', (id, says) => {
    expect(cautionsOfKind(id).some((each) => says.test(each))).toBe(true);
  });
});
