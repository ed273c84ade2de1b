'use client';

import { Box, Flex, Text, VisuallyHidden } from '@chakra-ui/react';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { memo } from 'react';
import { printMass } from '@/core/quantity';
import { isHolder, massNowG, type Gear, type Look } from '@/core/gear';
import { gearOf, isOfModule, type Ground, type Placement } from '@/core/loadout';
import { useInHand } from '@/ui/carrying/carrying-table';
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

/** The key of a holder on the mat that a piece can be put into. */
export function holderKey(id: string): string {
  return `into ${id}`;
}

/** A piece as it lies. It is drawn again only when something of its own has changed, or it is in hand. */
export const MatPiece = memo(function MatPiece(props: MatPieceProps) {
  const { gear, placement, mass, place, sign, isAmiss, pixelsPerMm } = props;
  const isSelected = useSelection((selection) => selection.placement === placement.id);
  const isGathered = useSelection((selection) => selection.several.has(placement.id));
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: placement.id,
    disabled: isOfModule(placement.id),
  });
  const { setNodeRef: setDropRef, isOver } = useDroppable({
    id: holderKey(placement.id),
    disabled: !isHolder(gear),
  });
  const landing = useInHand()?.get(holderKey(placement.id));
  const isLoose = sign === 'mat';
  const lit = landing ? (landing.isTooSmall ? 'signal.soft' : 'leaf.soft') : undefined;
  return (
    <Flex
      ref={(node: HTMLElement | null) => {
        setNodeRef(node);
        setDropRef(node);
      }}
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
      opacity={isDragging ? 0.35 : 1}
      outline={isSelected || isGathered || isOver ? '3px solid' : undefined}
      outlineStyle={isGathered && !isSelected ? 'dashed' : undefined}
      outlineColor={landing?.isTooSmall ? 'signal.solid' : 'leaf.vivid'}
      bg={isSelected || isGathered ? 'leaf.soft' : lit}
      _hover={{ bg: isSelected || isGathered ? 'leaf.soft' : (lit ?? 'tag') }}
      aria-pressed={isSelected || isGathered}
      data-piece={placement.id}
      {...listeners}
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
          {isLoose ? ' · not stowed' : <VisuallyHidden>, {place}</VisuallyHidden>}
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
