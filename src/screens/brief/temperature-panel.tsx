'use client';

import { Box, Text } from '@chakra-ui/react';
import { lazy, Suspense, useMemo } from 'react';
import { climateByDay, type Brief, type Conditions } from '@/core/brief';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { useUnderBrief } from '@/ui/kit/under-brief';

const TemperatureChart = lazy(() =>
  import('./temperature-chart').then((module) => ({ default: module.TemperatureChart })),
);

interface TemperaturePanelProps {
  readonly brief: Brief;
  readonly conditions: Conditions;
  readonly view: KitView;
}

/** The temperatures over the dates, and how cold a night the kit is good for. */
export function TemperaturePanel({ brief, conditions, view }: TemperaturePanelProps) {
  const { period, lowC, highC } = conditions;
  const under = useUnderBrief(view);
  const days = useMemo(() => climateByDay(brief, period), [brief, period]);
  const sleep = under?.needs.find(({ need }) => need === 'sleep') ?? null;
  return (
    <Panel
      title="Warm and cold"
      says={
        days.length < 2
          ? 'Say where and when, and the temperatures of the time stand here.'
          : 'By the simulated climate, unless typed.'
      }
    >
      {days.length > 1 && (
        <Box minHeight="190px">
          <Suspense fallback={<Text>Drawing…</Text>}>
            <TemperatureChart
              days={days}
              lowC={lowC?.value ?? null}
              highC={highC?.value ?? null}
              sleepC={sleep?.unit === '°C' ? sleep.supply : null}
            />
          </Suspense>
        </Box>
      )}
    </Panel>
  );
}
