'use client';

import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { kindOf } from '@/core/catalogue';
import type { Gear } from '@/core/gear';
import { placedByGear } from '@/core/loadout';
import { useBench } from '@/store/bench';
import { Button } from '@/ui/fields/button';
import { useKitView } from '@/ui/kit/kit-view';
import { QuickAddBar } from '@/ui/quick-add/quick-add-bar';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { GearRow } from './gear-row';

const shownAtOnce = 120;

/** Everything owned and wished for, across all kits. */
export function ShelfScreen() {
  const bench = useBench();
  const view = useKitView();
  const [typed, setTyped] = useState('');
  const [shown, setShown] = useState(shownAtOnce);
  const placed = useMemo(() => placedByGear(bench), [bench]);
  const found = useMemo(() => search([...bench.shelf.values()], typed), [bench, typed]);
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Shelf</ScreenHeading>
      <Flex gap="3" align="center" marginBottom="3" wrap="wrap">
        <Input
          aria-label="Find on the shelf"
          placeholder="Find: name, kind, ownership"
          bg="panel"
          height="11"
          maxWidth="340px"
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            setShown(shownAtOnce);
          }}
        />
        <Text color="fg.muted" role="status">
          {found.length} of {bench.shelf.size} lines
        </Text>
      </Flex>
      <Flex as="ul" direction="column" gap="1.5" listStyleType="none" aria-label="Gear">
        {found.slice(0, shown).map((gear) => (
          <GearRow
            key={gear.id}
            gear={gear}
            placed={placed.get(gear.id)!}
            bench={bench}
            layIn={view?.loadout ?? null}
          />
        ))}
      </Flex>
      {found.length === 0 && (
        <Text padding="6" textAlign="center">
          {bench.shelf.size === 0
            ? 'The shelf is empty. Type your first piece below: “belt knife 170 g 235x42x32 mm”.'
            : `Nothing on the shelf has “${typed}”. Type it in below to add it.`}
        </Text>
      )}
      {found.length > shown && (
        <Button margin="3" onClick={() => setShown(shown + 400)}>
          Show {Math.min(400, found.length - shown)} more
        </Button>
      )}
      <Box height="3" />
      <QuickAddBar layIn={null} />
    </Box>
  );
}

/** Gear with all the words typed in its name, kind, ownership or note, by name. */
function search(shelf: readonly Gear[], typed: string): readonly Gear[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return shelf
    .filter((gear) => {
      const kind = gear.kind === null ? '' : (kindOf(gear.kind)?.name ?? '');
      const text = `${gear.name} ${kind} ${gear.ownership} ${gear.note}`.toLowerCase();
      return words.every((word) => text.includes(word));
    })
    .sort((one, other) => one.name.localeCompare(other.name));
}
