import { gearOfKind, kindOf } from '@/core/catalogue';
import { igniteJobs } from '@/core/gear';
import { boardOf, listOfScheme, schemes } from '@/core/scheme';
import { matchLine } from '@/core/scheme/match-line';

const piece = (id: string) => gearOfKind(kindOf(id)!, id);

describe('a line of a list', () => {
  it.each([
    ['Belt knife', 'belt-knife', ['cut']],
    ['2 x bandana', 'bandana', ['cloth']],
    ['Something warm', null, ['insulate', 'sleep']],
    ['Shelter', null, ['roof']],
    ['A way to boil', null, ['boil']],
    ['Fire', null, igniteJobs],
    ['first aid', 'first-aid-pouch', ['first-aid']],
    ['Signal by night', null, ['signal-night']],
    ['Good mood', null, []],
    ['', null, []],
  ])('“%s” means %s', (text, kind, jobs) => {
    expect(matchLine(text)).toEqual({ text, kind, jobs });
  });
});

describe('the board of lists', () => {
  const club = {
    id: 'club',
    name: 'Club list',
    note: '',
    lines: ['Belt knife', 'Something warm', 'Whistle', 'Good mood'].map(matchLine),
  };
  const pieces = ['folding-knife', 'belt-knife', 'wool-jersey', 'bandana', 'paint-can'].map(piece);
  const board = boardOf(pieces, [club, listOfScheme(schemes['ten-cs'])]);

  it('says which lines are answered, the very kind before what does the job', () => {
    const [lines] = board.lists;
    expect(lines!.answered).toBe(2);
    expect(lines!.lines[0]!.pieces).toEqual([
      { gear: 'belt-knife', by: 'kind' },
      { gear: 'folding-knife', by: 'job' },
    ]);
    expect(lines!.lines[2]!.pieces).toEqual([]);
  });

  it('says for each piece whose list it is on, and what is on nobody’s', () => {
    const on = Object.fromEntries(
      board.pieces.map(({ gear, on: lists }) => [gear.id, [...lists.keys()]]),
    );
    expect(on).toEqual({
      'folding-knife': ['club', 'ten-cs'],
      'belt-knife': ['club', 'ten-cs'],
      'wool-jersey': ['club'],
      bandana: ['ten-cs'],
      'paint-can': [],
    });
  });

  it('takes makeshift for no answer', () => {
    const boil = { ...club, lines: [matchLine('A way to boil')] };
    expect(boardOf([piece('paint-can')], [boil]).lists[0]!.answered).toBe(0);
    expect(boardOf([piece('pot')], [boil]).lists[0]!.answered).toBe(1);
  });
});
