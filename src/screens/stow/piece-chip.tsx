'use client';

import { useDraggable } from '@dnd-kit/core';
import { Pin } from 'lucide-react';
import { memo } from 'react';
import { printMass } from '@/core/quantity';
import type { Gear } from '@/core/gear';
import { gearOf, isOfModule, type Placement } from '@/core/loadout';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { usePreferences } from '@/store/preferences';
import { PieceName } from '@/ui/kit/piece-name';
import { select, startMoving, useSelection } from '@/ui/kit/selection';
import styles from './piece-chip.module.css';

interface PieceChipProps {
  readonly view: KitView;
  readonly placement: Placement;
  /** It names the holder that it stands on, so its mass stands beside it already. */
  readonly isHead?: boolean;
}

/** A piece as a tag that can be selected, picked up, or moved from the keyboard with m. */
export function PieceChip({ view, placement, isHead = false }: PieceChipProps) {
  const { bench, totals, units, amiss } = view;
  const gear = gearOf(bench.shelf, placement);
  const { massG } = totals.branches.get(placement.id)!;
  return (
    <Chip
      placement={placement}
      gear={gear}
      mass={gear.massG === null ? 'not weighed' : printMass(massG, units)}
      isAmiss={amiss.has(placement.id)}
      isHead={isHead}
    />
  );
}

interface ChipProps {
  readonly placement: Placement;
  readonly gear: Gear;
  readonly mass: string;
  readonly isAmiss: boolean;
  readonly isHead: boolean;
}

/** It is drawn again only when something of its own has changed, or it is in hand. */
const Chip = memo(function Chip({ placement, gear, mass, isAmiss, isHead }: ChipProps) {
  const isSelected = useSelection((selection) => selection.placement === placement.id);
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: placement.id,
    disabled: isOfModule(placement.id),
  });
  return (
    <button
      ref={setNodeRef}
      type="button"
      className={styles.chip}
      aria-pressed={isSelected}
      data-head={isHead || undefined}
      data-carried={isDragging || undefined}
      data-piece={placement.id}
      {...listeners}
      onClick={() => select(isSelected ? null : placement.id)}
      onKeyDown={(event) => {
        const { letterKeys } = usePreferences.getState();
        if (event.key !== 'm' || event.ctrlKey || event.metaKey || !letterKeys) return;
        if (isOfModule(placement.id)) return;
        event.preventDefault();
        event.stopPropagation();
        select(placement.id);
        startMoving(placement.id);
      }}
    >
      <GearIcon look={gear.look} size={isHead ? 32 : 26} />
      <span className={styles.words}>
        <span className={styles.name}>
          <PieceName gear={gear} placement={placement} isAmiss={isAmiss} />
          {placement.isPinned && <Pin size={13} role="img" aria-label="pinned" />}
        </span>
        {!isHead && <span className={styles.mass}>{mass}</span>}
      </span>
    </button>
  );
});
