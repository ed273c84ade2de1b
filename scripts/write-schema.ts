import { writeFileSync } from 'node:fs';
import { fileJsonSchema } from '../src/core/exchange/json-schema';

writeFileSync('docs/loadout.schema.json', `${JSON.stringify(fileJsonSchema(), null, 2)}\n`);
