'use client';

import { Box, Flex, Grid, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { dayAfter, monthIn, monthsAfter } from '@/core/quantity';
import type { Due } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { NextStep } from '@/ui/kit/next-step';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { BackUpPanel } from './back-up-panel';
import { CostPanel } from './cost-panel';
import { monthInWords } from './days-in-words';
import { DueRow } from './due-row';
import { Reminders } from './reminders';
import { useDue, type DueView } from './use-due';
import { WholeKits } from './whole-kits';
import { YearLine } from './year-line';

/** What is due within so many days is soon. */
const soonDays = 60;

/** As many lines of one stretch are shown; the rest are shown by kit. */
const mostLines = 60;

/** Everything that falls due, over all kits: a year as a line, and what to do now. */
export function KeepScreen() {
  const view = useDue();
  const { bench, today, list } = view;
  const [month, setMonth] = useState<string | null>(null);
  const [kit, setKit] = useState('all');
  const until = monthsAfter(today, 12);
  const ofKit = list.dues.filter((due) => kit === 'all' || (due.kit?.id ?? 'shelf') === kit);
  const year = ofKit.filter(({ on }) => on <= until);
  const shown = year.filter(({ on }) => isIn(on, month, today));
  const kits = list.kits.filter((due) => kit === 'all' || due.kit.id === kit);
  const soon = dayAfter(today, soonDays);
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Keep</ScreenHeading>
      <SubPlaces />
      {bench.shelf.size === 0 ? (
        <NextStep says="Nothing is on the shelf yet: what you lay out shows here when it falls due." />
      ) : (
        <>
          <YearLine bench={bench} dues={year} today={today} looked={month} onLook={setMonth} />
          <Flex gap="4" marginY="3" align="flex-end" wrap="wrap">
            <Choice
              label="Show"
              value={kit}
              options={[
                ['all', 'all kits and the shelf'],
                ...list.kits.map((due) => [due.kit.id, due.kit.name] as const),
                ['shelf', 'the shelf alone'],
              ]}
              minWidth="210px"
              onChange={setKit}
            />
            {month !== null && (
              <Button variant="bare" onClick={() => setMonth(null)}>
                {month === 'overdue' ? 'Overdue' : monthInWords(month)} only: show the year
              </Button>
            )}
          </Flex>
          <Grid
            columnGap="5"
            rowGap="4"
            templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 330px' }}
            templateRows={{ lg: 'auto 1fr' }}
            templateAreas={{ base: '"kits" "dues" "rest"', lg: '"dues kits" "dues rest"' }}
          >
            <Box gridArea="kits">
              <WholeKits view={view} kits={kits} />
            </Box>
            <Box gridArea="dues">
              <Stretch
                title="Due now"
                none="Nothing is due today."
                view={view}
                dues={shown.filter(({ on }) => on <= today)}
              />
              <Stretch
                title={`Soon: by ${soon}`}
                none="Nothing in the next two months."
                view={view}
                dues={shown.filter(({ on }) => on > today && on <= soon)}
              />
              <Stretch
                title="Later this year"
                none="Nothing later in the year ahead."
                view={view}
                dues={shown.filter(({ on }) => on > soon)}
              />
            </Box>
            <Flex gridArea="rest" direction="column" gap="4">
              <CostPanel view={view} kit={kit === 'all' ? null : kit} />
              <Reminders view={view} />
              <BackUpPanel view={view} />
            </Flex>
          </Grid>
        </>
      )}
    </Box>
  );
}

function isIn(on: string, month: string | null, today: string): boolean {
  if (month === null) return true;
  return month === 'overdue' ? on < today : on >= today && monthIn(on) === month;
}

interface StretchProps {
  readonly title: string;
  readonly none: string;
  readonly view: DueView;
  readonly dues: readonly Due[];
}

function Stretch({ title, none, view, dues }: StretchProps) {
  const byKit = new Map<string, Due[]>();
  for (const due of dues.slice(0, mostLines)) {
    const name = due.kit?.name ?? 'On the shelf';
    const same = byKit.get(name);
    if (same) same.push(due);
    else byKit.set(name, [due]);
  }
  return (
    <Box as="section" aria-label={title} marginBottom="5">
      <Heading as="h2" fontSize="lg">
        {title}
        {dues.length > 0 && ` · ${dues.length}`}
      </Heading>
      {dues.length === 0 && (
        <Text color="fg.muted" fontSize="sm">
          {none}
        </Text>
      )}
      {[...byKit].map(([name, own]) => (
        <Box key={name} marginTop="2">
          <Heading as="h3" fontSize="sm" color="fg.muted" textTransform="none">
            {name}
          </Heading>
          <Box as="ul" listStyleType="none">
            {own.map((due) => (
              <DueRow key={keyOf(due)} due={due} view={view} />
            ))}
          </Box>
        </Box>
      ))}
      {dues.length > mostLines && (
        <Text fontSize="sm" marginTop="2">
          And {dues.length - mostLines} more: choose one kit or one month to see them.
        </Text>
      )}
    </Box>
  );
}

function keyOf({ gear, lot, act, placement }: Due): string {
  return `${gear.id} ${lot.id} ${act} ${placement?.id ?? ''}`;
}
