#!/usr/bin/env node
import { ensureInstalled } from '../scripts/ensure-installed.mjs';

ensureInstalled();
const { register } = await import('tsx/esm/api');
register();
const { run } = await import('./command-line.ts');
// Whoever reads the output may stop reading: `acorn audit kit.json | head`.
process.stdout.on('error', (error) => {
  if (error.code !== 'EPIPE') throw error;
});
const { status, output, error } = run(process.argv.slice(2));
if (output !== null) process.stdout.write(`${JSON.stringify(output, null, 2)}\n`);
if (error !== null) process.stderr.write(`${error}\n`);
process.exitCode = status;
