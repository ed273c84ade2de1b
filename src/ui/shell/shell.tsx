'use client';

import { Box, Flex } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { usePathname } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import { openBench, useBenchState, type FirstStart } from '@/store/bench';
import { KitViewProvider } from '@/ui/kit/kit-view';
import { NoticeLine } from '@/ui/notice/notice';
import { useAskBeforeLeaving } from '@/ui/opening/ask-before-leaving';
import { MishapBoundary } from '@/ui/opening/mishap-boundary';
import { NotOpen } from '@/ui/opening/not-open';
import { holdBuild } from './build';
import { Dialogs } from './dialogs';
import { Rail } from './rail';
import { TopBar } from './top-bar';
import { useShortcuts } from './shortcuts';

// The bench is read while the page is still being made ready: on a large one it is what takes longest.
const begins = typeof document === 'undefined' ? null : document.documentElement.dataset.firstStart;
if (begins) void openBench(begins === 'demo' ? 'demo' : 'nothing');

interface ShellProps {
  readonly firstStart: FirstStart;
  readonly children: ReactNode;
}

/** Opens the bench, and holds every screen between the places and the figures. */
export function Shell({ firstStart, children }: ShellProps) {
  const opening = useBenchState((state) => state.opening);
  useEffect(() => {
    void openBench(firstStart);
  }, [firstStart]);
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    holdBuild();
    const keep = () =>
      void import('./keep-at-hand').then(({ keepAtHand }) => keepAtHand()).catch(() => undefined);
    // Once the page has nothing better to do.
    if ('requestIdleCallback' in window) requestIdleCallback(keep, { timeout: 3000 });
    else setTimeout(keep, 1000);
  }, []);
  useAskBeforeLeaving();
  if (opening.state !== 'open') return <NotOpen opening={opening} firstStart={firstStart} />;
  return (
    <MishapBoundary>
      <KitViewProvider>
        <OpenShell>{children}</OpenShell>
        <NoticeLine />
      </KitViewProvider>
    </MishapBoundary>
  );
}

const AsIfLine = dynamic(() => import('./as-if-line').then((module) => module.AsIfLine));
const Welcome = dynamic(() => import('./welcome').then((module) => module.Welcome));

function OpenShell({ children }: { readonly children: ReactNode }) {
  const isEmpty = useBenchState(
    ({ history: { bench } }) => bench.shelf.size === 0 && bench.loadouts.size === 0,
  );
  const path = usePathname();
  useShortcuts();
  if (isEmpty && !path.startsWith('/kits') && !path.startsWith('/shelf')) {
    return <Welcome />;
  }
  return (
    <Flex minHeight="100dvh" flexDirection={{ base: 'column', md: 'row' }}>
      <a className="skip-link" href="#screen">
        Skip to the screen
      </a>
      <Rail />
      <Box flex="1" minWidth="0" paddingBottom={{ base: '76px', md: '0' }}>
        <TopBar />
        <AsIfLine />
        <Box
          as="main"
          id="screen"
          tabIndex={-1}
          paddingX={{ base: '3', md: '6' }}
          paddingBottom="6"
        >
          {children}
        </Box>
      </Box>
      <Dialogs />
    </Flex>
  );
}
