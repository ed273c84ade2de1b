'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useEffect } from 'react';
import { Button } from '../fields/button';
import { fetchMissing, useMissingParts } from './late';

/** Says that a part of the program did not come, as when the server has gone on to another version, and what helps. */
export function MissingParts() {
  const isAny = useMissingParts(({ again }) => again.size > 0);
  useEffect(() => {
    addEventListener('online', fetchMissing);
    return () => removeEventListener('online', fetchMissing);
  }, []);
  if (!isAny) return null;
  return (
    <Flex
      role="alert"
      className="no-print"
      align="center"
      wrap="wrap"
      gap="3"
      marginX={{ base: '3', md: '6' }}
      marginBottom="3"
      padding="3"
      borderRadius="12px"
      bg="signal.soft"
    >
      <Text flex="1 1 240px">
        Part of this page could not be loaded. There may be no network, or a new version. Your bench
        is safe.
      </Text>
      <Button size="sm" onClick={fetchMissing}>
        Try again
      </Button>
      <Button size="sm" variant="main" onClick={() => location.reload()}>
        Reload the page
      </Button>
    </Flex>
  );
}
