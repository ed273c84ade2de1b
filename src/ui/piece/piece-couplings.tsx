import { Box, Heading, Text } from '@chakra-ui/react';
import { couplings, type Coupling } from '@/core/catalogue/couplings';
import { gearOf } from '@/core/loadout';
import type { PieceProps } from './piece';

/** What a piece screws or plugs onto, and what of the kit has it. */
export function PieceCouplings({ view, placement, gear }: PieceProps) {
  const takes = (gear.kind !== null && couplings.get(gear.kind)?.takes) || [];
  if (takes.length === 0) return null;
  return (
    <Box fontSize="sm">
      <Heading as="h3" fontSize="md" marginBottom="1">
        Couples with
      </Heading>
      {takes.map((coupling) => {
        const fitting = fittingNames(coupling);
        return (
          <Text key={coupling}>
            {coupling}:{' '}
            {fitting.length === 0 ? (
              <Text as="span" color="amber.fg">
                ▲ nothing here has it
              </Text>
            ) : (
              fitting.join(', ')
            )}
          </Text>
        );
      })}
      <Text fontSize="xs" color="fg.muted">
        Common sizes: try your own before you count on it.
      </Text>
    </Box>
  );

  function fittingNames(coupling: Coupling): readonly string[] {
    const names = view.loadout.placements
      .filter(({ id }) => id !== placement.id)
      .map((other) => gearOf(view.bench.shelf, other))
      .filter(({ kind }) => kind !== null && couplings.get(kind)?.has?.includes(coupling))
      .map(({ name }) => name);
    return [...new Set(names)];
  }
}
