import '@fontsource-variable/bitter/wght.css';
import '@fontsource-variable/source-sans-3/wght.css';
import '@/ui/theme/base-look.css';
import './global.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { BesideScreens } from '@/screens/keep/beside-screens';
import { Providers } from '@/ui/providers';
import { Shell } from '@/ui/shell/shell';

export const metadata: Metadata = {
  title: 'Vivid Acorn',
  description: 'A workbench for people who build bushcraft and preparedness kits.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

/** Reads the request, so that scripts get their nonce and the first start is known at run time. */
export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  const firstStart = process.env.ACORN_FIRST_START === 'demo' ? 'demo' : 'nothing';
  return (
    <html lang="en" data-first-start={firstStart} suppressHydrationWarning>
      <body>
        <Providers nonce={nonce}>
          <Shell firstStart={firstStart}>
            {children}
            <BesideScreens />
          </Shell>
        </Providers>
      </body>
    </html>
  );
}
