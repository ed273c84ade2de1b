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
import { gearOf, isOfModule, type Placement } from '@/core/loadout';
import { GearDrawing } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { movingLandings, type Landing } from '@/ui/kit/landings';
import { select } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';

/** Where the piece in hand may go, by the key of the area; null while the hand is empty. */
type InHand = ReadonlyMap<string, Landing> | null;

const InHandContext = createContext<InHand>(null);

export function useInHand(): InHand {
  return useContext(InHandContext);
}

interface CarryingTableProps {
  readonly view: KitView;
  readonly children: ReactNode;
}

/** Lets pieces be picked up and put down wherever there is a landing for them. */
export function CarryingTable({ view, children }: CarryingTableProps) {
  const [carried, setCarried] = useState<Placement | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
  );
  const inHand = useMemo(() => carried && movingLandings(view, carried), [view, carried]);

  function putDown({ over, active }: DragEndEvent): void {
    setCarried(null);
    const landing = over && inHand?.get(String(over.id));
    if (landing && perform(landing.command, landing.said)) select(String(active.id));
  }

  function pickUp(id: string): void {
    setCarried(isOfModule(id) ? null : (view.tree.byId.get(id) ?? null));
  }

  return (
    <DndContext
      sensors={sensors}
      collisionDetection={innermost}
      onDragStart={({ active }) => pickUp(String(active.id))}
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

/** Of the areas under the pointer, the one that is inside all others: the smallest. */
const innermost: CollisionDetection = (args) =>
  pointerWithin(args).sort((one, other) => areaOf(args, one.id) - areaOf(args, other.id));

function areaOf(
  { droppableRects }: Parameters<CollisionDetection>[0],
  id: string | number,
): number {
  const rect = droppableRects.get(id);
  return rect ? rect.width * rect.height : Infinity;
}
