'use client';

import { ChakraProvider } from '@chakra-ui/react';
import { ThemeProvider } from 'next-themes';
import type { ReactNode } from 'react';
import { StyleRegistry } from './theme/style-registry';
import { system } from './theme/system';

/** The system as it is, but for the rules of the whole page: those stand in a file (theme/base-look.css) and are not worked out. */
const withoutRules = Object.create(system, { _global: { value: [] } }) as typeof system;

interface ProvidersProps {
  readonly nonce: string | undefined;
  readonly children: ReactNode;
}

/** The look, light or dark as the person or their system has it. */
export function Providers({ nonce, children }: ProvidersProps) {
  return (
    <StyleRegistry>
      <ChakraProvider value={withoutRules}>
        <ThemeProvider attribute="class" disableTransitionOnChange nonce={nonce}>
          {children}
        </ThemeProvider>
      </ChakraProvider>
    </StyleRegistry>
  );
}
