import { readLine } from '../reading';
import type { GearSetting } from './gear-read';
import { withoutBullet } from './pasted-lines';

/**
 * What each line of a text is read as, in order, for the command line: the same that the screen shows. A line that is refused
 * has its reason in `problem`, and nothing else; empty lines have no entry.
 */
export function readingsOf(text: string, setting: GearSetting): readonly unknown[] {
  return text
    .split(/\r\r\n|\r\n|\r|\n|\u2028|\u2029/)
    .filter((line) => line.trim() !== '')
    .map((line) => {
      const read = readLine(withoutBullet(line), { ...setting, id: 'new' });
      if (!read.ok) return { ...nothing, line, problem: read.problem.message };
      const { gear, kind, sure, others } = read.value;
      return {
        line,
        kind: kind?.id ?? null,
        sure,
        name: gear.name,
        count: gear.count,
        massG: gear.massG,
        massTrust: gear.massTrust,
        priceMinor: gear.priceMinor,
        form: gear.form,
        supplies: gear.supplies,
        contents: gear.contents,
        cavities: gear.cavities,
        others: others.map(({ id }) => id),
        problem: null,
      };
    });
}

/** Of a line that was refused nothing is known. */
const nothing = {
  kind: null,
  sure: 0,
  name: null,
  count: null,
  massG: null,
  massTrust: null,
  priceMinor: null,
  form: null,
  supplies: [],
  contents: null,
  cavities: [],
  others: [],
} as const;
