import { readdir } from 'node:fs/promises';
import path from 'node:path';
import { build } from '@/ui/shell/build';
import { paths } from '@/ui/shell/places';

/** Every page and every built file of this build, so that the browser can keep all of them at hand: also those that no page names. */
export async function GET(): Promise<Response> {
  const built = path.join(process.cwd(), process.env.ACORN_BUILT_IN ?? '.next', 'static');
  const files = await readdir(built, { recursive: true, withFileTypes: true }).catch(() => []);
  const addresses = files
    .filter((file) => file.isFile() && /\.(js|css|woff2)$/.test(file.name))
    .map((file) => {
      const within = path.relative(built, path.join(file.parentPath, file.name));
      return `/_next/static/${within.split(path.sep).join('/')}`;
    });
  return Response.json(
    { build, pages: paths, built: addresses },
    { headers: { 'cache-control': 'no-store' } },
  );
}
