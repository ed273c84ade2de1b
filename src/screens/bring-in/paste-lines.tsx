'use client';

import { Box, Flex, Text, Textarea } from '@chakra-ui/react';
import { useDeferredValue, useMemo, useState } from 'react';
import { gearFromLines } from '@/core/exchange/gear-table';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { useKitView } from '@/ui/kit/kit-view';
import { bringGear } from './bring';
import { LayIn } from './lay-in';
import { Report } from './report';

/** Lines as they come: from a list, a message, a note. Each is read as it would be when typed alone. */
export function PasteLines() {
  const { currency } = useBench();
  const { units } = usePreferences();
  const view = useKitView();
  const [text, setText] = useState('');
  const [isLaidOut, setIsLaidOut] = useState(false);
  const settled = useDeferredValue(text);
  const read = useMemo(
    () => gearFromLines(settled, { units, currency }, newId),
    [settled, units, currency],
  );
  return (
    <Flex direction="column" gap="3">
      <Box as="label" fontWeight="600">
        One piece a line
        <Textarea
          bg="panel"
          rows={9}
          placeholder={
            'belt knife 170 g\n3 candles\nsteel bottle 1 L 210 g 90x200 mm\ncord 15 m €9'
          }
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </Box>
      <Flex gap="3" wrap="wrap" align="center">
        <Button
          variant="main"
          disabled={read.gear.length === 0}
          onClick={() => {
            if (bringGear(read.gear, isLaidOut ? (view?.own ?? null) : null)) {
              setText(read.notUnderstood.map((line) => line.text).join('\n'));
            }
          }}
        >
          Bring in {read.gear.length} {read.gear.length === 1 ? 'piece' : 'pieces'}
        </Button>
        <LayIn isOn={isLaidOut} onChange={setIsLaidOut} />
        <Text fontSize="sm" color="fg.muted">
          What is not understood stays in the field.
        </Text>
      </Flex>
      <Report read={read} what="line" />
    </Flex>
  );
}
