'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { usePathname } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import { demoOpensOn } from '@/core/demo';
import { openBench, useBench, useBenchState, type FirstStart } from '@/store/bench';
import { prefer, usePreferences } from '@/store/preferences';
import { GearEditor } from '@/ui/gear-editor/gear-editor';
import { KitViewProvider } from '@/ui/kit/kit-view';
import { NoticeLine } from '@/ui/notice/notice';
import { MoveDialog } from '@/ui/piece/move-dialog';
import { AcornMark } from './acorn-mark';
import { CommandPalette } from './command-palette';
import { Rail } from './rail';
import { TopBar } from './top-bar';
import { Welcome } from './welcome';

interface ShellProps {
  readonly firstStart: FirstStart;
  readonly children: ReactNode;
}

/** Opens the bench, and holds every screen between the places and the figures. */
export function Shell({ firstStart, children }: ShellProps) {
  const isOpen = useBenchState((state) => state.isOpen);
  useEffect(() => {
    void openBench(firstStart).then(() => {
      if (firstStart === 'demo' && usePreferences.getState().kit === null) {
        prefer({ kit: demoOpensOn });
      }
    });
  }, [firstStart]);
  if (!isOpen) return <Opening />;
  return (
    <KitViewProvider>
      <OpenShell>{children}</OpenShell>
      <NoticeLine />
    </KitViewProvider>
  );
}

function OpenShell({ children }: { readonly children: ReactNode }) {
  const bench = useBench();
  const path = usePathname();
  if (
    bench.shelf.size === 0 &&
    bench.loadouts.size === 0 &&
    path !== '/kits' &&
    path !== '/shelf'
  ) {
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
      <MoveDialog />
      <GearEditor />
      <CommandPalette />
    </Flex>
  );
}

function Opening() {
  return (
    <Flex as="main" minHeight="100dvh" align="center" justify="center" direction="column" gap="4">
      <AcornMark size={72} />
      <Text role="status">Opening the bench…</Text>
    </Flex>
  );
}
