'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { kindOf } from '@/core/catalogue';
import { guessColumns } from '@/core/exchange/columns';
import { withoutBullet } from '@/core/exchange/pasted-lines';
import { readTable } from '@/core/exchange/table';
import { textOf } from '@/core/exchange/text-of-bytes';
import { jobIds, jobs, jobsInWords, type JobId } from '@/core/gear';
import type { ListLine, ReferenceList } from '@/core/loadout';
import { matchLine } from '@/core/scheme/match-line';
import { Button } from '@/ui/fields/button';
import { TextArea } from '@/ui/fields/text-area';
import { FileChoice, tableFiles } from '@/ui/fields/file-choice';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { perform, sayRefused } from '@/ui/notice/notice';

interface ListFormProps {
  readonly list: ReferenceList;
  readonly onDone: () => void;
}

/** Writes a list, typed or out of a table, and says what each line was taken to mean. */
export function ListForm({ list, onDone }: ListFormProps) {
  const [name, setName] = useState(list.name);
  const [note, setNote] = useState(list.note);
  const [text, setText] = useState(list.lines.map((line) => line.text).join('\n'));
  const [putRight, setPutRight] = useState<ReadonlyMap<string, ListLine>>(
    () => new Map(list.lines.map((line) => [line.text, line])),
  );
  const lines = useMemo(
    () =>
      text
        .split(/\r?\n/)
        .map(withoutBullet)
        .filter((line) => line !== '')
        .map((line) => putRight.get(line) ?? matchLine(line)),
    [text, putRight],
  );

  async function read(file: File): Promise<void> {
    const table = readTable(textOf(new Uint8Array(await file.arrayBuffer())));
    if (!table.ok) {
      sayRefused(`${file.name}: ${table.problem.message} Your lists are as they were.`);
      return;
    }
    const at = guessColumns(table.value).findIndex(({ meaning }) => meaning === 'name');
    const rows = table.value.rows.slice(table.value.hasHeading ? 1 : 0);
    setText(rows.map((row) => row[Math.max(0, at)]).join('\n'));
    if (name === '') setName(file.name.replace(/\.[a-z]{2,4}$/i, ''));
  }

  return (
    <Panel
      title={list.name === '' ? 'A new list' : `Change ${list.name}`}
      says="One thing a line. It may be a thing (“belt knife”) or a need (“something warm”)."
      marginBottom="4"
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const kept = { ...list, name: name.trim(), note, lines };
          if (perform({ do: 'keep list', list: kept }, `${kept.name} kept.`)) onDone();
        }}
      >
        <Flex gap="4" flexDirection={{ base: 'column', lg: 'row' }}>
          <Flex direction="column" gap="2" flex="1" minWidth="0">
            <LabelledInput
              label="Name of the list"
              autoFocus
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
            <LabelledInput
              label="Whose it is, and what it is for"
              value={note}
              onChange={(event) => setNote(event.target.value)}
            />
            <Box as="label" fontSize="sm" fontWeight="600">
              Lines
              <TextArea rows={8} value={text} onChange={(event) => setText(event.target.value)} />
            </Box>
            <Flex gap="2" wrap="wrap">
              <Button type="submit" variant="main">
                Keep the list
              </Button>
              <FileChoice
                label="Table with a list"
                accept={tableFiles}
                onChoose={(file) => void read(file)}
              >
                From a table…
              </FileChoice>
              <Button variant="bare" onClick={onDone}>
                Leave it
              </Button>
            </Flex>
          </Flex>
          <Box flex="1" minWidth="0">
            <Text fontSize="sm" fontWeight="600">
              What each line was taken to mean
            </Text>
            <Box
              maxHeight="330px"
              overflowY="auto"
              tabIndex={0}
              role="region"
              aria-label="Meanings"
            >
              {lines.map((line, at) => (
                <Flex
                  key={`${at} ${line.text}`}
                  gap="2"
                  align="center"
                  justify="space-between"
                  paddingY="1"
                  fontSize="sm"
                >
                  <Text minWidth="0">{line.text}</Text>
                  <Choice<JobId | '' | 'as it is'>
                    label={`What “${line.text}” means`}
                    isLabelHidden
                    minWidth="190px"
                    value="as it is"
                    options={[
                      ['as it is', meaningOf(line)],
                      ['', 'nothing'],
                      ...jobIds.map((job) => [job, jobs[job].name] as const),
                    ]}
                    onChange={(picked) => {
                      if (picked === 'as it is') return;
                      const meant = { ...line, kind: null, jobs: picked === '' ? [] : [picked] };
                      setPutRight(new Map(putRight).set(line.text, meant));
                    }}
                  />
                </Flex>
              ))}
            </Box>
          </Box>
        </Flex>
      </form>
    </Panel>
  );
}

function meaningOf({ kind, jobs: anyOf }: ListLine): string {
  const found = kind === null ? undefined : kindOf(kind);
  if (found) return found.name;
  return anyOf.length === 0 ? '▲ nothing was seen in it' : `to ${jobsInWords(anyOf)}`;
}
