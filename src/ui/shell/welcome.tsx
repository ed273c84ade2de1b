'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { bringIn } from '@/core/exchange';
import type { Look } from '@/core/gear';
import { undo, useBench, useUndoLabels } from '@/store/bench';
import { newId } from '@/store/new-id';
import { demoOpensOn, loadDemo } from '@/store/demo';
import { prefer } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { perform } from '@/ui/notice/notice';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { BringInFile } from '@/ui/files/bring-in-file';
import { AcornMark } from './acorn-mark';
import { NewKitForm } from '@/ui/kit/new-kit-form';

/** A few pieces, to show what the bench is about before there is any. */
const looks: readonly Look[] = [
  { silhouette: 'folding-knife', stuff: 'steel', colour: '#7d3b2a' },
  { silhouette: 'bottle', stuff: 'steel', colour: '#aab0b3' },
  { silhouette: 'candle', stuff: 'wax', colour: '#ead9a8' },
  { silhouette: 'hank', stuff: 'rope', colour: '#b4532c' },
  { silhouette: 'headlamp', stuff: 'plastic', colour: '#c25a29' },
  { silhouette: 'first-aid', stuff: 'cloth', colour: '#b5332b' },
  { silhouette: 'pot', stuff: 'steel', colour: '#74797b' },
];

/** What an empty bench shows: three ways to begin. */
export function Welcome() {
  const bench = useBench();
  const router = useRouter();
  const { undo: undoLabel } = useUndoLabels();
  async function openDemo(): Promise<void> {
    const { command } = bringIn(bench, await loadDemo(), 'keep both', newId);
    prefer({ kit: demoOpensOn });
    perform({ do: 'together', label: 'open the demo', commands: [command] });
  }
  return (
    <Flex
      as="main"
      minHeight="100dvh"
      direction="column"
      align="center"
      justify="center"
      gap="6"
      padding="5"
    >
      <AcornMark size={88} />
      <Box textAlign="center" maxWidth="560px">
        <Heading as="h1" fontSize="3xl" lineHeight="1.15">
          A bench for the kit you carry
        </Heading>
        <Text marginTop="3" fontSize="lg">
          Lay your gear out to scale, put it into what really holds it, and see what it weighs, what
          goes in and what is missing. Everything stays in this browser.
        </Text>
        <Flex justify="center" gap="2" marginTop="4" aria-hidden>
          {looks.map((look) => (
            <GearIcon key={look.silhouette} look={look} size={38} />
          ))}
        </Flex>
      </Box>
      <Flex gap="4" wrap="wrap" justify="center" align="stretch" maxWidth="900px">
        <Way
          title="Look around first"
          says="A made-up canoe traverse: three kits, a full shelf, and real faults to find."
        >
          <Button variant="main" onClick={() => void openDemo()}>
            Open the demo
          </Button>
        </Way>
        <Way
          title="Start from nothing"
          says="Name your kit, then type your gear: “steel bottle 1 L 210 g 90x200 mm” is understood."
        >
          <NewKitForm
            action="Start"
            onMade={(id) => {
              prefer({ kit: id });
              router.push('/layout');
            }}
          />
        </Way>
        <Way title="Bring in a file" says="A kit or a whole bench that was written here before.">
          <BringInFile />
        </Way>
      </Flex>
      {undoLabel !== null && (
        <Button variant="bare" onClick={() => undo()}>
          Undo: {undoLabel}
        </Button>
      )}
    </Flex>
  );
}

interface WayProps {
  readonly title: string;
  readonly says: string;
  readonly children: React.ReactNode;
}

function Way({ title, says, children }: WayProps) {
  return (
    <Flex
      direction="column"
      gap="3"
      bg="panel"
      borderWidth="1px"
      borderRadius="16px"
      padding="5"
      width="272px"
    >
      <Heading as="h2" fontSize="lg">
        {title}
      </Heading>
      <Text flex="1" color="fg.muted">
        {says}
      </Text>
      {children}
    </Flex>
  );
}
