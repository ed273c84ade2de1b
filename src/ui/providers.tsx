'use client';

import { ChakraProvider } from '@chakra-ui/react';
import { ThemeProvider } from 'next-themes';
import type { ReactNode } from 'react';
import { StyleRegistry } from './theme/style-registry';
import { system } from './theme/system';

interface ProvidersProps {
  readonly nonce: string | undefined;
  readonly children: ReactNode;
}

/** The look, light or dark as the person or their system has it. */
export function Providers({ nonce, children }: ProvidersProps) {
  return (
    <StyleRegistry>
      <ChakraProvider value={system}>
        <ThemeProvider attribute="class" disableTransitionOnChange nonce={nonce}>
          {children}
        </ThemeProvider>
      </ChakraProvider>
    </StyleRegistry>
  );
}
