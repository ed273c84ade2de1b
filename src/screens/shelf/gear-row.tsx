'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Pencil, Trash2 } from 'lucide-react';
import { memo } from 'react';
import { printMass, printMoney } from '@/core/quantity';
import { printForm, type Gear } from '@/core/gear';
import { newPlacement, type Bench, type Loadout } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { startEditing } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';

interface GearRowProps {
  readonly gear: Gear;
  /** How many are placed, by kit. */
  readonly placed: ReadonlyMap<string, number>;
  readonly bench: Bench;
  readonly layIn: Loadout | null;
}

/** One line of the shelf: what it is, its figures, where it is, and what can be done with it. */
export const GearRow = memo(function GearRow({ gear, placed, bench, layIn }: GearRowProps) {
  const { units } = usePreferences();
  const placedCount = [...placed.values()].reduce((sum, count) => sum + count, 0);
  const kits = [...placed].map(
    ([id, count]) => `${bench.loadouts.get(id)!.name}${count > 1 ? ` × ${count}` : ''}`,
  );
  return (
    <Flex
      as="li"
      bg="panel"
      borderWidth="1px"
      borderRadius="12px"
      padding="2"
      gap="3"
      align="center"
      wrap="wrap"
    >
      <GearIcon look={gear.look} size={40} />
      <Box flex="1 1 220px" minWidth="0">
        <Text fontWeight="600">
          {gear.name}
          {gear.count !== 1 && ` × ${gear.count}`}
          {gear.ownership !== 'owned' && (
            <Box
              as="span"
              marginLeft="2"
              paddingX="1.5"
              borderRadius="6px"
              bg="tag"
              fontSize="xs"
              fontWeight="600"
            >
              {gear.ownership}
            </Box>
          )}
        </Text>
        <Text fontSize="sm" color={placedCount > gear.count ? 'signal.fg' : 'fg.muted'}>
          {placedCount > gear.count && `▲ ${placedCount} placed, ${gear.count} there: `}
          {kits.length > 0 ? kits.join(', ') : 'in no kit'}
        </Text>
      </Box>
      <Box flex="1 1 190px" fontSize="sm">
        <Text>
          {gear.massG === null
            ? 'not weighed'
            : `${printMass(gear.massG, units)} ${gear.massTrust}`}
          {gear.priceMinor !== null && ` · ${printMoney(gear.priceMinor, bench.currency)}`}
        </Text>
        <Text color="fg.muted">
          {gear.form === null ? 'size not known' : printForm(gear.form, units)}
        </Text>
      </Box>
      <Flex gap="1">
        {layIn && (
          <Button
            size="sm"
            minHeight="11"
            aria-label={`Lay ${gear.name} out in ${layIn.name}`}
            title={`Lay out in ${layIn.name}`}
            onClick={() =>
              perform(
                {
                  do: 'place',
                  loadout: layIn.id,
                  placement: newPlacement(newId(), gear.id, { on: 'mat' }),
                },
                `${gear.name} laid on the mat of ${layIn.name}.`,
              )
            }
          >
            Lay out
          </Button>
        )}
        <Button
          size="icon"
          variant="bare"
          aria-label={`Change ${gear.name}`}
          onClick={() => startEditing(gear.id)}
        >
          <Pencil size={18} aria-hidden />
        </Button>
        <Button
          size="icon"
          variant="bare"
          aria-label={`Remove ${gear.name}`}
          onClick={() =>
            perform(
              { do: 'remove gear', id: gear.id },
              kits.length > 0
                ? `${gear.name} removed, also from ${kits.join(', ')}.`
                : `${gear.name} removed.`,
            )
          }
        >
          <Trash2 size={18} aria-hidden />
        </Button>
      </Flex>
    </Flex>
  );
});
