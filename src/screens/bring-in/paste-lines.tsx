'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useDeferredValue, useMemo, useState } from 'react';
import type { RowsProgress } from '@/core/exchange/gear-read';
import { gearFromLines, whyNotPasted, withoutBullet } from '@/core/exchange/pasted-lines';
import { readLine, taughtBy } from '@/core/reading';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { TextArea } from '@/ui/fields/text-area';
import { Progress } from '@/ui/files/progress';
import { useKitView } from '@/ui/kit/kit-view';
import { callLines } from '@/workers/exchange-calls';
import { bringGear } from '@/ui/quick-add/bring-gear';
import { LayIn } from './lay-in';
import { Report } from './report';
import { usePicks } from './use-picks';
import { mostHere, useReading } from './use-reading';

/** Lines as they come: from a list, a message, a note. Each is read as it would be when typed alone. */
export function PasteLines() {
  const { currency, shelf } = useBench();
  const { units } = usePreferences();
  const view = useKitView();
  const [text, setText] = useState('');
  const [isLaidOut, setIsLaidOut] = useState(false);
  const settled = useDeferredValue(text);
  const setting = useMemo(
    () => ({ units, currency, taught: taughtBy(shelf.values()) }),
    [units, currency, shelf],
  );
  const refused = useMemo(() => whyNotPasted(settled), [settled]);
  const isMany = settled.length > mostHere * 30;
  const here = useMemo(
    () => (refused || isMany ? null : () => gearFromLines(settled, setting, newId)),
    [settled, setting, refused, isMany],
  );
  const beside = useMemo(
    () =>
      refused || !isMany
        ? null
        : (tell: (progress: RowsProgress) => void) => callLines(settled, setting, tell),
    [settled, setting, refused, isMany],
  );
  const { read: asRead, progress, stop } = useReading(here, beside);
  const { read, pick } = usePicks(asRead, ({ text: line, gear: id }, picked) => {
    const again = readLine(withoutBullet(line), { ...setting, id, picked });
    return again.ok ? again.value.gear : null;
  });
  return (
    <Flex direction="column" gap="3">
      <Box as="label" fontWeight="600">
        One piece a line
        <TextArea
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
      {refused && (
        <Box role="alert" padding="3" borderRadius="10px" bg="signal.soft">
          <Text fontWeight="700">▲ {refused}</Text>
          <Text fontSize="sm">Nothing of it is read, and your shelf is as it was.</Text>
        </Box>
      )}
      {progress && (
        <Progress
          what="Reading the lines"
          done={progress.read}
          outOf={progress.outOf}
          onStop={stop}
        />
      )}
      <Report read={read} what="line" onPick={pick} />
    </Flex>
  );
}
