'use client';

import { Box, Flex } from '@chakra-ui/react';
import { usePathname } from 'next/navigation';
import { useDeferredValue, useEffect, type ReactNode } from 'react';
import { openBench, useBenchState, type FirstStart } from '@/store/bench';
import { usePreferences } from '@/store/preferences';
import { useDayKept } from '@/store/today';
import { KitViewProvider, useKitView } from '@/ui/kit/kit-view';
import { UnderBriefProvider } from '@/ui/kit/under-brief';
import { later } from '@/ui/late/later';
import { MissingParts } from '@/ui/late/missing-parts';
import { NoticeLine } from '@/ui/notice/notice';
import { useAskBeforeLeaving } from '@/ui/opening/ask-before-leaving';
import { MishapBoundary } from '@/ui/opening/mishap-boundary';
import { NotOpen } from '@/ui/opening/not-open';
import { useAfterFirstScreen } from './after-first-screen';
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
  // What the store says is drawn at once, in one go; deferred, the first drawing lets the page answer in between.
  const opening = useDeferredValue(useBenchState((state) => state.opening));
  const kit = usePreferences((preferences) => preferences.kit);
  const path = usePathname();
  useEffect(() => {
    void openBench(firstStart);
    if (process.env.NODE_ENV === 'production') holdBuild();
  }, [firstStart]);
  useDayKept();
  useAskBeforeLeaving();
  if (opening.state !== 'open') {
    return (
      <>
        <NotOpen opening={opening} firstStart={firstStart} />
        <MissingParts />
      </>
    );
  }
  return (
    <MishapBoundary of={`${path} ${kit ?? ''}`}>
      <KitViewProvider>
        <UnderBriefProvider>
          <OpenShell>{children}</OpenShell>
          <NoticeLine />
        </UnderBriefProvider>
      </KitViewProvider>
    </MishapBoundary>
  );
}

const AsIfLine = later(() => import('./as-if-line').then((module) => module.AsIfLine));
const Gone = later(() => import('@/ui/opening/gone').then((module) => module.Gone));
const Welcome = later(() => import('./welcome').then((module) => module.Welcome));

function OpenShell({ children }: { readonly children: ReactNode }) {
  const isEmpty = useBenchState(
    ({ history: { bench } }) => bench.shelf.size === 0 && bench.loadouts.size === 0,
  );
  const isGone = useBenchState(({ saving }) => saving.state === 'gone');
  const isAsIf = (useKitView()?.lost.length ?? 0) > 0;
  const path = usePathname();
  useShortcuts();
  useAfterFirstScreen();
  if (isEmpty && !path.startsWith('/kits') && !path.startsWith('/shelf')) {
    return (
      <>
        <MissingParts />
        <Welcome />
      </>
    );
  }
  return (
    <Flex minHeight="100dvh" flexDirection={{ base: 'column', md: 'row' }}>
      <a className="skip-link" href="#screen">
        Skip to the screen
      </a>
      <Rail />
      <Box flex="1" minWidth="0" paddingBottom={{ base: '76px', md: '0' }}>
        <TopBar />
        {isGone && <Gone />}
        <MissingParts />
        {isAsIf && <AsIfLine />}
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
