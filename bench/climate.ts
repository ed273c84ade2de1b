import { climateOf } from '../src/core/models';
import { groups, lowsTooWarm, meanMiss, normals } from '../tests/support/climate-normals';

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

/** Lows by themselves and with their sign: too warm is the unsafe side. */
process.stdout.write('\ngroup       places   lows too warm by, mean   most   least °C\n');
for (const group of groups) {
  const places = normals.filter((each) => each.group === group);
  const misses = lowsTooWarm(places);
  const groupMean = misses.reduce((sum, miss) => sum + miss, 0) / misses.length;
  const figures = [groupMean, Math.max(...misses), Math.min(...misses)];
  process.stdout.write(
    `${group.padEnd(12)}${String(places.length).padStart(5)}${figures.map((each) => each.toFixed(1).padStart(15)).join('')}\n`,
  );
}
