'use client';

import { Flex, Heading, Text } from '@chakra-ui/react';
import { printMass } from '@/core/quantity';
import { capital, isHolder } from '@/core/gear';
import { gearOf, sumOf, type Ground } from '@/core/loadout';
import type { KitView } from '@/ui/kit/kit-view';
import { groundInWords } from '@/ui/kit/place-in-words';
import { DropPlace } from './drop-place';
import { Holder } from './holder';
import { PieceChip } from './piece-chip';

interface GroundSectionProps {
  readonly view: KitView;
  readonly ground: Ground;
}

/** All that stands on one ground: single pieces in a row, then the holders. */
export function GroundSection({ view, ground }: GroundSectionProps) {
  const { tree, bench, totals, units } = view;
  const placements = tree.on(ground);
  const holders = placements.filter((placement) => isHolder(gearOf(bench.shelf, placement)));
  const pieces = placements.filter((placement) => !holders.includes(placement));
  const { massG } = sumOf(placements.map(({ id }) => totals.branches.get(id)!));
  const name = groundInWords(ground);
  return (
    <DropPlace
      as="section"
      aria-label={name}
      place={{ on: ground }}
      borderWidth="2px"
      borderStyle="dashed"
      borderRadius="18px"
      padding="3"
    >
      <Flex
        justify="space-between"
        align="baseline"
        marginBottom={placements.length > 0 ? '2' : '0'}
      >
        <Heading as="h2" fontSize="md">
          {capital(name)}
        </Heading>
        <Text fontSize="sm" color="fg.muted">
          {placements.length === 0 ? 'nothing' : printMass(massG, units)}
        </Text>
      </Flex>
      {pieces.length > 0 && (
        <Flex wrap="wrap" gap="1.5" marginBottom={holders.length > 0 ? '3' : '0'}>
          {pieces.map((placement) => (
            <PieceChip key={placement.id} view={view} placement={placement} />
          ))}
        </Flex>
      )}
      <Flex direction="column" gap="3">
        {holders.map((placement) => (
          <Holder key={placement.id} view={view} placement={placement} />
        ))}
      </Flex>
    </DropPlace>
  );
}
