import { Box } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';

interface FoldedProps {
  readonly title: string;
  /** Told where what holds it keeps whether it is open. */
  readonly isOpen?: boolean;
  readonly onToggle?: (isOpen: boolean) => void;
  /** What is in it is drawn from the first time it is opened: where it stands in what is drawn with every edit. */
  readonly isFilledLate?: boolean;
  readonly children: ReactNode;
}

/** More than one needs at once, behind a line that opens it, tall enough for a thumb. */
export function Folded({ title, isOpen, onToggle, isFilledLate, children }: FoldedProps) {
  const [wasOpened, setWasOpened] = useState(false);
  function toggled(opened: boolean): void {
    if (opened) setWasOpened(true);
    onToggle?.(opened);
  }
  return (
    <Box marginBottom="2" fontSize="sm" asChild>
      <details open={isOpen} onToggle={(event) => toggled(event.currentTarget.open)}>
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
        {(!isFilledLate || wasOpened) && children}
      </details>
    </Box>
  );
}
