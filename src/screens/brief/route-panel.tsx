'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { briefRanges, type Conditions, type Route } from '@/core/brief';
import type { MeasuringProgress } from '@/core/brief/route-measures';
import type { ReadRoute } from '@/core/exchange/gpx';
import { whyTrackTooLarge } from '@/core/exchange/limits';
import { walkingHours } from '@/core/models';
import { terrains, type Terrain } from '@/core/models/words';
import { printNumber, type Outcome } from '@/core/quantity';
import { whyFailed } from '@/store/why-failed';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { FileChoice } from '@/ui/fields/file-choice';
import { Panel } from '@/ui/fields/panel';
import { Progress } from '@/ui/files/progress';
import type { Call } from '@/workers/beside';
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
  const reading = useRef<Call<Outcome<ReadRoute> | null> | null>(null);
  const [progress, setProgress] = useState<
    (MeasuringProgress & { readonly fileName: string }) | null
  >(null);
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
      {route && (
        <Text fontSize="sm" color="fg.muted" marginTop="3">
          Railway lines and private land: ask for leave. Ice and fords: ask who knows them there;
          turn back if in doubt.
        </Text>
      )}
      {progress && (
        <Progress
          what={`Reading ${progress.fileName}`}
          done={progress.looked}
          outOf={progress.outOf}
          onStop={() => {
            reading.current?.cancel();
            reading.current = null;
            setProgress(null);
          }}
        />
      )}
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
    reading.current?.cancel();
    reading.current = null;
    const refuse = (why: string) => setTold({ isRefused: true, says: `${file.name}: ${why}` });
    const tooLarge = whyTrackTooLarge(file.size);
    if (tooLarge) return refuse(tooLarge);
    setTold(null);
    setProgress({ fileName: file.name, looked: 0, outOf: 0 });
    const bytes = new Uint8Array(await file.arrayBuffer());
    const call = callRoute(bytes, (progress) => {
      if (reading.current === call) setProgress({ fileName: file.name, ...progress });
    });
    reading.current = call;
    const read = await call.result.catch((error: unknown) => whyFailed(error));
    // Stopped, or another file was chosen meanwhile.
    if (reading.current !== call) return undefined;
    reading.current = null;
    setProgress(null);
    if (read === null) return undefined;
    if (typeof read === 'string') return refuse(read);
    if (!read.ok) return refuse(read.problem.message);
    const { route: found, measures } = read.value;
    const terrain = route?.terrain ?? found.terrain;
    if (!change({ route: { ...found, terrain } })) return undefined;
    return setTold({
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
