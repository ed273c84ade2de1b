'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { memo, useMemo } from 'react';
import type { Gear } from '@/core/gear';
import type { Bench } from '@/core/loadout';
import { boardsByPlace, boardsByWait, type Board } from '@/core/upkeep';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { GearDrawing } from '@/ui/gear-drawing/gear-drawing';
import styles from './shelf-boards.module.css';

interface ShelfBoardsProps {
  readonly by: 'place' | 'wait';
  readonly bench: Bench;
  readonly gear: readonly Gear[];
  readonly chosen: string | null;
  readonly onChoose: (gear: string | null) => void;
  readonly onList: () => void;
}

/** As many pieces stand on one board; the rest are counted, and stand in the list. */
const mostOnBoard = 90;

/** Against the mat: a shelf holds more, and is looked at from further off. */
const furtherOff = 0.6;

/** The shelf as boards with the pieces on them to one scale: kit by kit, or by what they wait for. */
export function ShelfBoards({ by, bench, gear, chosen, onChoose, onList }: ShelfBoardsProps) {
  const boards = useMemo(
    () => (by === 'place' ? boardsByPlace(bench, gear) : boardsByWait(gear)),
    [by, bench, gear],
  );
  return (
    <Flex direction="column" gap="5">
      {boards.map((board) => (
        <BoardShelf
          key={board.id}
          board={board}
          chosen={board.pieces.some((piece) => piece.gear.id === chosen) ? chosen : null}
          onChoose={onChoose}
          onList={onList}
        />
      ))}
    </Flex>
  );
}

interface BoardShelfProps extends Pick<ShelfBoardsProps, 'chosen' | 'onChoose' | 'onList'> {
  readonly board: Board;
}

const BoardShelf = memo(function BoardShelf(props: BoardShelfProps) {
  const { board, chosen, onChoose, onList } = props;
  const { matScale } = usePreferences();
  const shown = board.pieces.slice(0, mostOnBoard);
  const more = board.pieces.length - shown.length;
  return (
    <Box as="section" aria-label={board.name} className={styles.board}>
      <Flex align="baseline" gap="2" marginBottom="1">
        <Heading as="h2" fontSize="md">
          {board.name}
        </Heading>
        <Text fontSize="sm" color={board.isWaiting ? 'signal.fg' : 'fg.muted'}>
          {board.isWaiting && '● '}
          {board.pieces.length} {board.pieces.length === 1 ? 'line' : 'lines'}
        </Text>
      </Flex>
      <div className={styles.planks}>
        {shown.map(({ gear, count }) => (
          <Standing
            key={gear.id}
            gear={gear}
            count={count}
            pixelsPerMm={matScale * furtherOff}
            isChosen={gear.id === chosen}
            onChoose={onChoose}
          />
        ))}
        <span className={styles.rest} />
      </div>
      {more > 0 && (
        <Button variant="bare" textDecoration="underline" onClick={onList}>
          and {more} more: see them as a list
        </Button>
      )}
    </Box>
  );
});

interface StandingProps {
  readonly gear: Gear;
  readonly count: number;
  readonly pixelsPerMm: number;
  readonly isChosen: boolean;
  readonly onChoose: (gear: string | null) => void;
}

/** One piece on its board, its label on the edge below it. */
const Standing = memo(function Standing(props: StandingProps) {
  const { gear, count, pixelsPerMm, isChosen, onChoose } = props;
  return (
    <button
      type="button"
      className={styles.piece}
      aria-pressed={isChosen}
      data-gear={gear.id}
      onClick={() => onChoose(isChosen ? null : gear.id)}
    >
      <span className={styles.drawing}>
        <GearDrawing gear={gear} pixelsPerMm={pixelsPerMm} />
      </span>
      <span className={styles.label}>
        <span className={styles.name}>
          {gear.name}
          {count > 1 && ` × ${count}`}
        </span>
      </span>
    </button>
  );
});
