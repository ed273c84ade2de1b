'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { gearOf, type ReferenceList } from '@/core/loadout';
import { boardOf, listOfScheme, schemesOf } from '@/core/scheme';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { Tick } from '@/ui/fields/tick';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NoKit } from '@/ui/kit/no-kit';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { BoardTable } from './board-table';
import { ListCard } from './list-card';
import { ListForm } from './list-form';

type Which = 'kit' | 'shelf';

/** A kit, or the shelf, held against several lists at once. */
export function ListsScreen() {
  const view = useKitView();
  return view ? <Held view={view} /> : <NoKit />;
}

function Held({ view }: { readonly view: KitView }) {
  const { bench, loadout } = view;
  const [which, setWhich] = useState<Which>('kit');
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set(['five-cs']));
  const [editing, setEditing] = useState<ReferenceList | null>(null);
  const all = useMemo(
    () => [...schemesOf(bench).map(listOfScheme), ...bench.lists.values()],
    [bench],
  );
  const board = useMemo(() => {
    const pieces =
      which === 'shelf'
        ? [...bench.shelf.values()]
        : [
            ...new Map(
              loadout.placements.map((each) => [each.gear, gearOf(bench.shelf, each)]),
            ).values(),
          ];
    return boardOf(
      pieces,
      all.filter(({ id }) => !hidden.has(id)),
    );
  }, [bench.shelf, loadout, which, all, hidden]);
  return (
    <Box>
      <ScreenHeading>{loadout.name} against lists</ScreenHeading>
      <SubPlaces />
      <Flex gap="3" wrap="wrap" align="center" marginBottom="3">
        <PillSwitch<Which>
          label="What is held against them"
          options={[
            ['kit', loadout.name],
            ['shelf', 'The whole shelf'],
          ]}
          value={which}
          onChange={setWhich}
        />
        <Button
          variant="main"
          onClick={() => setEditing({ id: newId(), name: '', note: '', lines: [] })}
        >
          A new list…
        </Button>
      </Flex>
      <Flex
        gap="1.5"
        wrap="wrap"
        role="group"
        aria-label="Lists to hold it against"
        marginBottom="3"
      >
        {all.map(({ id, name }) => {
          const isShown = !hidden.has(id);
          return (
            <Tick
              key={id}
              isOn={isShown}
              onChange={(isOn) => {
                const next = new Set(hidden);
                if (isOn) next.delete(id);
                else next.add(id);
                setHidden(next);
              }}
            >
              {name}
            </Tick>
          );
        })}
      </Flex>
      {editing && <ListForm key={editing.id} list={editing} onDone={() => setEditing(null)} />}
      {board.lists.length === 0 ? (
        <Text padding="6">Choose a list above, or write one of your own.</Text>
      ) : (
        <>
          <Flex gap="3" wrap="wrap" align="stretch" marginBottom="4">
            {board.lists.map((held) => (
              <ListCard
                key={held.list.id}
                view={view}
                held={held}
                isOwn={bench.lists.has(held.list.id)}
                onEdit={() => setEditing(held.list)}
              />
            ))}
          </Flex>
          <BoardTable board={board} />
        </>
      )}
    </Box>
  );
}
