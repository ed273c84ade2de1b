import { guessColumns, type Column } from '@/core/exchange/columns';
import { kindOf } from '@/core/catalogue';
import { gearFromTable, rowAsKind } from '@/core/exchange/gear-table';
import { gearFromLines } from '@/core/exchange/pasted-lines';
import { mostRows, readTable, type Table } from '@/core/exchange/table';
import { textOf } from '@/core/exchange/text-of-bytes';
import { tried } from '../../support/share';

const metric = { units: 'metric', currency: 'EUR' } as const;

function table(text: string): Table {
  const outcome = readTable(text);
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value;
}

let next = 0;
function newId(): string {
  return `new-${(next += 1)}`;
}

function meanings(text: string) {
  return guessColumns(table(text)).map(({ meaning, unit }) =>
    unit === null ? meaning : `${meaning} ${unit}`,
  );
}

function read(text: string, setting: Parameters<typeof gearFromTable>[2] = metric) {
  const rows = table(text);
  return gearFromTable(rows, guessColumns(rows), setting, newId);
}

describe('a table', () => {
  it('is read whatever separates its cells', () => {
    for (const between of [',', ';', '\t', '|']) {
      const text = ['name', 'mass'].join(between) + '\n' + ['Pot', '330 g'].join(between);
      expect(table(text)).toEqual({
        rows: [
          ['name', 'mass'],
          ['Pot', '330 g'],
        ],
        numbers: [1, 2],
        hasHeading: true,
        columns: 2,
      });
    }
  });

  it('keeps quotes, breaks and commas inside quotes, and drops empty rows', () => {
    const rows = table('\uFEFFname,note\n"Knife, ""old""","with\na break"\n,,\n\nPot,');
    expect(rows.rows).toEqual([
      ['name', 'note'],
      ['Knife, "old"', 'with a break'],
      ['Pot', ''],
    ]);
  });

  it.each([
    ['', /nothing in this file/],
    [' \n ,, \n', /nothing in this file/],
    ['a\n'.repeat(mostRows + 1), /More than 20000 rows/],
    [','.repeat(80), /nothing in this file/],
    [`${'x,'.repeat(80)}x`, /More than 60 columns/],
    ['x'.repeat(5000), /more than 4000 characters/],
    ['PK\u0003\u0004,\u0000', /another kind of file/],
  ])('is refused %#', (text, says) => {
    const outcome = readTable(text);
    expect(outcome.ok ? 'read' : outcome.problem.message).toMatch(says);
  });

  it('reads a size as a line does: that of a sheet is how large it is laid out', () => {
    const [tarp] = read('name,size,mass\nTarp,3 x 3 m,620 g').gear;
    expect(tarp?.supplies.find(({ job }) => job === 'roof')?.amount).toBe(9);
    expect(tarp?.form?.shape).toBe('soft');
    const [kettle] = read('name,size (cm)\nKettle,12 x 9').gear;
    expect(kettle?.form).toMatchObject({ shape: 'cylinder', diameterMm: 120, heightMm: 90 });
  });

  it('reads a row as the kind that is picked for it, with the figures of its own columns', () => {
    const rows = table(
      'name,volume,mass,price\nZebra bottle,0.5 L,90 g,\nZebra bottle,0.5 L,90 g,12',
    );
    const setting = { units: 'metric', currency: 'USD' } as const;
    const as = rowAsKind(rows, guessColumns(rows), setting);
    const bottle = kindOf('plastic-bottle')!;
    const [unpriced, priced] = [2, 3].map((row) => as(row, 'one', bottle));
    expect(unpriced).toMatchObject({ kind: 'plastic-bottle', massG: 90, massTrust: 'stated' });
    expect(unpriced?.supplies.find(({ job }) => job === 'carry-water')?.amount).toBe(500);
    // What is typical in euros is no figure in dollars.
    expect(unpriced?.priceMinor).toBeNull();
    expect(priced?.priceMinor).toBe(1200);
    expect(as(9, 'one', bottle)).toBeNull();
  });

  it('takes the kind that a column says where the name means none', () => {
    const said = read('name,kind\nOld Faithful,plastic bottle').gear[0];
    expect(said).toMatchObject({ name: 'Old Faithful', kind: 'plastic-bottle' });
  });

  it('comes in the code pages that programs write', () => {
    const bytes = (...codes: number[]) => new Uint8Array(codes);
    expect(textOf(new TextEncoder().encode('Säge'))).toBe('Säge');
    expect(textOf(bytes(0x53, 0xe4, 0x67, 0x65))).toBe('Säge');
    expect(textOf(bytes(0xff, 0xfe, 0x53, 0, 0xe4, 0))).toBe('Sä');
  });
});

describe('columns', () => {
  it.each([
    ['Item,Weight (oz),Qty,Price\nPot,12,1,20', ['name', 'mass oz', 'count', 'price']],
    ['name;mass g;size cm;notes\nPot;330;15x9;', ['name', 'mass g', 'size cm', 'note']],
    [
      'Gear,Category,Length (in),Width (in),Height (in)\nA,B,1,2,3',
      ['name', 'kind', 'length in', 'width in', 'height in'],
    ],
    ['What,Expires,Have\nTablets,2027-04,yes', ['name', 'good until', 'ownership']],
    ['Pot,330 g,15 x 9 cm,2\nMug,145 g,9 x 11 cm,1', ['name', 'mass', 'size', 'count']],
    ['Rucksack,Gewicht kg\nA,2', ['name', 'mass kg']],
  ])('of %j', (text, expected) => {
    expect(meanings(text)).toEqual(expected);
  });
});

describe('rows of gear', () => {
  it('take their figures from the columns, and the rest from their kind', () => {
    const { gear, notUnderstood } = read(
      'Item,Weight (oz),Qty,Size,Price,Status,Good until,Jobs,Notes\n' +
        'Belt knife,6.2,1,9x1.5x1.2 in,€45,owned,,"cut; dig",Old friend\n' +
        'Chlorine tablets,,2,,,wish,2028-08,,\n',
    );
    expect(notUnderstood).toEqual([]);
    expect(gear).toMatchObject([
      {
        name: 'Belt knife',
        kind: 'belt-knife',
        massTrust: 'stated',
        priceMinor: 4500,
        priceTrust: 'stated',
        note: 'Old friend',
        form: { shape: 'box', heightMm: expect.closeTo(30.48, 6) as number },
      },
      {
        kind: 'chlorine-tablets',
        massTrust: 'typical',
        count: 2,
        ownership: 'wished',
        goodUntil: '2028-08-31',
      },
    ]);
    expect(gear[0]!.massG).toBeCloseTo(175.767, 3);
  });

  it('are brought in each by itself: a wrong one is reported and keeps no other out', () => {
    const { gear, notUnderstood } = read(
      'name,mass,count\nPot,330 g,1\nMug,heavy,1\n,12 g,1\nSpoon,18 g,half\nCandle,57 g,6\nTotal,400 g,\n',
    );
    expect(gear.map(({ name }) => name)).toEqual(['Pot', 'Candle']);
    expect(notUnderstood.map(({ row, says }) => [row, says])).toEqual([
      [3, expect.stringMatching(/“heavy.*is not a mass/)],
      [4, 'The row has no name.'],
      [5, '“half” is not how many there are: write a whole number.'],
      [7, 'This is a sum, not a piece.'],
    ]);
  });

  it('can be matched by hand where the headings say nothing', () => {
    const rows = table('A,B,C\nPot,0.33,1.4\n');
    const columns: readonly Column[] = [
      { meaning: 'name', unit: null },
      { meaning: 'mass', unit: 'kg' },
      { meaning: 'volume', unit: 'l' },
    ];
    const { gear } = gearFromTable(rows, columns, metric, newId);
    expect(gear).toMatchObject([{ massG: 330, kind: 'pot' }]);
    expect(gear[0]!.supplies[0]!.amount).toBe(1400);
  });

  it('take three sides, or a diameter and a height', () => {
    const { gear } = read(
      'name,length mm,width mm,height mm,diameter mm\nBox,90,60,30,\nCan,,,120,100',
    );
    expect(gear.map(({ form }) => form)).toMatchObject([
      { shape: 'box', lengthMm: 90, widthMm: 60, heightMm: 30 },
      { shape: 'cylinder', diameterMm: 100, heightMm: 120 },
    ]);
  });

  it.each([
    ['2027-04-30', '2027-04-30'],
    ['2027-4', '2027-04-30'],
    ['30.4.2027', '2027-04-30'],
    ['4/2027', '2027-04-30'],
    ['02/2028', '2028-02-29'],
    ['30/4/2027', '2027-04-30'],
    ['4/30/2027', '2027-04-30'],
    ['3/4/2027', /can be two days/],
    ['2027-02-30', /not a day of the calendar/],
    ['soon', /not a day this understands/],
  ])('take the day “%s”', (text, expected) => {
    const { gear, notUnderstood } = read(`name,good until\nPot,${text}`);
    const found = gear[0]?.goodUntil ?? notUnderstood[0]!.says;
    if (typeof expected === 'string') expect(found).toBe(expected);
    else expect(found).toMatch(expected);
  });

  it('hold nothing that a file could not keep', () => {
    const { gear, notUnderstood } = read('name,note\n<script>alert(1)</script>,x\nPot,<b>no</b>\n');
    expect(gear).toEqual([]);
    expect(notUnderstood.map(({ says }) => says)).toEqual([
      expect.stringMatching(/markup/),
      expect.stringMatching(/markup/),
    ]);
  });

  it('are read by the ten thousand', () => {
    const many = tried(10_000);
    const rows = Array.from({ length: many }, (_, at) => `Candle ${at},57 g`);
    expect(read(`name,mass\n${rows.join('\n')}`).gear.length).toBe(many);
  });
});

describe('pasted lines', () => {
  it('are read one by one, without their bullets', () => {
    const { gear, notUnderstood } = gearFromLines(
      '- belt knife 170 g\n\n* 3 candles\n1. steel bottle 1 L\n[ ] pot 1,234 g\n☐ whistle\n',
      metric,
      newId,
    );
    expect(gear.map(({ name, count }) => [name, count])).toEqual([
      ['Belt knife', 1],
      ['Candles', 3],
      ['Steel bottle 1 L', 1],
      ['Whistle', 1],
    ]);
    expect(notUnderstood).toMatchObject([{ row: 5, text: '[ ] pot 1,234 g' }]);
  });
});
