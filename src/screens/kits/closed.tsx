import { Flex, Text } from '@chakra-ui/react';
import { isHolder } from '@/core/gear';
import type { WorkedOutKit } from '@/core/kit';
import { gearOf, isOnGround, type Placement } from '@/core/loadout';
import { drawnSize } from '@/ui/gear-drawing/drawn-size';
import { GearDrawing } from '@/ui/gear-drawing/gear-drawing';
import { outermostLoads } from '@/ui/kit/rooms';
import styles from './closed.module.css';

/** As many holders of a kit are drawn, the largest. */
const mostDrawn = 3;

/** The holders that a kit is carried in, the largest first; those that only lie on the mat too where there are no others. */
export function carriersOf({
  bench,
  own,
}: Pick<WorkedOutKit, 'bench' | 'own'>): readonly Placement[] {
  const holders = own.placements.filter(
    (placement) => isOnGround(placement.place) && isHolder(gearOf(bench.shelf, placement)),
  );
  const widthOf = (placement: Placement) => drawnSize(gearOf(bench.shelf, placement)).widthMm;
  const made = holders.filter((placement) => roomsMany(gearOf(bench.shelf, placement)));
  return [...(made.length > 0 ? made : holders)]
    .sort((one, other) => widthOf(other) - widthOf(one))
    .slice(0, mostDrawn);
}

/** A pack, a box, a tin: no bottle or mug that stands by itself. */
function roomsMany({ look }: ReturnType<typeof gearOf>): boolean {
  return !['bottle', 'mug', 'pot'].includes(look.silhouette);
}

interface ClosedProps {
  readonly kit: WorkedOutKit;
  readonly pixelsPerMm: number;
  readonly onOpen: () => void;
}

/** A kit as one meets it: closed, on its board, to the scale of all the others, with how full it is. Pressed, it is laid out. */
export function Closed({ kit, pixelsPerMm, onOpen }: ClosedProps) {
  const { bench, own, tree, loads } = kit;
  const carriers = carriersOf(kit);
  const outer = outermostLoads({ tree, loads });
  const roomMl = outer.reduce((sum, { answer }) => sum + answer.roomMl, 0);
  const takenMl = outer.reduce((sum, { answer }) => sum + answer.tightMl, 0);
  const full = roomMl === 0 ? null : Math.round((100 * takenMl) / roomMl);
  return (
    <button
      type="button"
      className={styles.closed}
      aria-label={`Lay out ${own.name}`}
      onClick={onOpen}
    >
      <span className={styles.standing}>
        {carriers.length === 0 && (
          <Text as="span" className={styles.none}>
            {own.placements.length === 0 ? 'Nothing in it yet' : 'No holder yet'}
          </Text>
        )}
        {carriers.map((placement) => (
          <GearDrawing
            key={placement.id}
            gear={gearOf(bench.shelf, placement)}
            pixelsPerMm={pixelsPerMm}
          />
        ))}
        {full !== null && (
          <Flex as="span" className={styles.gauge} aria-hidden>
            <span className={styles.level} style={{ height: `${Math.min(100, full)}%` }} />
          </Flex>
        )}
      </span>
      <span className={styles.edge}>
        <span>{full === null ? '' : `${full} % of its room taken`}</span>
        <span className={styles.open}>Lay out</span>
      </span>
    </button>
  );
}
