import { climateOf } from '../src/core/models';
import { meanMiss, normals } from '../tests/support/climate-normals';

/** The simulated climate beside public normals: highs and lows of January and July, and how far they lie apart. */
const signed = (celsius: number) => String(Math.round(celsius)).padStart(4);
process.stdout.write(
  'place         January, simulated and normal   July, simulated and normal   mean miss °C\n',
);
for (const each of normals) {
  const months = [
    [1, each.january],
    [7, each.july],
  ] as const;
  const told = months.map(([month, [high, low]]) => {
    const at = climateOf(each.place, month);
    return `${signed(at.highC)}/${signed(at.lowC)}   ${signed(high)}/${signed(low)}`;
  });
  process.stdout.write(
    `${each.name.padEnd(13)} ${told.join('        ')}      ${meanMiss(each).toFixed(1)}\n`,
  );
}
const mean = normals.reduce((sum, each) => sum + meanMiss(each), 0) / normals.length;
process.stdout.write(`mean over ${normals.length} places: ${mean.toFixed(2)} °C\n`);
