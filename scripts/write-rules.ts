import { writeFileSync } from 'node:fs';
import { rulesInMarkdown } from '../src/core/judge/rules-in-markdown';

writeFileSync('docs/rules.md', rulesInMarkdown());
