'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { massNowG, type Gear } from '@/core/gear';
import type { ScaleReads } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { Pan } from './pan';
import { StandIn } from '@/ui/scale/stand-in';
import { useScale } from '@/ui/scale/use-scale';

interface StationProps {
  readonly current: Gear | undefined;
  /** How many pieces were weighed since the screen was opened. */
  readonly done: number;
  /** Takes a reading over for so many pieces; false where it is refused. */
  readonly onRecord: (gear: Gear, readingG: number, pieces: number, reads: ScaleReads) => boolean;
  readonly onSkip: (gear: Gear) => void;
}

/** The scale with the piece on it. Only this is drawn again with every reading. */
export function Station({ current, done, onRecord, onSkip }: StationProps) {
  const { scale, link, settling, startAnew, connectAgain } = useScale();
  return (
    <>
      {link === 'lost' && (
        <Lost done={done} current={current} onAgain={() => void connectAgain()} />
      )}
      {current ? (
        <Pan
          key={current.id}
          gear={current}
          link={link}
          settling={settling}
          onTare={() => {
            startAnew();
            void scale.tare();
          }}
          onRecord={(readingG, pieces, reads) => {
            if (!onRecord(current, readingG, pieces, reads)) return;
            startAnew();
            void scale.lay(0);
          }}
          onSkip={() => onSkip(current)}
        />
      ) : (
        <Panel title="All is weighed">
          <Text>Nothing here is left that was never on a scale.</Text>
        </Panel>
      )}
      <StandIn
        key={`hands ${current?.id}`}
        likelyG={current ? likelyMassG(current) : 0}
        onLay={(massG) => void scale.lay(massG)}
        onUnplug={() => void scale.unplug()}
      />
    </>
  );
}

interface LostProps {
  readonly done: number;
  readonly current: Gear | undefined;
  readonly onAgain: () => void;
}

/** The line is gone: what is safe, what is not there, and the way on. */
function Lost({ done, current, onAgain }: LostProps) {
  return (
    <Flex
      role="alert"
      wrap="wrap"
      gap="3"
      align="center"
      bg="signal.soft"
      borderRadius="12px"
      padding="3"
      marginBottom="3"
    >
      <Box flex="1 1 320px">
        <Text fontWeight="700">▲ The line to the scale is gone.</Text>
        <Text fontSize="sm">
          {done === 0
            ? 'Nothing was lost: no piece had been weighed yet.'
            : `${done} ${done === 1 ? 'piece' : 'pieces'} weighed before it broke ${done === 1 ? 'is' : 'are'} kept.`}
          {current && ` ${current.name} is as it was.`} You can also type a mass under Shelf.
        </Text>
      </Box>
      <Button variant="main" onClick={onAgain}>
        Connect again
      </Button>
    </Flex>
  );
}

/** A mass that differs from the typical one as a real piece does, the same each time. */
function likelyMassG(gear: Gear): number {
  const typical = massNowG(gear) ?? 100;
  const letters = [...gear.id].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), 7);
  const share = 1 + ((Math.abs(letters) % 121) - 60) / 1000;
  return Number((typical * share).toFixed(1));
}
