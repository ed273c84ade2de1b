import { guessColumns } from '@/core/exchange/columns';
import { defused } from '@/core/exchange/defused';
import { gearFromTable } from '@/core/exchange/gear-table';
import { gearFromLines, mostPasted, whyNotPasted } from '@/core/exchange/pasted-lines';
import { mostRows, mostTableText, readTable } from '@/core/exchange/table';
import { nastyTables } from '../../support/nasty-tables';
import { tried } from '../../support/share';

const metric = { units: 'metric', currency: 'EUR' } as const;
let ids = 0;
const newId = () => `n${(ids += 1)}`;

function gearIn(text: string) {
  const table = readTable(text);
  if (!table.ok) throw new Error(table.problem.message);
  return gearFromTable(table.value, guessColumns(table.value), metric, newId);
}

describe('130 nasty tables', () => {
  const tables = nastyTables(tried(130, 0.25), Number(process.env.ACORN_SEED ?? 31));

  it.each(tables.map((table, at) => [at, table] as const))(
    '%i: every row comes in or is named',
    (_, { about, text, pieces, refusedAt }) => {
      const table = readTable(text);
      if (refusedAt !== null) {
        if (table.ok) throw new Error(`was read: ${about}`);
        expect(table.problem.message).toMatch(new RegExp(`^Row ${refusedAt} has `));
        return;
      }
      if (!table.ok) throw new Error(`${about}: ${table.problem.message}`);
      const { gear, notUnderstood } = gearFromTable(
        table.value,
        guessColumns(table.value),
        metric,
        newId,
      );
      expect([about, notUnderstood]).toEqual([about, []]);
      expect(gear.map(({ massG }) => massG)).toEqual(pieces.map(({ massG }) => massG));
      expect(gear.map(({ name }) => name)).toEqual(pieces.map(({ name }) => name));
    },
  );

  it('are of every sort', () => {
    expect(tables.filter(({ refusedAt }) => refusedAt !== null).length).toBeGreaterThan(tried(15));
    expect(tables.filter(({ text }) => /sep=/.test(text)).length).toBeGreaterThan(tried(15));
  });
});

describe('rows that were once lost', () => {
  it('come in though a blank line follows each', () => {
    const lines = Array.from({ length: tried(15_000) }, (_, at) => `Sketch pad ${at}a,12`);
    const { gear, notUnderstood } = gearIn(`Name,Mass (g)\r\n${lines.join('\r\n\r\n')}`);
    expect([gear.length, notUnderstood.length]).toEqual([tried(15_000), 0]);
  });

  it('are counted without those that hold nothing', () => {
    const table = readTable(`${',\n'.repeat(25_000)}Name,Mass (g)\nPot,210`);
    expect(table.ok && [table.value.rows, table.value.numbers]).toEqual([
      [
        ['Name', 'Mass (g)'],
        ['Pot', '210'],
      ],
      [25_001, 25_002],
    ]);
    const many = readTable('Pot,210\n'.repeat(mostRows + 1));
    expect(!many.ok && many.problem.message).toBe('More than 20000 rows are not read at once.');
  });

  it.each([
    ['a,b\n"open,1\nPot,210\n', 2],
    ['a,b\nKnife,"open\nPot,210\nSaw,"x"\n', 2],
    ['a,b\nKnife,"open\nPot,"\n', 2],
    ['a,b\n"Knife" big,170\n', 2],
    ['a,b\n\n\nKnife,"170" g\n', 4],
  ])('are named where a quotation mark would swallow them: %j', (text, row) => {
    const table = readTable(text);
    expect(!table.ok && table.problem.message).toMatch(new RegExp(`^Row ${row} has `));
  });

  it('keep marks and breaks that are meant', () => {
    const table = readTable('name,note\n"Pan, 9""","first\nsecond"\nLid,9" wide\n"Cup" ,"x" \n');
    expect(table.ok && table.value.rows.slice(1)).toEqual([
      ['Pan, 9"', 'first second'],
      ['Lid', '9" wide'],
      ['Cup', 'x'],
    ]);
  });

  it.each([
    ['sep=;\nName;Mass (g)\nPot;210\n', ';'],
    ['"sep=;"\r\nName;Mass (g)\r\nPot;210\r\n', ';'],
    ['SEP=|\rName|Mass (g)\rPot|210', '|'],
  ])('are of the cells that a first line says: %j', (text) => {
    const { gear } = gearIn(text);
    expect(gear).toMatchObject([{ massG: 210 }]);
  });

  it.each([
    ['2027-04-30', '2027-04-30'],
    ['2028-02', '2028-02-29'],
    ['0050-01-01', null],
    ['0000-01-01', null],
    ['2200-01-01', null],
    ['1899-12', null],
    ['2026-02-30', null],
  ])('have a day that is one: %s', (day, kept) => {
    const { gear, notUnderstood } = gearIn(
      `Name,Expires\nSketch pad,${day}\nOther pad,2030-01-01\n`,
    );
    expect(gear.map(({ goodUntil }) => goodUntil)).toEqual(
      kept === null ? ['2030-01-01'] : [kept, '2030-01-01'],
    );
    expect(notUnderstood.map(({ row }) => row)).toEqual(kept === null ? [2] : []);
  });

  it.each([
    ['"'.repeat(tried(mostTableText)), /not closed|more than|once/],
    ['"",'.repeat(tried(2_600_000, 0.5)), /columns|rows/],
    ['x'.repeat(mostTableText + 1), /8 million characters/],
    ['a\u0000b', /another kind of file/],
    [',\n,\n', /nothing in this file/],
    [`${'a,'.repeat(61)}\n`, /60 columns/],
    [`${'a'.repeat(4001)}\n`, /Row 1 has a cell/],
  ])('a text of another kind is refused at once %#', (text, says) => {
    const table = readTable(text);
    expect(!table.ok && table.problem.message).toMatch(says);
  });
});

describe('pasted lines', () => {
  it('end as anybody’s lines end, and none is lost', () => {
    const { gear, notUnderstood } = gearFromLines(
      'sketch pad 12 g\rblue rope bag 30 g\r\n\r\n\r\rodd thing 5 g\u2028grey box 7 g\n900 g\n',
      metric,
      newId,
    );
    expect(gear.map(({ massG }) => massG)).toEqual([12, 30, 5, 7]);
    expect(notUnderstood).toMatchObject([{ text: '900 g' }]);
  });

  it('have a limit that is said', () => {
    expect(whyNotPasted('pot 210 g\n'.repeat(mostRows - 1))).toBeNull();
    expect(whyNotPasted('pot 210 g\n'.repeat(mostRows))).toMatch(/20000 rows/);
    expect(whyNotPasted('x'.repeat(mostPasted + 1))).toMatch(/2 million characters/);
    const { notUnderstood } = gearFromLines(`pot ${'x'.repeat(2000)}`, metric, newId);
    expect(notUnderstood).toMatchObject([
      { row: 1, says: expect.stringMatching(/longer than 1000/) },
    ]);
  });
});

describe('a cell that is written', () => {
  it.each([
    ['=cmd|x', "'=cmd|x"],
    ['+1', "'+1"],
    ['-1', "'-1"],
    ['@x', "'@x"],
    ['\tx', "'\tx"],
    [' =1+1', "' =1+1"],
    ['\u00a0@x', "'\u00a0@x"],
    ['＝1+1', "'＝1+1"],
    ['＋1', "'＋1"],
    ['－1', "'－1"],
    ['＠SUM(A1)', "'＠SUM(A1)"],
    ['Pot = 1', 'Pot = 1'],
    ['', ''],
  ])('%j is written as %j', (cell, written) => {
    expect(defused(cell)).toBe(written);
  });
});
