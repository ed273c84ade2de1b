'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useBench } from '@/store/bench';
import { doesNotTrain } from '@/core/gear';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { Tick } from '@/ui/fields/tick';
import { BringInFile } from '@/ui/files/bring-in-file';
import { useToday } from '@/store/today';
import { useKitView } from '@/ui/kit/kit-view';
import { NextStep } from '@/ui/kit/next-step';
import { NoKit } from '@/ui/kit/no-kit';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { NeedsSheet } from './needs-sheet';
import { PackingSheet, type SheetOrder } from './packing-sheet';
import { WriteFiles } from './write-files';

const orders: readonly (readonly [SheetOrder, string])[] = [
  ['holder', 'By holder'],
  ['category', 'By category'],
];

/** The packing list as it prints, and files out and in. */
export function PapersScreen() {
  const bench = useBench();
  const view = useKitView();
  const [order, setOrder] = useState<SheetOrder>('holder');
  const [withNeeds, setWithNeeds] = useState(false);
  const today = useToday();
  if (!view) return <NoKit />;
  const { loadout } = view;
  return (
    <Flex gap="6" align="flex-start" flexDirection={{ base: 'column', xl: 'row' }}>
      <ScreenHeading>Papers of {loadout.name}</ScreenHeading>
      <Box flex="1" minWidth="0" width="100%">
        <Flex className="no-print" gap="2" wrap="wrap" marginBottom="3" justify="space-between">
          <PillSwitch
            label="Order of the list"
            options={orders}
            value={order}
            onChange={setOrder}
          />
          {view.own.brief !== null && (
            <Tick isOn={withNeeds} onChange={setWithNeeds}>
              with its needs
            </Tick>
          )}
          <Button
            variant="main"
            disabled={loadout.placements.length === 0}
            onClick={() => window.print()}
          >
            <Printer size={18} aria-hidden /> Print
          </Button>
        </Flex>
        {loadout.placements.length === 0 ? (
          <NextStep says={`Nothing is in ${loadout.name} yet: its packing list is printed here.`} />
        ) : (
          <PackingSheet view={view} order={order} today={today}>
            {withNeeds && <NeedsSheet view={view} />}
            <Text fontSize="sm" marginTop="4">
              {doesNotTrain}
            </Text>
          </PackingSheet>
        )}
      </Box>
      <Flex
        className="no-print"
        direction="column"
        gap="5"
        width={{ base: '100%', xl: '290px' }}
        flexShrink="0"
      >
        <Panel
          title="Write a file"
          says="Kits and gear as open JSON. A kit’s file holds all that the kit needs."
        >
          <WriteFiles bench={bench} loadout={loadout} today={today} />
        </Panel>
        <Panel
          title="Bring in a file"
          says="What is here stays; what differs, you are asked about. Undo takes it back."
        >
          <BringInFile />
        </Panel>
      </Flex>
    </Flex>
  );
}
