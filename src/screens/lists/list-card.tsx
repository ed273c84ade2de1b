'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { printMass } from '@/core/quantity';
import { newPlacement } from '@/core/loadout';
import { offersFor, type LineAnswer, type ListOnBoard } from '@/core/scheme';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';

interface ListCardProps {
  readonly view: KitView;
  readonly held: ListOnBoard;
  readonly isOwn: boolean;
  readonly onEdit: () => void;
}

/** One list: how much of it is answered, and what is not, with the shelf’s best for it. */
export function ListCard({ view, held, isOwn, onEdit }: ListCardProps) {
  const { list, lines, answered } = held;
  const open = lines.filter(({ pieces }) => pieces.length === 0);
  return (
    <Flex
      as="article"
      aria-label={list.name}
      direction="column"
      gap="2"
      flex="1 1 300px"
      maxWidth="460px"
      bg="panel"
      borderWidth="1px"
      borderRadius="16px"
      padding="3"
    >
      <Flex justify="space-between" gap="2" align="baseline">
        <Heading as="h2" fontSize="lg">
          {list.name}
        </Heading>
        <Text fontWeight="700" color={open.length === 0 ? 'leaf.fg' : 'fg'} whiteSpace="nowrap">
          {answered} of {lines.length}
        </Text>
      </Flex>
      {list.note !== '' && (
        <Text fontSize="sm" color="fg.muted">
          {list.note}
        </Text>
      )}
      {open.length === 0 ? (
        <Text fontSize="sm">● Every line is answered.</Text>
      ) : (
        <Box as="ul" listStyleType="none" fontSize="sm">
          {open.map((line) => (
            <OpenLine key={line.line.text} view={view} answer={line} />
          ))}
        </Box>
      )}
      {isOwn && (
        <Flex gap="2" marginTop="auto">
          <Button size="sm" aria-label={`Change ${list.name}`} onClick={onEdit}>
            Change…
          </Button>
          <Button
            size="sm"
            variant="bare"
            aria-label={`Remove ${list.name}`}
            onClick={() => perform({ do: 'remove list', id: list.id }, `${list.name} removed.`)}
          >
            Remove
          </Button>
        </Flex>
      )}
    </Flex>
  );
}

function OpenLine({ view, answer }: { readonly view: KitView; readonly answer: LineAnswer }) {
  const { bench, loadout, units } = view;
  const { line } = answer;
  const [offer] = line.jobs.length === 0 ? [] : offersFor(bench, line.jobs);
  return (
    <Flex as="li" gap="2" align="center" wrap="wrap" paddingY="1">
      <Text color="signal.fg" fontWeight="600">
        ■ {line.text}
      </Text>
      {line.jobs.length === 0 && <Text color="fg.muted">no job or kind was seen in this line</Text>}
      {offer && (
        <Button
          size="sm"
          onClick={() =>
            perform(
              {
                do: 'place',
                loadout: loadout.id,
                placement: newPlacement(newId(), offer.gear.id, { on: 'mat' }),
              },
              `${offer.gear.name} laid on the mat of ${loadout.name}.`,
            )
          }
        >
          Lay out {offer.gear.name}
          {offer.gear.massG !== null && ` +${printMass(offer.gear.massG, units)}`}
        </Button>
      )}
    </Flex>
  );
}
