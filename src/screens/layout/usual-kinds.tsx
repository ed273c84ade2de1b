'use client';

import { Text } from '@chakra-ui/react';
import { gearOfKind, kindsFor, type Kind } from '@/core/catalogue';
import type { Gear, JobId } from '@/core/gear';
import type { Command } from '@/core/loadout';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { perform } from '@/ui/notice/notice';

interface UsualKindsProps {
  readonly anyOf: readonly JobId[];
  readonly most: number;
  readonly placing: (gear: Gear) => Command;
  readonly figuresOf: (figures: Pick<Gear, 'massG' | 'priceMinor'>) => string;
}

/** What the catalogue has for a lack that the shelf has nothing for, with typical figures. */
export function UsualKinds({ anyOf, most, placing, figuresOf }: UsualKindsProps) {
  const { currency } = useBench();

  function add(kind: Kind): void {
    const typical = gearOfKind(kind, newId());
    const gear = currency === 'EUR' ? typical : { ...typical, priceMinor: null };
    const commands = [{ do: 'add gear', gear: [gear] } as const, placing(gear)];
    perform(
      { do: 'together', label: `add ${gear.name}`, commands },
      `${gear.name} laid on the mat, with typical figures.`,
    );
  }

  return (
    <>
      <Text>The shelf has nothing free for it. A usual one:</Text>
      {kindsFor(anyOf)
        .slice(0, most)
        .map((kind) => (
          <Button key={kind.id} size="sm" onClick={() => add(kind)}>
            <GearIcon look={kind.look} size={22} />
            Add {kind.name} {figuresOf(kind)}
          </Button>
        ))}
    </>
  );
}
