import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { mutants } from './mutant-list';

const [only = ''] = process.argv.slice(2);
const tried = mutants.filter(({ file }) => file.includes(only));
let lived = 0;
for (const { file, find, instead, tests } of tried) {
  const whole = readFileSync(file, 'utf8');
  if (!whole.includes(find)) {
    process.stdout.write(`? ${file}: “${find.slice(0, 60)}” is not there any more\n`);
    lived += 1;
    continue;
  }
  writeFileSync(file, whole.replace(find, instead));
  try {
    const { status } = spawnSync('npx', ['--no-install', 'jest', '--silent', tests], {
      stdio: 'ignore',
      // What hangs was seen too.
      timeout: 300_000,
    });
    if (status === 0) lived += 1;
    process.stdout.write(
      `${status === 0 ? '✘ lived ' : '✓ killed'} ${file}: ${find.slice(0, 70)}\n`,
    );
  } finally {
    writeFileSync(file, whole);
  }
}
process.stdout.write(`\n${tried.length - lived} of ${tried.length} were seen.\n`);
process.exit(lived === 0 ? 0 : 1);
