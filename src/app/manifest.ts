import type { MetadataRoute } from 'next';

/** What a browser needs to install the application beside others. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Vivid Acorn',
    short_name: 'Vivid Acorn',
    description: 'A workbench for people who build bushcraft and preparedness kits.',
    id: '/',
    start_url: '/layout',
    scope: '/',
    display: 'standalone',
    background_color: '#f6efe2',
    theme_color: '#3f2d20',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
      { src: '/icons/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/icons/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/icons/maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
