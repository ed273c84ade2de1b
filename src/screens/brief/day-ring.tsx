'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import type { Brief, Conditions } from '@/core/brief';
import { daylightOf, sunHours } from '@/core/models';
import { printNumber } from '@/core/quantity';
import { Panel } from '@/ui/fields/panel';
import { clockIn, useTimeZone } from './time-zone';

/** The day of the time’s longest night as a ring of twenty-four hours: sun, twilight, dark; midnight is at the foot. */
export function DayRing({
  brief,
  conditions,
}: {
  readonly brief: Brief;
  readonly conditions: Conditions;
}) {
  const { place } = brief;
  const { period } = conditions;
  const zone = useTimeZone(place);
  if (place === null || period === null) {
    return (
      <Panel title="The day" says="Say where and when, and the light of the day stands here.">
        {null}
      </Panel>
    );
  }
  const { latitude, longitude } = place;
  const day = period.looksAt.reduce((darkest, each) =>
    darkOn(latitude, longitude, each) > darkOn(latitude, longitude, darkest) ? each : darkest,
  );
  const sunH = sunHours(latitude, longitude, day);
  const light = daylightOf(latitude, longitude, day);
  const lightH = light.dayHours;
  const darkH = 24 - lightH;
  const parts = [
    ['sun', sunH, '#f2c14e'],
    ['twilight', Math.max(0, lightH - sunH), '#b98a5e'],
    ['dark', darkH, '#3a2c22'],
  ] as const;
  return (
    <Panel title="The day" says={`By the sun, on ${day}, the darkest of the time.`}>
      <Flex gap="5" align="center">
        <svg
          viewBox="-60 -60 120 120"
          width="150"
          height="150"
          role="img"
          aria-label={parts.map(([name, hours]) => `${name} ${printNumber(hours, 1)} h`).join(', ')}
        >
          <circle r="42" fill="none" stroke="#3a2c22" strokeWidth="18" />
          <Arc hours={lightH} colour="#b98a5e" />
          <Arc hours={sunH} colour="#f2c14e" />
          {[0, 6, 12, 18].map((hour) => (
            <text
              key={hour}
              x={Math.sin((hour / 12) * Math.PI) * -25}
              y={Math.cos((hour / 12) * Math.PI) * 25}
              textAnchor="middle"
              dominantBaseline="central"
              fontSize="10"
              fill="currentColor"
            >
              {hour}
            </text>
          ))}
        </svg>
        <Box as="ul" listStyleType="none" fontSize="sm">
          {parts.map(([name, hours, colour]) => (
            <Flex as="li" key={name} gap="2" align="center" paddingY="0.5">
              <Box
                width="14px"
                height="14px"
                borderRadius="4px"
                borderWidth="1px"
                style={{ background: colour }}
              />
              {name} {printNumber(hours, 1)} h
            </Flex>
          ))}
          {zone !== null && light.dawnUtc !== null && light.duskUtc !== null && (
            <Text as="li" marginTop="2">
              Light from {clockIn(zone, light.dawnUtc)} to {clockIn(zone, light.duskUtc)} by the
              clocks there ({zone})
            </Text>
          )}
          {conditions.lowC && conditions.highC && (
            <Text as="li" marginTop="2">
              {printNumber(conditions.lowC.value, 0)} to {printNumber(conditions.highC.value, 0)} °C
            </Text>
          )}
        </Box>
      </Flex>
    </Panel>
  );
}

function darkOn(latitude: number, longitude: number, day: string): number {
  return daylightOf(latitude, longitude, day).darkHours;
}

/** So many hours about noon, which is at the top. */
function Arc({ hours, colour }: { readonly hours: number; readonly colour: string }) {
  if (hours <= 0) return null;
  if (hours >= 24) return <circle r="42" fill="none" stroke={colour} strokeWidth="18" />;
  const half = (hours / 24) * Math.PI;
  const [x, y] = [Math.sin(half) * 42, -Math.cos(half) * 42];
  return (
    <path
      d={`M${-x} ${y}A42 42 0 ${hours > 12 ? 1 : 0} 1 ${x} ${y}`}
      fill="none"
      stroke={colour}
      strokeWidth="18"
    />
  );
}
