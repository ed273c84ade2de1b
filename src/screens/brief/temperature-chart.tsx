'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import {
  CategoryScale,
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartDataset,
} from 'chart.js';
import { useTheme } from 'next-themes';
import { useEffect, useRef } from 'react';
import type { DayClimate } from '@/core/brief';
import { printNumber } from '@/core/quantity';

Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale, Filler);

interface TemperatureChartProps {
  readonly days: readonly DayClimate[];
  /** A cold night and a hot day, as the kit is judged by. */
  readonly lowC: number | null;
  readonly highC: number | null;
  /** The lowest temperature that the worst off sleeps through; null where it is not known. */
  readonly sleepC: number | null;
}

type Key = 'high' | 'low' | 'sleep';

const signs: Readonly<Record<Key, { readonly name: string; readonly dash: readonly number[] }>> = {
  high: { name: 'usual high, and a hot day above', dash: [] },
  low: { name: 'usual low, and a cold night beneath', dash: [6, 4] },
  sleep: { name: 'slept through with this kit', dash: [2, 3] },
};

/** The temperatures of each day, with how far single days lie from them, and the sleep limit across. */
export function TemperatureChart({ days, lowC, highC, sleepC }: TemperatureChartProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { resolvedTheme } = useTheme();
  useEffect(() => {
    const paper = canvas.current;
    if (!paper) return;
    const style = getComputedStyle(paper);
    const ink = style.color;
    const colour = (name: string) => style.getPropertyValue(`--acorn-colors-${name}`).trim();
    const chart = new Chart(paper, {
      type: 'line',
      data: { labels: days.map(({ day }) => dayInWords(day)), datasets: datasetsOf(colour) },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
        scales: {
          x: { ticks: { color: ink, maxTicksLimit: 6, maxRotation: 0 }, grid: { display: false } },
          y: {
            ticks: { color: ink, callback: (value) => `${value} °C`, maxTicksLimit: 7 },
            grid: { color: colour('border') },
          },
        },
      },
    });
    return () => chart.destroy();

    function datasetsOf(of: (name: string) => string): ChartDataset<'line'>[] {
      const line = (key: Key, data: number[], borderColor: string): ChartDataset<'line'> => ({
        data,
        borderColor,
        borderDash: [...signs[key].dash],
        borderWidth: 2.5,
        pointRadius: 0,
      });
      const edge = (data: number[], fill: string, shade: string): ChartDataset<'line'> => ({
        data,
        fill,
        backgroundColor: `color-mix(in srgb, ${shade} 22%, transparent)`,
        borderWidth: 0,
        pointRadius: 0,
      });
      const [warm, cold] = [of('signal-solid'), of('leaf-solid')];
      const highs = days.map((day) => day.highC);
      const lows = days.map((day) => day.lowC);
      return [
        line('high', highs, warm),
        edge(
          days.map((day) => day.highC + day.spreadC),
          '-1',
          warm,
        ),
        line('low', lows, cold),
        edge(
          days.map((day) => day.lowC - day.spreadC),
          '-1',
          cold,
        ),
        ...(sleepC === null
          ? []
          : [
              line(
                'sleep',
                days.map(() => sleepC),
                ink,
              ),
            ]),
      ];
    }
  }, [days, sleepC, resolvedTheme]);
  return (
    <Box color="fg">
      <Box height="190px" position="relative">
        <canvas ref={canvas} role="img" aria-label={inWords({ days, lowC, highC, sleepC })} />
      </Box>
      <Box as="ul" listStyleType="none" fontSize="sm" marginTop="2">
        {(Object.keys(signs) as Key[])
          .filter((key) => key !== 'sleep' || sleepC !== null)
          .map((key) => (
            <Flex as="li" key={key} gap="2" align="center">
              <svg width="30" height="8" aria-hidden>
                <path
                  d="M0 4h30"
                  strokeWidth="2.5"
                  strokeDasharray={signs[key].dash.join(' ')}
                  stroke={colours[key]}
                />
              </svg>
              {signs[key].name}
              {key === 'sleep' && sleepC !== null && ` (${printNumber(sleepC, 0)} °C)`}
            </Flex>
          ))}
      </Box>
      {(lowC !== null || highC !== null) && (
        <Text fontSize="sm" color="fg.muted" marginTop="2">
          {inWords({ days, lowC, highC, sleepC })}
        </Text>
      )}
    </Box>
  );
}

const colours: Readonly<Record<Key, string>> = {
  high: 'var(--acorn-colors-signal-solid)',
  low: 'var(--acorn-colors-leaf-solid)',
  sleep: 'currentColor',
};

function inWords({ days, lowC, highC, sleepC }: TemperatureChartProps): string {
  const usual = `Usual lows from ${degrees(Math.min(...days.map((day) => day.lowC)))}, highs up to ${degrees(Math.max(...days.map((day) => day.highC)))}.`;
  const judged =
    lowC === null || highC === null
      ? ''
      : ` The kit is judged by ${degrees(lowC)} and ${degrees(highC)}.`;
  if (sleepC === null) return usual + judged;
  const colder = days.filter((day) => day.lowC - day.spreadC < sleepC).length;
  return `${usual}${judged} It is slept through down to ${degrees(sleepC)}${colder === 0 ? '' : `, and cold nights of ${colder} in ${days.length} days are below`}.`;
}

function degrees(tempC: number): string {
  return `${printNumber(tempC, 0)} °C`.replace(/^-0 /, '0 ');
}

const shortDay = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

function dayInWords(day: string): string {
  return shortDay.format(new Date(`${day}T00:00:00Z`));
}
