'use client';

import { Box, type BoxProps } from '@chakra-ui/react';
import { useDroppable } from '@dnd-kit/core';
import type { Place } from '@/core/loadout';
import { placeKey } from '@/core/kit/open-places';
import { useInHand } from './carrying-table';

interface DropPlaceProps extends BoxProps {
  readonly place: Place;
}

/** An area that takes a piece: lit while the piece in hand may go there, orange where it would not fit. */
export function DropPlace({ place, children, ...box }: DropPlaceProps) {
  const key = placeKey(place);
  const { setNodeRef, isOver } = useDroppable({ id: key });
  const inHand = useInHand();
  const open = inHand?.get(key);
  const doesNotFit = open?.isTooSmall === true;
  const colour = doesNotFit ? 'signal' : 'leaf';
  return (
    <Box
      ref={setNodeRef}
      data-place={key}
      transition="background 120ms, opacity 120ms"
      opacity={inHand && !open ? 0.75 : 1}
      {...box}
      {...(open && { borderColor: `${colour}.fg`, bg: isOver ? `${colour}.soft` : box.bg })}
    >
      {children}
    </Box>
  );
}
