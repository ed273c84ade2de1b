'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { daysBetween } from '@/core/quantity';
import type { Part } from '@/core/loadout';
import type { PartRestored } from '@/core/exchange/back-up';
import { keepPictures } from '@/store/pictures';
import { prefer, usePreferences } from '@/store/preferences';
import { whyFailed } from '@/store/why-failed';
import { Button } from '@/ui/fields/button';
import { FileChoice } from '@/ui/fields/file-choice';
import { Panel } from '@/ui/fields/panel';
import { saveBlob } from '@/ui/files/save-text';
import { perform, sayRefused } from '@/ui/notice/notice';
import type { RestoringFrom } from '@/workers/exchange-work';
import { callRestoring } from '@/workers/exchange-calls';
import { BackUpFolder } from './back-up-folder';
import { fromToday } from './days-in-words';
import type { DueView } from './use-due';
import { zipOfBench } from './use-back-up';

/** A back-up older than this is too old, in days. */
const oldAfterDays = 30;

/** The largest zip that is read into memory at all, in bytes. */
const mostZip = 1024 * 1024 * 1024;

type State =
  | { readonly state: 'none' }
  | { readonly state: 'working'; readonly what: string }
  | { readonly state: 'refused'; readonly why: string }
  | { readonly state: 'asking'; readonly fileName: string; readonly plan: RestoringFrom };

/** All data with the pictures in one file, and the way back from it. */
export function BackUpPanel({ view: { bench, today } }: { readonly view: DueView }) {
  const { backedUpOn } = usePreferences();
  const [state, setState] = useState<State>({ state: 'none' });
  const age = backedUpOn === null ? null : daysBetween(backedUpOn, today);
  const isOld = age === null || age > oldAfterDays;

  async function backUp(): Promise<void> {
    setState({ state: 'working', what: 'Writing, and reading it back…' });
    const zip = await zipOfBench(bench);
    if (!zip.ok) {
      setState({ state: 'refused', why: `Nothing was written. ${zip.problem.message}` });
      return;
    }
    saveBlob(`vivid-acorn-${today}.zip`, new Blob([zip.value], { type: 'application/zip' }));
    prefer({ backedUpOn: today });
    setState({ state: 'none' });
  }

  async function read(file: File): Promise<void> {
    if (file.size > mostZip) {
      setState({ state: 'refused', why: `${file.name} is too large for a back-up.` });
      return;
    }
    setState({ state: 'working', what: `Reading ${file.name}…` });
    try {
      const zip = new Uint8Array(await file.arrayBuffer());
      const plan = await callRestoring(zip, bench).result;
      if (plan.ok) setState({ state: 'asking', fileName: file.name, plan: plan.value });
      else setState({ state: 'refused', why: `${file.name}: ${plan.problem.message}` });
    } catch (error) {
      setState({ state: 'refused', why: `${file.name} could not be read: ${whyFailed(error)}.` });
    }
  }

  async function restore({ command, pictures }: RestoringFrom, fileName: string): Promise<void> {
    setState({ state: 'working', what: 'Putting it back…' });
    try {
      // First: a picture too many harms nothing, and the bench itself changes in one piece.
      await keepPictures(pictures);
    } catch (error) {
      sayRefused(`The pictures were not kept, and nothing was restored. ${whyFailed(error)}`);
      setState({ state: 'none' });
      return;
    }
    perform(command, `The bench is as it was in ${fileName}.`);
    setState({ state: 'none' });
  }

  return (
    <Panel title="Back-up">
      <Text fontSize="sm" color={isOld ? 'signal.fg' : 'fg.muted'} marginBottom="2">
        {backedUpOn === null
          ? '▲ None was made yet: all of this is in this browser alone.'
          : `${isOld ? '▲ ' : ''}The last was made ${fromToday(backedUpOn, today)}.`}
      </Text>
      <Flex gap="2" wrap="wrap">
        <Button variant={isOld ? 'main' : 'plain'} onClick={() => void backUp()}>
          <Download size={18} aria-hidden /> Back up now
        </Button>
        <FileChoice
          label="Back-up to restore"
          accept=".zip,application/zip"
          onChoose={(file) => void read(file)}
        >
          Restore…
        </FileChoice>
      </Flex>
      <Box aria-live="polite" fontSize="sm" marginTop="2">
        {state.state === 'working' && <Text>{state.what}</Text>}
        {state.state === 'refused' && (
          <Text color="signal.fg">▲ {state.why} Your bench is as it was.</Text>
        )}
        {state.state === 'asking' && (
          <Box
            padding="3"
            borderRadius="10px"
            bg="tag"
            role="group"
            aria-label="What restoring changes"
          >
            <Text fontWeight="700">{state.fileName} would change this:</Text>
            <Changes parts={state.plan.parts} />
            {state.plan.missingPictures > 0 && (
              <Text>
                ▲ Pictures missing from this back-up: {state.plan.missingPictures}. Their pieces are
                complete.
              </Text>
            )}
            <Flex gap="2" marginTop="2" wrap="wrap">
              <Button variant="main" onClick={() => void restore(state.plan, state.fileName)}>
                Restore it
              </Button>
              <Button variant="bare" onClick={() => setState({ state: 'none' })}>
                Leave it
              </Button>
            </Flex>
            <Text marginTop="1" color="fg.muted">
              One press of undo takes it back.
            </Text>
          </Box>
        )}
      </Box>
      <BackUpFolder />
    </Panel>
  );
}

const partNames: Readonly<Record<Part, string>> = {
  gear: 'Gear',
  loadouts: 'Kits',
  schemes: 'Schemes',
  lists: 'Lists',
  versions: 'Versions',
  rounds: 'Rounds',
  wants: 'To restock',
  trips: 'Trips',
};

/** So many names are told of one change. */
const mostNames = 4;

function Changes({ parts }: { readonly parts: readonly PartRestored[] }) {
  const changed = parts.filter(
    ({ back, gone, otherwise }) => back.length + gone.length + otherwise.length > 0,
  );
  if (changed.length === 0) return <Text>Nothing: it is what is here.</Text>;
  return (
    <Box as="ul" paddingLeft="5" listStyleType="disc">
      {changed.map(({ part, back, gone, otherwise }) => (
        <li key={part}>
          {partNames[part]}:{' '}
          {[
            ...told('come back', back),
            ...told('go', gone),
            ...told('become otherwise', otherwise),
          ].join('; ')}
        </li>
      ))}
    </Box>
  );
}

function told(what: string, names: readonly string[]): readonly string[] {
  if (names.length === 0) return [];
  const more = names.length > mostNames ? ' …' : '';
  return [`${names.length} ${what} (${names.slice(0, mostNames).join(', ')}${more})`];
}
