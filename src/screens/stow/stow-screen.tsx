'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useEffect } from 'react';
import { grounds } from '@/core/loadout';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NoKit } from '@/ui/kit/no-kit';
import { PackOffer } from '@/ui/kit/pack-offer';
import { dropPacking, usePacking } from '@/ui/kit/packing';
import { LazyPiecePanel } from '@/ui/piece/lazy-piece-panel';
import { QuickAddBar } from '@/ui/quick-add/quick-add-bar';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { CarryingTable } from './carrying-table';
import { GroundSection } from './ground-section';
import { KitsAlong } from './kits-along';
import { useLayingOut } from './use-laying-out';
import { later } from '@/ui/late/later';

// Asked for when something is packed.
const PackPreview = later(() => import('./pack-preview').then((module) => module.PackPreview));

/** The tree of holders as outlines cut open, each with its fill and mass; pieces are carried between them. */
export function StowScreen() {
  const view = useKitView();
  return view ? <Stowed view={view} /> : <NoKit />;
}

function Stowed({ view }: { readonly view: KitView }) {
  useLayingOut(view);
  const asked = usePacking();
  // What was found holds for the kit as it was when it was asked for.
  const packing = asked?.of === view.own ? asked : null;
  useEffect(() => {
    if (asked && !packing) dropPacking();
  }, [asked, packing]);
  return (
    <>
      <ScreenHeading>Stow {view.loadout.name}</ScreenHeading>
      <SubPlaces />
      <Flex gap="5" align="flex-start">
        <Box flex="1" minWidth="0">
          {packing ? (
            <PackPreview view={view} now={packing} />
          ) : (
            <>
              <Text fontSize="sm" color="fg.muted" marginBottom="3">
                Drag a piece to where it goes, or select it and choose Move (or press m). Each room
                is then laid out in three dimensions; look inside to see how.
              </Text>
              <PackOffer view={view} />
              <CarryingTable view={view}>
                <Flex direction="column" gap="4">
                  {grounds.map((ground) => (
                    <GroundSection key={ground} view={view} ground={ground} />
                  ))}
                </Flex>
              </CarryingTable>
            </>
          )}
          {!packing && <KitsAlong view={view} />}
          <Box height="4" />
          <QuickAddBar kit={view.own.id} />
        </Box>
        <LazyPiecePanel />
      </Flex>
    </>
  );
}
