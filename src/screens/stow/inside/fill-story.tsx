'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import type { CavityQuestion, Why } from '@/core/fit/laid-out';
import { cavityOf } from '@/core/gear';
import { gearOf, placementOf } from '@/core/loadout';
import { printSize } from '@/core/quantity';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { notBeside } from '@/workers/beside';
import { searchLonger, stopSearching, type Stowing } from '@/ui/kit/stowings';

interface FillStoryProps {
  readonly view: KitView;
  readonly question: CavityQuestion;
  readonly stowing: Stowing | null;
}

/** Whether all goes in, how sure that is, and the search for more. */
export function FillStory({ view, question, stowing }: FillStoryProps) {
  const stowage = stowing?.stowage ?? null;
  const isSearching = stowing?.state === 'searching';
  return (
    <Panel title={titleOf(question, stowing)}>
      {stowage && (
        <Text>
          {stowage.placed.length} of {question.items.length} pieces lie in place and take{' '}
          {Math.round(stowage.fill * 100)} % of the room.
        </Text>
      )}
      <SoftWalls view={view} question={question} stowing={stowing} />
      {question.unmeasured.length > 0 && (
        <Text color="signal.fg" marginTop="2">
          ▲ Without a size, and so not laid out: {namesOf(question.unmeasured)}.
        </Text>
      )}
      {isSearching && (
        <Box marginTop="3">
          <Text fontSize="sm" id="search-progress">
            Searching: {((stowing.elapsedMs ?? 0) / 1000).toFixed(1)} of{' '}
            {Math.round(stowing.budgetMs / 100) / 10} s{`, ${stowing.steps} arrangements tried`}
          </Text>
          <Box
            role="progressbar"
            aria-labelledby="search-progress"
            aria-valuemin={0}
            aria-valuemax={100}
            aria-valuenow={Math.round((100 * stowing.elapsedMs) / stowing.budgetMs)}
            height="8px"
            borderRadius="full"
            bg="tag.deep"
            overflow="hidden"
            marginY="2"
          >
            <Box
              height="100%"
              bg="leaf.vivid"
              style={{ width: `${Math.min(100, (100 * stowing.elapsedMs) / stowing.budgetMs)}%` }}
            />
          </Box>
          <Button onClick={() => stopSearching(question)}>Stop, and keep what is found</Button>
        </Box>
      )}
      {stowing?.state === 'failed' && (
        <Box marginTop="3" role="alert">
          <Text>▲ {notBeside}</Text>
          <Button marginTop="2" onClick={() => searchLonger(question)}>
            Try again
          </Button>
        </Box>
      )}
      {stowing?.state === 'done' && stowage?.left.some(({ why }) => mayYetFit.has(why.why)) && (
        <Flex marginTop="3" align="center" gap="3" wrap="wrap">
          <Button onClick={() => searchLonger(question)}>Search for 30 s</Button>
          <Text fontSize="xs" color="fg.muted">
            {stowing.steps} arrangements tried so far
          </Text>
        </Flex>
      )}
    </Panel>
  );
}

/** Reasons that a longer search may do away with; the others are certain. */
const mayYetFit: ReadonlySet<Why['why']> = new Set(['no place found', 'no turning', 'too much']);

function titleOf(question: CavityQuestion, stowing: Stowing | null): string {
  const stowage = stowing?.stowage;
  if (!stowage) return stowing?.state === 'failed' ? 'Not laid out' : 'Laying out…';
  if (!stowage.fits) {
    const left = stowage.left.length;
    return left === 1 ? 'One piece stays outside' : `${left} pieces stay outside`;
  }
  return question.unmeasured.length > 0 ? 'All that is measured goes in' : 'All of it goes in';
}

/** A soft wall takes many shapes; one of them was laid out. */
function SoftWalls({ view, question, stowing }: FillStoryProps) {
  const holder = gearOf(view.bench.shelf, placementOf(view.loadout, question.placement)!);
  const { inside } = cavityOf(holder, question.cavity)!;
  const container = stowing?.stowage?.container;
  if (inside.shape !== 'soft' || !container) return null;
  const shape =
    container.shape === 'box'
      ? `a box of ${printSize(container.sizeMm.map(Math.round), view.units)}`
      : `a tube of ⌀${printSize([container.diameterMm, container.heightMm].map(Math.round), view.units)}`;
  return (
    <Text fontSize="sm" color="fg.muted" marginTop="2">
      An estimate: its walls are soft, and it is laid out as {shape}, as large and as long as it is
      said to be. Soft pieces are drawn as blocks.
    </Text>
  );
}

function namesOf(items: CavityQuestion['items']): string {
  return [...new Set(items.map(({ name }) => name))].join(', ');
}
