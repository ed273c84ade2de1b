import { everyAnswer } from './scripts/every-answer.mjs';

/** Names the build: the sources it is made of. It is set by `scripts/build.mjs`, and is nobody's own elsewhere. */
const build = process.env.ACORN_BUILD ?? 'development';

/** @type {import('next').NextConfig} */
const config = {
  distDir: process.env.ACORN_BUILT_IN ?? '.next',
  env: { ACORN_BUILD: build },
  generateBuildId: () => build,
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // Types are checked once, over the whole tree, by `npm run types`.
  typescript: { ignoreBuildErrors: true },
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: Object.entries(everyAnswer).map(([key, value]) => ({ key, value })),
      },
    ]),
  experimental: { optimizePackageImports: ['@chakra-ui/react', 'lucide-react'] },
};

export default config;
