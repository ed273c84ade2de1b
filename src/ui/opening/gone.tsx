'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { photosNamed } from '@/core/loadout';
import { saveToCleared, useBenchState } from '@/store/bench';
import { Button } from '../fields/button';
import { Reload } from './reload';
import { WriteBench } from './write-bench';

/** Says that the browser has cleared its storage under this window, which has the last copy, and offers to keep it. */
export function Gone() {
  const saving = useBenchState((state) => state.saving);
  const hasPictures = useBenchState((state) => photosNamed(state.history.bench).size > 0);
  if (saving.state !== 'gone') return null;
  const isOther = saving.gone === 'another bench';
  return (
    <Box
      role="alert"
      className="no-print"
      marginX={{ base: '3', md: '6' }}
      marginBottom="3"
      padding="4"
      borderRadius="12px"
      bg="signal.soft"
    >
      <Text fontWeight="700">The browser has deleted what this site had saved.</Text>
      <Text>
        Your bench is still here, in this window alone: do not close it yet.{' '}
        {isOther
          ? 'Another window has saved a new bench since, so this one is not saved over it. Save it to a file, reload, and import the file.'
          : 'Nothing more is saved until you say so.'}
        {hasPictures && ' The pictures of gear are lost.'}
      </Text>
      <Flex gap="2" wrap="wrap" marginTop="3">
        {!isOther && (
          <Button variant="main" onClick={() => void saveToCleared()}>
            Save it in the browser again
          </Button>
        )}
        <WriteBench />
        {isOther && <Reload />}
      </Flex>
    </Box>
  );
}
