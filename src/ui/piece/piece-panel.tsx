'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Minus, Pencil, Plus, X } from 'lucide-react';
import { printMass, printMoney, printNumber, type UnitSystem } from '@/core/quantity';
import {
  demandInWords,
  jobs,
  printForm,
  printInside,
  type Fitness,
  type Gear,
  type Supply,
} from '@/core/gear';
import { gearOf, type Placement } from '@/core/loadout';
import { Button } from '@/ui/fields/button';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { select, startEditing, startMoving, useSelection } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';

/** Tells about the selected piece, and what can be done with it. Nothing while none is selected. */
export function PiecePanel() {
  const view = useKitView();
  const selected = useSelection(({ placement }) => placement);
  const placement = selected === null ? undefined : view?.tree.byId.get(selected);
  if (!view || !placement) return null;
  return (
    <Box
      as="aside"
      aria-label="Selected piece"
      bg="panel"
      borderWidth="1px"
      borderRadius={{ base: '18px 18px 0 0', lg: '18px' }}
      padding="4"
      position={{ base: 'fixed', lg: 'sticky' }}
      bottom={{ base: '64px', md: '0', lg: 'auto' }}
      top={{ lg: '104px' }}
      left={{ base: 0, md: '104px', lg: 'auto' }}
      right={{ base: 0, lg: 'auto' }}
      maxHeight={{ base: '46dvh', lg: 'calc(100dvh - 120px)' }}
      overflowY="auto"
      zIndex={{ base: 'docked', lg: 'auto' }}
      shadow={{ base: 'lg', lg: 'none' }}
      width={{ lg: '290px' }}
      flexShrink="0"
      onKeyDown={(event) => event.key === 'Escape' && select(null)}
    >
      <PieceDetails view={view} placement={placement} />
    </Box>
  );
}

function PieceDetails({
  view,
  placement,
}: {
  readonly view: KitView;
  readonly placement: Placement;
}) {
  const gear = gearOf(view.bench.shelf, placement);
  const own = view.findings.filter(
    ({ severity, placements }) => severity !== 'note' && placements.includes(placement.id),
  );
  return (
    <Flex direction="column" gap="3">
      <Flex justify="space-between" align="flex-start" gap="2">
        <Box>
          <Heading as="h2" fontSize="lg" lineHeight="1.2">
            {gear.name}
            {placement.count > 1 && ` × ${placement.count}`}
          </Heading>
          <Text fontSize="sm" color="fg.muted">
            {gear.ownership}, {gear.massG === null ? 'not weighed' : `mass ${gear.massTrust}`}
          </Text>
        </Box>
        <Button
          size="icon"
          variant="bare"
          aria-label="Let go of this piece"
          onClick={() => select(null)}
        >
          <X size={18} aria-hidden />
        </Button>
      </Flex>
      {own.map(({ rule, message }) => (
        <Text key={rule + message} padding="2" borderRadius="8px" bg="signal.soft" fontSize="sm">
          ▲ {message}
        </Text>
      ))}
      <PieceActions view={view} placement={placement} gear={gear} />
      <PieceFigures view={view} placement={placement} gear={gear} />
      {gear.supplies.length > 0 && (
        <Box>
          <Heading as="h3" fontSize="md" marginBottom="1">
            What it does
          </Heading>
          {gear.supplies.map((supply, at) => (
            <SupplyLine key={at} supply={supply} view={view} placement={placement} />
          ))}
        </Box>
      )}
      {gear.note !== '' && <Text fontSize="sm">{gear.note}</Text>}
    </Flex>
  );
}

interface PieceProps {
  readonly view: KitView;
  readonly placement: Placement;
  readonly gear: Gear;
}

function PieceFigures({ view, placement, gear }: PieceProps) {
  const { units, bench, totals, tree } = view;
  const branch = totals.branches.get(placement.id)!;
  const isFilled = tree.within(placement.id).length > 0;
  const rows: readonly (readonly [string, string | null])[] = [
    ['Mass of one', gear.massG === null ? 'not known' : printMass(gear.massG, units)],
    ['Together', placement.count > 1 ? printMass(branch.massG, units) : null],
    ['With what is in it', isFilled ? printMass(branch.massG, units) : null],
    [
      'Size',
      gear.form === null
        ? 'not known'
        : `${printForm(gear.form, units)}${gear.formTrust === 'typical' ? ', typical' : ''}`,
    ],
    ['In', placeInWords(bench.shelf, tree, placement.place)],
    ['Price of one', gear.priceMinor === null ? null : printMoney(gear.priceMinor, bench.currency)],
    ['Good until', gear.goodUntil],
    ...gear.cavities.map(({ name, inside }) => [name, printInside(inside, units)] as const),
  ];
  return (
    <Box as="dl" fontSize="sm">
      {rows.map(([what, figure]) =>
        figure === null ? null : (
          <Flex
            key={what}
            justify="space-between"
            gap="3"
            paddingY="1"
            borderBottomWidth="1px"
            borderStyle="dotted"
          >
            <Text as="dt" color="fg.muted" flexShrink="0">
              {what}
            </Text>
            <Text as="dd" fontWeight="600" textAlign="right">
              {figure}
            </Text>
          </Flex>
        ),
      )}
    </Box>
  );
}

function PieceActions({ view, placement, gear }: PieceProps) {
  const { loadout, tree } = view;
  const isFilled = tree.within(placement.id).length > 0;
  function setCount(count: number): void {
    perform({ do: 'set count', loadout: loadout.id, placement: placement.id, count });
  }
  function takeOut(contents: 'leave too' | 'to the mat'): void {
    const said = `${gear.name} taken out${isFilled && contents === 'leave too' ? ', with what is in it' : ''}.`;
    select(null);
    perform({ do: 'take out', loadout: loadout.id, placement: placement.id, contents }, said);
  }
  return (
    <Flex gap="2" wrap="wrap">
      <Button variant="main" onClick={() => startMoving(placement.id)}>
        Move…
      </Button>
      <Button
        aria-label={`Change the figures of ${gear.name}`}
        onClick={() => startEditing(gear.id)}
      >
        <Pencil size={16} aria-hidden /> Change…
      </Button>
      {!isFilled && (
        <Flex align="center" borderRadius="10px" bg="tag">
          <Button
            size="icon"
            aria-label="One less"
            disabled={placement.count <= 1}
            onClick={() => setCount(placement.count - 1)}
          >
            <Minus size={16} aria-hidden />
          </Button>
          <Text
            minWidth="6"
            textAlign="center"
            fontWeight="700"
            aria-label={`${placement.count} here`}
          >
            {placement.count}
          </Text>
          <Button size="icon" aria-label="One more" onClick={() => setCount(placement.count + 1)}>
            <Plus size={16} aria-hidden />
          </Button>
        </Flex>
      )}
      <Button onClick={() => takeOut(isFilled ? 'to the mat' : 'leave too')}>
        {isFilled ? 'Take out alone' : 'Take out'}
      </Button>
      {isFilled && <Button onClick={() => takeOut('leave too')}>Take out with all</Button>}
    </Flex>
  );
}

const fitnessSigns: Readonly<Record<Fitness, readonly [sign: string, words: string]>> = {
  'made-for': ['●', 'made for it'],
  serves: ['◐', 'serves'],
  improvised: ['○', 'makes do'],
};

interface SupplyLineProps {
  readonly supply: Supply;
  readonly view: KitView;
  readonly placement: Placement;
}

function SupplyLine({ supply, view, placement }: SupplyLineProps) {
  const [sign, words] = fitnessSigns[supply.fitness];
  const isWay = view.cover.categories.some(({ jobs: done }) =>
    done.some(
      ({ job, ways }) =>
        job === supply.job && ways.some((way) => way.placement.id === placement.id),
    ),
  );
  return (
    <Flex gap="2" fontSize="sm" paddingY="0.5">
      <Box as="span" color={isWay ? 'leaf.fg' : 'signal.fg'} aria-hidden>
        {sign}
      </Box>
      <span>
        {jobs[supply.job].name}
        {supply.amount !== null && `, ${amountInWords(supply, view.units)}`}, {words}
        {!isWay && (
          <Text as="span" color="signal.fg">
            {' '}
            ▲ not here: it relies on {supply.demands.map(demandInWords).join(' and ')}
          </Text>
        )}
      </span>
    </Flex>
  );
}

function amountInWords(supply: Supply, units: UnitSystem): string {
  const amount = supply.amount ?? 0;
  const { unit } = jobs[supply.job];
  if (unit === 'mL' && units === 'metric' && amount >= 1000)
    return `${printNumber(amount / 1000, 2)} L`;
  return `${printNumber(amount, 1)} ${unit ?? ''}`.trim();
}
