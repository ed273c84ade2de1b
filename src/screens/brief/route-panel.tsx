'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { briefRanges, type Conditions, type Route } from '@/core/brief';
import { whyTrackTooLarge } from '@/core/exchange/limits';
import { walkingHours } from '@/core/models';
import { terrains, type Terrain } from '@/core/models/words';
import { printNumber } from '@/core/quantity';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { FileChoice } from '@/ui/fields/file-choice';
import { Panel } from '@/ui/fields/panel';
import { callRoute } from '@/workers/exchange-calls';
import { FigureField } from './figure-field';
import { RouteDrawing } from './route-drawing';
import type { BriefProps } from './use-brief';

const noRoute: Route = {
  name: '',
  distanceKm: 0,
  ascentM: 0,
  terrain: 'dirt',
  dryKm: null,
  line: [],
};

interface RoutePanelProps extends BriefProps {
  readonly conditions: Conditions;
}

/** The way: out of a file, or typed; how long it takes to walk, and how far it is from water to water. */
export function RoutePanel({ brief, change, conditions }: RoutePanelProps) {
  const { route } = brief;
  const [told, setTold] = useState<{ readonly isRefused: boolean; readonly says: string } | null>(
    null,
  );
  const set = (part: Partial<Route>) => change({ route: { ...(route ?? noRoute), ...part } });
  return (
    <Panel
      title="The way"
      says="A track gives distance, climb and the dry stretch between the waters marked on it; or type them."
    >
      <Flex gap="3" wrap="wrap" align="flex-start">
        <FigureField
          label="Distance, km"
          flex="1 1 96px"
          range={briefRanges.distanceKm}
          value={route?.distanceKm ?? null}
          onChange={(distanceKm) => set({ distanceKm: distanceKm ?? 0, line: [] })}
        />
        <FigureField
          label="Climb, m"
          flex="1 1 96px"
          range={briefRanges.ascentM}
          value={route?.ascentM ?? null}
          onChange={(ascentM) => set({ ascentM: ascentM ?? 0 })}
        />
        <FigureField
          label="Longest dry stretch, km"
          flex="1 1 150px"
          range={briefRanges.dryKm}
          value={route?.dryKm ?? null}
          onChange={(dryKm) => set({ dryKm })}
        />
        <Choice<Terrain>
          label="Underfoot"
          value={route?.terrain ?? 'dirt'}
          options={terrains.map((each) => [each, each] as const)}
          onChange={(terrain) => set({ terrain })}
        />
      </Flex>
      <Flex gap="2" wrap="wrap" marginTop="3">
        <FileChoice
          label="Track of the way"
          accept=".gpx,application/gpx+xml,application/xml,text/xml"
          onChoose={(file) => void take(file)}
        >
          Take from a GPX file…
        </FileChoice>
        {route && (
          <Button
            variant="plain"
            onClick={() => {
              setTold(null);
              change({ route: null });
            }}
          >
            No way
          </Button>
        )}
      </Flex>
      {told && (
        <Box
          role={told.isRefused ? 'alert' : 'status'}
          marginTop="3"
          padding="3"
          borderRadius="10px"
          bg={told.isRefused ? 'signal.soft' : 'tag'}
        >
          <Text wordBreak="break-word">{told.says}</Text>
          {told.isRefused && <Text color="fg.muted">The way is as it was.</Text>}
        </Box>
      )}
      {route && route.distanceKm > 0 && <Text marginTop="3">{inWords(route, conditions)}</Text>}
      {route && route.line.length > 1 && <RouteDrawing line={route.line} />}
    </Panel>
  );

  async function take(file: File): Promise<void> {
    const tooLarge = whyTrackTooLarge(file.size);
    if (tooLarge) return setTold({ isRefused: true, says: `${file.name}: ${tooLarge}` });
    setTold({ isRefused: false, says: `Reading ${file.name}…` });
    const bytes = new Uint8Array(await file.arrayBuffer());
    const read = await callRoute(bytes).result;
    if (!read.ok)
      return setTold({ isRefused: true, says: `${file.name}: ${read.problem.message}` });
    const { route: found, measures } = read.value;
    const terrain = route?.terrain ?? found.terrain;
    change({ route: { ...found, terrain } });
    setTold({
      isRefused: false,
      says: [
        `${found.name || file.name} is in.`,
        measures.ascentM === null ? 'It tells no heights: type the climb.' : '',
        measures.watersOn > 0
          ? `${measures.watersOn} marked ${measures.watersOn === 1 ? 'water lies' : 'waters lie'} on it; its start and its end count as such.`
          : 'No waypoint on it names a water: type the longest dry stretch.',
        measures.watersOff > 0
          ? `${measures.watersOff} lie more than 500 m off, and do not count.`
          : '',
      ]
        .filter((part) => part !== '')
        .join(' '),
    });
  }
}

function inWords({ distanceKm, ascentM, terrain, name }: Route, conditions: Conditions): string {
  const hours = walkingHours(distanceKm, ascentM, terrain);
  const days = conditions.period ? conditions.period.nights + 1 : null;
  const { dryHours } = conditions;
  return [
    `${name === '' ? '' : `${name}: `}${printNumber(hours, 1)} h on foot${days === null ? '' : `, ${printNumber(hours / days, 1)} h a day over ${days} days`}.`,
    dryHours?.by === 'route'
      ? `${printNumber(dryHours.value, 1)} h of it from water to water.`
      : '',
  ]
    .filter((part) => part !== '')
    .join(' ');
}
