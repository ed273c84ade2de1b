'use client';

import { Flex, Text } from '@chakra-ui/react';
import { Input } from '@/ui/fields/input';
import { useState } from 'react';
import { parseMass, printMass } from '@/core/quantity';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';

interface StandInProps {
  /** What the real thing might weigh, in g. */
  readonly likelyG: number;
  readonly onLay: (massG: number) => void;
  readonly onUnplug: () => void;
}

/** The hands that a simulated scale needs: they lay on it what a real piece of this kind might weigh. */
export function StandIn({ likelyG, onLay, onUnplug }: StandInProps) {
  const { units } = usePreferences();
  const [typed, setTyped] = useState(printMass(likelyG, units));
  const read = parseMass(typed, units === 'metric' ? 'g' : 'oz');
  return (
    <Flex
      as="section"
      aria-label="Simulated scale"
      direction="column"
      gap="2"
      marginTop="3"
      padding="3"
      borderWidth="2px"
      borderStyle="dashed"
      borderRadius="14px"
    >
      <Text fontSize="sm" color="fg.muted">
        <b>This scale is simulated.</b> No scale is connected: say what lies on it, and it swings,
        settles and creeps as a kitchen scale does.
      </Text>
      <Flex gap="2" wrap="wrap" align="center">
        <Input
          aria-label="What lies on the simulated scale"
          height="11"
          width="130px"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button onClick={() => read.ok && onLay(read.value)} disabled={!read.ok}>
          Put it on
        </Button>
        <Button onClick={() => onLay(0)}>Take it off</Button>
        <Button variant="bare" onClick={onUnplug}>
          Pull its plug
        </Button>
      </Flex>
      {!read.ok && (
        <Text fontSize="sm" color="signal.fg">
          ▲ {read.problem.message}
        </Text>
      )}
    </Flex>
  );
}
