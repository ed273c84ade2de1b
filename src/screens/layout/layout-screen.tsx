'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { memo, useEffect, useRef, useState } from 'react';
import { ZoomIn, ZoomOut } from 'lucide-react';
import { printLength } from '@/core/quantity';
import { matScales, prefer, usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NoKit } from '@/ui/kit/no-kit';
import { useSelection } from '@/ui/kit/selection';
import { standingsOf } from '@/ui/kit/standing-mark';
import { LazyPiecePanel } from '@/ui/piece/lazy-piece-panel';
import { QuickAddBar } from '@/ui/quick-add/quick-add-bar';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { Mat } from './mat';
import { useMatScale } from './mat-scale';
import { WhereThingsAre } from './where-things-are';
import { SchemeSwitch } from './scheme-switch';
import { later } from '@/ui/late/later';

// What tells about pieces and moves them comes when it is used, or right after the mat: it is no part of the first load.
const GatheredBar = later(() => import('./gathered-bar').then((module) => module.GatheredBar));
const MatTip = later(() => import('./mat-tip').then((module) => module.MatTip));
const MatCarrying = later(() => import('./mat-carrying').then((module) => module.MatCarrying));

/** So many pieces on, nobody needs to be told how it goes. */
const begunFrom = 3;

const FirstSteps = later(() => import('./first-steps').then((module) => module.FirstSteps));
const PackOffer = later(() => import('@/ui/kit/pack-offer').then((module) => module.PackOffer));

/** The mat: the kit's pieces drawn to size, in the lanes of a scheme. */
export function LayoutScreen() {
  const view = useKitView();
  return view ? <LaidOut view={view} /> : <NoKit />;
}

function LaidOut({ view }: { readonly view: KitView }) {
  const lanes = useRef<HTMLDivElement>(null);
  const isAnyGathered = useSelection(({ several }) => several.size > 0);
  const pixelsPerMm = useMatScale(view, lanes);
  return (
    <>
      <ScreenHeading>Lay out {view.loadout.name}</ScreenHeading>
      <SubPlaces />
      <Flex gap="5" align="flex-start">
        <Box flex="1" minWidth="0">
          <Flex wrap="wrap" gap="3" align="center" justify="space-between" marginBottom="3">
            <SchemeSwitch />
            <ScaleBar pixelsPerMm={pixelsPerMm} />
            <WhereThingsAre standings={standingsOf(view)} />
          </Flex>
          {isAnyGathered && <GatheredBar view={view} />}
          {view.own.placements.length < begunFrom && <FirstSteps view={view} />}
          <Mat view={view} lanes={lanes} pixelsPerMm={pixelsPerMm} />
          <AfterTheMat view={view} />
          <Box height="3" />
          {/* What lies about can be packed from wherever on the mat one is. */}
          <Box position="sticky" bottom={{ base: '64px', md: '0' }} zIndex="docked">
            <PackOfferSoon view={view} />
            <QuickAddBar kit={view.own.id} />
          </Box>
        </Box>
        <LazyPiecePanel />
      </Flex>
    </>
  );
}

/** What tells about pieces and carries them: it is asked for once the mat stands, which does not wait for it. */
function AfterTheMat({ view }: { readonly view: KitView }) {
  if (!useStands()) return null;
  return (
    <>
      <MatTip view={view} />
      <MatCarrying view={view} />
    </>
  );
}

/** It is asked for once the mat stands, as what is above it is not to wait for it. */
function PackOfferSoon({ view }: { readonly view: KitView }) {
  return useStands() && <PackOffer view={view} />;
}

function useStands(): boolean {
  const [stands, setStands] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setStands(true));
    return () => clearTimeout(timer);
  }, []);
  return stands;
}

/** So that the bar stands beside the schemes on a phone. */
const mostBarPx = 92;

/** How large a length is on the mat now, and how to see it larger or smaller. */
const ScaleBar = memo(function ScaleBar({ pixelsPerMm }: { readonly pixelsPerMm: number }) {
  const { matScale, units } = usePreferences();
  const at = matScales.findIndex((scale) => scale === matScale);
  const lengthMm = [500, 250, 100, 50].find((mm) => mm * pixelsPerMm <= mostBarPx) ?? 50;
  function zoom(by: 1 | -1): void {
    prefer({ matScale: matScales[at + by] ?? matScale });
  }
  return (
    <Flex align="center" gap="2">
      <Box aria-label={`Scale: this bar is ${printLength(lengthMm, units)}`} role="img">
        <Text fontSize="xs" textAlign="center" lineHeight="1">
          {printLength(lengthMm, units)}
        </Text>
        <Box
          width={`${lengthMm * pixelsPerMm}px`}
          height="7px"
          borderBottomWidth="2px"
          borderLeftWidth="2px"
          borderRightWidth="2px"
          borderColor="fg"
        />
      </Box>
      <Button
        size="icon"
        variant="bare"
        aria-label="See the mat smaller"
        disabled={at <= 0}
        onClick={() => zoom(-1)}
      >
        <ZoomOut size={20} aria-hidden />
      </Button>
      <Button
        size="icon"
        variant="bare"
        aria-label="See the mat larger"
        disabled={at === matScales.length - 1}
        onClick={() => zoom(1)}
      >
        <ZoomIn size={20} aria-hidden />
      </Button>
    </Flex>
  );
});
