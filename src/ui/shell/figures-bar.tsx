'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { printMass, printMoney, printVolume } from '@/core/quantity';
import { canBeLaidOut } from '@/core/fit';
import { roomMl } from '@/core/gear';
import { gearOf, isOnGround } from '@/core/loadout';
import { isAmissIn } from '@/ui/kit/fit-in-words';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { Figure, type Mood } from './figure';

export function loadFindingList() {
  return import('./finding-list').then((module) => module.FindingList);
}

const FindingList = dynamic(loadFindingList);

/** Mass, bulk, cover, price and findings of the kit on the table. */
export function FiguresBar() {
  const view = useKitView();
  if (!view) return null;
  return (
    <Flex
      wrap="wrap"
      align="flex-start"
      columnGap={{ base: '4', xl: '6' }}
      rowGap={{ base: '1', md: '3' }}
      padding="1.5"
      flex="1"
      minWidth="0"
      aria-label="Figures of this kit"
      role="group"
    >
      <MassFigure view={view} />
      <BulkFigure view={view} />
      <CoverFigure view={view} />
      <PriceFigure view={view} />
      <FindingsFigure view={view} />
    </Flex>
  );
}

function MassFigure({ view: { loadout, totals, units, tree, bench } }: { readonly view: KitView }) {
  const { massG, unweighed, pieces } = totals.whole;
  const limit = loadout.mostMassG;
  const over = limit !== null && massG > limit;
  const roots = loadout.placements.filter(({ place }) => isOnGround(place));
  return (
    <Figure
      name="Mass"
      value={printMass(massG, units)}
      of={limit === null ? undefined : `/ ${printMass(limit, units)}`}
      says={over ? 'over the limit' : unweighed > 0 ? `+ ${unweighed} unweighed` : inPieces(pieces)}
      mood={over ? 'stop' : unweighed > 0 ? 'watch' : 'fine'}
      share={limit === null ? null : massG / limit}
    >
      <Worked
        formula="the sum over all placements of count × mass of one"
        source="The shelf’s own figures: weighed, stated or typical, as each piece says."
      >
        {roots.map((placement) => (
          <Row
            key={placement.id}
            what={`${gearOf(bench.shelf, placement).name}${tree.within(placement.id).length > 0 ? ', with what is in it' : ''}`}
            figure={printMass(totals.branches.get(placement.id)!.massG, units)}
          />
        ))}
        <Row what="Together" figure={printMass(massG, units)} isSum />
      </Worked>
    </Figure>
  );
}

function BulkFigure({
  view: { bench, loadout, totals, units, loads },
}: {
  readonly view: KitView;
}) {
  const { bulk, unmeasured } = totals.whole;
  const outer = loads.filter(({ placement }) => {
    const found = loadout.placements.find(({ id }) => id === placement)!;
    return isOnGround(found.place);
  });
  const room = outer.reduce((sum, { answer }) => sum + answer.roomMl, 0);
  const filled = outer.reduce((sum, { answer }) => sum + answer.looseMl, 0);
  const bad = loads.filter(({ answer }) => isAmissIn(answer)).length;
  const isLaidOut = loads.every(
    ({ question, answer }) => answer.laidOut !== null || !canBeLaidOut(question),
  );
  const mood: Mood = bad > 0 ? 'stop' : unmeasured > 0 ? 'watch' : 'fine';
  return (
    <Figure
      name="Stowed"
      value={printVolume(filled, units)}
      of={room > 0 ? `/ ${printVolume(room, units)}` : undefined}
      says={stowedInWords(bad, unmeasured, filled, isLaidOut)}
      mood={mood}
      share={room > 0 ? filled / room : null}
    >
      <Worked
        formula="room taken in each outermost cavity, soft pieces as they lie, against the room it has"
        source={
          isLaidOut
            ? 'Each room was laid out in three dimensions and checked; these are the volumes.'
            : 'By bulk, longest side and mouth only: it can prove that something does not fit, not yet that all of it does.'
        }
      >
        {outer.map(({ placement, cavity, answer }) => {
          const holder = gearOf(
            bench.shelf,
            loadout.placements.find(({ id }) => id === placement)!,
          );
          const inside = holder.cavities.find(({ id }) => id === cavity)!;
          return (
            <Row
              key={`${placement} ${cavity}`}
              what={holder.cavities.length > 1 ? `${holder.name}, ${inside.name}` : holder.name}
              figure={`${printVolume(answer.looseMl, units)} of ${printVolume(roomMl(inside.inside), units)}`}
            />
          );
        })}
        <Row what="The whole kit from outside" figure={bulkInWords(bulk, units)} isSum />
      </Worked>
    </Figure>
  );
}

function stowedInWords(
  bad: number,
  unmeasured: number,
  filledMl: number,
  isLaidOut: boolean,
): string {
  if (bad > 0) return `${bad} ${bad === 1 ? 'does' : 'do'} not fit`;
  if (unmeasured > 0) return `+ ${unmeasured} unmeasured`;
  if (filledMl === 0) return 'nothing stowed yet';
  return isLaidOut ? 'all in, laid out' : 'goes by bulk';
}

function CoverFigure({ view: { cover } }: { readonly view: KitView }) {
  const thin = cover.categories.filter(({ standing }) => standing === 'thin').length;
  const missing = cover.outOf - cover.covered;
  return (
    <Figure
      name="Cover"
      value={`${cover.covered} of ${cover.outOf}`}
      of={cover.scheme.unit}
      says={missing > 0 ? `${missing} missing` : thin > 0 ? `${thin} thin` : 'none thin'}
      mood={missing > 0 ? 'stop' : thin > 0 ? 'watch' : 'fine'}
      share={cover.outOf === 0 ? null : cover.covered / cover.outOf}
    >
      <Worked
        formula="a category counts when everything it must do has a way; it is thin with fewer independent ways than wanted"
        source="Wanted: 3 to ignite, 2 for a critical job, 1 otherwise (own planning values). Independent by holder: ways under one outermost holder are lost together."
      >
        {cover.categories
          .filter(({ standing }) => standing !== null)
          .map(({ category, musts }) => (
            <Row
              key={category.id}
              what={category.name}
              figure={musts
                .map((must) => `${must.independent} of ${must.wanted} independent`)
                .join(' · ')}
            />
          ))}
      </Worked>
    </Figure>
  );
}

function PriceFigure({ view: { bench, loadout, totals } }: { readonly view: KitView }) {
  const { priceMinor, unpriced, pieces } = totals.whole;
  const limit = loadout.mostPriceMinor;
  const over = limit !== null && priceMinor > limit;
  return (
    <Figure
      name="Price"
      value={printMoney(priceMinor, bench.currency)}
      of={limit === null ? undefined : `/ ${printMoney(limit, bench.currency)}`}
      says={
        over
          ? 'over the limit'
          : unpriced > 0
            ? `+ ${unpriced} unpriced`
            : pieces > 0
              ? 'all priced'
              : 'nothing yet'
      }
      mood={over ? 'stop' : unpriced > 0 ? 'watch' : 'fine'}
      share={limit === null || limit === 0 ? null : priceMinor / limit}
    >
      <Worked
        formula="the sum over all placements of count × price of one"
        source="What was paid, or the kind’s typical price where none was typed."
      >
        <Row what="Together" figure={printMoney(priceMinor, bench.currency)} isSum />
      </Worked>
    </Figure>
  );
}

function FindingsFigure({ view: { findings } }: { readonly view: KitView }) {
  const stops = findings.filter(({ severity }) => severity === 'stop').length;
  const warns = findings.filter(({ severity }) => severity === 'warn').length;
  const notes = findings.length - stops - warns;
  const parts = [
    [stops, 'stop'],
    [warns, 'warn'],
    [notes, 'note'],
  ] as const;
  return (
    <Figure
      name="To look at"
      value={String(findings.length)}
      of={findings.length === 1 ? 'finding' : 'findings'}
      says={
        parts
          .filter(([count]) => count > 0)
          .map(([count, word]) => `${count} ${word}`)
          .join(' · ') || 'all is well'
      }
      mood={stops > 0 ? 'stop' : warns > 0 ? 'watch' : 'fine'}
      share={null}
    >
      <FindingList />
    </Figure>
  );
}

function inPieces(pieces: number): string {
  if (pieces === 0) return 'nothing yet';
  return pieces === 1 ? '1 piece' : `${pieces} pieces`;
}

function bulkInWords(
  bulk: { readonly tightMl: number; readonly looseMl: number },
  units: KitView['units'],
) {
  return bulk.looseMl - bulk.tightMl < 0.5
    ? printVolume(bulk.looseMl, units)
    : `${printVolume(bulk.tightMl, units)} to ${printVolume(bulk.looseMl, units)}`;
}

interface WorkedProps {
  readonly formula: string;
  readonly source: string;
  readonly children: React.ReactNode;
}

function Worked({ formula, source, children }: WorkedProps) {
  return (
    <Flex direction="column" gap="2">
      <Text>
        <b>Worked out as</b> {formula}.
      </Text>
      <Box maxHeight="260px" overflowY="auto" tabIndex={0}>
        {children}
      </Box>
      <Text color="fg.muted">{source}</Text>
    </Flex>
  );
}

interface RowProps {
  readonly what: string;
  readonly figure: string;
  readonly isSum?: boolean;
}

function Row({ what, figure, isSum = false }: RowProps) {
  return (
    <Flex
      justify="space-between"
      gap="4"
      paddingY="1"
      borderTopWidth="1px"
      borderColor={isSum ? 'border.emphasized' : 'border'}
      fontWeight={isSum ? '700' : '400'}
    >
      <span>{what}</span>
      <Text as="span" textAlign="right" whiteSpace="nowrap">
        {figure}
      </Text>
    </Flex>
  );
}
