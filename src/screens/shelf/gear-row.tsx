'use client';

import { Box, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { hasNoJob } from '@/core/catalogue/find-gear';
import { printMass, printMoney, printNumber } from '@/core/quantity';
import { massNowG, printForm, type Gear } from '@/core/gear';
import type { Bench } from '@/core/loadout';
import { usePreferences } from '@/store/preferences';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { GearPhoto } from '@/ui/photo/gear-photo';
import styles from './gear-row.module.css';

interface GearRowProps {
  readonly gear: Gear;
  /** How many are placed, by kit. */
  readonly placed: ReadonlyMap<string, number>;
  readonly bench: Bench;
  readonly isChosen: boolean;
  readonly onChoose: (gear: string | null) => void;
}

/** One line of the shelf as a list: what it is, its figures and where it is. What can be done with it stands in its panel. */
export const GearRow = memo(function GearRow(props: GearRowProps) {
  const { gear, placed, bench, isChosen, onChoose } = props;
  return (
    <button
      type="button"
      className={styles.row}
      aria-pressed={isChosen}
      onClick={() => onChoose(isChosen ? null : gear.id)}
    >
      {gear.photo === null ? (
        <GearIcon look={gear.look} size={36} />
      ) : (
        <GearPhoto id={gear.photo} look={gear.look} size={36} />
      )}
      <Box flex="1 1 220px" minWidth="0">
        <Text fontWeight="600">
          {gear.name}
          {gear.count !== 1 && ` × ${gear.count}`}
          <Standings gear={gear} />
        </Text>
        <Placed gear={gear} placed={placed} bench={bench} />
      </Box>
      <Box flex="1 1 190px" fontSize="sm">
        <Figures gear={gear} bench={bench} />
      </Box>
    </button>
  );
});

/** What a piece weighs, costs and measures, and how far that can be relied on. */
export function Figures({ gear, bench }: Pick<GearRowProps, 'gear' | 'bench'>) {
  const { units } = usePreferences();
  const massG = massNowG(gear);
  return (
    <>
      <Text>
        {massG === null ? 'not weighed' : `${printMass(massG, units)} ${gear.massTrust}`}
        {gear.priceMinor !== null &&
          ` · ${printMoney(gear.priceMinor, bench.currency)}${gear.priceTrust === 'typical' ? ' typical' : ''}`}
      </Text>
      <Text color="fg.muted">
        {gear.form === null ? 'size not known' : printForm(gear.form, units)}
      </Text>
    </>
  );
}

/** In which kits a piece is, or that it is in more than there are of it. */
export function Placed({ gear, placed, bench }: Pick<GearRowProps, 'gear' | 'placed' | 'bench'>) {
  const placedCount = [...placed.values()].reduce((sum, count) => sum + count, 0);
  const isOver = placedCount > gear.count && !gear.isShared;
  const kits = kitsOf(placed, bench);
  return (
    <Text fontSize="sm" color={isOver ? 'signal.fg' : 'fg.muted'}>
      {isOver && `▲ ${placedCount} placed, ${gear.count} there: `}
      {kits.length > 0 ? kits.join(', ') : 'in no kit'}
    </Text>
  );
}

export function kitsOf(placed: ReadonlyMap<string, number>, bench: Bench): readonly string[] {
  return [...placed].map(
    ([id, count]) => `${bench.loadouts.get(id)!.name}${count > 1 ? ` × ${count}` : ''}`,
  );
}

/** What is not as usual with a piece, each as a tag. */
export function Standings({ gear }: { readonly gear: Gear }) {
  return standingsOf(gear).map((words) => (
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
  ));
}

/** Wished for, lent, handed down, shared, partly used, not known for anything. */
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
