import { Text } from '@chakra-ui/react';
import { needNames, type Need } from '@/core/needs/need';
import type { Lasting } from '@/core/needs';
import { printNumber } from '@/core/quantity';
import { standingSigns } from '@/ui/kit/standing-signs';

/** How a need stands, by its sign, and how many days it lasts where it runs out. */
export function StandingCell({ need: { standing, days } }: { readonly need: Need }) {
  const { sign, colour } = standingSigns[standing];
  const runsOut = days !== null && days !== Infinity;
  return (
    <td>
      <Text as="span" whiteSpace="nowrap">
        <Text as="span" color={colour} role="img" aria-label={standing}>
          {sign}
        </Text>{' '}
        {runsOut ? `${printNumber(days, 1)} days` : <span aria-hidden>{standing}</span>}
      </Text>
    </td>
  );
}

/** `2.5 days, drink first`. */
export function lastsInWords({ days, first }: Lasting): string {
  if (days === null || first === null) return 'not known';
  return `${printNumber(days, 1)} days, ${needNames[first].toLowerCase()} first`;
}
