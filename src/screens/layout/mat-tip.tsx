'use client';

import { Box, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { printMass } from '@/core/quantity';
import { amountNow, jobs, massNowG, printForm } from '@/core/gear';
import { gearOf } from '@/core/loadout';
import { amountInWords } from '@/core/gear/amount-in-words';
import type { KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { fitnessSigns } from '@/ui/piece/piece-supplies';

/** How long the pointer rests on a piece before it is told about, in ms. */
const restMs = 350;

/** A tip of this width stays inside the window, in pixels. */
const widthPx = 264;

interface Pointed {
  readonly id: string;
  readonly left: number;
  readonly top: number;
}

/** Tells about the piece under the pointer or the focus: mass, size, what it does, where it is, how sure that is. */
export function MatTip({ view }: { readonly view: KitView }) {
  const pointed = usePointed();
  const placement = pointed && view.tree.byId.get(pointed.id);
  if (!pointed || !placement) return null;
  const { bench, tree, units } = view;
  const gear = gearOf(bench.shelf, placement);
  const massG = massNowG(gear);
  return (
    <Box
      role="tooltip"
      position="fixed"
      zIndex="popover"
      width={`${widthPx}px`}
      bg="bark"
      color="onbark"
      borderRadius="10px"
      padding="3"
      fontSize="sm"
      lineHeight="1.35"
      shadow="lg"
      pointerEvents="none"
      style={{ left: pointed.left, top: pointed.top }}
    >
      <Text fontWeight="700">{gear.name}</Text>
      <Text>
        {massG === null ? 'not weighed' : `${printMass(massG, units)} ${gear.massTrust}`} ·{' '}
        {gear.form === null ? 'size not known' : `${printForm(gear.form, units)} ${gear.formTrust}`}
      </Text>
      <Text>{placeInWords(bench.shelf, tree, placement.place)}</Text>
      {gear.supplies.map((supply, at) => {
        const [sign, words] = fitnessSigns[supply.fitness];
        const amount = amountNow(gear, supply);
        return (
          <Text key={at}>
            {sign} {jobs[supply.job].name}
            {amount !== null && `, ${amountInWords(supply.job, amount, units)}`} ({words})
          </Text>
        );
      })}
    </Box>
  );
}

/** The piece that the pointer rests on, or that has the focus by keyboard; Escape lets go of it. */
function usePointed(): Pointed | null {
  const [pointed, setPointed] = useState<Pointed | null>(null);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    function show(piece: HTMLElement): void {
      const { left, bottom, top } = piece.getBoundingClientRect();
      const isLow = bottom > window.innerHeight * 0.62;
      setPointed({
        id: piece.dataset.piece!,
        left: Math.max(4, Math.min(left, window.innerWidth - widthPx - 8)),
        top: isLow ? Math.max(4, top - 150) : bottom + 6,
      });
    }
    function hide(): void {
      clearTimeout(timer);
      setPointed(null);
    }
    function onOver(event: PointerEvent): void {
      const piece = pieceOf(event.target);
      hide();
      if (piece && event.pointerType === 'mouse') timer = setTimeout(() => show(piece), restMs);
    }
    function onFocus(event: FocusEvent): void {
      const piece = pieceOf(event.target);
      if (piece?.matches(':focus-visible')) show(piece);
      else hide();
    }
    function onKey(event: KeyboardEvent): void {
      if (event.key === 'Escape') hide();
    }
    // The pointer or the focus may have come to a piece before this did.
    const hovered = document.querySelector<HTMLElement>('[data-mat] [data-piece]:hover');
    const focused = pieceOf(document.activeElement);
    if (focused?.matches(':focus-visible')) show(focused);
    else if (hovered && matchMedia('(hover: hover)').matches) {
      timer = setTimeout(() => show(hovered), restMs);
    }
    document.addEventListener('pointerover', onOver);
    document.addEventListener('pointerdown', hide);
    document.addEventListener('focusin', onFocus);
    document.addEventListener('keydown', onKey);
    document.addEventListener('scroll', hide, { passive: true, capture: true });
    return () => {
      clearTimeout(timer);
      document.removeEventListener('pointerover', onOver);
      document.removeEventListener('pointerdown', hide);
      document.removeEventListener('focusin', onFocus);
      document.removeEventListener('keydown', onKey);
      document.removeEventListener('scroll', hide, { capture: true });
    };
  }, []);
  return pointed;
}

function pieceOf(target: EventTarget | null): HTMLElement | null {
  return target instanceof Element ? target.closest<HTMLElement>('[data-mat] [data-piece]') : null;
}
