'use client';

import { Flex, Text } from '@chakra-ui/react';
import { KeepData } from './keep-data';
import { Reload } from './reload';

/** What can be done while the bench takes longer to open than it should. */
export function TakesLong() {
  return (
    <Flex direction="column" align="center" gap="3" maxWidth="480px" textAlign="center">
      <Text color="fg.muted">
        This takes longer than it should. Nothing is lost by waiting, or by loading the page again.
      </Text>
      <Flex gap="2" wrap="wrap" justify="center">
        <Reload />
        <KeepData />
      </Flex>
    </Flex>
  );
}
