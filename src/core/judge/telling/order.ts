import { igniteJobs, type JobId } from '../../gear';
import { byName } from '../../quantity';
import type { Background } from '../background';
import type { Finding, Severity } from '../finding';
import { holderHurtsH } from '../holder';

const severities: readonly Severity[] = ['stop', 'warn', 'note'];

/** Of rules that say nothing of a job: how soon their lack hurts, in h (own). */
const hoursByRule = byName<number>({
  'aid/own': 1,
  'harm/closed-flame': 2,
  'harm/pen-frost': 6,
  'keep/double': 24,
  'trust/failed': 6,
  // What is done at home in a minute comes after what has to be got.
  'make/ready': 100,
  'trust/untried': 100,
  'light/switches-on': 100,
  'cut/sheath': 100,
  'fire/lighter-presses': 100,
});

/** Heavy bleeding and a grave allergy do not wait; small hurts do. In h (own). */
const graveH = 1;
const smallH = 48;

/** What a rule of a family is about. */
const jobsByFamily = byName<readonly JobId[]>({
  fire: igniteJobs,
  water: ['treat-water'],
  food: ['food'],
  sleep: ['sleep'],
  warm: ['insulate'],
  roof: ['roof'],
  light: ['light'],
  cord: ['cord'],
  cut: ['cut'],
  way: ['bearing'],
  seen: ['signal-day'],
});

interface Figures {
  readonly afterH?: number | null;
  readonly anyOf?: readonly JobId[];
  readonly gone?: readonly string[];
  readonly share?: number;
  readonly parts?: readonly Omit<Finding, 'parts'>[];
}

/** How soon what a finding is about hurts, in h; Infinity where nothing says so. */
export function hurtsH(finding: Omit<Finding, 'parts'>, background: Background): number {
  const { rule } = finding;
  const { afterH, anyOf, gone, parts } = (finding.figures ?? {}) as Figures;
  if (afterH !== undefined) return afterH ?? Infinity;
  if (gone !== undefined) return holderHurtsH(gone, background);
  if (rule === 'aid/grave') return graveH;
  if (rule === 'aid/complaint') return smallH;
  const hours = hoursByRule.get(rule);
  if (hours !== undefined) return hours;
  if (parts !== undefined) return Math.min(...parts.map((part) => hurtsH(part, background)));
  const jobs = anyOf ?? jobsByFamily.get(rule.split('/')[0]!);
  return jobs === undefined ? Infinity : background.soon(jobs);
}

/** Findings in the order in which they are told: the gravest, of those what hurts first, of those what lacks most. */
export function inOrder(found: readonly Finding[], background: Background): readonly Finding[] {
  return found
    .map((finding, at) => ({
      finding,
      at,
      severity: severities.indexOf(finding.severity),
      hours: hurtsH(finding, background),
      share: ((finding.figures ?? {}) as Figures).share ?? 0,
    }))
    .sort(
      (one, other) =>
        one.severity - other.severity ||
        less(one.hours, other.hours) ||
        other.share - one.share ||
        one.at - other.at,
    )
    .map(({ finding }) => finding);
}

function less(one: number, other: number): number {
  return one === other ? 0 : one < other ? -1 : 1;
}
