import { Box, Text } from '@chakra-ui/react';
import type { Loss } from '@/core/loadout';
import { lossesInWords } from '@/core/losses/in-words';
import { lossId } from '@/core/losses/loss-id';

interface LossSetsProps {
  readonly sets: readonly (readonly Loss[])[];
  readonly of: Parameters<typeof lossesInWords>[1];
}

/** How many sets are listed; the smallest come first. */
const mostListed = 40;

/** Sets of losses in words, the smallest first. */
export function LossSets({ sets, of }: LossSetsProps) {
  return (
    <>
      <Box as="ul" listStyleType="none" fontSize="sm" paddingBottom="2">
        {sets.slice(0, mostListed).map((set) => (
          <Box as="li" key={set.map(lossId).join(' ')} paddingY="0.5">
            {lossesInWords(set, of).join(' + ')}
          </Box>
        ))}
      </Box>
      {sets.length > mostListed && (
        <Text fontSize="sm" color="fg.muted">
          And {sets.length - mostListed} more that are no smaller.
        </Text>
      )}
    </>
  );
}
