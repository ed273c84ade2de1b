'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { parseMass, printMass } from '@/core/quantity';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { StandIn } from './stand-in';
import { useScale } from './use-scale';

interface OnTheScaleProps {
  /** What lies on it, in words. */
  readonly what: string;
  /** What it should weigh, for the hands of a simulated scale. */
  readonly likelyG: number;
  readonly onReading: (massG: number | null) => void;
}

/** A mass typed from any scale, or taken from the one that is connected. Null while none is typed. */
export function OnTheScale({ what, likelyG, onReading }: OnTheScaleProps) {
  const { units } = usePreferences();
  const [typed, setTyped] = useState('');
  const [isConnected, setConnected] = useState(false);
  const read = typed.trim() === '' ? null : parseMass(typed.trim(), units === 'us' ? 'oz' : 'g');

  function take(text: string): void {
    setTyped(text);
    const next = text.trim() === '' ? null : parseMass(text.trim(), units === 'us' ? 'oz' : 'g');
    onReading(next?.ok ? next.value : null);
  }

  return (
    <>
      <Flex gap="2" wrap="wrap" align="flex-end">
        <LabelledInput
          label={what}
          inputMode="decimal"
          placeholder={units === 'us' ? '12 lb 4 oz' : '5400 g'}
          maxWidth="220px"
          value={typed}
          onChange={(event) => take(event.target.value)}
        />
        {!isConnected && <Button onClick={() => setConnected(true)}>From the scale…</Button>}
      </Flex>
      {read && !read.ok && (
        <Text role="alert" color="fg.error">
          {read.problem.message}
        </Text>
      )}
      {isConnected && <Connected likelyG={likelyG} onTake={(g) => take(`${g.toFixed(1)} g`)} />}
    </>
  );
}

/** The scale that is connected: what it says, taken over once it is steady. */
function Connected({
  likelyG,
  onTake,
}: {
  readonly likelyG: number;
  readonly onTake: (massG: number) => void;
}) {
  const { units } = usePreferences();
  const { scale, link, settling, connectAgain } = useScale();
  const isSteady = link === 'live' && settling.state === 'steady' && settling.massG > 0;
  return (
    <>
      <Flex gap="2" wrap="wrap" align="center" marginTop="2">
        <Text role="status" minWidth="150px">
          {link === 'connecting' && 'Connecting…'}
          {link === 'lost' && '▲ The line to the scale is gone: type what it says.'}
          {link === 'live' && settling.state === 'nothing' && 'Nothing is on it.'}
          {link === 'live' && settling.state === 'moving' && 'It swings: wait.'}
          {link === 'live' &&
            settling.state === 'overload' &&
            '▲ More than it bears: weigh it in parts, or on a larger one.'}
          {isSteady && `● ${printMass(settling.massG, units)}, steady`}
        </Text>
        {isSteady && <Button onClick={() => onTake(settling.massG)}>Take it over</Button>}
        {link === 'lost' && <Button onClick={() => void connectAgain()}>Connect again</Button>}
      </Flex>
      <StandIn
        likelyG={likelyG}
        onLay={(massG) => void scale.lay(massG)}
        onUnplug={() => void scale.unplug()}
      />
    </>
  );
}
