'use client';

import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import {
  Chart,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartDataset,
} from 'chart.js';
import { useTheme } from 'next-themes';
import { useEffect, useMemo, useRef } from 'react';
import {
  daysBetween,
  printMass,
  printMoney,
  type Currency,
  type UnitSystem,
} from '@/core/quantity';
import { lifeOf, schemeOf, type LifePoint } from '@/core/scheme';
import { usePreferences } from '@/store/preferences';
import { Folded } from '@/ui/fields/folded';
import { Panel } from '@/ui/fields/panel';
import { PlainTable } from '@/ui/fields/plain-table';
import type { KitView } from '@/ui/kit/kit-view';

Chart.register(LineController, LineElement, PointElement, LinearScale);

/** The life of a kit as lines over the years: what it weighed, what it was worth and what it covered, version by version. */
export function Life({ view }: { readonly view: KitView }) {
  const { bench, own, units, kit } = view;
  const { scheme } = usePreferences();
  const life = useMemo(
    () => lifeOf(bench, own, schemeOf(bench, scheme), kit.day),
    [bench, own, scheme, kit.day],
  );
  const first = life[0]!;
  return (
    <Panel title={`The life of ${own.name}`} className="no-print">
      {life.length < 2 ? (
        <Text>
          It begins with the first version that is kept: from then on its mass, its price and its
          cover are lines here.
        </Text>
      ) : (
        <>
          <Grid
            templateColumns={{ base: 'minmax(0, 1fr)', md: 'repeat(3, minmax(0, 1fr))' }}
            gap="4"
          >
            <Line
              name="Mass"
              life={life}
              figure={({ massG }) => massG / 1000}
              print={({ massG }) => printMass(massG, units)}
              colour="bark"
            />
            <Line
              name="Price"
              life={life}
              figure={({ priceMinor }) => priceMinor / 100}
              print={({ priceMinor }) => printMoney(priceMinor, bench.currency)}
              colour="signal-solid"
            />
            <Line
              name="Cover"
              life={life}
              figure={({ covered, outOf }) => (outOf === 0 ? 0 : (100 * covered) / outOf)}
              print={({ covered, outOf }) => `${covered} of ${outOf}`}
              colour="leaf-solid"
            />
          </Grid>
          <Text fontSize="sm" color="fg.muted" marginTop="2">
            {life.length - 1} {life.length === 2 ? 'version' : 'versions'} since {first.day}; each
            as it was relied on on its own day.
          </Text>
          <Folded title="As a table">
            <LifeTable life={life} units={units} currency={bench.currency} />
          </Folded>
        </>
      )}
    </Panel>
  );
}

interface LineProps {
  readonly name: string;
  readonly life: readonly LifePoint[];
  readonly figure: (point: LifePoint) => number;
  readonly print: (point: LifePoint) => string;
  /** The name of a colour of the theme. */
  readonly colour: string;
}

function Line({ name, life, figure, print, colour }: LineProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { resolvedTheme } = useTheme();
  const [first, last] = [life[0]!, life.at(-1)!];
  const figures = life.map(figure);
  const shown = JSON.stringify(
    life.map(({ day }, at) => [daysBetween(first.day, day), figures[at]]),
  );
  useEffect(() => {
    const paper = canvas.current;
    if (!paper) return undefined;
    const style = getComputedStyle(paper);
    const stroke = style.getPropertyValue(`--acorn-colors-${colour}`).trim();
    const points = (JSON.parse(shown) as [number, number][]).map(([x, y]) => ({ x, y }));
    const line: ChartDataset<'line'> = {
      data: points,
      borderColor: stroke,
      backgroundColor: stroke,
      borderWidth: 2.5,
      pointRadius: 4,
      // What a kit is it stays until it is changed.
      stepped: 'before',
    };
    const chart = new Chart(paper, {
      type: 'line',
      data: { datasets: [line] },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        layout: { padding: 6 },
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
        scales: { x: { type: 'linear', display: false }, y: { display: false, grace: '15%' } },
      },
    });
    return () => chart.destroy();
  }, [shown, colour, resolvedTheme]);
  return (
    <Box>
      <Flex justify="space-between" align="baseline">
        <Text fontSize="sm" fontWeight="600">
          {name}
        </Text>
        <Text fontFamily="heading" fontWeight="700">
          {print(first)} → {print(last)}
        </Text>
      </Flex>
      <Box height="92px" position="relative">
        <canvas
          ref={canvas}
          role="img"
          aria-label={`${name} from ${print(first)} on ${first.day} to ${print(last)} on ${last.day}`}
        />
      </Box>
      <Flex justify="space-between" fontSize="xs" color="fg.muted">
        <span>{first.day}</span>
        <span>today</span>
      </Flex>
    </Box>
  );
}

interface LifeTableProps {
  readonly life: readonly LifePoint[];
  readonly units: UnitSystem;
  readonly currency: Currency;
}

function LifeTable({ life, units, currency }: LifeTableProps) {
  return (
    <PlainTable>
      <thead>
        <tr>
          {['Day', 'Note', 'Pieces', 'Mass', 'Price', 'Cover'].map((head) => (
            <th key={head} scope="col">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {life.map((point) => (
          <tr key={point.version ?? 'now'}>
            <td>{point.version === null ? 'today' : point.day}</td>
            <td>{point.note}</td>
            <td>{point.pieces}</td>
            <td>{printMass(point.massG, units)}</td>
            <td>{printMoney(point.priceMinor, currency)}</td>
            <td>
              {point.covered} of {point.outOf}
            </td>
          </tr>
        ))}
      </tbody>
    </PlainTable>
  );
}
