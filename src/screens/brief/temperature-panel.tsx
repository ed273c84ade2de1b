'use client';

import { Box, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { climateByDay, type Brief, type Conditions } from '@/core/brief';
import { Panel } from '@/ui/fields/panel';
import { later } from '@/ui/late/later';
import { useUnderBrief } from '@/ui/kit/under-brief';

const TemperatureChart = later(
  () => import('./temperature-chart').then((module) => module.TemperatureChart),
  <Text>Drawing…</Text>,
);

interface TemperaturePanelProps {
  readonly brief: Brief;
  readonly conditions: Conditions;
}

/** The temperatures over the dates, and how cold a night the kit is good for. */
export function TemperaturePanel({ brief, conditions }: TemperaturePanelProps) {
  const { period, lowC, highC } = conditions;
  const under = useUnderBrief();
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
          <TemperatureChart
            days={days}
            lowC={lowC?.value ?? null}
            highC={highC?.value ?? null}
            sleepC={sleep?.unit === '°C' ? sleep.supply : null}
          />
        </Box>
      )}
    </Panel>
  );
}
