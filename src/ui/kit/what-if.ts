import { create } from 'zustand';
import { lossId } from '@/core/losses/loss-id';
import type { Loss } from '@/core/loadout';

interface WhatIf {
  /** The kit that it is asked of; another one on the table is whole. */
  readonly kit: string | null;
  readonly losses: readonly Loss[];
}

const nothing: WhatIf = { kit: null, losses: [] };

/** What is taken for lost or for holding, to see what is left then. It is nobody's data: it is gone with the page. */
export const useWhatIf = create<WhatIf>(() => nothing);

/** The screens that show the kit as if; everywhere else it is whole. */
const shownOn: readonly string[] = [
  '/layout',
  '/stow',
  '/stow/inside',
  '/prove',
  '/prove/findings',
  '/brief/enough',
];

export function isShownAsIf(path: string): boolean {
  return shownOn.includes(path.replace(/(.)\/$/, '$1'));
}

/** Takes a loss with those taken before, or lets go of it. An item that is lost already is let go of with its likes. */
export function toggleLoss(kit: string, loss: Loss): void {
  const id = lossId(loss);
  const before = lossesOf(kit);
  const others = before.filter((each) => lossId(each) !== id);
  useWhatIf.setState({ kit, losses: others.length < before.length ? others : [...before, loss] });
}

/** Takes these losses, and no others. */
export function supposeLost(kit: string, losses: readonly Loss[]): void {
  useWhatIf.setState({ kit, losses });
}

export function showWhole(): void {
  useWhatIf.setState(nothing);
}

function lossesOf(kit: string): readonly Loss[] {
  const now = useWhatIf.getState();
  return now.kit === kit ? now.losses : [];
}
