'use client';

import { Flex, Text } from '@chakra-ui/react';
import { mostBeside } from '@/core/brief';
import { kitsByName } from '@/core/loadout';
import { Tick } from '@/ui/fields/tick';
import type { KitView } from '@/ui/kit/kit-view';
import type { BriefProps } from './use-brief';

/** Other kits that are there beside this one, each in its own place: this is a backup to them, or they to it. */
export function BesideTicks({ brief, change, view }: BriefProps & { readonly view: KitView }) {
  const others = kitsByName(view.bench)
    .filter(({ id }) => id !== view.own.id)
    .slice(0, mostBeside);
  if (others.length === 0) return null;
  return (
    <>
      <Text fontSize="sm" fontWeight="600" marginTop="3">
        Kits beside it
      </Text>
      <Flex gap="1.5" wrap="wrap" marginTop="1">
        {others.map(({ id, name }) => (
          <Tick
            key={id}
            isOn={brief.beside.includes(id)}
            onChange={(isOn) =>
              change({
                beside: isOn
                  ? [...brief.beside, id].slice(-mostBeside)
                  : brief.beside.filter((each) => each !== id),
              })
            }
          >
            {name}
          </Tick>
        ))}
      </Flex>
    </>
  );
}
