'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Input } from '@/ui/fields/input';
import { useDeferredValue, useMemo, useState } from 'react';
import {
  findGear,
  inOrderOfName,
  isInPart,
  shelfParts,
  type ShelfPart,
} from '@/core/catalogue/find-gear';
import { placedByGear } from '@/core/loadout';
import { useBench } from '@/store/bench';
import { Choice } from '@/ui/fields/choice';
import { useKitView } from '@/ui/kit/kit-view';
import { QuickAddBar } from '@/ui/quick-add/quick-add-bar';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { GearList } from './gear-list';

/** Everything owned and wished for, across all kits. */
export function ShelfScreen() {
  const bench = useBench();
  const view = useKitView();
  const [typed, setTyped] = useState('');
  const [part, setPart] = useState<ShelfPart>('all');
  const placed = useMemo(() => placedByGear(bench), [bench]);
  const inOrder = useMemo(() => inOrderOfName(bench.shelf.values()), [bench.shelf]);
  const looked = useDeferredValue(typed);
  const found = useMemo(
    () =>
      findGear(inOrder, looked).filter((gear) => isInPart(gear, part, placed.get(gear.id)!.size)),
    [inOrder, looked, part, placed],
  );
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Shelf</ScreenHeading>
      <SubPlaces />
      <Flex gap="3" align="center" marginBottom="3" wrap="wrap">
        <Input
          aria-label="Find on the shelf"
          placeholder="Find: name, kind, who has it"
          bg="panel"
          height="11"
          maxWidth="340px"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Choice
          label="Which part of the shelf"
          isLabelHidden
          value={part}
          options={Object.entries(shelfParts).map(([id, words]) => [id as ShelfPart, words])}
          onChange={setPart}
        />
        <Text color="fg.muted" role="status">
          {found.length} of {bench.shelf.size} lines
        </Text>
      </Flex>
      {/* Room for what opens above the line to type into, however little is on the shelf. */}
      <Box minHeight={{ md: '22rem' }}>
        <GearList gear={found} placed={placed} bench={bench} layIn={view?.own ?? null} />
        {found.length === 0 && (
          <Text padding="6" textAlign="center">
            {bench.shelf.size === 0
              ? 'The shelf is empty. Type your first piece below: “belt knife 170 g 235x42x32 mm”.'
              : typed === ''
                ? `Nothing here is ${shelfParts[part]}.`
                : `Nothing on the shelf has “${typed}”. Type it in below to add it.`}
          </Text>
        )}
      </Box>
      <Box height="3" />
      <QuickAddBar kit={null} />
    </Box>
  );
}
