import { Box } from '@chakra-ui/react';
import type { Gear } from '@/core/gear';
import type { Placement } from '@/core/loadout';

interface PieceNameProps {
  readonly gear: Gear;
  readonly placement: Placement;
  /** A finding stops or warns about it. */
  readonly isAmiss: boolean;
}

/** A placed piece by name, with how many there are and a mark where something is amiss. */
export function PieceName({ gear, placement, isAmiss }: PieceNameProps) {
  return (
    <>
      {isAmiss && (
        <Box as="span" color="signal.fg" role="img" aria-label="has a finding">
          ▲{' '}
        </Box>
      )}
      {gear.name}
      {placement.count > 1 && ` × ${placement.count}`}
    </>
  );
}
