import { create } from 'zustand';
import { beginTyping } from '@/ui/fields/type-ahead';

interface Selection {
  /** The placement that the panel tells about. */
  readonly placement: string | null;
  /** Placements gathered to be moved or taken out together. */
  readonly several: ReadonlySet<string>;
  /** The placements for which a new place is being chosen; none where nothing is being moved. */
  readonly moving: readonly string[];
  /** The gear whose figures are being changed. */
  readonly editing: string | null;
  /** The placement whose piece is being handed down. */
  readonly handingDown: string | null;
}

const nothing: Selection = {
  placement: null,
  several: new Set(),
  moving: [],
  editing: null,
  handingDown: null,
};

/** What the person has in hand. It is nobody's data: it is gone with the page. */
export const useSelection = create<Selection>(() => nothing);

export function select(placement: string | null): void {
  useSelection.setState({ placement });
}

/** Gathers a placement with those gathered before, or lets go of it. */
export function gather(placement: string): void {
  const several = new Set(useSelection.getState().several);
  if (!several.delete(placement)) several.add(placement);
  useSelection.setState({ several });
}

export function letGo(): void {
  useSelection.setState({ several: new Set() });
}

export function startMoving(...placements: readonly string[]): void {
  beginTyping();
  useSelection.setState({ moving: placements });
}

export function startEditing(gear: string | null): void {
  useSelection.setState({ editing: gear });
}

export function startHandingDown(placement: string | null): void {
  useSelection.setState({ handingDown: placement });
}
