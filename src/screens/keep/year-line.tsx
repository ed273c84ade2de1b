'use client';

import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { kitsByName, type Bench } from '@/core/loadout';
import { dayOf, daysBetween, monthIn, monthsAfter } from '@/core/quantity';
import type { Due } from '@/core/upkeep';
import { monthInWords, shortMonth } from './days-in-words';

/** As many marks hang in one month; the rest are a number. */
const mostMarks = 4;

const months = 12;

/** What is due, by what it asks for: care is an acorn, what leaves for good a leaf, what comes or goes back a ring. */
type Sign = 'care' | 'renew' | 'back';

export function signOf({ act }: Pick<Due, 'act'>): Sign {
  if (act === 'replace') return 'renew';
  return act === 'get back' || act === 'give back' || act === 'put back' ? 'back' : 'care';
}

const words: Readonly<Record<Sign, string>> = {
  care: 'look after',
  renew: 'renew',
  back: 'back where it belongs',
};

interface YearLineProps {
  readonly bench: Bench;
  readonly dues: readonly Due[];
  readonly today: string;
  /** The month that is looked at, as `2027-03`; `overdue`, or all of them. */
  readonly looked: string | null;
  readonly onLook: (month: string | null) => void;
}

/** A year as a bough: what falls due hangs on it month by month, and the trips lie along it. */
export function YearLine({ bench, dues, today, looked, onLook }: YearLineProps) {
  const [year, month] = today.split('-').map(Number) as [number, number];
  const first = dayOf(year, month, 1);
  const stretches = Array.from({ length: months }, (_, at) => monthIn(monthsAfter(first, at)));
  const overdue = dues.filter(({ on }) => on < today);
  return (
    <Box
      bg="panel"
      borderWidth="1px"
      borderRadius="16px"
      paddingX="4"
      paddingTop="3"
      paddingBottom="2"
      overflowX="auto"
    >
      <Grid templateColumns={`1.2fr repeat(${months}, 1fr)`} minWidth="720px" columnGap="0">
        <Stretch
          name="Overdue"
          label={`Overdue: ${overdue.length} due`}
          dues={overdue}
          isAlarming
          isLooked={looked === 'overdue'}
          onLook={() => onLook(looked === 'overdue' ? null : 'overdue')}
        />
        {stretches.map((stretch) => {
          const own = dues.filter(({ on }) => on >= today && monthIn(on) === stretch);
          return (
            <Stretch
              key={stretch}
              name={
                stretch.endsWith('-01')
                  ? `${shortMonth(stretch)} ’${stretch.slice(2, 4)}`
                  : shortMonth(stretch)
              }
              label={`${monthInWords(stretch)}: ${own.length} due`}
              dues={own}
              isLooked={looked === stretch}
              onLook={() => onLook(looked === stretch ? null : stretch)}
            />
          );
        })}
        <Box />
        <Box gridColumn={`2 / span ${months}`} position="relative">
          <Trips bench={bench} first={first} />
        </Box>
      </Grid>
      <Flex gap="4" fontSize="xs" color="fg.muted" marginTop="1" wrap="wrap">
        {(['care', 'renew', 'back'] as const).map((sign) => (
          <Flex key={sign} as="span" align="center" gap="1">
            <Mark sign={sign} /> {words[sign]}
          </Flex>
        ))}
      </Flex>
    </Box>
  );
}

interface StretchProps {
  readonly name: string;
  readonly label: string;
  readonly dues: readonly Due[];
  readonly isAlarming?: boolean;
  readonly isLooked: boolean;
  readonly onLook: () => void;
}

function Stretch({ name, label, dues, isAlarming = false, isLooked, onLook }: StretchProps) {
  const shown = dues.slice(0, mostMarks);
  const more = dues.length - shown.length;
  const isLoud = isAlarming && dues.length > 0;
  return (
    <Box
      as="button"
      aria-label={label}
      aria-pressed={isLooked}
      textAlign="left"
      cursor="pointer"
      borderRadius="10px"
      bg={isLooked ? 'leaf.soft' : undefined}
      _hover={{ bg: isLooked ? 'leaf.soft' : 'tag' }}
      paddingX="1"
      paddingTop="1"
      minHeight="84px"
      display="flex"
      flexDirection="column"
      onClick={onLook}
    >
      <Text
        as="span"
        fontSize="sm"
        fontWeight={isLoud ? '700' : '600'}
        color={isLoud ? 'signal.fg' : 'fg'}
      >
        {name}
      </Text>
      <Box
        as="span"
        display="block"
        height={isAlarming ? '9px' : '6px'}
        marginX="-1"
        marginTop="1"
        bg={isLoud ? 'signal.fg' : 'bark'}
        borderLeftRadius={isAlarming ? '6px' : undefined}
      />
      <Flex as="span" gap="1">
        {shown.map((due, at) => (
          <Flex as="span" key={at} direction="column" align="center">
            <Box as="span" width="2px" height={`${6 + (at % 3) * 5}px`} bg="bark" />
            <Mark sign={signOf(due)} isLoud={isLoud} />
          </Flex>
        ))}
        {more > 0 && (
          <Text as="span" fontSize="xs" alignSelf="flex-end" fontWeight="700">
            +{more}
          </Text>
        )}
      </Flex>
    </Box>
  );
}

function Mark({ sign, isLoud = false }: { readonly sign: Sign; readonly isLoud?: boolean }) {
  const colour = isLoud ? 'var(--acorn-colors-signal-fg)' : 'var(--acorn-colors-leaf-fg)';
  return (
    <svg width="13" height="14" viewBox="0 0 13 14" aria-hidden="true">
      {sign === 'care' && (
        <>
          <path d="M1 5 Q6.5 -1 12 5 Z" fill="var(--acorn-colors-fg-muted)" />
          <path d="M2 6 H11 Q11 11 6.5 13.5 Q2 11 2 6 Z" fill={colour} />
        </>
      )}
      {sign === 'renew' && <path d="M6.5 0.5 Q13 6 6.5 13.5 Q0 6 6.5 0.5 Z" fill={colour} />}
      {sign === 'back' && (
        <circle cx="6.5" cy="7" r="4.6" fill="none" stroke={colour} strokeWidth="2.4" />
      )}
    </svg>
  );
}

/** The trips of the kits along the year, where their days are told. */
function Trips({ bench, first }: { readonly bench: Bench; readonly first: string }) {
  const total = daysBetween(first, monthsAfter(first, months));
  const trips = kitsByName(bench).flatMap(({ id, name, brief }) => {
    if (brief?.when?.on !== 'days') return [];
    const { from, to } = brief.when;
    const start = daysBetween(first, from);
    const end = daysBetween(first, to) + 1;
    return end <= 0 || start >= total ? [] : [{ id, name, from, to, start, end }];
  });
  return (
    <Box position="relative" height={`${trips.length * 22}px`}>
      {trips.map(({ id, name, from, to, start, end }, at) => {
        const left = (100 * Math.max(0, start)) / total;
        const isLate = left > 60;
        return (
          <Flex
            key={id}
            position="absolute"
            top={`${at * 22}px`}
            left={isLate ? undefined : `${left}%`}
            right={isLate ? `${100 - (100 * Math.min(total, end)) / total}%` : undefined}
            align="center"
            gap="1.5"
            flexDirection={isLate ? 'row-reverse' : 'row'}
            fontSize="xs"
            whiteSpace="nowrap"
            title={`${from} to ${to}`}
          >
            <Box
              height="10px"
              minWidth="8px"
              borderRadius="5px"
              bg="leaf.vivid"
              style={{ width: `${Math.max(8, (7 * (end - start) * months) / 12)}px` }}
            />
            {name} is out, {from.slice(5)} to {to.slice(5)}
          </Flex>
        );
      })}
    </Box>
  );
}
