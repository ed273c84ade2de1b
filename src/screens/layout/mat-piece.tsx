'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { printMass } from '@/core/quantity';
import { massNowG, type Gear, type Look } from '@/core/gear';
import { gearOf, type Ground, type Placement } from '@/core/loadout';
import { GearDrawing, GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { PieceName } from '@/ui/kit/piece-name';
import { gather, select, useSelection } from '@/ui/kit/selection';
import { StandingMark, standingOf } from '@/ui/kit/standing-mark';

/** What a piece shows of itself, in values that stay the same while nothing of its own changes. */
export function pieceFacts(view: KitView, placement: Placement) {
  const { bench, tree, units, amiss } = view;
  const gear = gearOf(bench.shelf, placement);
  const massG = massNowG(gear);
  const standing = standingOf(view, placement);
  return {
    gear,
    mass: massG === null ? 'not weighed' : printMass(massG * placement.count, units),
    place: placeInWords(bench.shelf, tree, placement.place),
    sign: standing.with === 'holder' ? standing.look : standing.id,
    isAmiss: amiss.has(placement.id),
  };
}

interface MatPieceProps {
  readonly gear: Gear;
  readonly placement: Placement;
  readonly mass: string;
  readonly place: string;
  readonly sign: Look | Ground;
  readonly isAmiss: boolean;
  readonly pixelsPerMm: number;
}

/** A piece as it lies. It is drawn again only when something of its own has changed. */
export const MatPiece = memo(function MatPiece(props: MatPieceProps) {
  const { gear, placement, mass, place, sign, isAmiss, pixelsPerMm } = props;
  const isSelected = useSelection((selection) => selection.placement === placement.id);
  const isGathered = useSelection((selection) => selection.several.has(placement.id));
  const isLoose = sign === 'mat';
  return (
    <Flex
      as="button"
      direction="column"
      align="center"
      justify="flex-end"
      gap="1"
      minWidth="68px"
      maxWidth="100%"
      minHeight="11"
      padding="1.5"
      borderRadius="10px"
      cursor="grab"
      touchAction="manipulation"
      outline={isSelected || isGathered ? '3px solid' : undefined}
      outlineStyle={isGathered && !isSelected ? 'dashed' : undefined}
      outlineColor="leaf.vivid"
      bg={isSelected || isGathered ? 'leaf.soft' : undefined}
      _hover={{ bg: isSelected || isGathered ? 'leaf.soft' : 'tag' }}
      aria-pressed={isSelected || isGathered}
      data-piece={placement.id}
      onClick={(event: React.MouseEvent) => {
        if (event.ctrlKey || event.metaKey || event.shiftKey) gather(placement.id);
        else select(isSelected ? null : placement.id);
      }}
    >
      <Box padding="0.5">
        <GearDrawing gear={gear} pixelsPerMm={pixelsPerMm} />
      </Box>
      <Box maxWidth="112px" lineHeight="1.15">
        <Text fontSize="xs" fontWeight="600">
          <PieceName gear={gear} placement={placement} isAmiss={isAmiss} />
        </Text>
        <Flex
          justify="center"
          align="center"
          gap="1"
          fontSize="2xs"
          color={isLoose ? 'signal.fg' : 'fg.muted'}
        >
          <StandingMark sign={sign} />
          {mass}
          {isLoose ? ' · not stowed' : <span className="read-out">, {place}</span>}
        </Flex>
      </Box>
    </Flex>
  );
});

interface EchoProps {
  readonly id: string;
  readonly gear: Gear;
}

/** A piece whose home is another lane, as a light tag in a lane that it serves too. */
export const Echo = memo(function Echo({ id, gear }: EchoProps) {
  return (
    <Flex
      as="button"
      align="center"
      gap="1"
      minHeight={{ base: '11', md: '7' }}
      paddingX="1.5"
      borderRadius="full"
      borderWidth="1px"
      borderStyle="dashed"
      borderColor="border.emphasized"
      cursor="pointer"
      _hover={{ bg: 'tag' }}
      onClick={() => select(id)}
    >
      <GearIcon look={gear.look} size={16} />
      {gear.name}
    </Flex>
  );
});
