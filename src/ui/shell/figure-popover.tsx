'use client';

import { Popover, Portal } from '@chakra-ui/react';
import { popoverSlotRecipe } from '@chakra-ui/react/theme';
import type { ReactNode, RefObject } from 'react';

interface FigurePopoverProps {
  readonly name: string;
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** How a figure was worked out, under the figure. It is loaded when it is first asked for. */
export function FigurePopover({ name, anchor, isOpen, onClose, children }: FigurePopoverProps) {
  return (
    <Popover.Root
      recipe={popoverSlotRecipe}
      open={isOpen}
      onOpenChange={({ open }) => !open && onClose()}
      onExitComplete={() => anchor.current?.focus()}
      positioning={{
        placement: 'bottom-start',
        getAnchorRect: () => anchor.current?.getBoundingClientRect() ?? null,
      }}
      persistentElements={[() => anchor.current]}
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Popover.Positioner>
          <Popover.Content
            width="min(420px, 94vw)"
            borderRadius="14px"
            aria-label={`${name}, worked out`}
          >
            <Popover.Body fontSize="sm">{children}</Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
