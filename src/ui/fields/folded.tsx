import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface FoldedProps {
  readonly title: string;
  /** Told where what holds it keeps whether it is open. */
  readonly isOpen?: boolean;
  readonly onToggle?: (isOpen: boolean) => void;
  readonly children: ReactNode;
}

/** More than one needs at once, behind a line that opens it, tall enough for a thumb. */
export function Folded({ title, isOpen, onToggle, children }: FoldedProps) {
  return (
    <Box marginBottom="2" fontSize="sm" asChild>
      <details open={isOpen} onToggle={(event) => onToggle?.(event.currentTarget.open)}>
        <Box
          as="summary"
          cursor="pointer"
          minHeight="11"
          display="flex"
          alignItems="center"
          gap="1.5"
          fontWeight="600"
          css={{ '&::before': { content: '"▸"' }, 'details[open] > &::before': { content: '"▾"' } }}
        >
          {title}
        </Box>
        {children}
      </details>
    </Box>
  );
}
