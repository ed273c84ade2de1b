'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { gearOf, type Placement, type Round, type RoundLine } from '@/core/loadout';
import {
  finishRound,
  goodLine,
  stopsOf,
  unreachedOf,
  withLine,
  withoutLine,
  type RoundStop,
} from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { PillSwitch } from '@/ui/fields/pill-switch';
import type { KitView } from '@/ui/kit/kit-view';
import { perform, sayRefused } from '@/ui/notice/notice';
import { lineInWords } from './round-lines';
import { RoundPiece } from './round-piece';
import { stopInWords } from './stop-in-words';

interface RunnerProps {
  readonly view: KitView;
  readonly round: Round;
  readonly onEnded: () => void;
}

interface Waiting {
  readonly stop: RoundStop;
  readonly placement: Placement;
}

/** A round that goes on: one piece at a time, or the list of them. */
export function RoundRunner({ view, round, onEnded }: RunnerProps) {
  const { bench, own, kit } = view;
  const [shown, setShown] = useState<'one' | 'list'>('one');
  /** The piece that somebody went to by hand; the next that was not looked at where nobody did. */
  const [chosen, setChosen] = useState<string | null>(null);
  const [passed, setPassed] = useState<ReadonlySet<string>>(new Set());
  const all = stopsOf(own, bench.shelf).flatMap((stop) =>
    stop.placements.map((placement): Waiting => ({ stop, placement })),
  );
  const unreached = new Set(unreachedOf(round, own).map(({ id }) => id));
  const next =
    all.find(({ placement }) => unreached.has(placement.id) && !passed.has(placement.id)) ??
    all.find(({ placement }) => unreached.has(placement.id));
  const current = all.find(({ placement }) => placement.id === chosen) ?? next;
  const reached = own.placements.length - unreached.size;

  function write(lines: readonly RoundLine[]): void {
    setChosen(null);
    perform({ do: 'keep round', round: lines.reduce(withLine, round) });
  }

  function end(): void {
    const finished = finishRound(bench, round.id, kit.day, newId);
    if (!finished.ok) sayRefused(finished.problem.message);
    else if (perform(finished.value, 'The round is written down.')) onEnded();
  }

  return (
    <>
      <Flex justify="space-between" align="center" gap="3" wrap="wrap">
        <Box>
          <Heading as="h2" fontSize="xl" lineHeight="1.2">
            {own.name}
          </Heading>
          <Text fontSize="sm" color="fg.muted" aria-live="polite">
            {reached} of {own.placements.length} looked at, begun {round.begunOn}
          </Text>
        </Box>
        <PillSwitch
          label="Show"
          options={[
            ['one', 'One by one'],
            ['list', 'The list'],
          ]}
          value={shown}
          onChange={setShown}
        />
      </Flex>
      <Box height="8px" borderRadius="4px" bg="tag" marginY="3" overflow="hidden">
        <Box
          height="100%"
          bg="leaf.vivid"
          style={{ width: `${(100 * reached) / own.placements.length}%` }}
        />
      </Box>
      {shown === 'one' && current ? (
        <RoundPiece
          key={current.placement.id}
          view={view}
          round={round}
          placement={current.placement}
          where={stopInWords(current.stop)}
          onWrite={write}
          onLater={() => {
            setChosen(null);
            setPassed(new Set([...passed, current.placement.id]));
          }}
        />
      ) : (
        <RoundList
          view={view}
          round={round}
          all={all}
          onGo={(placement) => {
            setChosen(placement);
            setShown('one');
          }}
          onWrite={write}
          onForget={(placement) =>
            perform({ do: 'keep round', round: withoutLine(round, placement) })
          }
        />
      )}
      <Flex gap="2" marginTop="5" wrap="wrap" align="center">
        <Button variant={unreached.size === 0 ? 'main' : 'plain'} onClick={end}>
          {unreached.size === 0 ? 'End the round' : 'End the round here'}
        </Button>
        <Button
          variant="bare"
          onClick={() => perform({ do: 'remove round', id: round.id }, 'The round is dropped.')}
        >
          Drop it
        </Button>
        {unreached.size > 0 && (
          <Text fontSize="sm" color="fg.muted">
            {unreached.size} not looked at: what ends here says so.
          </Text>
        )}
      </Flex>
    </>
  );
}

interface RoundListProps {
  readonly view: KitView;
  readonly round: Round;
  readonly all: readonly Waiting[];
  readonly onGo: (placement: string) => void;
  readonly onWrite: (lines: readonly RoundLine[]) => void;
  readonly onForget: (placement: string) => void;
}

function RoundList({ view, round, all, onGo, onWrite, onForget }: RoundListProps) {
  const { bench, kit } = view;
  const lines = new Map(round.lines.map((line) => [line.placement, line]));
  const stops = [...new Set(all.map(({ stop }) => stop))];
  return (
    <>
      {stops.map((stop) => (
        <Box as="section" key={stopInWords(stop)} aria-label={stopInWords(stop)} marginBottom="4">
          <Heading as="h3" fontSize="md">
            {stopInWords(stop)}
          </Heading>
          <Box as="ul" listStyleType="none">
            {stop.placements.map((placement) => {
              const gear = gearOf(bench.shelf, placement);
              const line = lines.get(placement.id);
              return (
                <Flex
                  as="li"
                  key={placement.id}
                  gap="2"
                  align="center"
                  borderTopWidth="1px"
                  paddingY="1.5"
                  wrap="wrap"
                >
                  <Box flex="1" minWidth="150px">
                    <Text fontWeight="600">
                      {gear.name}
                      {placement.count > 1 && ` × ${placement.count}`}
                    </Text>
                    <Text fontSize="sm" color="fg.muted">
                      {line ? lineInWords(line) : 'not looked at yet'}
                    </Text>
                  </Box>
                  {line ? (
                    <Button
                      size="sm"
                      variant="bare"
                      aria-label={`Look at ${gear.name} anew`}
                      onClick={() => onForget(placement.id)}
                    >
                      Anew
                    </Button>
                  ) : (
                    <Button
                      size="sm"
                      aria-label={`${gear.name} is good`}
                      onClick={() => onWrite([goodLine(placement, gear, kit.day)])}
                    >
                      Good
                    </Button>
                  )}
                  <Button
                    size="sm"
                    variant="bare"
                    aria-label={`More about ${gear.name}`}
                    onClick={() => onGo(placement.id)}
                  >
                    More…
                  </Button>
                </Flex>
              );
            })}
          </Box>
        </Box>
      ))}
    </>
  );
}
