'use client';

import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { needNames, type Need } from '@/core/needs/need';
import type { NeedsKit } from '@/core/needs';
import type { Worked } from '@/core/models/run-model';
import { printNumber } from '@/core/quantity';
import type { KitView } from '@/ui/kit/kit-view';
import { standingSigns } from '@/ui/kit/standing-signs';
import { HangsOnList } from './hangs-on-list';
import { PitchPlan } from './pitch-plan';
import { NeedFixes } from './need-fixes';

interface NeedSheetProps {
  readonly need: Need;
  /** How many days the trip has; null where nobody said. */
  readonly days: number | null;
}

/** One need in a line: its standing, its days as a bar against the trip’s; opened, how it was worked out. */
export function NeedSheet({
  need,
  days,
  view,
  kit,
}: NeedSheetProps & { readonly view: KitView; readonly kit: NeedsKit }) {
  const [isOpen, setIsOpen] = useState(false);
  const { sign, colour, bar } = standingSigns[need.standing];
  return (
    <Box as="li" bg="panel" borderWidth="1px" borderRadius="14px" data-need={need.need}>
      <chakra.button
        type="button"
        width="100%"
        textAlign="left"
        cursor="pointer"
        padding="3"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
        display="grid"
        gridTemplateColumns={{ base: '1fr auto', md: '190px minmax(0, 1fr) 150px' }}
        gap="2"
        alignItems="center"
      >
        <Flex gap="2" align="baseline">
          <Text as="span" role="img" aria-label={need.standing} color={colour}>
            {sign}
          </Text>
          <Text as="span" fontFamily="heading" fontWeight="700">
            {needNames[need.need]}
          </Text>
        </Flex>
        <Text
          fontSize="sm"
          gridColumn={{ base: '1 / -1', md: 'auto' }}
          gridRow={{ base: 2, md: 'auto' }}
        >
          {need.says}
        </Text>
        <DaysBar need={need} days={days} colour={bar} />
      </chakra.button>
      {isOpen && (
        <Box paddingX="4" paddingBottom="4" fontSize="sm">
          <Working need={need} />
          {need.need === 'roof' && <PitchPlan kit={kit} />}
          <HangsOnList view={view} need={need} />
          <NeedFixes view={view} need={need} />
        </Box>
      )}
    </Box>
  );
}

function DaysBar({ need, days, colour }: NeedSheetProps & { readonly colour: string }) {
  const lasts = need.days;
  if (lasts === null)
    return (
      <Text fontSize="xs" color="fg.muted" textAlign="right">
        {need.standing}
      </Text>
    );
  const share = days === null || lasts === Infinity ? 1 : Math.min(1, lasts / days);
  return (
    <Box minWidth="92px">
      <Text fontSize="xs" textAlign="right" whiteSpace="nowrap">
        {lasts === Infinity
          ? 'does not run out'
          : `${printNumber(lasts, lasts < 100 ? 1 : 0)} days`}
      </Text>
      <Box height="8px" borderRadius="full" bg="tag.deep" overflow="hidden">
        <Box height="100%" bg={colour} style={{ width: `${share * 100}%` }} />
      </Box>
    </Box>
  );
}

function Working({ need }: { readonly need: Need }) {
  return (
    <Box>
      {need.demand !== null && (
        <Text marginBottom="2">
          Asked {figure(need.demand, need.unit)}
          {need.supply !== null &&
            `, given ${need.supply === Infinity ? 'as much as is wanted' : figure(need.supply, need.unit)}`}
          .
        </Text>
      )}
      {need.steps.map((step) => (
        <Text key={step} marginBottom="1">
          {step}
        </Text>
      ))}
      {need.worked.map((worked, at) => (
        <WorkedOut key={`${worked.model} ${at}`} worked={worked} />
      ))}
    </Box>
  );
}

function figure(value: number, unit: string): string {
  return `${printNumber(value, Math.abs(value) < 20 ? 2 : 0)} ${unit}`;
}

/** A model’s figure, that whoever doubts it can work again: formula, inputs, source. */
function WorkedOut({ worked }: { readonly worked: Worked }) {
  const { model, value, unit, formula, inputs, source, note } = worked;
  return (
    <Box as="details" marginTop="2" borderTopWidth="1px" paddingTop="2">
      <chakra.summary cursor="pointer" minHeight="6">
        {model}:{' '}
        <b>
          {typeof value === 'number'
            ? figure(value, unit)
            : value === null
              ? 'does not apply'
              : 'several figures'}
        </b>
        {note !== null && `, ${note}`}
      </chakra.summary>
      <Text color="fg.muted">{formula}</Text>
      <Text>
        {Object.entries(inputs)
          .map(
            ([name, input]) =>
              `${name} ${typeof input === 'number' ? printNumber(input, 2) : input}`,
          )
          .join(', ')}
      </Text>
      <Text color="fg.muted">{source}</Text>
    </Box>
  );
}
