'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import NextLink from 'next/link';
import { useState } from 'react';
import { versionOf, type Round } from '@/core/loadout';
import { lastRoundOf, newRound, openRoundOf, stopsOf, triedIn } from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NextStep } from '@/ui/kit/next-step';
import { NoKit } from '@/ui/kit/no-kit';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { fromToday } from './days-in-words';
import { foundInWords, RoundLines } from './round-lines';
import { RoundRunner } from './round-runner';
import { stopInWords } from './stop-in-words';
import { versionNote } from './version-note';

/** One inspection of the kit on the table, pocket by pocket, with one hand. */
export function RoundScreen() {
  const view = useKitView();
  return view ? <OfKit key={view.own.id} view={view} /> : <NoKit />;
}

function OfKit({ view }: { readonly view: KitView }) {
  const [ended, setEnded] = useState<string | null>(null);
  const { bench, own } = view;
  const open = openRoundOf(own.id, bench);
  const justEnded = ended === null ? undefined : bench.rounds.get(ended);
  return (
    <Box maxWidth="760px">
      <ScreenHeading>A round</ScreenHeading>
      <SubPlaces />
      {open ? (
        <RoundRunner view={view} round={open} onEnded={() => setEnded(open.id)} />
      ) : justEnded?.endedOn ? (
        <Ended view={view} round={justEnded} onAgain={() => setEnded(null)} />
      ) : (
        <Begin view={view} />
      )}
    </Box>
  );
}

function Begin({ view }: { readonly view: KitView }) {
  const { bench, own, kit } = view;
  const last = lastRoundOf(own.id, bench);
  const stops = stopsOf(own, bench.shelf);
  const { ready, toReady, tried, toTry } = triedIn(own, bench.shelf);
  if (own.placements.length === 0) {
    return <NextStep says={`Nothing is in ${own.name} yet.`} />;
  }
  return (
    <>
      <Heading as="h2" fontSize="xl">
        {own.name}, pocket by pocket
      </Heading>
      <Text marginTop="1" color="fg.muted">
        {last
          ? `Last on ${last.endedOn} (${fromToday(last.endedOn!, kit.day)}), ${last.lines.length} looked at${last.unreached > 0 ? `, ${last.unreached} not reached` : ''}.`
          : 'It was never looked through here.'}{' '}
        {toTry > 0 && `Tried ${tried} of ${toTry}. `}
        {toReady > 0 && `Made ready ${ready} of ${toReady}.`}
      </Text>
      <Button
        variant="main"
        marginY="4"
        onClick={() => perform({ do: 'keep round', round: newRound(newId(), own, kit.day) })}
      >
        Begin a round
      </Button>
      <Text fontSize="sm" color="fg.muted">
        In the order of unpacking. It works without a network; stop wherever you like and go on
        another day.
      </Text>
      <Box as="ol" marginTop="3" paddingLeft="5" listStyleType="decimal">
        {stops.map((stop) => (
          <Box as="li" key={stopInWords(stop)} paddingY="1">
            <Text as="span" fontWeight="600">
              {stopInWords(stop)}
            </Text>{' '}
            <Text as="span" color="fg.muted">
              · {stop.placements.length}
            </Text>
          </Box>
        ))}
      </Box>
    </>
  );
}

interface EndedProps {
  readonly view: KitView;
  readonly round: Round;
  readonly onAgain: () => void;
}

/** What a round came to, and what follows from it. */
function Ended({ view, round, onAgain }: EndedProps) {
  const { bench, own, kit } = view;
  const wanted = [...bench.wants.values()].filter((want) => want.kit === own.id);
  const [isKept, setKept] = useState(false);
  const note = versionNote(
    `Round of ${round.endedOn}: ${foundInWords(round)}`,
    bench,
    own,
    view.units,
  );
  return (
    <Box as="section" aria-label="The round is written down">
      <Heading as="h2" fontSize="xl">
        The round is written down
      </Heading>
      <Text marginY="2">{foundInWords(round)}.</Text>
      <Flex gap="2" wrap="wrap">
        {wanted.length > 0 && (
          <Button asChild variant="main">
            <NextLink href="/keep/restock" prefetch={false}>
              {wanted.length === 1 ? 'One line' : `${wanted.length} lines`} to restock
            </NextLink>
          </Button>
        )}
        <Button
          disabled={isKept}
          onClick={() => {
            const about = { id: newId(), day: kit.day, note };
            const version = versionOf(bench, own.id, about);
            if (perform({ do: 'keep version', version }, 'This version is kept.')) setKept(true);
          }}
        >
          {isKept ? 'Kept as a version' : 'Keep the kit as it is now as a version'}
        </Button>
        <Button variant="bare" onClick={onAgain}>
          Back
        </Button>
      </Flex>
      <Box marginTop="4">
        <RoundLines round={round} />
      </Box>
    </Box>
  );
}
