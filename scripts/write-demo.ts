import { writeFileSync } from 'node:fs';
import { demoBench } from '../src/core/demo';
import { writeFile } from '../src/core/exchange';

writeFileSync('public/demo.json', writeFile(demoBench));
