'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { memo, type RefObject } from 'react';
import type { Gear } from '@/core/gear';
import { gearOf, type Placement } from '@/core/loadout';
import { homeCategory, type CategoryCover } from '@/core/scheme';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { LaneLabel, laneSays } from './lane-label';
import { Echo, MatPiece, pieceFacts } from './mat-piece';
import { Missing } from './missing';
import { later } from '@/ui/late/later';

/** Comes after the first screen: it asks the catalogue. */
const AidStrip = later(() => import('./aid-strip').then((module) => module.AidStrip));

function AidWhenJudged() {
  return useKitView()?.isJudged ? <AidStrip /> : null;
}

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
      homeCategory(cover.scheme, gearOf(bench.shelf, placement), placement.laidFor).id,
    ]),
  );
  return (
    <Flex direction="column" gap="2" data-mat>
      {cover.categories.map((category, at) => (
        <Lane
          key={category.category.id}
          surface={at === 0 ? lanes : undefined}
          pixelsPerMm={pixelsPerMm}
          cover={category}
          pieces={loadout.placements
            .filter(({ id }) => homes.get(id) === category.category.id)
            .map((placement) => ({ placement, ...pieceFacts(view, placement) }))}
          also={category.placements
            .filter((id) => homes.get(id) !== category.category.id)
            .map((id) => ({ id, gear: gearOf(bench.shelf, view.tree.byId.get(id)!) }))}
        />
      ))}
    </Flex>
  );
}

type LyingPiece = { readonly placement: Placement } & ReturnType<typeof pieceFacts>;

interface LaneProps {
  readonly cover: CategoryCover;
  readonly pieces: readonly LyingPiece[];
  readonly also: readonly { readonly id: string; readonly gear: Gear }[];
  readonly surface: RefObject<HTMLDivElement | null> | undefined;
  readonly pixelsPerMm: number;
}

/** Every edit works all lanes out anew; one is drawn again only when it would show something else. */
function showsTheSame(one: LaneProps, other: LaneProps): boolean {
  return (
    one.pixelsPerMm === other.pixelsPerMm &&
    laneSays(one.cover) === laneSays(other.cover) &&
    areAlike(one.pieces, other.pieces) &&
    areAlike(one.also, other.also)
  );
}

function areAlike<T extends object>(some: readonly T[], others: readonly T[]): boolean {
  return (
    some.length === others.length &&
    some.every((one, at) => {
      const other = others[at]!;
      return (Object.keys(one) as (keyof T)[]).every((key) => one[key] === other[key]);
    })
  );
}

const Lane = memo(function Lane({ cover, pieces, also, surface, pixelsPerMm }: LaneProps) {
  const thin = cover.musts.filter(({ standing }) => standing === 'thin');
  return (
    <Flex
      as="section"
      data-lane={cover.category.id}
      aria-label={cover.category.name}
      flexDirection={{ base: 'column', md: 'row' }}
      borderWidth="1px"
      borderRadius="14px"
      overflow="hidden"
      bg="mat"
      // Lanes that are not in the window are neither laid out nor painted.
      contentVisibility="auto"
      containIntrinsicSize="auto 220px"
    >
      <LaneLabel cover={cover} />
      <Box
        ref={surface}
        flex="1"
        minWidth="0"
        padding="2"
        backgroundImage="linear-gradient(var(--acorn-colors-mat-line) 1px, transparent 1px), linear-gradient(90deg, var(--acorn-colors-mat-line) 1px, transparent 1px)"
        backgroundSize="32px 32px"
      >
        <Flex wrap="wrap" align="flex-end" columnGap="1.5" rowGap="1">
          {pieces.map((piece) => (
            <MatPiece key={piece.placement.id} {...piece} pixelsPerMm={pixelsPerMm} />
          ))}
        </Flex>
        {(also.length > 0 || thin.length > 0) && (
          <Flex wrap="wrap" gap="1" align="center" marginTop="1.5" fontSize="xs">
            {also.length > 0 && (
              <Text as="span" color="fg.muted">
                also
              </Text>
            )}
            {also.map(({ id, gear }) => (
              <Echo key={id} id={id} gear={gear} />
            ))}
            {thin.map((must) => (
              <Missing key={must.anyOf.join()} must={must} />
            ))}
          </Flex>
        )}
        {cover.musts
          .filter(({ standing }) => standing === 'missing')
          .map((must) => (
            <Missing key={must.anyOf.join()} must={must} />
          ))}
        {cover.category.jobs.includes('first-aid') && <AidWhenJudged />}
        {pieces.length === 0 && also.length === 0 && cover.musts.length === 0 && (
          <Text color="fg.muted" fontSize="sm">
            Nothing here.
          </Text>
        )}
      </Box>
    </Flex>
  );
}, showsTheSame);
