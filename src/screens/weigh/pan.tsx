'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { Link } from '@/devices/scale/scale';
import type { Settling } from '@/devices/scale/steady';
import { massNowG, type Contents, type Gear } from '@/core/gear';
import { printMass, printNumber } from '@/core/quantity';
import type { ScaleReads } from '@/core/upkeep';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { CountInput, countTyped } from '@/ui/fields/day-and-count';
import { Panel } from '@/ui/fields/panel';
import { GearDrawing } from '@/ui/gear-drawing/gear-drawing';
import { drawnSize } from '@/ui/gear-drawing/drawn-size';

interface PanProps {
  readonly gear: Gear;
  readonly link: Link;
  readonly settling: Settling;
  readonly onTare: () => void;
  readonly onRecord: (readingG: number, pieces: number, reads: ScaleReads) => void;
  readonly onSkip: () => void;
}

/** The scale with a piece to weigh: its display, and Enter once it is steady. */
export function Pan({ gear, link, settling, onTare, onRecord, onSkip }: PanProps) {
  const { units } = usePreferences();
  const [many, setMany] = useState('1');
  const [reads, setReads] = useState<ScaleReads>(() => likelyReads(gear));
  const pieces = countTyped(many) || null;
  const isSteady = link === 'live' && settling.state === 'steady' && settling.massG > 0;
  const { widthMm, heightMm } = drawnSize(gear);
  const before = massNowG(gear);
  return (
    <Panel title={`Weigh ${gear.name}`} says={inWordsBefore(gear, before, units)}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (isSteady && pieces !== null) onRecord(settling.massG, pieces, reads);
        }}
      >
        <Flex direction="column" align="center" gap="0" marginBottom="3">
          <Box minHeight="90px" display="grid" placeItems="end center" paddingBottom="1">
            <GearDrawing gear={gear} pixelsPerMm={Math.min(0.9, 240 / widthMm, 110 / heightMm)} />
          </Box>
          <Box width="min(340px, 90%)" height="9px" borderRadius="full" bg="border.emphasized" />
          <Flex
            width="min(300px, 80%)"
            borderRadius="0 0 18px 18px"
            bg="bark"
            color="onbark"
            justify="space-between"
            align="baseline"
            paddingX="5"
            paddingY="3"
            data-scale={link === 'live' ? settling.state : link}
          >
            <Text fontFamily="heading" fontWeight="700" fontSize="3xl" lineHeight="1">
              {display(link, settling)}
            </Text>
            <Text fontSize="sm" fontWeight="600">
              {sign(link, settling)}
            </Text>
          </Flex>
        </Flex>
        <Text role="status" fontSize="sm" minHeight="1.5em" textAlign="center" marginBottom="2">
          {advice(link, settling, pieces)}
        </Text>
        <Flex gap="2" wrap="wrap" justify="center" align="flex-end">
          {gear.contents !== null && (
            <Choice
              label="What lies on it"
              value={reads}
              options={readsOf(gear.contents)}
              onChange={setReads}
            />
          )}
          {gear.count > 1 && reads !== 'what is left' && (
            <CountInput label="How many lie on it" value={many} onChange={setMany} />
          )}
          <Button type="submit" variant="main" disabled={!isSteady || pieces === null} autoFocus>
            {reads === 'what is left' ? 'Take what is left (Enter)' : 'Take this mass (Enter)'}
          </Button>
          <Button onClick={onTare} disabled={link !== 'live'}>
            Tare
          </Button>
          <Button variant="bare" onClick={onSkip}>
            Skip
          </Button>
        </Flex>
      </form>
    </Panel>
  );
}

/** What is on the scale most likely: a piece that was weighed, and is used up bit by bit, is there to tell what is left. */
function likelyReads({ contents, massTrust }: Gear): ScaleReads {
  if (contents === null || (contents.left === contents.full && massTrust !== 'weighed')) {
    return 'a full one';
  }
  return massTrust === 'weighed' ? 'what is left' : 'what is left is known';
}

function readsOf({
  unit,
  full,
  left,
  massG,
}: Contents): readonly (readonly [ScaleReads, string])[] {
  const amount = (value: number) => `${printNumber(value, 1)} ${unit}`;
  return [
    ['a full one', `a full one, ${amount(full)}`],
    ...(left < full ? ([['what is left is known', `one with ${amount(left)} left`]] as const) : []),
    ...(massG > 0
      ? ([['what is left', 'one of which the scale tells what is left']] as const)
      : []),
  ];
}

function inWordsBefore(gear: Gear, before: number | null, units: 'metric' | 'us'): string {
  return before === null
    ? 'Its mass is not known.'
    : `So far ${printMass(before, units)}, ${gear.massTrust}.`;
}

function display(link: Link, settling: Settling): string {
  if (link !== 'live') return '––';
  switch (settling.state) {
    case 'overload':
      return 'Over';
    case 'nothing':
      return '0.0 g';
    default:
      return `${printNumber(settling.massG, 1)} g`;
  }
}

function sign(link: Link, settling: Settling): string {
  if (link === 'lost') return 'no line';
  if (link === 'connecting') return 'connecting';
  switch (settling.state) {
    case 'steady':
      return '● steady';
    case 'moving':
      return '◌ moving';
    case 'overload':
      return '■ overload';
    case 'nothing':
      return 'empty';
  }
}

function advice(link: Link, settling: Settling, pieces: number | null): string {
  if (link !== 'live') return 'Waiting for the scale.';
  if (pieces === null) return 'How many lie on it is a whole number, 1 or more.';
  switch (settling.state) {
    case 'nothing':
      return 'Put it on the scale.';
    case 'moving':
      return 'Wait until it is steady.';
    case 'overload':
      return 'More than the scale bears: take something off, or weigh it in parts.';
    case 'steady':
      return settling.massG > 0 ? 'Steady: press Enter.' : 'Below zero: tare it, empty.';
  }
}
