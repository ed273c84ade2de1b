'use client';

import { Box, Flex } from '@chakra-ui/react';
import { memo, useState } from 'react';
import type { Gear } from '@/core/gear';
import { newPlacement } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { Input } from '@/ui/fields/input';
import { select } from '@/ui/kit/selection';
import { letSaidGo, perform, sayRefused } from '@/ui/notice/notice';
import { quickAddId } from '@/ui/shell/shortcuts';
import { linesIn } from './lines-in';
import { useLine } from './use-line';
import { fetchAhead } from '@/ui/late/late';
import { later } from '@/ui/late/later';

interface QuickAddBarProps {
  /** The kit whose mat new gear is laid on; null adds to the shelf alone. */
  readonly kit: string | null;
}

/** What shows a reading comes with the catalogue: nothing is read before. */
const ReadAs = later(() => import('./read-as').then((module) => module.ReadAs));

/** The panel of a piece stands beside the mat here; on a phone it would lie over what is typed next. */
function hasRoomBeside(): boolean {
  return matchMedia('(min-width: 62em)').matches;
}

/** One line to type gear into, showing what is understood as it is typed, and the kinds it may mean. */
export const QuickAddBar = memo(function QuickAddBar({ kit: layIn }: QuickAddBarProps) {
  const line = useLine();
  const { typed, isOpen, at } = line;
  const [toPutRight, setToPutRight] = useState<readonly string[]>([]);

  /** Lines of a pasted list that were not understood come back into the line, one after the other. */
  function putRight([first = '', ...rest]: readonly string[]): void {
    setToPutRight(rest);
    line.type(first);
  }

  async function add(): Promise<void> {
    if (typed.trim() === '') return;
    const read = await line.read();
    if (!read.ok) {
      sayRefused(read.problem.message);
      return;
    }
    const gear: Gear = { ...read.value.gear, id: newId() };
    const placement = newPlacement(newId(), gear.id, { on: 'mat' }, gear.count);
    const commands = layIn
      ? ([
          { do: 'add gear', gear: [gear] },
          { do: 'place', loadout: layIn, placement },
        ] as const)
      : ([{ do: 'add gear', gear: [gear] }] as const);
    const done = layIn ? `${gear.name} laid on the mat.` : `${gear.name} put on the shelf.`;
    if (perform({ do: 'together', label: `add ${gear.name}`, commands }, done)) {
      line.clear();
      if (toPutRight.length > 0) putRight(toPutRight);
      if (layIn && hasRoomBeside()) select(placement.id);
    }
  }

  return (
    <Box
      as="form"
      className="no-print"
      position="sticky"
      // On a phone above the places: twenty lines are typed without going down the mat each time.
      bottom={{ base: '64px', md: '0' }}
      // On a layer of its own, so that a typed key does not draw the mat below it anew.
      willChange={{ md: 'transform' }}
      bg="canvas"
      paddingY={{ base: '2', md: '3' }}
      borderTopRadius="14px"
      zIndex="docked"
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        void add();
      }}
    >
      {line.reading !== null && (
        // Over the page and not in it: a page that grows and shrinks at each key is slow, and jumps.
        <Box
          position={{ md: 'absolute' }}
          bottom={{ md: 'calc(100% - 0.5rem)' }}
          insetX={{ md: '0' }}
          bg="canvas"
          borderTopRadius="14px"
        >
          <ReadAs line={line} />
        </Box>
      )}
      <Flex
        bg="panel"
        borderWidth="2px"
        _focusWithin={{ outline: '3px solid', outlineColor: 'focus' }}
        borderColor="border.emphasized"
        borderRadius="14px"
        align="center"
        paddingRight="1"
        shadow="md"
      >
        <Input
          id={quickAddId}
          variant="subtle"
          border="none"
          _focusVisible={{ outline: 'none' }}
          bg="transparent"
          height="12"
          aria-label="Type gear to add"
          aria-describedby="quick-add-understood"
          role="combobox"
          aria-expanded={isOpen}
          aria-controls="quick-add-kinds"
          aria-activedescendant={at >= 0 ? `quick-add-kind-${at}` : undefined}
          aria-autocomplete="list"
          placeholder="Type gear: steel bottle 1 L 210 g 90x200 mm"
          autoComplete="off"
          value={typed}
          onFocus={() => {
            line.getReady();
            fetchAhead(ReadAs.fetch);
          }}
          onChange={(event) => {
            letSaidGo();
            line.type(event.target.value);
          }}
          onKeyDown={line.onKeyDown}
          onPaste={(event) => {
            const lines = linesIn(event.clipboardData.getData('text'));
            if (!lines) return;
            event.preventDefault();
            void import('./pasted').then(({ addPasted }) => addPasted(lines, layIn)).then(putRight);
          }}
        />
        <Button type="submit" variant="main">
          {layIn ? 'Lay out' : 'Add'}
        </Button>
      </Flex>
    </Box>
  );
});
