'use client';

import { Box, Flex, Grid, Heading, Text } from '@chakra-ui/react';
import { useTheme } from 'next-themes';
import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { currencies } from '@/core/quantity';
import { bringIn } from '@/core/exchange';
import { gearOf, kitsByName, type Bench } from '@/core/loadout';
import { dueListOf, type Due } from '@/core/upkeep';
import { useBench } from '@/store/bench';
import { loadDemo } from '@/store/demo';
import { newId } from '@/store/new-id';
import { prefer, usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { drawnSize } from '@/ui/gear-drawing/drawn-size';
import { useToday } from '@/store/today';
import { NewKitForm } from '@/ui/kit/new-kit-form';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { carriersOf } from './closed';
import { KitCard } from './kit-card';

/** The list of kits, and how this person reads the bench. */
export function KitsScreen() {
  const bench = useBench();
  const kits = kitsByName(bench);
  const shelf = useRef<HTMLDivElement>(null);
  const columnPx = useColumnWidth(shelf);
  const today = useToday();
  const firstDue = useMemo(() => firstDueOf(bench, today), [bench, today]);
  const pixelsPerMm = scaleFor(bench, columnPx);
  return (
    <Box maxWidth="1180px">
      <ScreenHeading>Kits</ScreenHeading>
      <SubPlaces />
      <Grid
        ref={shelf}
        templateColumns={`repeat(auto-fill, minmax(min(${columnMinPx}px, 100%), 1fr))`}
        columnGap="6"
        rowGap="8"
        alignItems="start"
      >
        {kits.map((loadout) => (
          <KitCard
            key={loadout.id}
            bench={bench}
            loadout={loadout}
            due={firstDue.get(loadout.id) ?? null}
            pixelsPerMm={pixelsPerMm}
          />
        ))}
        <Flex
          direction="column"
          gap="3"
          borderWidth="2px"
          borderStyle="dashed"
          borderRadius="18px"
          padding="4"
        >
          <Heading as="h2" fontSize="lg">
            A new kit
          </Heading>
          <NewKitForm action="Make it" onMade={(kit) => prefer({ kit })} />
        </Flex>
      </Grid>
      <ThisBench bench={bench} />
    </Box>
  );
}

const columnMinPx = 310;

/** How high a kit is drawn at most, and what it leaves of its column at the sides, in pixels. */
const highestPx = 200;
const besidePx = 60;

/** So that the widest and the highest of what stands on the boards is seen whole: one scale for all. */
function scaleFor(bench: Bench, columnPx: number): number {
  let scale = 0.6;
  for (const own of bench.loadouts.values()) {
    const sizes = carriersOf({ bench, own }).map((placement) =>
      drawnSize(gearOf(bench.shelf, placement)),
    );
    const widthMm = sizes.reduce((sum, size) => sum + size.widthMm, 0);
    const heightMm = Math.max(0, ...sizes.map((size) => size.heightMm));
    if (widthMm > 0) scale = Math.min(scale, (columnPx - besidePx) / widthMm);
    if (heightMm > 0) scale = Math.min(scale, highestPx / heightMm);
  }
  return scale;
}

function useColumnWidth(grid: RefObject<HTMLDivElement | null>): number {
  const [widthPx, setWidthPx] = useState(columnMinPx);
  useEffect(() => {
    const observed = grid.current;
    if (!observed) return undefined;
    const observer = new ResizeObserver(() => {
      const first = observed.firstElementChild;
      if (first) setWidthPx(first.clientWidth);
    });
    observer.observe(observed);
    return () => observer.disconnect();
  }, [grid]);
  return widthPx;
}

/** What falls due first in each kit. */
function firstDueOf(bench: Bench, today: string): ReadonlyMap<string, Due> {
  const first = new Map<string, Due>();
  for (const due of dueListOf(bench, today).dues) {
    if (due.kit && !first.has(due.kit.id)) first.set(due.kit.id, due);
  }
  return first;
}

/** Units, look and currency, and beginning anew: all of it can be undone or set back. */
function ThisBench({ bench }: { readonly bench: Bench }) {
  const { units, letterKeys } = usePreferences();
  const { theme, setTheme } = useTheme();
  return (
    <Box as="section" marginTop="8">
      <Heading as="h2" fontSize="lg" marginBottom="2">
        This bench
      </Heading>
      <Flex wrap="wrap" gap="3" align="flex-end">
        <Choice
          label="Units"
          value={units}
          options={[
            ['metric', 'grams, millimetres, litres'],
            ['us', 'ounces, inches, US fluid ounces'],
          ]}
          onChange={(value) => prefer({ units: value })}
        />
        <Choice
          label="Look"
          value={theme ?? 'system'}
          options={[
            ['system', 'as the system has it'],
            ['light', 'light'],
            ['dark', 'dark'],
          ]}
          onChange={setTheme}
        />
        <Choice
          label="Keys"
          value={letterKeys ? 'letters' : 'none'}
          options={[
            ['letters', 'single letters act'],
            ['none', 'only with Ctrl'],
          ]}
          onChange={(value) => prefer({ letterKeys: value === 'letters' })}
        />
        <Choice
          label="Prices are in"
          value={bench.currency}
          options={currencies.map((currency) => [currency, currency])}
          onChange={(value) =>
            perform(
              { do: 'count in', currency: value },
              `Prices are in ${value} now; the figures stay as they were.`,
            )
          }
        />
        <Button
          onClick={() =>
            void loadDemo().then((demo) =>
              perform(
                bringIn(bench, demo, 'keep both', newId).command,
                'The demo’s kits and gear are here now.',
              ),
            )
          }
        >
          Bring in the demo
        </Button>
        <Button variant="alarm" onClick={() => perform({ do: 'clear' }, 'The bench is empty.')}>
          Clear the bench
        </Button>
      </Flex>
      <Text fontSize="sm" color="fg.muted" marginTop="2">
        All of it is kept in this browser alone. Write the whole bench to a file under Papers to
        have a copy elsewhere.
      </Text>
    </Box>
  );
}
