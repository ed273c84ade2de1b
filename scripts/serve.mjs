import { createServer } from 'node:http';
import { ensureBuilt } from './ensure-built.mjs';
import { ensureInstalled, root } from './ensure-installed.mjs';

/** `demo` opens a bench that was never used on the demo, `nothing` on the welcome. */
const firstStart = process.argv[2] ?? 'nothing';

ensureInstalled();
ensureBuilt();
Object.assign(process.env, {
  NODE_ENV: 'production',
  NEXT_TELEMETRY_DISABLED: '1',
  ACORN_FIRST_START: firstStart,
});
const { default: next } = await import('next');
const { answeredAtOnce, everyAnswer } = await import('./every-answer.mjs');
const application = next({ dev: false, dir: root, hostname: '127.0.0.1', quiet: true });
await application.prepare();
const answer = application.getRequestHandler();

const server = createServer((request, response) => {
  const atOnce = answeredAtOnce(request);
  if (atOnce === null) {
    void answer(request, response);
    return;
  }
  const { status, headers } = atOnce;
  response.writeHead(status, { 'content-type': 'text/plain', ...everyAnswer, ...headers });
  response.end(atOnce.says);
});
const port = await listening(
  process.env.PORT ? [Number(process.env.PORT)] : Array.from({ length: 100 }, (_, at) => 3000 + at),
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => process.exit(0));
process.stdout.write(`Vivid Acorn is at http://localhost:${port}  (Ctrl C stops it)\n`);

/** The first port of these that nobody listens at, listened at; 0 is any. */
async function listening([port, ...others]) {
  return new Promise((resolve, reject) => {
    const onError = (error) => {
      if (error.code === 'EADDRINUSE' && others.length > 0) resolve(listening(others));
      else reject(error);
    };
    server.once('error', onError);
    server.listen(port, '127.0.0.1', () => {
      server.off('error', onError);
      resolve(server.address().port);
    });
  });
}
