import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** Rows and columns without a frame: names at the left, each cell from its top. */
export function PlainTable({ children }: { readonly children: ReactNode }) {
  return (
    <Box
      as="table"
      width="100%"
      fontSize="sm"
      css={{
        '& th, & td': { textAlign: 'left', padding: '7px 12px 7px 0', verticalAlign: 'top' },
      }}
    >
      {children}
    </Box>
  );
}
