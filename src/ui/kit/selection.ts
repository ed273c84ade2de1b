import { create } from 'zustand';

interface Selection {
  /** The placement that the panel tells about. */
  readonly placement: string | null;
  /** The placement for which a new place is being chosen. */
  readonly moving: string | null;
  /** The gear whose figures are being changed. */
  readonly editing: string | null;
}

const nothing: Selection = { placement: null, moving: null, editing: null };

/** What the person has in hand. It is nobody's data: it is gone with the page. */
export const useSelection = create<Selection>(() => nothing);

export function select(placement: string | null): void {
  useSelection.setState({ placement });
}

export function startMoving(placement: string | null): void {
  useSelection.setState({ moving: placement });
}

export function startEditing(gear: string | null): void {
  useSelection.setState({ editing: gear });
}
