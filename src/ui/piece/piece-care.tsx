import { Box, Heading, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { capital, cautionsOf, type Care, type Gear, type Harm } from '@/core/gear';

/** What a piece suffers from, what to do for it on a rhythm, and what to beware of. */
export const PieceCare = memo(function PieceCare({ gear }: { readonly gear: Gear }) {
  const { spoiledBy, failsIn, care } = gear;
  const cautions = cautionsOf(gear);
  if (spoiledBy.length + failsIn.length + care.length + cautions.length === 0) return null;
  return (
    <Box fontSize="sm">
      <Heading as="h3" fontSize="md" marginBottom="1">
        Look after it
      </Heading>
      <HarmLine says="Stored, spoiled by" harms={spoiledBy} />
      <HarmLine says="In use, fails in" harms={failsIn} />
      {care.length > 0 && <Text>{capital(care.map(careInWords).join(', '))}.</Text>}
      {cautions.map((caution) => (
        <Text key={caution} marginTop="1">
          ⚠ {caution}
        </Text>
      ))}
    </Box>
  );
});

function HarmLine({ says, harms }: { readonly says: string; readonly harms: readonly Harm[] }) {
  return harms.length === 0 ? null : (
    <Text>
      {says} {harms.join(', ')}.
    </Text>
  );
}

function careInWords({ act, everyMonths }: Care): string {
  if (everyMonths === 1) return `${act} every month`;
  return everyMonths % 12 === 0
    ? `${act} every ${everyMonths === 12 ? 'year' : `${everyMonths / 12} years`}`
    : `${act} every ${everyMonths} months`;
}
