import { build } from '@/ui/shell/build';

/**
 * The service worker. It names its build, so that a browser that has another one sees that there is a new one, and
 * loads what it does from a file that is the same for every build.
 */
export function GET(): Response {
  const lines = [
    `self.build = ${JSON.stringify(build)};`,
    `importScripts('/keep-at-hand.js?build=${encodeURIComponent(build)}');`,
  ];
  return new Response(`${lines.join('\n')}\n`, {
    headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' },
  });
}
