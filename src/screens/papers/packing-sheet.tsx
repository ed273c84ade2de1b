'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { printMass, printMoney, printVolume } from '@/core/quantity';
import { packingByCategory, packingByHolder, type PackingLine } from '@/core/exchange';
import { capital, isHolder } from '@/core/gear';
import { setsOutG } from '@/core/loadout';
import type { KitView } from '@/ui/kit/kit-view';
import { groundInWords, placeInWords } from '@/ui/kit/place-in-words';

export type SheetOrder = 'holder' | 'category';

interface PackingSheetProps {
  readonly view: KitView;
  readonly order: SheetOrder;
  readonly today: string;
  /** What is printed below the list. */
  readonly children?: React.ReactNode;
}

/** The packing list, as a sheet of paper: a box to tick, what, how many, how heavy, good until when. */
export function PackingSheet({ view, order, today, children }: PackingSheetProps) {
  const { loadout, totals, units, bench, cover } = view;
  const { massG, unweighed, pieces, bulk, priceMinor } = totals.whole;
  const outG = setsOutG(loadout, totals);
  return (
    <Box
      as="article"
      aria-label="Packing list"
      bg="panel"
      color="fg"
      borderWidth="1px"
      borderRadius="4px"
      padding={{ base: '4', md: '8' }}
      maxWidth="820px"
      shadow="sm"
      _print={{
        borderWidth: '0',
        padding: '0',
        boxShadow: 'none',
        maxWidth: 'none',
        bg: 'white',
        color: 'black',
      }}
    >
      <Flex
        justify="space-between"
        gap="4"
        align="baseline"
        borderBottomWidth="3px"
        borderColor="fg"
        paddingBottom="2"
      >
        <Heading as="h2" fontSize="2xl">
          {loadout.name}
        </Heading>
        <Text fontSize="sm" whiteSpace="nowrap">
          {today}
        </Text>
      </Flex>
      {loadout.purpose !== '' && <Text marginTop="2">{loadout.purpose}</Text>}
      <Text fontSize="sm" marginTop="1" color="fg.muted" _print={{ color: 'black' }}>
        {pieces} pieces · {printMass(massG, units)}
        {unweighed > 0 && ` and ${unweighed} not weighed`}
        {outG > massG && `, ${printMass(outG, units)} with the water that it sets out with`} ·{' '}
        {printVolume(bulk.looseMl, units)} from outside · {printMoney(priceMinor, bench.currency)} ·{' '}
        {cover.covered} of {cover.outOf} {cover.scheme.unit}
      </Text>
      {order === 'holder' ? (
        <ByHolder view={view} today={today} />
      ) : (
        <ByCategory view={view} today={today} />
      )}
      {children}
    </Box>
  );
}

interface ListProps {
  readonly view: KitView;
  readonly today: string;
}

function ByHolder({ view, today }: ListProps) {
  return packingByHolder(view.loadout, view.bench.shelf).map(({ ground, massG, lines }) => (
    <Section key={ground} title={groundInWords(ground)} mass={printMass(massG, view.units)}>
      {lines.map((line) => (
        <Line key={line.placement.id} view={view} line={line} today={today} where={line.cavity} />
      ))}
    </Section>
  ));
}

function ByCategory({ view, today }: ListProps) {
  const { loadout, bench, tree, cover } = view;
  return packingByCategory(loadout, bench.shelf, cover.scheme).map(({ category, massG, lines }) => (
    <Section key={category.id} title={category.name} mass={printMass(massG, view.units)}>
      {lines.map((line) => (
        <Line
          key={line.placement.id}
          view={view}
          line={line}
          today={today}
          where={placeInWords(bench.shelf, tree, line.placement.place)}
        />
      ))}
      {lines.length === 0 && <Text color="fg.muted">Nothing is laid here.</Text>}
    </Section>
  ));
}

interface SectionProps {
  readonly title: string;
  /** All its lines together. */
  readonly mass: string;
  readonly children: React.ReactNode;
}

function Section({ title, mass, children }: SectionProps) {
  return (
    <Box as="section" marginTop="4" _print={{ breakInside: 'auto' }}>
      <Flex justify="space-between" align="baseline" marginBottom="1">
        <Heading as="h3" fontSize="md">
          {capital(title)}
        </Heading>
        <Text fontFamily="heading" fontWeight="700">
          {mass}
        </Text>
      </Flex>
      {children}
    </Box>
  );
}

interface LineProps extends ListProps {
  readonly line: PackingLine;
  readonly where: string | null;
}

function Line({ view, line, today, where }: LineProps) {
  const { placement, gear, depth, totals } = line;
  const isPast = gear.goodUntil !== null && gear.goodUntil < today;
  const isNamedHolder = isHolder(gear) && view.tree.within(placement.id).length > 0;
  return (
    <Flex
      align="baseline"
      gap="2"
      paddingY="0.5"
      paddingLeft={`${depth * 22}px`}
      borderBottomWidth="1px"
      borderStyle="dotted"
      fontSize="sm"
      _print={{ breakInside: 'avoid' }}
    >
      <Box
        as="span"
        flexShrink="0"
        width="12px"
        height="12px"
        borderWidth="1.5px"
        borderColor="fg"
        borderRadius="2px"
        aria-hidden
      />
      <Text flex="1" fontWeight={isNamedHolder ? '700' : '400'}>
        {placement.count > 1 && <b>{placement.count} × </b>}
        {gear.name}
        {where !== null && (
          <Text as="span" color="fg.muted" fontWeight="400">
            {' '}
            {where}
          </Text>
        )}
        {gear.goodUntil !== null && (
          <Text
            as="span"
            color={isPast ? 'signal.fg' : 'fg.muted'}
            fontWeight={isPast ? '700' : '400'}
          >
            {isPast ? ' ▲ past ' : ' until '}
            {gear.goodUntil}
          </Text>
        )}
      </Text>
      <Text whiteSpace="nowrap" fontWeight={isNamedHolder ? '700' : '400'}>
        {gear.massG === null ? 'not weighed' : printMass(totals.massG, view.units)}
      </Text>
    </Flex>
  );
}
