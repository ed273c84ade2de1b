'use client';

import { Flex, Text } from '@chakra-ui/react';
import { briefRanges, type Conditions, type TypedWeather } from '@/core/brief';
import { printNumber } from '@/core/quantity';
import { Panel } from '@/ui/fields/panel';
import { FigureField } from './figure-field';
import type { BriefProps } from './use-brief';
import type { Asking } from './use-climate';

interface WeatherPanelProps extends BriefProps {
  readonly conditions: Conditions;
  readonly asking: Asking;
}

const fields = [
  ['lowC', 'Low of a cold night, °C', 'lowC'],
  ['highC', 'High of a hot day, °C', 'highC'],
  ['humidityPct', 'Humidity, %', 'humidityPct'],
  ['rainDays', 'Rainy days a month', 'rainDays'],
  ['windKmh', 'Wind, km/h', 'windKmh'],
] as const satisfies readonly (readonly [keyof TypedWeather, string, keyof Conditions])[];

/** Cold, heat, wet and wind: the climate service’s, unless they are typed. */
export function WeatherPanel({ brief, change, conditions, asking }: WeatherPanelProps) {
  const { weather } = brief;
  return (
    <Panel title="Weather" says={saysOf(asking, brief.heard?.on ?? null)}>
      <Flex gap="3" wrap="wrap" align="flex-start">
        {fields.map(([field, label, told]) => {
          const climate = conditions[told];
          return (
            <FigureField
              key={field}
              label={label}
              flex="1 1 112px"
              range={briefRanges[field]}
              value={weather[field]}
              unlessTyped={
                climate?.by === 'climate'
                  ? `${printNumber(climate.value, 0)}${isWarmth(field) && conditions.lows ? ` ±${conditions.lows.errorC}` : ''} by the climate`
                  : 'not known'
              }
              onChange={(next) => change({ weather: { ...weather, [field]: next } })}
            />
          );
        })}
      </Flex>
      {conditions.dark && (
        <Text fontSize="sm" marginTop="3">
          {conditions.dark.longestH < 0.5
            ? 'It does not get dark.'
            : `Dark for ${printNumber(conditions.dark.longestH, 1)} h in the longest night.`}
        </Text>
      )}
    </Panel>
  );
}

function isWarmth(field: keyof TypedWeather): boolean {
  return field === 'lowC' || field === 'highC';
}

function saysOf(asking: Asking, heardOn: string | null): string {
  const simulated =
    'The climate is simulated: type the figures of a real forecast where you have them.';
  switch (asking.state) {
    case 'needs a place':
      return 'Say where, how high and in what country, and the climate service is asked; or type the figures.';
    case 'asking':
      return 'Asking the climate service…';
    case 'heard':
      return `${simulated} The low is that of the coldest night of the trip, the high that of a hot day.`;
    case 'not reached':
      return heardOn === null
        ? `The climate service cannot be reached (${asking.why}): type the figures you know.`
        : `The climate service cannot be reached (${asking.why}). Its answer of ${heardOn} holds while the place is the same. ${simulated}`;
  }
}
