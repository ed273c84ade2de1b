'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { printMass } from '@/core/quantity';
import {
  gearOf,
  grounds,
  kitsByName,
  kitsWithin,
  totalsOf,
  withModules,
  type Module,
  type Place,
} from '@/core/loadout';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { placeKey } from '@/core/kit/open-places';
import { perform } from '@/ui/notice/notice';

/** Whole kits that go along in this one: their mass, room and cover count here too. */
export function KitsAlong({ view }: { readonly view: KitView }) {
  const { bench, own } = view;
  const [picked, setPicked] = useState('');
  const free = kitsByName(bench).filter(
    ({ id }) =>
      id !== own.id &&
      !kitsWithin(bench, id).has(own.id) &&
      !own.modules.some(({ kit }) => kit === id),
  );
  const kit = free.find(({ id }) => id === picked) ?? free[0];
  if (own.modules.length === 0 && !kit) return null;
  return (
    <Panel
      title="Kits that go along"
      says="A pocket tin in the everyday bag, the bag in the vehicle: what is in them stays theirs, and counts here."
      marginTop="4"
    >
      <Flex as="ul" direction="column" gap="2" listStyleType="none">
        {own.modules.map((module) => (
          <AlongRow key={module.id} view={view} along={module} />
        ))}
      </Flex>
      {kit && (
        <Flex gap="2" align="flex-end" wrap="wrap" marginTop={own.modules.length > 0 ? '3' : '0'}>
          <Choice
            label="Another kit"
            value={kit.id}
            options={free.map(({ id, name }) => [id, name] as const)}
            onChange={setPicked}
          />
          <Button
            onClick={() =>
              perform(
                {
                  do: 'take along',
                  loadout: own.id,
                  module: { id: newId(), kit: kit.id, place: { on: 'mat' } },
                },
                `${kit.name} goes along in ${own.name}.`,
              )
            }
          >
            Take it along
          </Button>
        </Flex>
      )}
    </Panel>
  );
}

function AlongRow({ view, along }: { readonly view: KitView; readonly along: Module }) {
  const { bench, own, tree, units } = view;
  const kit = bench.loadouts.get(along.kit)!;
  const { massG } = totalsOf(withModules(bench, kit), bench.shelf).whole;
  const places: readonly Place[] = [
    ...own.placements
      .filter(({ count }) => count === 1)
      .flatMap((holder) =>
        gearOf(bench.shelf, holder).cavities.map(({ id }) => ({ in: holder.id, cavity: id })),
      ),
    ...grounds.map((ground) => ({ on: ground })),
  ];
  return (
    <Flex as="li" gap="3" align="flex-end" wrap="wrap" aria-label={kit.name}>
      <Text fontWeight="700" minWidth="150px" paddingBottom="2">
        {kit.name}{' '}
        <Text as="span" fontWeight="400" color="fg.muted" fontSize="sm">
          {printMass(massG, units)}
        </Text>
      </Text>
      <Choice
        label={`Where ${kit.name} is`}
        value={placeKey(along.place)}
        minWidth="240px"
        options={places.map((place) => [placeKey(place), placeInWords(bench.shelf, tree, place)])}
        onChange={(key) => {
          const to = places.find((place) => placeKey(place) === key)!;
          perform(
            { do: 'move module', loadout: own.id, module: along.id, to },
            `${kit.name} moved: ${placeInWords(bench.shelf, tree, to)}.`,
          );
        }}
      />
      <Button
        variant="bare"
        aria-label={`Leave ${kit.name} behind`}
        onClick={() =>
          perform(
            { do: 'leave module', loadout: own.id, module: along.id },
            `${kit.name} stays behind.`,
          )
        }
      >
        Leave behind
      </Button>
    </Flex>
  );
}
