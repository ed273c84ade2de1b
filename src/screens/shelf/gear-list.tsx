'use client';

import { Box } from '@chakra-ui/react';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import type { Gear } from '@/core/gear';
import type { Bench } from '@/core/loadout';
import { GearRow } from './gear-row';

interface GearListProps {
  readonly gear: readonly Gear[];
  readonly placed: ReadonlyMap<string, ReadonlyMap<string, number>>;
  readonly bench: Bench;
  readonly chosen: string | null;
  readonly onChoose: (gear: string | null) => void;
}

/** How high a line most often is, in pixels, before it is measured. */
const usualHeightPx = 58;

/** A list as long as it likes: only the lines in the window, and some around it, are drawn. */
export function GearList({ gear, placed, bench, chosen, onChoose }: GearListProps) {
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const lines = useWindowVirtualizer({
    count: gear.length,
    estimateSize: () => usualHeightPx,
    overscan: 8,
    scrollMargin: top,
    getItemKey: (index) => gear[index]!.id,
  });
  return (
    <Box
      as="ul"
      ref={list}
      aria-label="Gear"
      listStyleType="none"
      position="relative"
      style={{ height: lines.getTotalSize() }}
    >
      {lines.getVirtualItems().map(({ index, key, start }) => (
        <Box
          as="li"
          key={key}
          ref={lines.measureElement}
          data-index={index}
          aria-setsize={gear.length}
          aria-posinset={index + 1}
          position="absolute"
          insetX="0"
          top="0"
          style={{ transform: `translateY(${start - top}px)` }}
        >
          <GearRow
            gear={gear[index]!}
            placed={placed.get(gear[index]!.id)!}
            bench={bench}
            isChosen={gear[index]!.id === chosen}
            onChoose={onChoose}
          />
        </Box>
      ))}
    </Box>
  );
}
