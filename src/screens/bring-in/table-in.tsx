'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import {
  columnMeanings,
  guessColumns,
  unitsOf,
  type Column,
  type ColumnUnit,
} from '@/core/exchange/columns';
import type { RowsProgress } from '@/core/exchange/gear-read';
import { gearFromTable, rowAsKind } from '@/core/exchange/gear-table';
import { whyTooLarge } from '@/core/exchange/limits';
import type { Table } from '@/core/exchange/table';
import { taughtBy } from '@/core/reading';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { FileChoice, tableFiles } from '@/ui/fields/file-choice';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { Tick } from '@/ui/fields/tick';
import { Progress } from '@/ui/files/progress';
import { useKitView } from '@/ui/kit/kit-view';
import { callRows, callTable } from '@/workers/exchange-calls';
import { bringGear } from '@/ui/quick-add/bring-gear';
import { LayIn } from './lay-in';
import { Report } from './report';
import { usePicks } from './use-picks';
import { mostHere, useReading } from './use-reading';

interface Opened {
  readonly fileName: string;
  readonly table: Table;
  readonly columns: readonly Column[];
}

/** A table from anywhere: its columns are guessed and can be matched otherwise, then its rows come in. */
export function TableIn() {
  const [opened, setOpened] = useState<Opened | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [readingName, setReadingName] = useState<string | null>(null);

  async function read(file: File): Promise<void> {
    const tooLarge = whyTooLarge(file.size);
    setRefused(null);
    setReadingName(file.name);
    const outcome = tooLarge
      ? null
      : await callTable(new Uint8Array(await file.arrayBuffer())).result.catch(() => null);
    setReadingName(null);
    if (!outcome?.ok) {
      setOpened(null);
      const why = tooLarge ?? outcome?.problem.message ?? 'The browser could not read it.';
      setRefused(`${file.name} was not brought in. ${why}`);
      return;
    }
    const table = outcome.value;
    setOpened({ fileName: file.name, table, columns: guessColumns(table) });
  }

  return (
    <Flex direction="column" gap="3">
      <Flex gap="3" wrap="wrap" align="center">
        <FileChoice
          label="Table to bring in"
          accept={tableFiles}
          variant={opened ? 'plain' : 'main'}
          onChoose={(file) => void read(file)}
        >
          Choose a table…
        </FileChoice>
        <Text fontSize="sm" color="fg.muted">
          {readingName !== null
            ? `Reading ${readingName}…`
            : opened
              ? `${opened.fileName}: ${opened.table.rows.length} rows`
              : 'Separated by commas, semicolons or tabs, with or without headings, in any common unit.'}
        </Text>
      </Flex>
      {refused !== null && (
        <Box role="alert" padding="3" borderRadius="10px" bg="signal.soft">
          <Text fontWeight="700">▲ {refused}</Text>
          <Text fontSize="sm">Your shelf is as it was.</Text>
        </Box>
      )}
      {opened && <Matching opened={opened} onChange={setOpened} onDone={() => setOpened(null)} />}
    </Flex>
  );
}

interface MatchingProps {
  readonly opened: Opened;
  readonly onChange: (opened: Opened) => void;
  readonly onDone: () => void;
}

function Matching({ opened, onChange, onDone }: MatchingProps) {
  const { table, columns } = opened;
  const { currency, shelf } = useBench();
  const { units } = usePreferences();
  const view = useKitView();
  const setting = useMemo(
    () => ({ units, currency, taught: taughtBy(shelf.values()) }),
    [units, currency, shelf],
  );
  const [isLaidOut, setIsLaidOut] = useState(false);
  const isMany = table.rows.length > mostHere;
  const here = useMemo(
    () => (isMany ? null : () => gearFromTable(table, columns, setting, newId)),
    [table, columns, setting, isMany],
  );
  const beside = useMemo(
    () =>
      isMany
        ? (tell: (progress: RowsProgress) => void) => callRows(table, columns, setting, tell)
        : null,
    [table, columns, setting, isMany],
  );
  const { read: asRead, progress, stop } = useReading(here, beside);
  const asKind = useMemo(() => rowAsKind(table, columns, setting), [table, columns, setting]);
  const { read, pick } = usePicks(asRead, ({ row, gear: id }, kind) => asKind(row, id, kind));
  return (
    <>
      <Panel
        title="What the columns mean"
        says="Guessed from the headings and from what stands in them: put right what is wrong."
      >
        <Tick
          isOn={table.hasHeading}
          onChange={(hasHeading) => onChange({ ...opened, table: { ...table, hasHeading } })}
        >
          The first row holds headings
        </Tick>
        <Columns
          table={table}
          columns={columns}
          onChange={(changed) => onChange({ ...opened, columns: changed })}
        />
      </Panel>
      <Flex gap="3" wrap="wrap" align="center">
        <Button
          variant="main"
          disabled={read.gear.length === 0}
          onClick={() => {
            if (!bringGear(read.gear, isLaidOut ? (view?.own ?? null) : null)) return;
            if (read.notUnderstood.length === 0) onDone();
            else onChange({ ...opened, table: onlyRows(table, read.notUnderstood) });
          }}
        >
          Bring in {read.gear.length} {read.gear.length === 1 ? 'piece' : 'pieces'}
        </Button>
        <LayIn isOn={isLaidOut} onChange={setIsLaidOut} />
      </Flex>
      {progress && (
        <Progress
          what="Reading the rows"
          done={progress.read}
          outOf={progress.outOf}
          onStop={stop}
        />
      )}
      <Report read={read} what="row" onPick={pick} />
    </>
  );
}

/** The table with only the rows that are left to mend. */
function onlyRows(table: Table, left: readonly { readonly row: number }[]): Table {
  const stays = new Set([
    ...(table.hasHeading ? [table.numbers[0]!] : []),
    ...left.map(({ row }) => row),
  ]);
  const at = table.numbers.flatMap((number, index) => (stays.has(number) ? [index] : []));
  return {
    ...table,
    rows: at.map((index) => table.rows[index]!),
    numbers: at.map((index) => table.numbers[index]!),
  };
}

/** So many rows show what stands in a column. */
const sampleRows = 4;

interface ColumnsProps {
  readonly table: Table;
  readonly columns: readonly Column[];
  readonly onChange: (columns: readonly Column[]) => void;
}

function Columns({ table, columns, onChange }: ColumnsProps) {
  function set(at: number, column: Column): void {
    onChange(
      columns.map((other, index) => {
        if (index === at) return column;
        const isTaken = other.meaning === column.meaning && column.meaning !== 'leave out';
        return isTaken ? { meaning: 'leave out', unit: null } : other;
      }),
    );
  }
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Columns of the table" padding="1">
      <Flex gap="2" width="max-content">
        {columns.map(({ meaning, unit }, at) => {
          const units = unitsOf[meaning];
          const heading = table.hasHeading ? table.rows[0]![at]! : `Column ${at + 1}`;
          return (
            <Box
              key={at}
              width="190px"
              borderWidth="1px"
              borderRadius="10px"
              padding="2"
              opacity={meaning === 'leave out' ? 0.85 : 1}
              bg={meaning === 'leave out' ? undefined : 'leaf.soft'}
            >
              <Text fontWeight="700" truncate>
                {heading === '' ? `Column ${at + 1}` : heading}
              </Text>
              <Choice
                label={`What ${heading || `column ${at + 1}`} means`}
                isLabelHidden
                value={meaning}
                options={columnMeanings.map((each) => [each, each])}
                onChange={(picked) => set(at, { meaning: picked, unit: null })}
              />
              {units && (
                <Choice
                  label={`Unit of ${heading || `column ${at + 1}`}`}
                  isLabelHidden
                  value={unit ?? ''}
                  options={[
                    ['', 'as each cell says'],
                    ...units.map((each) => [each, `bare figures in ${each}`] as const),
                  ]}
                  onChange={(picked) =>
                    set(at, { meaning, unit: picked === '' ? null : (picked as ColumnUnit) })
                  }
                />
              )}
              <Box fontSize="sm" color="fg.muted" marginTop="1">
                {table.rows
                  .slice(table.hasHeading ? 1 : 0)
                  .slice(0, sampleRows)
                  .map((row, index) => (
                    <Text key={index} truncate>
                      {row[at] === '' ? '–' : row[at]}
                    </Text>
                  ))}
              </Box>
            </Box>
          );
        })}
      </Flex>
    </Box>
  );
}
