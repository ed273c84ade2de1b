import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { ensureBuilt, next } from './ensure-built.mjs';
import { ensureInstalled, root } from './ensure-installed.mjs';

/** `demo` opens a bench that was never used on the demo, `nothing` on the welcome. */
const firstStart = process.argv[2] ?? 'nothing';

ensureInstalled();
ensureBuilt();
const port = process.env.PORT ?? String(await freePort(3000));
const server = spawn(process.execPath, [next, 'start', '--port', port, '--hostname', '127.0.0.1'], {
  cwd: root,
  stdio: ['ignore', 'ignore', 'inherit'],
  env: { ...process.env, ACORN_FIRST_START: firstStart, NEXT_TELEMETRY_DISABLED: '1' },
});
server.on('exit', (status) => process.exit(status ?? 0));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
await answering(`http://127.0.0.1:${port}/`);
process.stdout.write(`Vivid Acorn is at http://localhost:${port}  (Ctrl C stops it)\n`);

/** The first port from `from` on that nobody listens at. */
async function freePort(from) {
  for (let port = from; ; port += 1) {
    const isFree = await new Promise((resolve) => {
      const probe = createServer();
      probe.once('error', () => resolve(false));
      probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
    });
    if (isFree) return port;
  }
}

async function answering(address) {
  for (;;) {
    const answer = await fetch(address, { redirect: 'manual' }).catch(() => null);
    if (answer) return;
    await new Promise((resolve) => setTimeout(resolve, 150));
  }
}
