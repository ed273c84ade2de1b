'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { memo, type RefObject } from 'react';
import { printMass } from '@/core/quantity';
import type { Gear } from '@/core/gear';
import { gearOf, type Placement } from '@/core/loadout';
import { homeCategory, offersFor, type CategoryCover } from '@/core/scheme';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { GearDrawing, GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { select, useSelection } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import { LaneLabel, mustInWords } from './lane-label';

interface MatProps {
  readonly view: KitView;
  /** Where the pieces lie; its width is the mat's. */
  readonly lanes: RefObject<HTMLDivElement | null>;
  readonly pixelsPerMm: number;
}

/** A lane for each category, with the pieces that are best at something in it. */
export function Mat({ view, lanes, pixelsPerMm }: MatProps) {
  const { bench, loadout, cover } = view;
  const homes = new Map(
    loadout.placements.map((placement) => [
      placement.id,
      homeCategory(cover.scheme, gearOf(bench.shelf, placement)).id,
    ]),
  );
  return (
    <Flex direction="column" gap="2">
      {cover.categories.map((category, at) => (
        <Lane
          key={category.category.id}
          view={view}
          surface={at === 0 ? lanes : undefined}
          pixelsPerMm={pixelsPerMm}
          cover={category}
          pieces={loadout.placements.filter(({ id }) => homes.get(id) === category.category.id)}
        />
      ))}
    </Flex>
  );
}

interface LaneProps {
  readonly view: KitView;
  readonly cover: CategoryCover;
  readonly pieces: readonly Placement[];
  readonly surface: RefObject<HTMLDivElement | null> | undefined;
  readonly pixelsPerMm: number;
}

function Lane({ view, cover, pieces, surface, pixelsPerMm }: LaneProps) {
  const also = cover.placements.filter((id) => !pieces.some((piece) => piece.id === id));
  return (
    <Flex
      as="section"
      aria-label={cover.category.name}
      flexDirection={{ base: 'column', md: 'row' }}
      borderWidth="1px"
      borderRadius="14px"
      overflow="hidden"
      bg="mat"
    >
      <LaneLabel cover={cover} />
      <Box
        ref={surface}
        flex="1"
        minWidth="0"
        padding="3"
        backgroundImage="linear-gradient(var(--acorn-colors-mat-line) 1px, transparent 1px), linear-gradient(90deg, var(--acorn-colors-mat-line) 1px, transparent 1px)"
        backgroundSize="32px 32px"
      >
        <Flex wrap="wrap" align="flex-end" columnGap="2" rowGap="2">
          {pieces.map((placement) => (
            <Piece
              key={placement.id}
              placement={placement}
              {...pieceFacts(view, placement)}
              pixelsPerMm={pixelsPerMm}
            />
          ))}
        </Flex>
        {also.length > 0 && <Echoes view={view} placements={also} />}
        {cover.musts
          .filter(({ standing }) => standing === 'missing')
          .map((must) => (
            <Missing key={must.anyOf.join()} view={view} must={must} />
          ))}
        {pieces.length === 0 && also.length === 0 && cover.musts.length === 0 && (
          <Text color="fg.muted" fontSize="sm">
            Nothing here.
          </Text>
        )}
      </Box>
    </Flex>
  );
}

/** What a piece shows of itself, in values that stay the same while nothing of its own changes. */
function pieceFacts({ bench, tree, units, totals, amiss }: KitView, placement: Placement) {
  const gear = gearOf(bench.shelf, placement);
  return {
    gear,
    mass:
      gear.massG === null
        ? 'not weighed'
        : printMass(totals.branches.get(placement.id)!.massG, units),
    place: placeInWords(bench.shelf, tree, placement.place),
    isAmiss: amiss.has(placement.id),
  };
}

interface PieceProps {
  readonly gear: Gear;
  readonly placement: Placement;
  readonly mass: string;
  readonly place: string;
  readonly isAmiss: boolean;
  readonly pixelsPerMm: number;
}

/** A piece as it lies. It is drawn again only when something of its own has changed. */
const Piece = memo(function Piece(props: PieceProps) {
  const { gear, placement, mass, place, isAmiss, pixelsPerMm } = props;
  const isSelected = useSelection((selection) => selection.placement === placement.id);
  const isLoose = 'on' in placement.place && placement.place.on === 'mat';
  return (
    <Flex
      as="button"
      direction="column"
      align="center"
      justify="flex-end"
      gap="1"
      minWidth="76px"
      maxWidth="100%"
      minHeight="11"
      padding="1.5"
      borderRadius="10px"
      cursor="pointer"
      outline={isSelected ? '3px solid' : undefined}
      outlineColor="leaf.vivid"
      bg={isSelected ? 'leaf.soft' : undefined}
      _hover={{ bg: isSelected ? 'leaf.soft' : 'tag' }}
      aria-pressed={isSelected}
      title={`${gear.name}: ${mass}, ${place}`}
      data-piece={placement.id}
      onClick={() => select(isSelected ? null : placement.id)}
    >
      <Box padding="1">
        <GearDrawing gear={gear} pixelsPerMm={pixelsPerMm} />
      </Box>
      <Box maxWidth="132px" lineHeight="1.15">
        <Text fontSize="xs" fontWeight="600">
          {isAmiss && (
            <Box as="span" color="signal.fg" role="img" aria-label="has a finding">
              ▲{' '}
            </Box>
          )}
          {gear.name}
          {placement.count > 1 && ` × ${placement.count}`}
        </Text>
        <Text fontSize="2xs" color={isLoose ? 'signal.fg' : 'fg.muted'}>
          {mass} · {isLoose ? 'not stowed' : place}
        </Text>
      </Box>
    </Flex>
  );
});

/** Pieces whose home is another lane and that serve here too. */
function Echoes({
  view,
  placements,
}: {
  readonly view: KitView;
  readonly placements: readonly string[];
}) {
  return (
    <Flex wrap="wrap" gap="1" align="center" marginTop="2" fontSize="xs">
      <Text as="span" color="fg.muted">
        also
      </Text>
      {placements.map((id) => (
        <Echo key={id} id={id} gear={gearOf(view.bench.shelf, view.tree.byId.get(id)!)} />
      ))}
    </Flex>
  );
}

interface EchoProps {
  readonly id: string;
  readonly gear: Gear;
}

const Echo = memo(function Echo({ id, gear }: EchoProps) {
  return (
    <Flex
      as="button"
      align="center"
      gap="1"
      minHeight={{ base: '11', md: '7' }}
      paddingX="1.5"
      borderRadius="full"
      borderWidth="1px"
      borderStyle="dashed"
      borderColor="border.emphasized"
      cursor="pointer"
      _hover={{ bg: 'tag' }}
      onClick={() => select(id)}
    >
      <GearIcon look={gear.look} size={16} />
      {gear.name}
    </Flex>
  );
});

interface MissingProps {
  readonly view: KitView;
  readonly must: CategoryCover['musts'][number];
}

/** An empty place: what is missing, and the best that the shelf has for it. */
function Missing({ view, must }: MissingProps) {
  const offers = offersFor(view.bench, must.anyOf).slice(0, 3);
  return (
    <Flex
      wrap="wrap"
      align="center"
      gap="2"
      marginTop="2"
      padding="2"
      borderRadius="10px"
      borderWidth="2px"
      borderStyle="dashed"
      borderColor="signal.solid"
      fontSize="sm"
    >
      <Text color="signal.fg" fontWeight="700">
        ■ Nothing to {mustInWords(must.anyOf)}.
      </Text>
      {offers.length === 0 && <Text>The shelf has nothing free for it: type some in below.</Text>}
      {offers.map(({ gear }) => (
        <Button
          key={gear.id}
          size="sm"
          minHeight="11"
          onClick={() =>
            perform(
              {
                do: 'place',
                loadout: view.loadout.id,
                placement: { id: newId(), gear: gear.id, count: 1, place: { on: 'mat' } },
              },
              `${gear.name} laid on the mat.`,
            )
          }
        >
          <GearIcon look={gear.look} size={22} />
          Lay out {gear.name}
          {gear.massG !== null && ` (+${printMass(gear.massG, view.units)})`}
        </Button>
      ))}
    </Flex>
  );
}
