'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { printMass, printMoney, printVolume } from '@/core/quantity';
import { roomMl } from '@/core/gear';
import { filledAtStart, gearOf, isOnGround } from '@/core/loadout';
import { useMassByDays, useUnderBrief } from '@/ui/kit/under-brief';
import { areLaidOut, outermostLoads } from '@/ui/kit/rooms';
import type { KitView } from '@/ui/kit/kit-view';

interface WorkingProps {
  readonly view: KitView;
}

const workings = {
  mass: MassWorking,
  room: RoomWorking,
  cover: CoverWorking,
  price: PriceWorking,
} as const;

/** How one of the figures was worked out: formula, parts and source. */
export function Working({ of, view }: WorkingProps & { readonly of: keyof typeof workings }) {
  const Of = workings[of];
  return <Of view={view} />;
}

function MassWorking({ view }: WorkingProps) {
  const { loadout, totals, units, tree, bench } = view;
  const { massG } = totals.whole;
  const roots = loadout.placements.filter(({ place }) => isOnGround(place));
  return (
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
      {filledAtStart(loadout).map(({ placement, ml }) => (
        <Row
          key={placement}
          what={`Water in ${gearOf(bench.shelf, tree.byId.get(placement)!).name}`}
          figure={printMass(ml, units)}
        />
      ))}
      <MassOnTheWay view={view} />
    </Worked>
  );
}

/** How the mass goes down by days, as the food is eaten and the fuel burnt. */
function MassOnTheWay({ view }: WorkingProps) {
  const under = useUnderBrief();
  const massByDays = useMassByDays();
  const mass = under && massByDays ? massByDays(under.kit) : null;
  if (!mass) return null;
  const { setsOutG: outG, morningsG, comesHomeG } = mass;
  return (
    <>
      {morningsG.map((massG, day) => (
        <Row
          key={day}
          what={day === 0 ? 'Sets out with' : `Morning of day ${day + 1}`}
          figure={printMass(massG, view.units)}
          isSum={day === 0}
        />
      ))}
      <Row
        what={`Comes home with, ${printMass(outG - comesHomeG, view.units)} eaten, drunk and burnt`}
        figure={printMass(comesHomeG, view.units)}
        isSum
      />
    </>
  );
}

function RoomWorking({ view }: WorkingProps) {
  const { bench, loadout, totals, units, loads } = view;
  const outer = outermostLoads(view);
  const isLaidOut = areLaidOut(loads);
  return (
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
      <Row what="The whole kit from outside" figure={bulkInWords(totals.whole.bulk, units)} isSum />
    </Worked>
  );
}

function CoverWorking({ view: { cover } }: WorkingProps) {
  return (
    <Worked
      formula="a category counts when everything it must do has a way; it is thin with fewer independent ways than wanted"
      source="Wanted: 3 to ignite, 2 for a critical job, 1 otherwise (own planning values). Ways are independent when no one loss of a piece or a holder takes two of them; the weakest stands in the figure."
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
  );
}

function PriceWorking({ view: { bench, totals } }: WorkingProps) {
  return (
    <Worked
      formula="the sum over all placements of count × price of one"
      source="What was paid, or the kind’s typical price where none was typed."
    >
      <Row what="Together" figure={printMoney(totals.whole.priceMinor, bench.currency)} isSum />
    </Worked>
  );
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
