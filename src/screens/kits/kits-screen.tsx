'use client';

import { Box, Flex, Grid, Heading, Text } from '@chakra-ui/react';
import { useTheme } from 'next-themes';
import { currencies } from '@/core/quantity';
import { bringIn } from '@/core/exchange';
import { kitsByName, type Bench } from '@/core/loadout';
import { useBench } from '@/store/bench';
import { loadDemo } from '@/store/demo';
import { newId } from '@/store/new-id';
import { prefer, usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { NewKitForm } from '@/ui/kit/new-kit-form';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { KitCard } from './kit-card';

/** The list of kits, and how this person reads the bench. */
export function KitsScreen() {
  const bench = useBench();
  const kits = kitsByName(bench);
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Kits</ScreenHeading>
      <SubPlaces />
      <Grid
        templateColumns="repeat(auto-fill, minmax(min(320px, 100%), 1fr))"
        gap="4"
        alignItems="start"
      >
        {kits.map((loadout) => (
          <KitCard key={loadout.id} bench={bench} loadout={loadout} />
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
