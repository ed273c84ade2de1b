import { readFileSync, writeFileSync } from 'node:fs';
import { cruise, type ICruiseResult } from 'dependency-cruiser';

/** `npm run structure`: draws which folder imports from which, as `docs/structure.svg`. */

const wide = 168;
const high = 46;
const gapX = 28;
const gapY = 40;
const columns = 6;

const cruised = await cruise(['src', 'bin'], {
  tsPreCompilationDeps: true,
  exclude: { path: 'node_modules' },
  tsConfig: { fileName: 'tsconfig.json' },
});
const { modules } = cruised.output as ICruiseResult;

/** `src/core/fit/load/nest.ts` is of `core/fit`, `src/ui/kit/rooms.ts` of `ui`. */
function folderOf(path: string): string | null {
  const core = /^src\/core\/([a-z-]+)\//.exec(path);
  if (core) return `core/${core[1]!}`;
  const outer = /^(?:src\/)?(app|bin|devices|screens|store|ui|workers)\//.exec(path);
  return outer ? outer[1]! : null;
}

const lines = new Map<string, number>();
const imports = new Map<string, Map<string, number>>();
for (const { source, dependencies } of modules) {
  const from = folderOf(source);
  if (from === null || !/^(src|bin)\//.test(source)) continue;
  lines.set(from, (lines.get(from) ?? 0) + readFileSync(source, 'utf8').split('\n').length);
  const own = imports.get(from) ?? new Map<string, number>();
  imports.set(from, own);
  for (const { resolved } of dependencies) {
    const to = folderOf(resolved);
    if (to !== null && to !== from && /^(src|bin)\//.test(resolved)) {
      own.set(to, (own.get(to) ?? 0) + 1);
    }
  }
}

/** How far from the ground a folder stands: above all that it imports from. */
const storeys = new Map<string, number>();
function storeyOf(folder: string): number {
  const known = storeys.get(folder);
  if (known !== undefined) return known;
  const below = [...(imports.get(folder)?.keys() ?? [])].filter((each) => lines.has(each));
  const storey = below.length === 0 ? 0 : 1 + Math.max(...below.map(storeyOf));
  storeys.set(folder, storey);
  return storey;
}

const folders = [...lines.keys()].sort();
const rows = new Map<number, string[]>();
for (const folder of folders) {
  const storey = storeyOf(folder);
  rows.set(storey, [...(rows.get(storey) ?? []), folder]);
}
const top = Math.max(...rows.keys());
const places = new Map<string, readonly [x: number, y: number]>();
for (const [storey, row] of rows) {
  // To the side by turns, so that what goes past a storey is seen.
  const aside = row.length > 2 ? 0 : [0, 1.1, -1.1][storey % 3]! * (wide + gapX);
  const indent = ((columns - row.length) * (wide + gapX)) / 2 + aside;
  row.forEach((folder, at) => {
    places.set(folder, [indent + at * (wide + gapX) + gapX, (top - storey) * (high + gapY) + gapY]);
  });
}

const width = columns * (wide + gapX) + gapX;
const height = (top + 1) * (high + gapY) + gapY;
const arrows = folders.flatMap((from) =>
  [...(imports.get(from) ?? [])].map(([to, count]) => {
    const [x, y] = places.get(from)!;
    const [toX, toY] = places.get(to)!;
    const start = [x + wide / 2, y + high];
    const end = [toX + wide / 2, toY];
    const bend = (end[1]! - start[1]!) / 2;
    const thick = Math.min(4, 0.6 + Math.log2(count + 1) / 2).toFixed(1);
    return `<path d="M${start.join(' ')}C${start[0]} ${start[1]! + bend} ${end[0]} ${end[1]! - bend} ${end.join(' ')}" stroke-width="${thick}"/>`;
  }),
);
const boxes = folders.map((folder) => {
  const [x, y] = places.get(folder)!;
  const isCore = folder.startsWith('core/');
  return `<g transform="translate(${x} ${y})"><rect width="${wide}" height="${high}" rx="8" fill="${isCore ? '#e9f2df' : '#f5e9d3'}" stroke="#5b4a35"/><text x="${wide / 2}" y="20" font-weight="700">${folder}</text><text x="${wide / 2}" y="37" font-size="12" fill="#6b5d49">${lines.get(folder)!} lines</text></g>`;
});
writeFileSync(
  'docs/structure.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" font-family="sans-serif" font-size="14" text-anchor="middle">
<title>Which folder imports from which: each stands above all that it imports from, the thicker the line the more often</title>
<rect width="100%" height="100%" fill="#fffaf0"/>
<g fill="none" stroke="#5b4a35" stroke-opacity="0.35">
${arrows.join('\n')}
</g>
${boxes.join('\n')}
</svg>
`,
);
