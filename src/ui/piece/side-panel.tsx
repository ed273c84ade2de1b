import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface SidePanelProps {
  readonly label: string;
  /** Escape lets go of what it tells about. */
  readonly onLetGo: () => void;
  readonly children: ReactNode;
}

/** What tells about the piece that was chosen: beside the screen, or over its foot where there is no room for that. */
export function SidePanel({ label, onLetGo, children }: SidePanelProps) {
  return (
    <Box
      as="aside"
      aria-label={label}
      bg="panel"
      borderWidth="1px"
      borderRadius={{ base: '18px 18px 0 0', lg: '18px' }}
      padding="4"
      position={{ base: 'fixed', lg: 'sticky' }}
      bottom={{ base: '64px', md: '0', lg: 'auto' }}
      top={{ lg: '104px' }}
      left={{ base: 0, md: '104px', lg: 'auto' }}
      right={{ base: 0, lg: 'auto' }}
      maxHeight={{ base: '46dvh', lg: 'calc(100dvh - 120px)' }}
      overflowY="auto"
      zIndex={{ base: 'docked', lg: 'auto' }}
      shadow={{ base: 'lg', lg: 'none' }}
      width={{ lg: '290px' }}
      flexShrink="0"
      onKeyDown={(event) => event.key === 'Escape' && onLetGo()}
    >
      {children}
    </Box>
  );
}
