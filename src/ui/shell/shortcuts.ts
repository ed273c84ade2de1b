import { useEffect } from 'react';
import { useRouter } from 'next/navigation';
import { redo, undo } from '@/store/bench';
import { usePreferences } from '@/store/preferences';
import { gather, startMoving, useSelection } from '@/ui/kit/selection';
import { typeAhead } from '@/ui/fields/type-ahead';
import { closePalette, openPalette, usePalette } from './palette-state';
import { places } from './places';

/** The list of shortcuts, as it is shown. */
export const shortcuts: readonly (readonly [keys: string, does: string])[] = [
  ['Ctrl K', 'all commands'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['/', 'type gear to add'],
  ['m', 'move the selected piece, or all that are gathered'],
  ['x', 'gather the piece that has the focus with others'],
  ...places.map(({ letter, name }) => [`g ${letter}`, `go to ${name}`] as const),
  ['Esc', 'let go of the selected piece'],
];

/** The place where gear is typed, if this screen has one. */
export const quickAddId = 'quick-add';

/** A dialog that is there for the keys; one that is just closing is not. */
const openDialog = '[role="dialog"]:not([data-state="closed"])';

/** Listens to the keys of {@link shortcuts}. Letters do nothing while something is being typed. */
export function useShortcuts(): void {
  const router = useRouter();
  useEffect(() => {
    let leader = 0;
    function onKey(event: KeyboardEvent): void {
      const isTyping =
        event.target instanceof Element &&
        event.target.matches('input:not([type=range]), textarea, select') &&
        event.target.closest('[role="dialog"][data-state="closed"]') === null;
      if (event.ctrlKey || event.metaKey) {
        const key = event.key.toLowerCase();
        if (key === 'k') openPalette();
        else if (isTyping) return;
        else if (key === 'z') (event.shiftKey ? redo : undo)();
        else if (key === 'y') redo();
        else return;
        event.preventDefault();
        return;
      }
      const isMoving = useSelection.getState().moving.length > 0;
      if (isMoving || usePalette.getState().isOpen) {
        const isInside =
          event.target instanceof Element && event.target.closest('[data-has-list]') !== null;
        if (isInside || event.altKey) return;
        if (event.key === 'Escape') (isMoving ? startMoving : closePalette)();
        else if (!typeAhead(event)) return;
        event.preventDefault();
        return;
      }
      if (!usePreferences.getState().letterKeys) return;
      if (isTyping || event.altKey || document.querySelector(openDialog)) return;
      const isAfterLeader = event.timeStamp - leader < 1500;
      leader = event.key === 'g' ? event.timeStamp : 0;
      const place = isAfterLeader ? places.find(({ letter }) => letter === event.key) : undefined;
      const { placement, several } = useSelection.getState();
      const inHand = several.size > 0 ? [...several] : placement ? [placement] : [];
      const focused = document.activeElement?.closest<HTMLElement>('[data-piece]')?.dataset.piece;
      if (place) router.push(place.path);
      else if (event.key === '/') document.getElementById(quickAddId)?.focus();
      else if (event.key === 'm' && inHand.length > 0) startMoving(...inHand);
      else if (event.key === 'x' && focused) gather(focused);
      else return;
      event.preventDefault();
    }
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router]);
}
