import { Box, Heading, Text } from '@chakra-ui/react';
import { kindOf, type Care } from '@/core/catalogue';
import { capital, type Gear } from '@/core/gear';

/** What the kind of a piece suffers from, what to do for it on a rhythm, and what to beware of. */
export function PieceCare({ gear }: { readonly gear: Gear }) {
  const kind = gear.kind === null ? undefined : kindOf(gear.kind);
  if (!kind) return null;
  const { harmedBy, care, cautions } = kind;
  if (harmedBy.length + care.length + cautions.length === 0) return null;
  return (
    <Box fontSize="sm">
      <Heading as="h3" fontSize="md" marginBottom="1">
        Look after it
      </Heading>
      {harmedBy.length > 0 && <Text>Harmed by {harmedBy.join(', ')}.</Text>}
      {care.length > 0 && <Text>{capital(care.map(careInWords).join(', '))} (typical).</Text>}
      {cautions.map((caution) => (
        <Text key={caution} marginTop="1">
          ⚠ {caution}
        </Text>
      ))}
    </Box>
  );
}

function careInWords({ act, everyMonths }: Care): string {
  if (everyMonths === 1) return `${act} every month`;
  return everyMonths % 12 === 0
    ? `${act} every ${everyMonths === 12 ? 'year' : `${everyMonths / 12} years`}`
    : `${act} every ${everyMonths} months`;
}
