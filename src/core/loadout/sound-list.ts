import { says, type Problem } from '../quantity';
import { isId, jobs, longestNote, whyNotName, whyNotPlain, type JobId } from '../gear';
import { mostLines, type ReferenceList } from './reference-list';

/** What is wrong with a list, with the field; null where nothing is. */
export function unsoundList({ id, name, note, lines }: ReferenceList): Problem | null {
  if (!isId(id)) return { field: 'id', message: says.noId(id) };
  const why = whyNotName(name);
  if (why) return { field: 'name', message: says.name(why) };
  const whyNote = whyNotPlain(note, longestNote);
  if (whyNote) return { field: 'note', message: says.note(whyNote) };
  if (lines.length > mostLines) return { field: 'lines', message: says.tooManyLines(mostLines) };
  for (const [at, { text, kind, jobs: answering }] of lines.entries()) {
    const field = `lines[${at}]`;
    const whyLine = whyNotName(text);
    if (whyLine) return { field: `${field}.text`, message: says.listLine(at + 1, whyLine) };
    if (kind !== null && !isId(kind)) return { field: `${field}.kind`, message: says.noId(kind) };
    const problem = unsoundJobs(answering);
    if (problem) return { field: `${field}.jobs`, message: problem };
  }
  return null;
}

function unsoundJobs(answering: readonly JobId[]): string | null {
  const seen = new Set<JobId>();
  for (const job of answering) {
    if (!Object.hasOwn(jobs, job)) return says.noWord('A job', job);
    if (seen.has(job)) return says.jobTwice(job);
    seen.add(job);
  }
  return null;
}
