import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface FoldedProps {
  readonly title: string;
  readonly children: ReactNode;
}

/** More than one needs at once, behind a line that opens it, tall enough for a thumb. */
export function Folded({ title, children }: FoldedProps) {
  return (
    <Box as="details" marginBottom="2" fontSize="sm">
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
    </Box>
  );
}
