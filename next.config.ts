import type { NextConfig } from 'next';

/** Names the build: the sources it is made of. It is set by `scripts/build.mjs`, and is nobody's own elsewhere. */
const build = process.env.ACORN_BUILD ?? 'development';

const config: NextConfig = {
  distDir: process.env.ACORN_BUILT_IN ?? '.next',
  env: { ACORN_BUILD: build },
  generateBuildId: () => build,
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // Types are checked once, over the whole tree, by `npm run types`.
  typescript: { ignoreBuildErrors: true },
  headers: () => Promise.resolve([{ source: '/:path*', headers: everywhere }]),
  experimental: { optimizePackageImports: ['@chakra-ui/react', 'lucide-react'] },
};

/** What every answer says, pages, files and errors alike; the policy of content comes with each page (proxy.ts). */
const everywhere = [
  { key: 'x-content-type-options', value: 'nosniff' },
  { key: 'referrer-policy', value: 'no-referrer' },
  { key: 'cross-origin-opener-policy', value: 'same-origin' },
  { key: 'cross-origin-resource-policy', value: 'same-origin' },
  {
    key: 'permissions-policy',
    value: [
      'accelerometer',
      'camera',
      'display-capture',
      'geolocation',
      'gyroscope',
      'hid',
      'magnetometer',
      'microphone',
      'midi',
      'payment',
      'serial',
      'usb',
      'xr-spatial-tracking',
    ]
      .map((feature) => `${feature}=()`)
      .join(', '),
  },
];

export default config;
