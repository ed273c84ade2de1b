'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
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
import { Input } from '@/ui/fields/input';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { useKitView } from '@/ui/kit/kit-view';
import { QuickAddBar } from '@/ui/quick-add/quick-add-bar';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { GearList } from './gear-list';
import { GearPanel } from './gear-panel';
import { ShelfBoards } from './shelf-boards';

/** Which way the shelf is looked at. */
export type ShelfLook = 'place' | 'wait' | 'list';

/** Everything owned and wished for, across all kits: on boards to scale, or as a list. */
export function ShelfScreen() {
  const bench = useBench();
  const view = useKitView();
  const [typed, setTyped] = useState('');
  const [part, setPart] = useState<ShelfPart>('all');
  const [look, setLook] = useState<ShelfLook>('place');
  const [chosen, setChosen] = useState<string | null>(null);
  const placed = useMemo(() => placedByGear(bench), [bench]);
  const inOrder = useMemo(() => inOrderOfName(bench.shelf.values()), [bench.shelf]);
  const looked = useDeferredValue(typed);
  const found = useMemo(
    () =>
      findGear(inOrder, looked).filter(
        (gear) => look !== 'list' || isInPart(gear, part, placed.get(gear.id)!.size),
      ),
    [inOrder, looked, part, placed, look],
  );
  const gear = chosen === null ? undefined : bench.shelf.get(chosen);
  return (
    <>
      <ScreenHeading>Shelf</ScreenHeading>
      <SubPlaces />
      <Flex gap="5" align="flex-start">
        <Box flex="1" minWidth="0">
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
            <PillSwitch<ShelfLook>
              label="How the shelf is looked at"
              options={[
                ['place', 'Where it is'],
                ['wait', 'What it waits for'],
                ['list', 'As a list'],
              ]}
              value={look}
              onChange={setLook}
            />
            {look === 'list' && (
              <Choice
                label="Which part of the shelf"
                isLabelHidden
                value={part}
                options={Object.entries(shelfParts).map(([id, words]) => [id as ShelfPart, words])}
                onChange={setPart}
              />
            )}
            <Text color="fg.muted" role="status">
              {bench.shelf.size > 0 && `${found.length} of ${bench.shelf.size} lines`}
            </Text>
          </Flex>
          {/* Room for what opens above the line to type into, however little is on the shelf. */}
          <Box minHeight={{ md: '22rem' }}>
            {look === 'list' ? (
              <GearList
                gear={found}
                placed={placed}
                bench={bench}
                chosen={chosen}
                onChoose={setChosen}
              />
            ) : (
              <ShelfBoards
                by={look}
                bench={bench}
                gear={found}
                chosen={chosen}
                onChoose={setChosen}
                onList={() => setLook('list')}
              />
            )}
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
        {gear && (
          <GearPanel
            gear={gear}
            placed={placed.get(gear.id)!}
            bench={bench}
            layIn={view?.own ?? null}
            onChoose={setChosen}
          />
        )}
      </Flex>
    </>
  );
}
