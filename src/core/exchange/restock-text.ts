import Papa from 'papaparse';
import { printMoney, type Currency } from '../quantity';
import { byKind, type RestockLine } from '../upkeep';
import { defused } from './defused';

/** Why a line is on the list, in words. */
export function becauseInWords({ because, by }: Pick<RestockLine, 'because' | 'by'>): string {
  switch (because) {
    case 'used':
      return 'used up';
    case 'missing':
      return 'missing';
    case 'renew':
      return 'a round found it worn';
    case 'failed':
      return 'it failed';
    case 'asked for':
      return 'asked for';
    case 'past its date':
      return 'past its date';
    case 'runs out':
      return `runs out on ${by}`;
    case 'wished for':
      return 'wished for';
  }
}

/** For which kits a line is, in words; empty for the shelf alone. */
export function kitsInWords({ kits }: Pick<RestockLine, 'kits'>): string {
  return kits.map(({ name }) => name).join(' and ');
}

/** How soon a line is wanted: `by 2027-05-01`, or as soon as may be. */
export function soonInWords({ because, by }: Pick<RestockLine, 'because' | 'by'>): string {
  if (by !== null) return `by ${by}`;
  return because === 'wished for' ? 'when it may be' : 'now';
}

/** The restock list as a table that any program opens: comma-separated, one line of the list a row. */
export function restockAsCsv(lines: readonly RestockLine[], currency: Currency): string {
  const rows = inOrder(lines).map(({ group, line }) => [
    group,
    line.gear.name,
    String(line.count),
    kitsInWords(line),
    becauseInWords(line),
    line.by ?? '',
    line.priceMinor === null ? '' : (line.priceMinor / 100).toFixed(2),
  ]);
  const head = ['kind', 'name', 'count', 'for', 'because', 'by', `price ${currency}`];
  return `${Papa.unparse([head, ...rows.map((row) => row.map(defused))], { newline: '\r\n' })}\r\n`;
}

/** The restock list as Markdown, to be ticked off. */
export function restockAsMarkdown(
  lines: readonly RestockLine[],
  currency: Currency,
  today: string,
): string {
  const parts = byKind(lines).map(({ name, lines: own }) => {
    const items = own.map((line) => {
      const kit = line.kits.length > 0 ? ` for ${kitsInWords(line)}` : '';
      const price = line.priceMinor === null ? '' : `, ${printMoney(line.priceMinor, currency)}`;
      const why = `${becauseInWords(line)}, ${soonInWords(line)}`;
      return `- [ ] ${line.count} × ${plain(line.gear.name)}${plain(kit)} (${why}${price})`;
    });
    return `## ${plain(name)}\n\n${items.join('\n')}`;
  });
  return `# To get, ${today}\n\n${parts.join('\n\n')}\n`;
}

function inOrder(lines: readonly RestockLine[]) {
  return byKind(lines).flatMap(({ name, lines: own }) =>
    own.map((line) => ({ group: name, line })),
  );
}

/** A name in which nothing is read as a mark of Markdown. */
function plain(text: string): string {
  return text.replace(/([\\`*_[\]<>#|])/g, '\\$1');
}
