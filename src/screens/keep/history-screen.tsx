'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '@/ui/fields/choice';
import { useBench } from '@/store/bench';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { foundInWords, RoundLines } from './round-lines';

/** Every round that was ended, to be read again: by kit, and by piece. */
export function HistoryScreen() {
  const bench = useBench();
  const [kit, setKit] = useState('all');
  const [piece, setPiece] = useState('');
  const wanted = piece.trim().toLowerCase();
  const kits = new Map([...bench.rounds.values()].map((round) => [round.kit, round.kitName]));
  const rounds = [...bench.rounds.values()]
    .filter((round) => round.endedOn !== null && (kit === 'all' || round.kit === kit))
    .map((round) => ({
      ...round,
      lines: round.lines.filter(({ name }) => name.toLowerCase().includes(wanted)),
    }))
    .filter(({ lines }) => wanted === '' || lines.length > 0)
    .sort((one, other) => (one.endedOn! < other.endedOn! ? 1 : -1));
  return (
    <Box maxWidth="860px">
      <ScreenHeading>Past rounds</ScreenHeading>
      <SubPlaces />
      {bench.rounds.size === 0 ? (
        <Text>No round was ended yet. What one finds is kept here for good.</Text>
      ) : (
        <>
          <Flex gap="3" wrap="wrap" align="flex-end" marginBottom="4">
            <Choice
              label="Kit"
              value={kit}
              options={[['all', 'all kits'], ...kits]}
              onChange={setKit}
            />
            <LabelledInput
              label="Piece"
              placeholder="all pieces"
              value={piece}
              onChange={(event) => setPiece(event.target.value)}
            />
          </Flex>
          {rounds.length === 0 && <Text>No round was ended that this was found in.</Text>}
          {rounds.map((round) => (
            <Box
              as="section"
              key={round.id}
              aria-label={`${round.kitName}, ${round.endedOn}`}
              marginBottom="6"
            >
              <Heading as="h2" fontSize="lg">
                {round.kitName}, {round.endedOn}
              </Heading>
              <Text fontSize="sm" color="fg.muted" marginBottom="2">
                {wanted === '' ? `${foundInWords(round)}.` : ''} {round.note}
              </Text>
              <RoundLines round={round} />
            </Box>
          ))}
        </>
      )}
    </Box>
  );
}
