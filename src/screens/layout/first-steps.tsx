'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { gearOfKind, kindOf } from '@/core/catalogue';
import { isHolder } from '@/core/gear';
import { presets, withPreset } from '@/core/brief/presets';
import { gearOf, newPlacement } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { TextLink } from '@/ui/fields/text-link';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import { quickAddId } from '@/ui/shell/shortcuts';

/** What a first kit is often put into, the smallest first. */
const usualHolders = ['storage-tin', 'belt-pouch', 'day-bag', 'pack', 'box'] as const;

/** What an empty kit begins with: what it is for, what holds it, and how its pieces come to the mat. */
export function FirstSteps({ view }: { readonly view: KitView }) {
  const { own, bench } = view;
  const holder = own.placements.find((placement) => isHolder(gearOf(bench.shelf, placement)));
  return (
    <Box
      as="section"
      aria-label="Begin here"
      bg="panel"
      borderWidth="2px"
      borderColor="leaf.vivid"
      borderRadius="16px"
      padding="4"
      marginBottom="3"
    >
      <Flex as="ol" direction="column" gap="3" listStyleType="none">
        {own.brief === null && <ForWhat view={view} />}
        <li>
          <Heading as="h2" fontSize="md">
            {holder
              ? `It goes into: ${gearOf(bench.shelf, holder).name}`
              : 'What does it go into? A usual one, or type your own below'}
          </Heading>
          {!holder && <UsualHolders view={view} />}
        </li>
        <li>
          <Heading as="h2" fontSize="md">
            Type your pieces, one after the other
          </Heading>
          <Text fontSize="sm" color="fg.muted">
            “lighter”, “3 candles 57 g each”, “cord 15 m”: what is not said is taken as usual for
            its kind. A list can be pasted into the same line; a long one or a table{' '}
            <TextLink href="/shelf/bring-in">comes in here</TextLink>. Then it is packed for you.
          </Text>
          <Button
            marginTop="2"
            variant={holder ? 'main' : 'plain'}
            onClick={() => document.getElementById(quickAddId)?.focus()}
          >
            Type the first piece
          </Button>
        </li>
      </Flex>
    </Box>
  );
}

/** A usual purpose fills in the brief; none is as good. */
function ForWhat({ view: { own, kit } }: { readonly view: KitView }) {
  return (
    <li>
      <Heading as="h2" fontSize="md">
        What is it for? You can leave it open
      </Heading>
      <Flex gap="2" wrap="wrap" marginTop="1">
        {presets.map((preset) => (
          <Button
            key={preset.id}
            size="sm"
            title={preset.says}
            onClick={() =>
              perform(
                {
                  do: 'change kit',
                  id: own.id,
                  change: { brief: withPreset(own.brief, preset, kit.day) },
                },
                `${preset.name}: ${preset.says}`,
              )
            }
          >
            {preset.name}
          </Button>
        ))}
      </Flex>
    </li>
  );
}

function UsualHolders({ view: { own } }: { readonly view: KitView }) {
  return (
    <Flex gap="2" wrap="wrap" marginTop="1">
      {usualHolders.map((id) => {
        const kind = kindOf(id)!;
        return (
          <Button
            key={id}
            size="sm"
            onClick={() => {
              const gear = gearOfKind(kind, newId());
              const placement = newPlacement(newId(), gear.id, { on: 'mat' });
              perform(
                {
                  do: 'together',
                  label: `add ${gear.name}`,
                  commands: [
                    { do: 'add gear', gear: [gear] },
                    { do: 'place', loadout: own.id, placement },
                  ],
                },
                `${gear.name}, of the usual size, laid on the mat.`,
              );
              document.getElementById(quickAddId)?.focus();
            }}
          >
            <GearIcon look={kind.look} size={24} /> {kind.name}
          </Button>
        );
      })}
    </Flex>
  );
}
