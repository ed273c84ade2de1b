'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { versionOf } from '@/core/loadout';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { today } from '@/store/today';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NoKit } from '@/ui/kit/no-kit';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { DifferenceSheet } from './difference-sheet';
import { Life } from './life';
import { sidesOf } from './sides';

/** Versions of kits kept and put back, and the difference of any two of them. */
export function CompareScreen() {
  const view = useKitView();
  return view ? <Compared view={view} /> : <NoKit />;
}

function Compared({ view }: { readonly view: KitView }) {
  const bench = useBench();
  const sides = useMemo(() => sidesOf(bench), [bench]);
  const [first, setFirst] = useState<string | null>(null);
  const [second, setSecond] = useState<string | null>(null);
  const now = `kit ${view.own.id}`;
  const lastKept = sides.findLast(
    ({ key, kit }) => key.startsWith('version') && kit === view.own.id,
  );
  const other = sides.find(({ key }) => key !== now);
  const [from, to] = [first ?? lastKept?.key ?? other?.key ?? now, second ?? now].map((key) =>
    sides.find((side) => side.key === key),
  );
  const options = sides.map(({ key, name }) => [key, name] as const);
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Versions and differences</ScreenHeading>
      <SubPlaces />
      <Flex gap="4" align="flex-start" flexDirection={{ base: 'column', lg: 'row-reverse' }}>
        <Versions view={view} />
        <Box flex="1" minWidth="0" width="100%">
          <Flex gap="3" wrap="wrap" align="flex-end" marginBottom="3" className="no-print">
            <Choice
              label="From"
              value={from?.key ?? ''}
              options={options}
              minWidth="240px"
              onChange={setFirst}
            />
            <Choice
              label="To"
              value={to?.key ?? ''}
              options={options}
              minWidth="240px"
              onChange={setSecond}
            />
            <Button
              onClick={() => {
                setFirst(to?.key ?? null);
                setSecond(from?.key ?? null);
              }}
            >
              Turn round
            </Button>
          </Flex>
          {from && to && from.key !== to.key ? (
            <DifferenceSheet view={view} from={from} to={to} />
          ) : (
            <Text padding="4">
              There is one kit and no version yet: keep a version now, and see later what changed
              since.
            </Text>
          )}
        </Box>
      </Flex>
      <Box marginTop="4">
        <Life view={view} />
      </Box>
    </Box>
  );
}

/** The versions of the kit on the table, and a way to keep another. */
function Versions({ view: { bench, own } }: { readonly view: KitView }) {
  const [note, setNote] = useState('');
  const versions = [...bench.versions.values()]
    .filter(({ kit }) => kit === own.id)
    .sort((one, other) => (one.day < other.day ? 1 : -1));
  return (
    <Panel
      title={`Versions of ${own.name}`}
      says="A version is the kit as it is today, with its gear as it is today."
      width={{ base: '100%', lg: '320px' }}
      flexShrink="0"
      className="no-print"
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const about = { id: newId(), day: today(), note: note.trim() };
          const version = versionOf(bench, own.id, about);
          if (perform({ do: 'keep version', version }, `This version of ${own.name} is kept.`)) {
            setNote('');
          }
        }}
      >
        <LabelledInput
          label="What is special about it"
          placeholder="late autumn, two people"
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
        <Button type="submit" variant="main" marginTop="2">
          Keep this version
        </Button>
      </form>
      <Flex as="ul" direction="column" gap="2" listStyleType="none" marginTop="3">
        {versions.map((version) => (
          <Box as="li" key={version.id} borderTopWidth="1px" paddingTop="2">
            <Text fontWeight="600">{version.day}</Text>
            {version.note !== '' && <Text fontSize="sm">{version.note}</Text>}
            <Text fontSize="sm" color="fg.muted">
              {version.loadout.placements.length} lines
            </Text>
            <Flex gap="2" marginTop="1">
              <Button
                size="sm"
                aria-label={`Put back the version of ${version.day}`}
                onClick={() =>
                  perform(
                    { do: 'put back', version: version.id },
                    `${own.name} is as it was on ${version.day}.`,
                  )
                }
              >
                Put back
              </Button>
              <Button
                size="sm"
                variant="bare"
                aria-label={`Remove the version of ${version.day}`}
                onClick={() =>
                  perform({ do: 'remove version', id: version.id }, 'The version is removed.')
                }
              >
                Remove
              </Button>
            </Flex>
          </Box>
        ))}
      </Flex>
    </Panel>
  );
}
