'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { doesNotTrain } from '@/core/gear';
import { Button } from '@/ui/fields/button';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NextStep } from '@/ui/kit/next-step';
import { NoKit } from '@/ui/kit/no-kit';
import { BesideFailure } from '@/ui/kit/use-beside';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { AfloatPanel } from './afloat-panel';
import { BesidePanel } from './beside-panel';
import { LayersPanel } from './layers-panel';
import { LeftThen } from './left-then';
import { LossBoard } from './loss-board';
import { MomentsPanel } from './moments-panel';
import { useLosses } from './use-losses';
import { WhatIfBar } from './what-if-bar';
import { WhatItTakes } from './what-it-takes';

/** What still works when things go wrong: losses down, jobs across, days as bars, layer by layer. */
export function ProveScreen() {
  const view = useKitView();
  if (!view) return <NoKit />;
  const { own } = view;
  return (
    <Box maxWidth="1180px">
      <ScreenHeading>Prove {own.name}</ScreenHeading>
      <SubPlaces />
      {own.placements.length + own.modules.length === 0 ? (
        <NextStep says={`Nothing is in ${own.name} yet that could be lost.`} />
      ) : (
        <Proved view={view} />
      )}
    </Box>
  );
}

function Proved({ view }: { readonly view: KitView }) {
  const { asked, progress, stop, hasFailed, again } = useLosses(view, view.lost);
  return (
    <Flex direction="column" gap="4">
      <WhatIfBar view={view} />
      <Flex gap="4" flexDirection={{ base: 'column', xl: 'row' }} align="flex-start">
        <Box flex="5" width="100%" minWidth="0" order={{ base: 2, xl: 1 }}>
          {progress && (
            <Flex align="center" gap="3" role="status" marginBottom="3">
              <Text>
                Trying losses: {progress.done} of {progress.outOf} jobs done.
              </Text>
              <Button size="sm" onClick={stop}>
                Stop
              </Button>
            </Flex>
          )}
          {hasFailed ? (
            <BesideFailure again={again} />
          ) : asked === null ? (
            <Text role="status">Trying every loss…</Text>
          ) : (
            <LossBoard view={view} asked={asked} />
          )}
        </Box>
        <Box flex="3" width="100%" minWidth="0" order={{ base: 1, xl: 2 }}>
          <LeftThen view={view} />
        </Box>
      </Flex>
      <Flex gap="4" flexDirection={{ base: 'column', lg: 'row' }} align="flex-start">
        <Flex direction="column" gap="4" flex="1" width="100%" minWidth="0">
          {asked && <WhatItTakes view={view} asked={asked} />}
          <LayersPanel view={view} />
        </Flex>
        <Flex direction="column" gap="4" flex="1" width="100%" minWidth="0">
          <MomentsPanel view={view} />
          <AfloatPanel view={view} />
          <BesidePanel view={view} />
        </Flex>
      </Flex>
      <Text fontSize="sm" color="fg.muted">
        {doesNotTrain}
      </Text>
    </Flex>
  );
}
