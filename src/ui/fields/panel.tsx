import type { Ref } from 'react';
import { Box, Heading, Text, type BoxProps } from '@chakra-ui/react';

interface PanelProps extends BoxProps {
  readonly ref?: Ref<HTMLDivElement>;
  readonly title: string;
  readonly says?: string;
}

/** A sheet of paper on the bench: a heading, a line that says what it is for, and what is on it. */
export function Panel({ title, says, children, ...box }: PanelProps) {
  return (
    <Box
      as="section"
      aria-label={title}
      bg="panel"
      borderWidth="1px"
      borderRadius="16px"
      padding="4"
      {...box}
    >
      <Heading as="h2" fontSize="lg">
        {title}
      </Heading>
      {says !== undefined && (
        <Text fontSize="sm" color="fg.muted" marginTop="1">
          {says}
        </Text>
      )}
      <Box marginTop="3">{children}</Box>
    </Box>
  );
}
