import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { printMoney, printNumber } from '@/core/quantity';
import { costOfKeeping } from '@/core/upkeep';
import { Folded } from '@/ui/fields/folded';
import { Panel } from '@/ui/fields/panel';
import type { DueView } from './use-due';

/** As many lines are shown. */
const mostLines = 20;

interface CostPanelProps {
  readonly view: DueView;
  /** The kit that is looked at; null for all and the shelf. */
  readonly kit: string | null;
}

/** What a year of keeping costs: an estimate, with what it is made of. */
export function CostPanel({ view: { bench, today }, kit }: CostPanelProps) {
  const { minorAYear, lines, unpriced } = useMemo(
    () => costOfKeeping(bench, today, kit),
    [bench, today, kit],
  );
  const money = (minor: number) => printMoney(Math.round(minor), bench.currency);
  return (
    <Panel
      title="What keeping costs"
      says="What is replaced by its rhythm or its date, over the years that it lasts where it lies. An estimate."
    >
      {lines.length === 0 ? (
        <Text fontSize="sm">
          Nothing here has a rhythm of replacing, or a day it came and a date.
        </Text>
      ) : (
        <>
          <Text fontFamily="heading" fontWeight="700" fontSize="xl">
            {money(minorAYear)} a year
          </Text>
          {unpriced > 0 && (
            <Text fontSize="sm" color="signal.fg">
              ▲ And more: {unpriced === 1 ? 'one line has' : `${unpriced} lines have`} no price.
            </Text>
          )}
          <Folded title="What it is made of">
            <Box as="ul" listStyleType="none">
              {lines.slice(0, mostLines).map((line) => (
                <Flex
                  as="li"
                  key={`${line.gear.id} ${line.kit?.id} ${line.lastsMonths}`}
                  justify="space-between"
                  gap="3"
                  borderTopWidth="1px"
                  paddingY="1"
                >
                  <span>
                    {line.count > 1 && `${line.count} × `}
                    {line.gear.name}
                    <Text as="span" color="fg.muted">
                      , lasts {lastsInWords(line.lastsMonths)}
                      {kit === null && line.kit && `, ${line.kit.name}`}
                    </Text>
                  </span>
                  <Text as="span" whiteSpace="nowrap">
                    {line.minorAYear === null ? 'no price' : money(line.minorAYear)}
                  </Text>
                </Flex>
              ))}
            </Box>
            {lines.length > mostLines && <Text>And {lines.length - mostLines} cheaper ones.</Text>}
          </Folded>
        </>
      )}
    </Panel>
  );
}

function lastsInWords(months: number): string {
  return months < 23 ? `${printNumber(months, 0)} months` : `${printNumber(months / 12, 1)} years`;
}
