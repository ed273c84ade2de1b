'use client';

import { Flex, Text } from '@chakra-ui/react';
import { printMass } from '@/core/quantity';
import { Button } from '@/ui/fields/button';
import type { KitView } from '@/ui/kit/kit-view';
import { letGo, startMoving, useSelection } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';

/** What can be done with several pieces at once. Nothing while none are gathered. */
export function GatheredBar({
  view: { loadout, tree, totals, units },
}: {
  readonly view: KitView;
}) {
  const several = useSelection((selection) => selection.several);
  const gathered = [...several].filter((id) => tree.byId.has(id));
  if (gathered.length === 0) return null;
  const massG = gathered.reduce((sum, id) => sum + totals.branches.get(id)!.massG, 0);
  const pieces = gathered.length === 1 ? '1 piece' : `${gathered.length} pieces`;
  function takeOut(): void {
    const commands = gathered.map(
      (placement) =>
        ({ do: 'take out', loadout: loadout.id, placement, contents: 'to the mat' }) as const,
    );
    letGo();
    perform({ do: 'together', label: `take out ${pieces}`, commands }, `${pieces} taken out.`);
  }
  return (
    <Flex
      role="group"
      aria-label="Gathered pieces"
      align="center"
      gap="2"
      wrap="wrap"
      bg="leaf.soft"
      borderRadius="12px"
      padding="2"
      paddingLeft="4"
      marginBottom="2"
    >
      <Text fontWeight="700" flex="1" role="status">
        {pieces} gathered, {printMass(massG, units)}
      </Text>
      <Button variant="main" onClick={() => startMoving(...gathered)}>
        Move…
      </Button>
      <Button onClick={takeOut}>Take out</Button>
      <Button variant="bare" onClick={letGo}>
        Let go
      </Button>
    </Flex>
  );
}
