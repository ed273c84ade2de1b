'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Redo2, Search, Undo2 } from 'lucide-react';
import { memo } from 'react';
import { kitsByName } from '@/core/loadout';
import { redo, saveAgain, undo, useBench, useBenchState, useUndoLabels } from '@/store/bench';
import { prefer } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Select } from '@/ui/fields/select';
import { useKitView } from '@/ui/kit/kit-view';
import { FiguresBar } from './figures-bar';
import { takeNewBuild, useNewBuild } from './new-build';
import { openPalette } from './palette-state';

/** The kit on the table, its figures, and what was done last. */
export function TopBar() {
  return (
    <Flex
      as="header"
      className="no-print"
      bg="canvas"
      position={{ base: 'static', md: 'sticky' }}
      top="0"
      zIndex="sticky"
      gap={{ base: '1', lg: '4' }}
      paddingX={{ base: '3', md: '6' }}
      paddingTop="3"
      paddingBottom="2"
      align={{ base: 'stretch', lg: 'flex-start' }}
      flexDirection={{ base: 'column', lg: 'row' }}
    >
      <Flex align="center" gap="2" justify="space-between" flexShrink="0">
        <KitPicker />
        <Box hideFrom="lg">
          <Acts />
        </Box>
      </Flex>
      <FiguresBar />
      <Box hideBelow="lg">
        <Acts />
      </Box>
    </Flex>
  );
}

function KitPicker() {
  const bench = useBench();
  const view = useKitView();
  const kits = kitsByName(bench).map(({ id, name }) => [id, name] as const);
  if (!view)
    return (
      <Text fontFamily="heading" fontWeight="700">
        No kit yet
      </Text>
    );
  return <KitSelect kits={kits} value={view.own.id} purpose={view.own.purpose} />;
}

interface KitSelectProps {
  readonly kits: readonly (readonly [id: string, name: string])[];
  readonly value: string;
  readonly purpose: string;
}

/** It is drawn again only when a kit comes, goes or is called something else. */
const KitSelect = memo(
  function KitSelect({ kits, value, purpose }: KitSelectProps) {
    return (
      <Box minWidth="0" width={{ base: '200px', lg: '170px' }}>
        <Select
          variant="bare"
          width="100%"
          aria-label="Kit on the table"
          value={value}
          onChange={(event) => prefer({ kit: event.target.value })}
          fontFamily="heading"
          fontWeight="700"
          fontSize="xl"
        >
          {kits.map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
        <Text fontSize="xs" color="fg.muted" paddingLeft="1" lineClamp="1" hideBelow="lg">
          {purpose}
        </Text>
      </Box>
    );
  },
  (one, other) => JSON.stringify(one) === JSON.stringify(other),
);

function Acts() {
  const labels = useUndoLabels();
  return (
    <Flex align="center">
      <NewBuild />
      <SavedMark />
      <Step name="Undo" keys="Ctrl Z" of={labels.undo} />
      <Step name="Redo" keys="Ctrl Shift Z" of={labels.redo} />
      <AllCommands />
    </Flex>
  );
}

interface StepProps {
  readonly name: 'Undo' | 'Redo';
  readonly keys: string;
  /** What it would undo or do again; null where there is nothing. */
  readonly of: string | null;
}

/** A step back or forth; drawn again only when it is another one. */
const Step = memo(function Step({ name, keys, of }: StepProps) {
  const nothing = `Nothing to ${name.toLowerCase()}`;
  const Sign = name === 'Undo' ? Undo2 : Redo2;
  return (
    <Button
      size="icon"
      variant="bare"
      aria-label={of === null ? nothing : `${name}: ${of}`}
      title={of === null ? nothing : `${name}: ${of} (${keys})`}
      disabled={of === null}
      onClick={() => (name === 'Undo' ? undo() : redo())}
    >
      <Sign size={20} aria-hidden />
    </Button>
  );
});

const AllCommands = memo(function AllCommands() {
  return (
    <Button
      size="icon"
      variant="bare"
      aria-label="All commands"
      title="All commands (Ctrl K)"
      onClick={() => openPalette()}
    >
      <Search size={20} aria-hidden />
    </Button>
  );
});

/** A quiet word that a newer build is there; what is done goes on until it is taken. */
function NewBuild() {
  if (!useNewBuild()) return null;
  return (
    <Button size="sm" variant="bare" color="leaf.fg" onClick={takeNewBuild}>
      A new version is ready: reload
    </Button>
  );
}

/** Whether what is on screen is on the disk. */
function SavedMark() {
  const saving = useBenchState((state) => state.saving);
  switch (saving.state) {
    case 'saved':
      return (
        <Text fontSize="xs" color="fg.muted" paddingRight="2" data-saving="saved">
          saved
        </Text>
      );
    case 'saving':
      return (
        <Text fontSize="xs" color="fg.muted" paddingRight="2" data-saving="saving">
          saving…
        </Text>
      );
    case 'not kept':
      return (
        <Text
          fontSize="xs"
          color="signal.fg"
          paddingRight="2"
          title="This browser gives no storage: write a file under Papers before you close."
        >
          ▲ not kept
        </Text>
      );
    case 'gone':
      return (
        <Text fontSize="xs" color="signal.fg" paddingRight="2">
          ▲ not saved
        </Text>
      );
    case 'failed':
      return (
        <>
          <Button size="sm" variant="alarm" title={saving.why} onClick={saveAgain}>
            Not saved: try again
          </Button>
          <span role="status" className="read-out">
            Not saved. {saving.why}
          </span>
        </>
      );
  }
}
