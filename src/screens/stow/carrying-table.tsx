'use client';

import { Box } from '@chakra-ui/react';
import {
  DndContext,
  DragOverlay,
  MouseSensor,
  TouchSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
} from '@dnd-kit/core';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { gearOf, type Placement } from '@/core/loadout';
import { GearDrawing } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { openPlaces, placeKey, type OpenPlace } from '@/ui/kit/places-for';
import { select } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';

/** Where the piece in hand may go, by the key of the place; null while the hand is empty. */
type InHand = ReadonlyMap<string, OpenPlace> | null;

const InHandContext = createContext<InHand>(null);

export function useInHand(): InHand {
  return useContext(InHandContext);
}

interface CarryingTableProps {
  readonly view: KitView;
  readonly children: ReactNode;
}

/** Lets pieces be picked up and put down in any place that the core allows. */
export function CarryingTable({ view, children }: CarryingTableProps) {
  const [carried, setCarried] = useState<Placement | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
  );
  const inHand = useMemo(
    () => carried && new Map(openPlaces(view, carried).map((open) => [placeKey(open.place), open])),
    [view, carried],
  );

  function putDown({ over, active }: DragEndEvent): void {
    setCarried(null);
    const open = over && inHand?.get(String(over.id));
    const placement = view.tree.byId.get(String(active.id));
    if (!open || !placement) return;
    const { name } = gearOf(view.bench.shelf, placement);
    const where = placeInWords(view.bench.shelf, view.tree, open.place);
    const command = {
      do: 'move',
      loadout: view.loadout.id,
      placement: placement.id,
      to: open.place,
    } as const;
    if (perform(command, `${name} moved: ${where}.`)) select(placement.id);
  }

  return (
    <DndContext
      sensors={sensors}
      collisionDetection={innermost}
      onDragStart={({ active }) => setCarried(view.tree.byId.get(String(active.id)) ?? null)}
      onDragEnd={putDown}
      onDragCancel={() => setCarried(null)}
      accessibility={{ screenReaderInstructions: { draggable: 'Press m to move it by keyboard.' } }}
    >
      <InHandContext value={inHand}>{children}</InHandContext>
      <DragOverlay dropAnimation={{ duration: 160, easing: 'ease-out' }}>
        {carried && (
          <Box
            filter="drop-shadow(2px 6px 5px rgba(40, 24, 10, 0.4))"
            width="fit-content"
            cursor="grabbing"
          >
            <GearDrawing gear={gearOf(view.bench.shelf, carried)} pixelsPerMm={0.4} />
          </Box>
        )}
      </DragOverlay>
    </DndContext>
  );
}

/** Of the places under the pointer, the one that is inside all others: the smallest. */
const innermost: CollisionDetection = (args) =>
  pointerWithin(args).sort((one, other) => areaOf(args, one.id) - areaOf(args, other.id));

function areaOf(
  { droppableRects }: Parameters<CollisionDetection>[0],
  id: string | number,
): number {
  const rect = droppableRects.get(id);
  return rect ? rect.width * rect.height : Infinity;
}
