'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useCallback, useMemo } from 'react';
import { printMass, printMoney, type UnitSystem } from '@/core/quantity';
import { demandInWords, jobs, jobsInWords } from '@/core/gear';
import { pricePartsOf } from '@/core/judge/price-parts';
import type { Loss, Spared } from '@/core/judge/thrift';
import { gearOf, isOfModule } from '@/core/loadout';
import { needNames } from '@/core/needs/need';
import { touchedOn, type Touched } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { amountInWords } from '@/core/gear/amount-in-words';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NextStep } from '@/ui/kit/next-step';
import { NoKit } from '@/ui/kit/no-kit';
import { BesideFailure, useBeside, type Beside } from '@/ui/kit/use-beside';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { callSpared } from '@/workers/prove-calls';

/** What could stay at home, by the mass it saves, each with what would be lost; and what the kit costs. */
export function ThriftScreen() {
  const view = useKitView();
  return view ? <Thinned view={view} /> : <NoKit />;
}

function Thinned({ view }: { readonly view: KitView }) {
  const { value: found, hasFailed, again } = useSpared(view);
  if (view.loadout.placements.length === 0) {
    return (
      <>
        <ScreenHeading>Thin out {view.loadout.name}</ScreenHeading>
        <SubPlaces />
        <NextStep says={`Nothing is in ${view.loadout.name} yet that could be left at home.`} />
      </>
    );
  }
  const spared = found ?? [];
  const free = spared.filter(({ losses }) => losses.length === 0);
  const costly = spared.filter(({ losses }) => losses.length > 0);
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Thin out {view.loadout.name}</ScreenHeading>
      <SubPlaces />
      <Flex gap="4" align="flex-start" flexDirection={{ base: 'column', lg: 'row' }}>
        <Flex direction="column" gap="4" flex="1" minWidth="0" width="100%">
          <Panel
            title="Dead weight"
            says="Each of these could stay at home by itself: every job is still done as well, with as many ways as are wanted, as much of what adds up, and as many of what is worn. One at a time: where two do the same, leaving one makes the other needed."
          >
            {hasFailed ? (
              <BesideFailure again={again} />
            ) : found === null ? (
              <Text>Looking at each piece…</Text>
            ) : free.length === 0 ? (
              <Text>Nothing: every piece does something that nothing else does.</Text>
            ) : (
              <SparedList view={view} spared={free} />
            )}
          </Panel>
          <Panel
            title="What the rest would cost you"
            says="By the mass it saves, with what would be lost."
          >
            <SparedList view={view} spared={costly} />
          </Panel>
        </Flex>
        <Price view={view} />
      </Flex>
    </Box>
  );
}

/** What could stay at home; of the kit as it was, until the one as it is now was looked at. */
function useSpared({ bench, own, kit }: KitView): Beside<readonly Spared[]> {
  const { day } = kit;
  const begin = useCallback(() => callSpared(bench, own.id, day), [bench, own.id, day]);
  const { value, ...asked } = useBeside(begin);
  const there = new Set(kit.whole.placements.map(({ id }) => id));
  return { ...asked, value: value && value.filter(({ placement }) => there.has(placement.id)) };
}

interface SparedListProps {
  readonly view: KitView;
  readonly spared: readonly Spared[];
}

function SparedList({ view, spared }: SparedListProps) {
  const { bench, units } = view;
  const touched = useMemo(() => touchedOn(bench), [bench]);
  return (
    <Flex as="ul" direction="column" gap="1" listStyleType="none">
      {spared.map(({ placement, massG, priceMinor, losses, lacks }) => {
        const gear = gearOf(bench.shelf, placement);
        const name = `${gear.name}${placement.count > 1 ? ` × ${placement.count}` : ''}`;
        return (
          <Flex
            as="li"
            key={placement.id}
            gap="3"
            align="center"
            wrap="wrap"
            paddingY="1.5"
            borderBottomWidth="1px"
            borderStyle="dotted"
          >
            <GearIcon look={gear.look} size={34} />
            <Box flex="1 1 260px" minWidth="0">
              <Text fontWeight="600">{name}</Text>
              {lacks.length > 0 && (
                <Text fontSize="sm" color="signal.fg">
                  ▲ it does nothing here as it is: it lacks {lacks.map(demandInWords).join(' and ')}
                </Text>
              )}
              <Text fontSize="sm" color={losses.length === 0 ? 'leaf.fg' : 'fg.muted'}>
                {losses.length === 0
                  ? '● nothing that is counted here would be lost'
                  : losses.map((loss) => lossInWords(loss, units)).join(' · ')}
              </Text>
              <OnTrips touched={touched.get(gear.id)} />
            </Box>
            <Text fontWeight="700" whiteSpace="nowrap">
              −{printMass(massG, units)}
              {priceMinor > 0 && (
                <Text as="span" fontWeight="400" color="fg.muted" fontSize="sm">
                  {' '}
                  {printMoney(priceMinor, bench.currency)}
                </Text>
              )}
            </Text>
            {!isOfModule(placement.id) && (
              <Button
                size="sm"
                aria-label={`Leave ${name} at home`}
                onClick={() =>
                  perform(
                    {
                      do: 'take out',
                      loadout: view.loadout.id,
                      placement: placement.id,
                      contents: 'leave too',
                    },
                    `${name} stays at home: ${printMass(massG, units)} less.`,
                  )
                }
              >
                Leave it
              </Button>
            )}
          </Flex>
        );
      })}
    </Flex>
  );
}

/** How often it was used on the trips that were written down. */
function OnTrips({ touched }: { readonly touched: Touched | undefined }) {
  if (!touched) return null;
  const { trips, used, untouchedSince } = touched;
  return (
    <Text fontSize="sm" color="fg.muted">
      {untouchedSince >= 2
        ? `not touched on its last ${untouchedSince} trips`
        : `used on ${used} of ${trips} ${trips === 1 ? 'trip' : 'trips'}`}
    </Text>
  );
}

function lossInWords(loss: Loss, units: UnitSystem): string {
  switch (loss.what) {
    case 'job':
      return `nothing else does “${jobs[loss.job].name}”`;
    case 'way':
      return `${jobsInWords(loss.anyOf)}: ${loss.left} of ${loss.wanted} independent ways left`;
    case 'fitness':
      return `“${jobs[loss.job].name}”: only what ${loss.left === 'serves' ? 'serves' : 'makes do'} is left`;
    case 'pieces':
      return `${loss.less} fewer to ${jobs[loss.job].name}, ${loss.left} left`;
    case 'amount':
      return `${amountInWords(loss.job, loss.less, units)} less ${jobs[loss.job].name}, ${amountInWords(loss.job, loss.left, units)} left`;
    case 'own medicine':
      return 'somebody’s medicine: nothing else stands in for it';
    case 'complaint':
      return `${loss.complaint}: ${loss.left === 0 ? 'nothing' : `${loss.left} uses`} left`;
    case 'need':
      return `the trip asks for it: ${needNames[loss.need]}`;
    case 'rule':
      return 'a rule of the brief asks for it';
  }
}

/** What the kit costs, by how sure it is, against what may be spent. */
function Price({ view: { bench, loadout } }: { readonly view: KitView }) {
  const { paidMinor, typicalMinor, toBuyMinor, unpriced } = pricePartsOf(bench, loadout);
  const money = (minor: number) => printMoney(minor, bench.currency);
  const sum = paidMinor + typicalMinor + toBuyMinor;
  const limit = loadout.mostPriceMinor;
  const rows = [
    ['Paid, or as you said', money(paidMinor)],
    ['There, at typical prices', money(typicalMinor)],
    ['Wished for, still to buy', money(toBuyMinor)],
    ['Together', money(sum)],
    ...(limit === null
      ? []
      : [
          [sum > limit ? 'Over the budget by' : 'Left of the budget', money(Math.abs(limit - sum))],
        ]),
  ];
  return (
    <Panel title="What it costs" width={{ base: '100%', lg: '320px' }} flexShrink="0">
      <Box as="dl" fontSize="sm">
        {rows.map(([what, figure], at) => (
          <Flex
            key={what}
            justify="space-between"
            gap="3"
            paddingY="1"
            borderTopWidth={at >= 3 ? '1px' : '0'}
            fontWeight={at >= 3 ? '700' : '400'}
            color={at === 4 && limit !== null && sum > limit ? 'signal.fg' : undefined}
          >
            <dt>{what}</dt>
            <dd>{figure}</dd>
          </Flex>
        ))}
      </Box>
      <Text fontSize="sm" color="fg.muted" marginTop="2">
        {unpriced > 0 && `${unpriced} ${unpriced === 1 ? 'piece has' : 'pieces have'} no price. `}
        {limit === null
          ? 'Set a budget under Kits, with Change: it is then held at all times.'
          : 'The budget is the kit’s own, under Kits.'}
      </Text>
    </Panel>
  );
}
