'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { geoEquirectangular, geoGraticule10, geoPath } from 'd3-geo';
import { useState, type KeyboardEvent, type MouseEvent } from 'react';
import { feature, mesh } from 'topojson-client';
import type { GeometryCollection, Topology } from 'topojson-specification';
import world from 'world-atlas/countries-110m.json';
import { Button } from '@/ui/fields/button';
import { placeInWords } from './place-words';

const atlas = world as unknown as Topology<{
  countries: GeometryCollection;
  land: GeometryCollection;
}>;
const land = feature(atlas, atlas.objects.land);
const borders = mesh(atlas, atlas.objects.countries, (one, other) => one !== other);
const graticule = geoGraticule10();

const wide = 720;
const high = 360;
const closest = 16;

interface Point {
  readonly latitude: number;
  readonly longitude: number;
}

interface WorldMapProps {
  readonly place: Point | null;
  readonly onPick: (place: Point) => void;
}

/** The world to point on: a press marks a place, arrow keys move the mark, + and − come closer and go back. */
export function WorldMap({ place, onPick }: WorldMapProps) {
  const [closeness, setCloseness] = useState(1);
  const mark = place ?? { latitude: 0, longitude: 0 };
  const centre = closeness === 1 ? { latitude: 0, longitude: 0 } : inSight(mark, closeness);
  const projection = geoEquirectangular()
    .scale((wide / (2 * Math.PI)) * closeness)
    .translate([wide / 2, high / 2])
    .rotate([-centre.longitude, 0])
    .center([0, centre.latitude])
    .clipExtent([
      [0, 0],
      [wide, high],
    ]);
  const path = geoPath(projection);
  const at = place && projection([place.longitude, place.latitude]);
  const decimals = closeness >= 8 ? 2 : 1;

  function pick(event: MouseEvent<SVGSVGElement>): void {
    const box = event.currentTarget.getBoundingClientRect();
    const found = projection.invert?.([
      ((event.clientX - box.left) / box.width) * wide,
      ((event.clientY - box.top) / box.height) * high,
    ]);
    if (found) onPick(rounded({ latitude: found[1], longitude: found[0] }, decimals));
  }

  function move(event: KeyboardEvent): void {
    const step = (event.shiftKey ? 10 : 1) / closeness;
    const steps: Readonly<Record<string, readonly [number, number]>> = {
      ArrowUp: [step, 0],
      ArrowDown: [-step, 0],
      ArrowRight: [0, step],
      ArrowLeft: [0, -step],
    };
    const by = steps[event.key];
    if (by) {
      event.preventDefault();
      onPick(
        rounded({ latitude: mark.latitude + by[0], longitude: mark.longitude + by[1] }, decimals),
      );
    } else if (event.key === '+' || event.key === '=') closer(2);
    else if (event.key === '-') closer(0.5);
  }

  function closer(times: number): void {
    setCloseness((before) => Math.min(closest, Math.max(1, before * times)));
  }

  return (
    <Box marginTop="3">
      <Box
        role="application"
        aria-label="Map of the world. Arrow keys move the mark, with Shift by ten; plus and minus come closer and go back."
        aria-roledescription="map"
        tabIndex={0}
        onKeyDown={move}
        borderWidth="1px"
        borderRadius="12px"
        overflow="hidden"
        color="fg"
        bg="tag"
      >
        <svg
          viewBox={`0 0 ${wide} ${high}`}
          width="100%"
          onClick={pick}
          style={{ cursor: 'crosshair', display: 'block' }}
          aria-hidden
        >
          <path d={path(graticule) ?? ''} fill="none" stroke="currentColor" opacity="0.12" />
          <path
            d={path(land) ?? ''}
            fill="var(--acorn-colors-leaf-solid)"
            opacity="0.45"
            stroke="currentColor"
            strokeWidth="0.6"
          />
          <path
            d={path(borders) ?? ''}
            fill="none"
            stroke="currentColor"
            opacity="0.35"
            strokeWidth="0.5"
          />
          {at && (
            <g transform={`translate(${at[0]} ${at[1]})`} fill="none" stroke="currentColor">
              <circle r="9" strokeWidth="2.5" />
              <path d="M-15 0h10M5 0h10M0 -15v10M0 5v10" strokeWidth="2" />
            </g>
          )}
        </svg>
      </Box>
      <Flex gap="2" marginTop="2" align="center" wrap="wrap">
        <Button size="sm" disabled={closeness >= closest} onClick={() => closer(2)}>
          Closer
        </Button>
        <Button size="sm" disabled={closeness <= 1} onClick={() => closer(0.5)}>
          Farther
        </Button>
        <Text fontSize="sm" role="status">
          {place ? placeInWords(place) : 'Press where it is.'}
        </Text>
      </Flex>
    </Box>
  );
}

/** A middle of the picture about a mark that shows no more than there is to the north and south. */
function inSight({ latitude, longitude }: Point, closeness: number): Point {
  const most = 90 - 90 / closeness;
  return { latitude: Math.min(most, Math.max(-most, latitude)), longitude };
}

function rounded({ latitude, longitude }: Point, decimals: number): Point {
  const to = 10 ** decimals;
  const around = ((((longitude + 180) % 360) + 360) % 360) - 180;
  return {
    latitude: Math.round(Math.min(90, Math.max(-90, latitude)) * to) / to,
    longitude: Math.round(around * to) / to,
  };
}
