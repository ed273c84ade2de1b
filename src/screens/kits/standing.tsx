import { Box, Text } from '@chakra-ui/react';
import { capital, jobsInWords } from '@/core/gear';
import type { WorkedOutKit } from '@/core/kit';
import { gearOf } from '@/core/loadout';
import { weakestMust } from '@/core/scheme/musts';
import { actInWords, boardsByWait, type Due } from '@/core/upkeep';

interface StandingProps {
  readonly kit: WorkedOutKit;
  readonly due: Due | null;
}

/** What a kit is weakest in, what falls due next in it, and what it waits for: a line each, where there is something to say. */
export function Standing({ kit, due }: StandingProps) {
  if (kit.own.placements.length === 0) return null;
  const weakest = weakestMust(kit.ways, kit.asked);
  const waits = waitsOf(kit);
  return (
    <Box as="dl" fontSize="sm" display="grid" gridTemplateColumns="auto 1fr" columnGap="2">
      <Line term="Weakest" isAmiss={weakest !== null && weakest.ways === 0}>
        {weakest === null
          ? 'nothing: all that it must do, it can do often enough'
          : `${capital(jobsInWords(weakest.anyOf))}, ${weakest.ways} of ${weakest.wanted} ways`}
      </Line>
      {due && (
        <Line term="Next due" isAmiss={due.on < kit.day}>
          {due.on}: {due.gear.name}, {actInWords(due)}
        </Line>
      )}
      {waits !== '' && <Line term="Waits for">{waits}</Line>}
    </Box>
  );
}

interface LineProps {
  readonly term: string;
  readonly isAmiss?: boolean;
  readonly children: React.ReactNode;
}

function Line({ term, isAmiss = false, children }: LineProps) {
  return (
    <>
      <Text as="dt" color="fg.muted">
        {term}
      </Text>
      <Text as="dd" fontWeight="600" color={isAmiss ? 'signal.fg' : undefined}>
        {isAmiss && '▲ '}
        {children}
      </Text>
    </>
  );
}

/** `2 to be stowed, 3 to weigh, 1 to try`. */
function waitsOf({ own, bench, tree }: WorkedOutKit): string {
  const gear = [...new Set(own.placements.map((placement) => gearOf(bench.shelf, placement)))];
  const loose = tree.on('mat').length;
  const boards = boardsByWait(gear).filter(({ isWaiting }) => isWaiting);
  return [
    ...(loose > 0 ? [`${loose} to stow`] : []),
    ...boards.map(
      ({ name, pieces }) => `${pieces.length} ${name.charAt(0).toLowerCase()}${name.slice(1)}`,
    ),
  ].join(', ');
}
