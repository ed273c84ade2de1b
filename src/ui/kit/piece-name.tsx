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
        <>
          <span
            style={{ color: 'var(--acorn-colors-signal-fg)' }}
            role="img"
            aria-label="has a finding"
          >
            ▲
          </span>{' '}
        </>
      )}
      {gear.name}
      {placement.count > 1 && ` × ${placement.count}`}
    </>
  );
}
