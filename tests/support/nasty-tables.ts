import { pick, randomFrom } from './random';

/** A table as somebody’s program wrote it, and the pieces that are in it, or the row that cannot be told. */
export interface NastyTable {
  readonly about: string;
  readonly text: string;
  readonly pieces: readonly { readonly name: string; readonly massG: number }[];
  /** The row, as a person counts it, at which it must be refused; null where all of it can be read. */
  readonly refusedAt: number | null;
}

const names = [
  'Zeltstange',
  'Blue rope bag',
  'Odd thing',
  'Grey box',
  'Sketch pad',
  'Ear plugs',
  'Näh-Etui',
  'Spare lid',
];
const separators = [',', ';', '\t', '|'] as const;
const ends = ['\n', '\r\n', '\r', '\r\r\n'] as const;

/** Tables that a careless reader loses rows of, the same for the same seed. */
export function nastyTables(many: number, seed: number): readonly NastyTable[] {
  const random = randomFrom(seed);
  return Array.from({ length: many }, () => nastyTable(random));
}

function nastyTable(random: () => number): NastyTable {
  const separator = pick(random, separators);
  const many = pick(random, [1, 2, 3, 7, 40, 300]);
  const isMixed = random() < 0.3;
  const end = pick(random, ends);
  const blank = random() < 0.4 ? pick(random, [1, 3]) : 0;
  // A lone carriage return before an empty line that ends with a line feed would be one end, not two.
  const mixed = blank > 0 ? ends.slice(0, 2) : ends;
  const nextEnd = () => (isMixed ? pick(random, mixed) : end);
  const isQuoted = random() < 0.5;
  const hasNotes = random() < 0.5;
  const saysSeparator = random() < 0.25;
  const hasMark = random() < 0.2;
  const dates = random() < 0.3;
  const breaks = many > 2 && random() < 0.35 ? pick(random, ['open', 'after'] as const) : null;
  const brokenRow = breaks ? 1 + Math.floor(random() * (many - 1)) : -1;

  const pieces = Array.from({ length: many }, (_, at) => ({
    name: `${pick(random, names)} ${String.fromCharCode(65 + (at % 26))}${at}x`,
    massG: 1 + Math.floor(random() * 900),
  }));
  const head = ['Name', 'Mass (g)', 'Note', ...(dates ? ['Expires'] : [])];
  let text = `${hasMark ? '\uFEFF' : ''}${saysSeparator ? `sep=${separator}${nextEnd()}` : ''}`;
  let row = saysSeparator ? 1 : 0;
  let refusedAt: number | null = null;
  const write = (cells: readonly string[]) => {
    row += 1;
    text += cells.join(separator) + nextEnd();
    for (let at = 0; at < blank; at += 1) {
      row += 1;
      text +=
        pick(random, ['', '  ', separator.repeat(2), separator === '\t' ? '' : '\t']) + nextEnd();
    }
  };
  write(head);
  for (const [at, { name, massG }] of pieces.entries()) {
    const note = hasNotes
      ? pick(random, [
          '',
          'fits 9" pan',
          'say "hi"',
          `one${separator}two`,
          'two\nlines',
          'tab here',
          "it's",
        ])
      : '';
    const cells = [
      name,
      String(massG),
      note,
      ...(dates ? [pick(random, ['2031-05', '2030-02-28', '28.2.2030', '5/2031'])] : []),
    ];
    const written = cells.map((cell) => cellOf(cell, separator, isQuoted));
    if (at === brokenRow) {
      refusedAt = row + 1;
      written[2] = breaks === 'open' ? '"never closed' : '"closed" and more';
    }
    write(written);
  }
  const about = JSON.stringify({
    separator,
    end,
    isMixed,
    blank,
    isQuoted,
    saysSeparator,
    breaks,
    many,
  });
  return { about, text, pieces, refusedAt };
}

function cellOf(cell: string, separator: string, isQuoted: boolean): string {
  const mustQuote = cell.includes(separator) || cell.includes('\n') || cell.startsWith('"');
  return mustQuote || isQuoted ? `"${cell.replaceAll('"', '""')}"` : cell;
}
