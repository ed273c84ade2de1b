'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { differs, type BringIn } from '@/core/exchange/bring-in';
import type { FilePlans } from '@/core/exchange/file-plans';
import { whyTooLarge } from '@/core/exchange/limits';
import type { ReadingProgress } from '@/core/exchange/read';
import type { Outcome } from '@/core/quantity';
import { useBench } from '@/store/bench';
import { keepPictures } from '@/store/pictures';
import { prefer, usePreferences } from '@/store/preferences';
import { whyFailed } from '@/store/why-failed';
import { Button } from '@/ui/fields/button';
import { FileChoice } from '@/ui/fields/file-choice';
import { perform, sayRefused } from '@/ui/notice/notice';
import type { Call } from '@/workers/beside';
import { callPlans } from '@/workers/exchange-calls';
import { Progress } from './progress';

type Reading =
  | { readonly state: 'none' }
  | { readonly state: 'reading'; readonly fileName: string; readonly progress: ReadingProgress }
  | { readonly state: 'refused'; readonly fileName: string; readonly why: string }
  | { readonly state: 'asking'; readonly fileName: string; readonly plans: FilePlans };

/** Chooses a file, says what is in it, and brings it in as one act that can be undone. */
export function BringInFile() {
  const bench = useBench();
  const [reading, setReading] = useState<Reading>({ state: 'none' });
  const call = useRef<Call<Outcome<FilePlans> | null> | null>(null);
  /** Counts the files that were chosen: what an earlier one comes to is of no interest any more. */
  const latest = useRef(0);

  async function read(chosen: File): Promise<void> {
    call.current?.cancel();
    call.current = null;
    const fileName = chosen.name;
    const tooLarge = whyTooLarge(chosen.size);
    if (tooLarge) {
      latest.current += 1;
      setReading({ state: 'refused', fileName, why: tooLarge });
      return;
    }
    setReading({ state: 'reading', fileName, progress: { looked: 0, outOf: 0 } });
    const asking = (latest.current += 1);
    const bytes = new Uint8Array(await chosen.arrayBuffer());
    if (latest.current !== asking) return;
    const asked = callPlans(bytes, bench, (progress) => {
      if (call.current === asked) setReading({ state: 'reading', fileName, progress });
    });
    call.current = asked;
    let outcome: Outcome<FilePlans> | null | string;
    try {
      outcome = await asked.result;
    } catch (error) {
      outcome = whyFailed(error);
    }
    if (call.current !== asked || latest.current !== asking) return;
    call.current = null;
    if (outcome === null) setReading({ state: 'none' });
    else if (typeof outcome === 'string' || !outcome.ok) {
      const why = typeof outcome === 'string' ? outcome : outcome.problem.message;
      setReading({ state: 'refused', fileName, why });
    } else if (differs(outcome.value.keepBoth)) {
      setReading({ state: 'asking', fileName, plans: outcome.value });
    } else await finish(outcome.value, outcome.value.keepBoth);
  }

  async function finish({ kits, pictures }: FilePlans, plan: BringIn): Promise<void> {
    setReading({ state: 'none' });
    try {
      await keepPictures(pictures);
    } catch (error) {
      sayRefused(`The pictures were not kept, and nothing was brought in. ${whyFailed(error)}`);
      return;
    }
    const [first] = kits;
    const { kit } = usePreferences.getState();
    const isThere = kit !== null && kits.includes(kit);
    if (perform(plan.command, inWords(plan, pictures.length)) && first !== undefined && !isThere) {
      prefer({ kit: first });
    }
  }

  function stop(): void {
    latest.current += 1;
    call.current?.cancel();
    call.current = null;
    setReading({ state: 'none' });
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
      {reading.state === 'reading' && (
        <Progress
          what={`Reading ${reading.fileName}`}
          done={reading.progress.looked}
          outOf={reading.progress.outOf}
          onStop={stop}
        />
      )}
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
          <Differences plan={reading.plans.keepBoth} />
          <Flex gap="2" marginTop="2" wrap="wrap">
            <Button
              variant="main"
              onClick={() => void finish(reading.plans, reading.plans.keepBoth)}
            >
              Keep both
            </Button>
            <Button onClick={() => void finish(reading.plans, reading.plans.replaceMine)}>
              Replace mine
            </Button>
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
      {plan.others.differs > 0 && (
        <li>
          Schemes, lists, versions, rounds, trips and wants: {plan.others.differs} that differ
        </li>
      )}
    </Box>
  );
}

function inWords({ gear, loadouts, pricesLeftBehind }: BringIn, pictures: number): string {
  const kits = loadouts.filter(({ arrival }) => arrival !== 'the same').length;
  const brought = `Brought in: ${kits} ${kits === 1 ? 'kit' : 'kits'}, ${gear.new + gear.differs} pieces of gear${pictures > 0 ? `, ${pictures} ${pictures === 1 ? 'picture' : 'pictures'}` : ''}.`;
  return pricesLeftBehind
    ? `${brought} Prices were left behind: they are in another currency.`
    : brought;
}
