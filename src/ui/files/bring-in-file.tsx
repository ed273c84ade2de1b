'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { bringIn, readFile, whyTooLarge, type BringIn, type OnClash } from '@/core/exchange';
import type { Bench } from '@/core/loadout';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { prefer, usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { FileChoice } from '@/ui/fields/file-choice';
import { perform } from '@/ui/notice/notice';

type Reading =
  | { readonly state: 'none' }
  | { readonly state: 'refused'; readonly fileName: string; readonly why: string }
  | { readonly state: 'asking'; readonly fileName: string; readonly file: Bench };

/** Chooses a file, says what is in it, and brings it in as one act that can be undone. */
export function BringInFile() {
  const bench = useBench();
  const [reading, setReading] = useState<Reading>({ state: 'none' });

  async function read(chosen: File): Promise<void> {
    const tooLarge = whyTooLarge(chosen.size);
    const outcome = tooLarge ? null : readFile(await chosen.text());
    if (!outcome || !outcome.ok) {
      const why = tooLarge ?? outcome?.problem.message ?? '';
      setReading({ state: 'refused', fileName: chosen.name, why });
      return;
    }
    const plan = bringIn(bench, outcome.value, 'keep both', newId);
    if (clashes(plan)) setReading({ state: 'asking', fileName: chosen.name, file: outcome.value });
    else finish(outcome.value, 'keep both');
  }

  function finish(file: Bench, onClash: OnClash): void {
    const plan = bringIn(bench, file, onClash, newId);
    setReading({ state: 'none' });
    const [first] = file.loadouts.keys();
    const { kit } = usePreferences.getState();
    const isThere = kit !== null && file.loadouts.has(kit);
    if (perform(plan.command, inWords(plan)) && first !== undefined && !isThere) {
      prefer({ kit: first });
    }
  }

  return (
    <Box>
      <FileChoice
        label="File to bring in"
        accept=".json,application/json"
        onChoose={(file) => void read(file)}
      >
        Choose a file…
      </FileChoice>
      {reading.state === 'refused' && (
        <Box role="alert" marginTop="3" padding="3" borderRadius="10px" bg="signal.soft">
          <Text fontWeight="700">{reading.fileName} was not brought in.</Text>
          <Text wordBreak="break-word">{reading.why}</Text>
          <Text color="fg.muted" marginTop="1">
            Your shelf and your kits are as they were.
          </Text>
        </Box>
      )}
      {reading.state === 'asking' && (
        <Box role="alert" marginTop="3" padding="3" borderRadius="10px" bg="tag">
          <Text fontWeight="700">{reading.fileName} differs from what is here.</Text>
          <Differences plan={bringIn(bench, reading.file, 'keep both', newId)} />
          <Flex gap="2" marginTop="2" wrap="wrap">
            <Button variant="main" onClick={() => finish(reading.file, 'keep both')}>
              Keep both
            </Button>
            <Button onClick={() => finish(reading.file, 'replace mine')}>Replace mine</Button>
            <Button variant="bare" onClick={() => setReading({ state: 'none' })}>
              Leave it
            </Button>
          </Flex>
        </Box>
      )}
    </Box>
  );
}

function Differences({ plan }: { readonly plan: BringIn }) {
  const differing = plan.loadouts.filter(({ arrival }) => arrival === 'differs');
  return (
    <Box as="ul" paddingLeft="5" marginTop="1" listStyleType="disc">
      <li>
        Gear: {plan.gear.new} new, {plan.gear['the same']} the same, {plan.gear.differs} that differ
      </li>
      {differing.map(({ name }) => (
        <li key={name}>{name} is here already and differs</li>
      ))}
    </Box>
  );
}

function clashes({ gear, loadouts }: BringIn): boolean {
  return gear.differs > 0 || loadouts.some(({ arrival }) => arrival === 'differs');
}

function inWords({ gear, loadouts, pricesLeftBehind }: BringIn): string {
  const kits = loadouts.filter(({ arrival }) => arrival !== 'the same').length;
  const brought = `Brought in: ${kits} ${kits === 1 ? 'kit' : 'kits'}, ${gear.new + gear.differs} pieces of gear.`;
  return pricesLeftBehind
    ? `${brought} Prices were left behind: they are in another currency.`
    : brought;
}
