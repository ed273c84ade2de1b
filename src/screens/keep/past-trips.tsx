import { Box, Flex, Text } from '@chakra-ui/react';
import { gearOf, type Trip } from '@/core/loadout';
import type { Touched } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { TextLink } from '@/ui/fields/text-link';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import { tripInWords } from './trip-in-words';

/** What was untouched on so many of its last trips is worth a thought. */
const worthAThought = 2;

/** As many of those pieces are named. */
const mostNamed = 8;

interface PastTripsProps {
  readonly view: KitView;
  /** The last first. */
  readonly trips: readonly Trip[];
  readonly touched: ReadonlyMap<string, Touched>;
}

/** What the trips of a kit came to: what was never touched, what was missed, and each of them. */
export function PastTrips({ view: { bench, own }, trips, touched }: PastTripsProps) {
  const idle = [...new Map(own.placements.map((each) => [each.gear, each])).values()]
    .map((placement) => ({
      gear: gearOf(bench.shelf, placement),
      times: touched.get(placement.gear)?.untouchedSince ?? 0,
    }))
    .filter(({ times }) => times >= worthAThought)
    .sort((one, other) => other.times - one.times);
  return (
    <Panel
      title={`What the trips of ${own.name} showed`}
      width={{ base: '100%', lg: '330px' }}
      flexShrink="0"
    >
      {trips.length === 0 && <Text>No trip is written down yet.</Text>}
      {idle.length > 0 && (
        <Box marginBottom="3">
          <Text fontWeight="600">Never touched on the last trips</Text>
          <Box as="ul" listStyleType="none" fontSize="sm">
            {idle.slice(0, mostNamed).map(({ gear, times }) => (
              <li key={gear.id}>
                {gear.name}, {times} trips
              </li>
            ))}
          </Box>
          {idle.length > mostNamed && <Text fontSize="sm">and {idle.length - mostNamed} more</Text>}
          <Text fontSize="sm" color="fg.muted">
            What is for a bad day is not dead weight for lying still.{' '}
            <TextLink href="/layout/thrift">See what could stay at home</TextLink>
          </Text>
        </Box>
      )}
      <Box as="ul" listStyleType="none">
        {trips.map((trip) => (
          <Box as="li" key={trip.id} borderTopWidth="1px" paddingY="2" fontSize="sm">
            <Text>{tripInWords(trip)}.</Text>
            {trip.note !== '' && <Text color="fg.muted">{trip.note}</Text>}
            <Flex>
              <Button
                size="sm"
                variant="bare"
                aria-label={`Remove the trip of ${trip.to}`}
                onClick={() =>
                  perform({ do: 'remove trip', id: trip.id }, 'The trip is no longer written down.')
                }
              >
                Remove
              </Button>
            </Flex>
          </Box>
        ))}
      </Box>
    </Panel>
  );
}
