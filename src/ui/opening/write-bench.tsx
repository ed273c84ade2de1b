'use client';

import { Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useBenchState } from '@/store/bench';
import { Button } from '../fields/button';
import { saveText } from '../files/save-text';

/** Writes the bench as it is in this window, with what is not saved yet, into a file that can be brought in again. */
export function WriteBench() {
  const [says, setSays] = useState<string | null>(null);

  async function write(): Promise<void> {
    const { writtenFile } = await import('@/core/exchange');
    const written = writtenFile(useBenchState.getState().history.bench);
    if (written.ok) saveText('bench.json', written.value);
    setSays(written.ok ? 'Written.' : written.problem.message);
  }

  return (
    <>
      <Button onClick={() => void write()}>Write the whole bench to a file</Button>
      {says !== null && (
        <Text role="status" fontSize="sm" alignSelf="center" color="fg.muted">
          {says}
        </Text>
      )}
    </>
  );
}
