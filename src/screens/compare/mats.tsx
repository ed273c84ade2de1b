'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useCallback, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Gear } from '@/core/gear';
import { printMass, printMoney, type Currency, type UnitSystem } from '@/core/quantity';
import {
  twoMats,
  type ComparedFigure,
  type MatPlace,
  type MatTile,
  type Slide,
  type TwoMats,
} from '@/core/loadout';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { groundInWords } from '@/ui/kit/place-in-words';
import styles from './mats.module.css';
import type { NamedSide } from './sides';

/** As many of what stays are drawn in one place. */
const mostStaying = 9;

/** As many pieces slide at once; more would be a blur. */
const mostSliding = 40;

interface MatsProps {
  readonly from: NamedSide;
  readonly to: NamedSide;
  readonly units: UnitSystem;
  readonly currency: Currency;
}

/** Two kits or versions as two mats side by side: each piece that is not where it was slides from the one to the other. */
export function Mats({ from, to, units, currency }: MatsProps) {
  const mats = useMemo(() => twoMats(from.side, to.side), [from.side, to.side]);
  const { paper, ways } = useWays(mats);
  const [run, setRun] = useState(0);
  const places = new Map([...mats.first, ...mats.second].map((place) => [place.key, place]));
  const before = from.side.shelf;
  const counts = { from: countsOn(mats.first), to: countsOn(mats.second) };
  const wordsOf = (tile: MatTile, end: 'from' | 'to') =>
    mats.slides
      .filter((slide) => slide[end] === tile.key)
      .map((slide) => slideInWords(slide, end))
      .filter((words) => words !== '')
      .join('; ');

  function slideInWords(slide: Slide, end: 'from' | 'to'): string {
    const other = slide[end === 'from' ? 'to' : 'from'];
    const many = slide.count === counts[end].get(slide[end]!) ? '' : `${slide.count} `;
    if (other === null) {
      return end === 'from' ? `${many}back to the shelf` : `${many}from the shelf`;
    }
    const here = slide[end]!;
    if (placeOf(here) !== placeOf(other)) {
      const place = places.get(placeOf(other))!;
      return end === 'from' ? `${many}→ ${placeName(place)}` : `${many}from ${placeName(place)}`;
    }
    return end === 'from'
      ? ''
      : figuresInWords(before.get(slide.gear.id), slide.gear, slide.figures, units, currency);
  }

  return (
    <Box as="section" aria-label="Two mats">
      <Flex justify="space-between" align="center" gap="2" marginBottom="2">
        <Heading as="h2" fontSize="lg">
          {mats.slides.length === 0
            ? 'Both mats are the same'
            : 'What slides from one to the other'}
        </Heading>
        {mats.slides.length > 0 && (
          <Button className="no-print" onClick={() => setRun(run + 1)}>
            Let them slide
          </Button>
        )}
      </Flex>
      <div ref={paper} className={styles.paper}>
        <Mat
          name={`First: ${from.name}`}
          heading={from.name}
          places={mats.first}
          tileClass={styles.leaves!}
          wordsOf={(tile) => wordsOf(tile, 'from')}
        />
        <div />
        <Mat
          name={`Second: ${to.name}`}
          heading={to.name}
          places={mats.second}
          tileClass={styles.comes!}
          wordsOf={(tile) => wordsOf(tile, 'to')}
        />
        <div className={styles.shelf}>the shelf</div>
        <svg className={styles.ways} aria-hidden="true">
          {ways.map(({ path, kind }, at) => (
            <path key={at} d={path} className={styles[kind]} />
          ))}
        </svg>
        {ways.slice(0, mostSliding).map(({ path, slide }, at) => (
          <span
            key={`${run} ${at}`}
            aria-hidden="true"
            className={styles.slider}
            style={{
              offsetPath: `path('${path}')`,
              animationDelay: `${Math.min(at, 12) * 90}ms`,
            }}
          >
            <GearIcon look={slide.gear.look} size={26} />
          </span>
        ))}
      </div>
    </Box>
  );
}

function countsOn(mat: readonly MatPlace[]): ReadonlyMap<string, number> {
  return new Map(mat.flatMap(({ tiles }) => tiles.map(({ key, count }) => [key, count] as const)));
}

interface MatProps {
  readonly name: string;
  readonly heading: string;
  readonly places: readonly MatPlace[];
  readonly tileClass: string;
  readonly wordsOf: (tile: MatTile) => string;
}

function Mat({ name, heading, places, tileClass, wordsOf }: MatProps) {
  return (
    <section aria-label={name} className={styles.mat}>
      <Heading as="h3" fontSize="md" marginBottom="2">
        {heading}
      </Heading>
      {places.length === 0 && <Text color="fg.muted">Nothing lies on it.</Text>}
      {places.map((place) => (
        <Box key={place.key} marginBottom="3">
          <Text fontSize="xs" fontWeight="600" color="fg.muted">
            {placeName(place)}
          </Text>
          {place.tiles.length > 0 && (
            <ul className={styles.tiles}>
              {place.tiles.map((tile) => (
                <li key={tile.key} data-tile={tile.key} className={`${styles.tile} ${tileClass}`}>
                  <GearIcon look={tile.gear.look} size={30} />
                  <span>
                    <b>
                      {tile.count > 1 && `${tile.count} × `}
                      {tile.gear.name}
                    </b>
                    <span className={styles.words}>{wordsOf(tile)}</span>
                  </span>
                </li>
              ))}
            </ul>
          )}
          {place.stays.length > 0 && (
            <Flex align="center" gap="0.5" wrap="wrap" opacity="0.75">
              {place.stays.slice(0, mostStaying).map(({ gear }) => (
                <GearIcon key={gear.id} look={gear.look} size={18} />
              ))}
              <Text as="span" fontSize="xs" color="fg.muted" marginLeft="1">
                {staysInWords(place)}
              </Text>
            </Flex>
          )}
        </Box>
      ))}
    </section>
  );
}

function staysInWords({ stays, tiles }: MatPlace): string {
  const count = stays.reduce((sum, each) => sum + each.count, 0);
  if (stays.length === 1 && count === 1) return `${stays[0]!.gear.name} stays`;
  return `${count} ${tiles.length > 0 ? 'that stay' : 'stay'}`;
}

/** The place that a tile lies in: behind its gear’s id. */
function placeOf(tile: string): string {
  return tile.slice(tile.indexOf(' ') + 1);
}

function placeName({ ground, within }: Pick<MatPlace, 'ground' | 'within'>): string {
  return within.length === 0 ? groundInWords(ground) : within.join(' › ');
}

const figureWords: Readonly<Record<ComparedFigure, string>> = {
  name: 'another name',
  massG: 'another mass',
  form: 'another size',
  priceMinor: 'another price',
  contents: 'what is left of it',
  goodUntil: 'another date',
};

/** What of a piece itself is otherwise than before: its mass and price with by how much. */
function figuresInWords(
  was: Gear | undefined,
  is: Gear,
  figures: readonly ComparedFigure[],
  units: UnitSystem,
  currency: Currency,
): string {
  return figures
    .map((figure) => {
      if (figure === 'massG' && typeof was?.massG === 'number' && is.massG !== null) {
        return `${printMass(was.massG, units)} → ${printMass(is.massG, units)}`;
      }
      if (
        figure === 'priceMinor' &&
        typeof was?.priceMinor === 'number' &&
        is.priceMinor !== null
      ) {
        return `${printMoney(was.priceMinor, currency)} → ${printMoney(is.priceMinor, currency)}`;
      }
      return figureWords[figure];
    })
    .join(', ');
}

/** How one piece slides: from a tile to a tile, or to and from the shelf beneath. */
interface Way {
  readonly path: string;
  readonly slide: Slide;
  readonly kind: 'stays' | 'moves' | 'goes' | 'arrives';
}

/** The ways between the tiles as they are drawn, measured anew whenever the paper has another size. */
function useWays(mats: TwoMats) {
  const paper = useRef<HTMLDivElement>(null);
  const [ways, setWays] = useState<readonly Way[]>([]);
  const measure = useCallback(() => {
    const sheet = paper.current;
    if (!sheet) return;
    const around = sheet.getBoundingClientRect();
    const tiles = new Map<string, DOMRect>();
    for (const side of sheet.querySelectorAll('section')) {
      for (const tile of side.querySelectorAll<HTMLElement>('[data-tile]')) {
        const which = side === sheet.querySelector('section') ? 'from' : 'to';
        tiles.set(`${which} ${tile.dataset.tile}`, tile.getBoundingClientRect());
      }
    }
    const bottom = around.height - 18;
    const middle = around.width / 2;
    setWays(
      mats.slides.flatMap((slide): readonly Way[] => {
        const from = slide.from === null ? null : tiles.get(`from ${slide.from}`);
        const to = slide.to === null ? null : tiles.get(`to ${slide.to}`);
        if (from === undefined || to === undefined) return [];
        const start = from && [from.right - around.left, from.top + from.height / 2 - around.top];
        const end = to && [to.left - around.left, to.top + to.height / 2 - around.top];
        const kind = !to
          ? 'goes'
          : !from
            ? 'arrives'
            : placeOf(slide.from!) === placeOf(slide.to!)
              ? 'stays'
              : 'moves';
        return [{ slide, kind, path: pathOf(start, end, middle, bottom) }];
      }),
    );
  }, [mats]);
  useLayoutEffect(() => {
    measure();
    const sheet = paper.current;
    if (!sheet) return undefined;
    const watch = new ResizeObserver(measure);
    watch.observe(sheet);
    return () => watch.disconnect();
  }, [measure]);
  return { paper, ways };
}

/** A way that leaves and arrives level; to the shelf it hangs down, and from there it climbs. */
function pathOf(
  start: readonly number[] | null,
  end: readonly number[] | null,
  middle: number,
  bottom: number,
): string {
  const round = (values: readonly number[]) => values.map((value) => Math.round(value)).join(' ');
  if (start && end) {
    const half = (start[0]! + end[0]!) / 2;
    return `M${round(start)} C${round([half, start[1]!])} ${round([half, end[1]!])} ${round(end)}`;
  }
  if (start) {
    return `M${round(start)} C${round([middle - 4, start[1]!])} ${round([middle - 4, start[1]!])} ${round([middle - 4, bottom])}`;
  }
  return `M${round([middle + 4, bottom])} C${round([middle + 4, end![1]!])} ${round([middle + 4, end![1]!])} ${round(end!)}`;
}
