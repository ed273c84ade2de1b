'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Copy, Pencil, Trash2 } from 'lucide-react';
import { memo } from 'react';
import { hasNoJob } from '@/core/catalogue/find-gear';
import { printMass, printMoney, printNumber } from '@/core/quantity';
import { massNowG, printForm, type Gear } from '@/core/gear';
import { newPlacement, type Bench, type Loadout } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { startEditing } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import { GearPhoto } from '@/ui/photo/gear-photo';

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
  const isOver = placedCount > gear.count && !gear.isShared;
  const kits = kitsOf(placed, bench);
  const massG = massNowG(gear);
  return (
    <Flex
      bg="panel"
      borderWidth="1px"
      borderRadius="12px"
      padding="2"
      gap="3"
      align="center"
      wrap="wrap"
    >
      {gear.photo === null ? (
        <GearIcon look={gear.look} size={40} />
      ) : (
        <GearPhoto id={gear.photo} look={gear.look} size={40} />
      )}
      <Box flex="1 1 220px" minWidth="0">
        <Text fontWeight="600">
          {gear.name}
          {gear.count !== 1 && ` × ${gear.count}`}
          {standingsOf(gear).map((words) => (
            <Box
              as="span"
              key={words}
              marginLeft="2"
              paddingX="1.5"
              borderRadius="6px"
              bg="tag"
              fontSize="xs"
              fontWeight="600"
            >
              {words}
            </Box>
          ))}
        </Text>
        <Text fontSize="sm" color={isOver ? 'signal.fg' : 'fg.muted'}>
          {isOver && `▲ ${placedCount} placed, ${gear.count} there: `}
          {kits.length > 0 ? kits.join(', ') : 'in no kit'}
        </Text>
      </Box>
      <Box flex="1 1 190px" fontSize="sm">
        <Text>
          {massG === null ? 'not weighed' : `${printMass(massG, units)} ${gear.massTrust}`}
          {gear.priceMinor !== null &&
            ` · ${printMoney(gear.priceMinor, bench.currency)}${gear.priceTrust === 'typical' ? ' typical' : ''}`}
        </Text>
        <Text color="fg.muted">
          {gear.form === null ? 'size not known' : printForm(gear.form, units)}
        </Text>
      </Box>
      <RowActions gear={gear} kits={kits} layIn={layIn} />
    </Flex>
  );
});

function kitsOf(placed: ReadonlyMap<string, number>, bench: Bench): readonly string[] {
  return [...placed].map(
    ([id, count]) => `${bench.loadouts.get(id)!.name}${count > 1 ? ` × ${count}` : ''}`,
  );
}

/** What is not as usual with a piece: wished for, lent, handed down, shared, partly used, not known for anything. */
function standingsOf(gear: Gear): readonly string[] {
  const { ownership, lentTo, tier, isShared, contents } = gear;
  return [
    ...(hasNoJob(gear) ? ['does no job yet'] : []),
    ...(ownership === 'owned' ? [] : [ownership]),
    ...(lentTo === null ? [] : [`lent to ${lentTo}`]),
    ...(tier === 'main' ? [] : [tier]),
    ...(isShared ? ['goes from kit to kit'] : []),
    ...(contents === null || contents.left === contents.full
      ? []
      : [
          `${printNumber(contents.left, 1)} of ${printNumber(contents.full, 1)} ${contents.unit} left`,
        ]),
  ];
}

interface RowActionsProps {
  readonly gear: Gear;
  readonly kits: readonly string[];
  readonly layIn: Loadout | null;
}

function RowActions({ gear, kits, layIn }: RowActionsProps) {
  return (
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
        aria-label={`Another ${gear.name}`}
        title="Another like it, as a line of its own"
        onClick={() =>
          perform({ do: 'add gear', gear: [{ ...gear, id: newId() }] }, `Another ${gear.name}.`)
        }
      >
        <Copy size={18} aria-hidden />
      </Button>
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
  );
}
