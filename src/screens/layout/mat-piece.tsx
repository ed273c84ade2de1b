'use client';

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
import styles from './mat-piece.module.css';

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
    <button
      type="button"
      className={styles.piece}
      aria-pressed={isSelected || isGathered}
      data-gathered={(isGathered && !isSelected) || undefined}
      data-piece={placement.id}
      onClick={(event) => {
        if (event.ctrlKey || event.metaKey || event.shiftKey) gather(placement.id);
        else select(isSelected ? null : placement.id);
      }}
    >
      {isAmiss && (
        <span className={styles.amiss} role="img" aria-label="has a finding">
          ▲
        </span>
      )}
      <span className={styles.drawing}>
        <GearDrawing gear={gear} pixelsPerMm={pixelsPerMm} />
      </span>
      <span className={styles.words}>
        <span className={styles.name}>
          <PieceName gear={gear} placement={placement} isAmiss={false} />
        </span>
        <span className={styles.facts} data-loose={isLoose || undefined}>
          <StandingMark sign={sign} />
          {mass}
          {isLoose ? ' · not stowed' : <span className="read-out">, {place}</span>}
        </span>
      </span>
    </button>
  );
});

interface EchoProps {
  readonly id: string;
  readonly gear: Gear;
}

/** A piece whose home is another lane, as a light tag in a lane that it serves too. */
export const Echo = memo(function Echo({ id, gear }: EchoProps) {
  return (
    <button type="button" className={styles.echo} onClick={() => select(id)}>
      <GearIcon look={gear.look} size={16} />
      {gear.name}
    </button>
  );
});
