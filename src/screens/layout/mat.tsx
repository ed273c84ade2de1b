'use client';

import { Flex } from '@chakra-ui/react';
import { memo, startTransition, useEffect, useMemo, useState, type RefObject } from 'react';
import type { Gear } from '@/core/gear';
import { gearOf, type Placement } from '@/core/loadout';
import { homeCategory, type CategoryCover } from '@/core/scheme';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import styles from './lane.module.css';
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
  const lying = useMemo(() => lyingOn(view), [view]);
  const most = useDrawnSoFar(view.loadout.placements.length);
  return (
    <Flex direction="column" gap="2" data-mat>
      {firstOf(lying, most).map(({ cover, pieces, also }, at) => (
        <Lane
          key={cover.category.id}
          surface={at === 0 ? lanes : undefined}
          pixelsPerMm={pixelsPerMm}
          cover={cover}
          pieces={pieces}
          also={also}
        />
      ))}
    </Flex>
  );
}

/** A lane, the pieces that lie in it, and those of other lanes that do its jobs too. */
interface LyingLane {
  readonly cover: CategoryCover;
  readonly pieces: readonly LyingPiece[];
  readonly also: readonly { readonly id: string; readonly gear: Gear }[];
}

function lyingOn(view: KitView): readonly LyingLane[] {
  const { bench, loadout, cover } = view;
  const homes = new Map(
    loadout.placements.map((placement) => [
      placement.id,
      homeCategory(cover.scheme, gearOf(bench.shelf, placement), placement.laidFor).id,
    ]),
  );
  const byLane = new Map<string, LyingPiece[]>(
    cover.categories.map(({ category }) => [category.id, []]),
  );
  for (const placement of loadout.placements) {
    byLane.get(homes.get(placement.id)!)?.push({ placement, ...pieceFacts(view, placement) });
  }
  return cover.categories.map((category) => ({
    cover: category,
    pieces: byLane.get(category.category.id)!,
    also: category.placements
      .filter((id) => homes.get(id) !== category.category.id)
      .map((id) => ({ id, gear: gearOf(bench.shelf, view.tree.byId.get(id)!) })),
  }));
}

/** The first lanes, up to so many pieces: a lane that is not reached is not there yet. */
function firstOf(lanes: readonly LyingLane[], most: number): readonly LyingLane[] {
  let left = most;
  return lanes.flatMap((lane) => {
    if (left <= 0) return [];
    const pieces = lane.pieces.slice(0, left);
    left -= Math.max(1, lane.pieces.length);
    return [pieces.length === lane.pieces.length ? lane : { ...lane, pieces }];
  });
}

/** So many pieces are drawn at a time: those in sight at once, and the rest while the page answers. */
const atATime = { onPhone: 16, wide: 48 };

/** How many pieces of the mat are drawn by now, the first ones with the first screen. */
function useDrawnSoFar(all: number): number {
  const [step] = useState(() => (innerWidth < 768 ? atATime.onPhone : atATime.wide));
  const [drawn, setDrawn] = useState(step);
  const isAll = drawn >= all;
  useEffect(() => {
    if (isAll) return undefined;
    let timer: ReturnType<typeof setTimeout>;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setDrawn(drawn + step)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [drawn, isAll, step]);
  return isAll ? Infinity : drawn;
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
    <section data-lane={cover.category.id} aria-label={cover.category.name} className={styles.lane}>
      <LaneLabel cover={cover} />
      <div ref={surface} className={styles.surface}>
        <div className={styles.pieces}>
          {pieces.map((piece) => (
            <MatPiece key={piece.placement.id} {...piece} pixelsPerMm={pixelsPerMm} />
          ))}
        </div>
        {(also.length > 0 || thin.length > 0) && (
          <div className={styles.beside}>
            {also.length > 0 && <span className={styles.muted}>also</span>}
            {also.map(({ id, gear }) => (
              <Echo key={id} id={id} gear={gear} />
            ))}
            {thin.map((must) => (
              <Missing key={must.anyOf.join()} must={must} />
            ))}
          </div>
        )}
        {cover.musts
          .filter(({ standing }) => standing === 'missing')
          .map((must) => (
            <Missing key={must.anyOf.join()} must={must} />
          ))}
        {cover.category.jobs.includes('first-aid') && <AidWhenJudged />}
        {pieces.length === 0 && also.length === 0 && cover.musts.length === 0 && (
          <p className={styles.nothing}>Nothing here.</p>
        )}
      </div>
    </section>
  );
}, showsTheSame);
