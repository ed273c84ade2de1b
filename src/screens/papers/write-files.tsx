'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { benchOfKit, forOthers, type Bench, type Loadout } from '@/core/loadout';
import { picturesOf } from '@/store/pictures';
import { Button } from '@/ui/fields/button';
import { Tick } from '@/ui/fields/tick';
import { saveText } from '@/ui/files/save-text';
import { callWrite } from '@/workers/exchange-calls';

interface WriteFilesProps {
  readonly bench: Bench;
  readonly loadout: Loadout;
  /** YYYY-MM-DD, for the name of the file. */
  readonly today: string;
}

type Writing =
  | { readonly state: 'none' }
  | { readonly state: 'writing' }
  | { readonly state: 'written'; readonly fileName: string }
  | { readonly state: 'refused'; readonly why: string };

/** Writes one kit or all to a file, with pictures where asked for. What is written was read back before. */
export function WriteFiles({ bench, loadout, today }: WriteFilesProps) {
  const [hasPictures, setHasPictures] = useState(false);
  const [hasPeople, setHasPeople] = useState(false);
  const ofKit = benchOfKit(bench, loadout.id);
  const [writing, setWriting] = useState<Writing>({ state: 'none' });

  async function write(part: Bench, fileName: string): Promise<void> {
    setWriting({ state: 'writing' });
    const pictures = hasPictures ? await picturesOf(part).catch(() => null) : [];
    const written = pictures && (await callWrite(part, pictures).result.catch(() => null));
    if (written?.ok) {
      saveText(fileName, written.value);
      setWriting({ state: 'written', fileName });
    } else {
      const why = written?.problem.message ?? 'The browser could not write it.';
      setWriting({ state: 'refused', why });
    }
  }

  const isWriting = writing.state === 'writing';
  return (
    <>
      <Flex gap="2" wrap="wrap">
        <Button
          disabled={isWriting}
          onClick={() =>
            void write(hasPeople ? ofKit : forOthers(ofKit), `${fileNameOf(loadout.name)}.json`)
          }
        >
          <Download size={18} aria-hidden /> This kit
        </Button>
        <Button disabled={isWriting} onClick={() => void write(bench, `bench-${today}.json`)}>
          <Download size={18} aria-hidden /> The whole bench
        </Button>
      </Flex>
      <Flex marginTop="2" gap="1.5" wrap="wrap">
        <Tick isOn={hasPictures} onChange={setHasPictures}>
          With the pictures
        </Tick>
        {loadout.brief !== null && (
          <Tick isOn={hasPeople} onChange={setHasPeople}>
            This kit with what its people say of themselves
          </Tick>
        )}
      </Flex>
      <Box aria-live="polite" fontSize="sm" marginTop="1">
        {isWriting && <Text>Writing, and reading it back…</Text>}
        {writing.state === 'written' && (
          <Text color="fg.muted">{writing.fileName} is written, and was read back.</Text>
        )}
        {writing.state === 'refused' && (
          <Text color="signal.fg">
            ▲ Nothing was written. {writing.why} Your bench is as it was.
          </Text>
        )}
      </Box>
    </>
  );
}

function fileNameOf(name: string): string {
  const plain = name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '');
  return plain === '' ? 'kit' : plain;
}
