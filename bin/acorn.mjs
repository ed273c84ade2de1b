#!/usr/bin/env node
import { ensureInstalled } from '../scripts/ensure-installed.mjs';

ensureInstalled();
const { register } = await import('tsx/esm/api');
register();
const { run } = await import('./command-line.ts');
const { status, output, error } = run(process.argv.slice(2));
if (output !== null) process.stdout.write(`${JSON.stringify(output, null, 2)}\n`);
if (error !== null) process.stderr.write(`${error}\n`);
process.exitCode = status;
