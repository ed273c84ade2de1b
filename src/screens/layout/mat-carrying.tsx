'use client';

import { Box } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { gearOf, isOfModule, type Placement } from '@/core/loadout';
import { GearDrawing } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import type { Landing } from '@/ui/kit/landings';
import { select } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import { holderKey, laneKey, matLandings } from './mat-landings';

/** How far a mouse moves, and how long a finger rests, before a piece is picked up. */
const pickUpPx = 6;
const pickUpMs = 220;

/** So close to the edge of the window the mat moves along, in pixels, and so far each time. */
const edgePx = 96;
const scrollPx = 14;

interface Hand {
  readonly piece: HTMLElement;
  readonly startX: number;
  readonly startY: number;
  x: number;
  y: number;
  /** Null until the piece is picked up. */
  landings: ReadonlyMap<string, Landing> | null;
}

/**
 * Carries pieces over the mat with a mouse or a finger: into another lane, or into a holder that lies there. It
 * listens to the mat as a whole, so that pieces need not know of it and none is drawn again while one is carried.
 */
export function MatCarrying({ view }: { readonly view: KitView }) {
  const [carried, setCarried] = useState<Placement | null>(null);
  const shadow = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // The pointer shows a hand from now on.
    const mat = document.querySelector<HTMLElement>('[data-mat]');
    if (!mat) return;
    mat.dataset.carries = '';
    return () => {
      delete mat.dataset.carries;
    };
  }, []);
  useEffect(() => {
    let hand: Hand | null = null;
    let rest: ReturnType<typeof setTimeout> | undefined;
    let frame = 0;

    function pickUp(): void {
      const placement = hand && view.tree.byId.get(hand.piece.dataset.piece!);
      if (!hand || !placement) return;
      hand.landings = matLandings(view, placement);
      markLandings(hand.landings);
      setCarried(placement);
      frame = requestAnimationFrame(follow);
    }

    function follow(): void {
      if (!hand?.landings) return;
      if (hand.y < edgePx) window.scrollBy(0, -scrollPx);
      else if (hand.y > window.innerHeight - edgePx) window.scrollBy(0, scrollPx);
      if (shadow.current) {
        shadow.current.style.transform = `translate(${hand.x + 8}px, ${hand.y + 8}px)`;
      }
      markOver(landingAt(hand));
      frame = requestAnimationFrame(follow);
    }

    function letGo(): void {
      clearTimeout(rest);
      cancelAnimationFrame(frame);
      if (hand?.landings) markLandings(null);
      hand = null;
      setCarried(null);
    }

    function onDown(event: PointerEvent): void {
      const piece =
        event.target instanceof Element
          ? event.target.closest<HTMLElement>('[data-mat] [data-piece]')
          : null;
      if (!piece || event.button !== 0 || event.ctrlKey || event.metaKey || event.shiftKey) return;
      if (isOfModule(piece.dataset.piece!)) return;
      const { clientX: x, clientY: y } = event;
      hand = { piece, startX: x, startY: y, x, y, landings: null };
      if (event.pointerType !== 'mouse') rest = setTimeout(pickUp, pickUpMs);
    }

    function onMove(event: PointerEvent): void {
      if (!hand) return;
      hand.x = event.clientX;
      hand.y = event.clientY;
      if (hand.landings) return;
      const isFar = Math.hypot(hand.x - hand.startX, hand.y - hand.startY) > pickUpPx;
      if (isFar && event.pointerType === 'mouse') pickUp();
      else if (isFar) letGo();
    }

    function onUp(event: PointerEvent): void {
      if (!hand) return;
      hand.x = event.clientX;
      hand.y = event.clientY;
      const { landings, piece } = hand;
      const over = landings && landingAt(hand);
      letGo();
      if (!landings) return;
      swallowClick();
      const landing = over && landings.get(over.key);
      if (landing && perform(landing.command, landing.said)) select(piece.dataset.piece!);
    }

    function onKey(event: KeyboardEvent): void {
      if (event.key === 'Escape' && hand?.landings) letGo();
    }

    function onTouchMove(event: TouchEvent): void {
      if (hand?.landings) event.preventDefault();
    }

    document.addEventListener('pointerdown', onDown);
    document.addEventListener('pointermove', onMove);
    document.addEventListener('pointerup', onUp);
    document.addEventListener('pointercancel', letGo);
    document.addEventListener('keydown', onKey);
    document.addEventListener('touchmove', onTouchMove, { passive: false });
    return () => {
      letGo();
      document.removeEventListener('pointerdown', onDown);
      document.removeEventListener('pointermove', onMove);
      document.removeEventListener('pointerup', onUp);
      document.removeEventListener('pointercancel', letGo);
      document.removeEventListener('keydown', onKey);
      document.removeEventListener('touchmove', onTouchMove);
    };
  }, [view]);
  if (!carried) return null;
  return (
    <Box
      ref={shadow}
      position="fixed"
      top="0"
      left="0"
      zIndex="popover"
      pointerEvents="none"
      filter="drop-shadow(2px 6px 5px rgba(40, 24, 10, 0.4))"
    >
      <GearDrawing gear={gearOf(view.bench.shelf, carried)} pixelsPerMm={0.4} />
    </Box>
  );
}

interface Over {
  readonly key: string;
  readonly element: HTMLElement;
}

/** The landing under the hand: a holder before the lane that it lies in. */
function landingAt({ x, y, landings, piece }: Hand): Over | null {
  const under = document.elementFromPoint(x, y);
  const holder = under?.closest<HTMLElement>('[data-mat] [data-piece]');
  const lane = under?.closest<HTMLElement>('[data-lane]');
  const candidates = [
    holder && holder !== piece && { key: holderKey(holder.dataset.piece!), element: holder },
    lane && { key: laneKey(lane.dataset.lane!), element: lane },
  ];
  return candidates.find((each): each is Over => Boolean(each && landings?.has(each.key))) ?? null;
}

/** Shows on the mat where the piece in hand may go; null takes the marks away. */
function markLandings(landings: ReadonlyMap<string, Landing> | null): void {
  for (const element of document.querySelectorAll<HTMLElement>(
    '[data-mat] [data-piece], [data-lane]',
  )) {
    const { piece, lane } = element.dataset;
    const landing = landings?.get(piece === undefined ? laneKey(lane!) : holderKey(piece));
    if (landing) element.dataset.landing = landing.isTooSmall ? 'too small' : 'open';
    else delete element.dataset.landing;
    delete element.dataset.over;
  }
}

function markOver(over: Over | null): void {
  const before = document.querySelector<HTMLElement>('[data-over]');
  if (before === (over?.element ?? null)) return;
  if (before) delete before.dataset.over;
  if (over) over.element.dataset.over = '';
}

/** Putting a piece down is no press on what lies there. */
function swallowClick(): void {
  const swallow = (event: MouseEvent) => {
    event.stopPropagation();
    event.preventDefault();
  };
  window.addEventListener('click', swallow, { capture: true, once: true });
  setTimeout(() => window.removeEventListener('click', swallow, { capture: true }), 0);
}
