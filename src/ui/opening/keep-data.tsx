'use client';

import { Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Button } from '../fields/button';
import { saveText } from '../files/save-text';

/** Writes all that the database holds into a file, as it stands, also where nothing here can read it. */
export function KeepData() {
  const [says, setSays] = useState<string | null>(null);

  async function keep(): Promise<void> {
    try {
      const { rawData } = await import('@/store/raw-data');
      saveText('vivid-acorn-raw-data.json', await rawData());
      setSays('Written: it holds everything as it stands.');
    } catch {
      setSays('The browser does not give it out now. Try again, or start the browser anew.');
    }
  }

  return (
    <>
      <Button onClick={() => void keep()}>Write the raw data to a file</Button>
      {says !== null && (
        <Text role="status" fontSize="sm" alignSelf="center" color="fg.muted">
          {says}
        </Text>
      )}
    </>
  );
}
