import type { Severity } from './finding';
import { rules } from './rules';

const letters: Readonly<Record<Severity, string>> = { stop: 'S', warn: 'W', note: 'N' };

/** The list of rules as a document: one row a rule, made from the rules themselves. */
export function rulesInMarkdown(): string {
  return [
    '# The rules',
    '',
    'Made from the rules themselves by `npm run rules`. Severity: **S** stop, **W** warn, **N** note. A rule that cannot know what it asks is silent. Where experienced people differ, a rule asks the school that the kit’s brief follows. Every fix that is offered was tried first: the rule is silent after it.',
    '',
    '| id | | speaks when | because | fixes | has to know |',
    '| --- | --- | --- | --- | --- | --- |',
    ...rules.map(
      ({ id, severities, speaksWhen, because, mendedBy, asks }) =>
        `| ${id} | ${severities.map((each) => letters[each]).join(' ')} | ${speaksWhen} | ${because} | ${mendedBy} | ${asks ?? ''} |`,
    ),
    '',
  ].join('\n');
}
