'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Button } from '../fields/button';

interface ProgressProps {
  /** What is being done, as `Reading bench.json`. */
  readonly what: string;
  readonly done: number;
  /** 0 while nobody knows how much there is. */
  readonly outOf: number;
  readonly onStop: () => void;
}

/** How far long work has come, and a way to stop it. */
export function Progress({ what, done, outOf, onStop }: ProgressProps) {
  const percent = outOf === 0 ? 0 : Math.min(100, Math.round((100 * done) / outOf));
  return (
    <Flex align="center" gap="3" wrap="wrap" marginTop="3" role="status">
      <Text fontSize="sm">
        {what}… {outOf > 0 && `${done} of ${outOf}`}
      </Text>
      <Box
        role="progressbar"
        aria-label={what}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={percent}
        height="8px"
        width="160px"
        borderRadius="full"
        bg="tag.deep"
        overflow="hidden"
      >
        <Box height="100%" bg="leaf.vivid" style={{ width: `${percent}%` }} />
      </Box>
      <Button size="sm" onClick={onStop}>
        Stop
      </Button>
    </Flex>
  );
}
