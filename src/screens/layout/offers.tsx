'use client';

import { Text } from '@chakra-ui/react';
import { printMass, printMoney } from '@/core/quantity';
import { demandInWords, type Gear, type JobId } from '@/core/gear';
import { gearOf, newPlacement } from '@/core/loadout';
import { offersFor, type MustCover } from '@/core/scheme';
import { absenceInWords } from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import { later } from '@/ui/late/later';

const UsualKinds = later(() => import('./usual-kinds').then((module) => module.UsualKinds));

/** As many offers are shown for one lack. */
const mostOffers = 3;

interface OffersProps {
  readonly must: MustCover;
}

/**
 * What is here and would do it if it had what it relies on, and the best that the shelf, or else the catalogue, has. It hangs
 * on the whole bench, and is drawn with every edit, where the lane that it stands in is not.
 */
export function Offers({ must }: OffersProps) {
  const view = useKitView();
  return view && <OffersIn view={view} must={must} />;
}

function OffersIn({ view, must }: OffersProps & { readonly view: KitView }) {
  const { bench, loadout, units } = view;
  const relied: readonly JobId[] = must.idle.flatMap(({ unmet }) =>
    unmet.flatMap((demand) => (demand.on === 'jobs' ? demand.anyOf : [])),
  );
  const offers = [...offersFor(bench, relied).slice(0, 1), ...offersFor(bench, must.anyOf)]
    .filter(({ gear }, at, all) => all.findIndex((other) => other.gear.id === gear.id) === at)
    .slice(0, mostOffers);
  return (
    <>
      {must.idle.map(({ placement, absence, unmet }) => (
        <Text key={placement.id}>
          {gearOf(bench.shelf, placement).name}{' '}
          {absence === null
            ? `would, with ${unmet.map(demandInWords).join(' and ')}`
            : absenceInWords(absence)}
          .
        </Text>
      ))}
      {offers.map(({ gear }) => (
        <Button
          key={gear.id}
          size="sm"
          onClick={() => perform(placing(gear), `${gear.name} laid on the mat.`)}
        >
          <GearIcon look={gear.look} size={22} />
          Lay out {gear.name} {figuresOf(gear)}
        </Button>
      ))}
      {offers.length === 0 && (
        <UsualKinds anyOf={must.anyOf} most={mostOffers} placing={placing} figuresOf={figuresOf} />
      )}
    </>
  );

  function placing(gear: Gear) {
    return {
      do: 'place',
      loadout: loadout.id,
      placement: newPlacement(newId(), gear.id, { on: 'mat' }),
    } as const;
  }

  /** What it would add: `+41 g, €3`. Typical prices are in euros. */
  function figuresOf({ massG, priceMinor }: Pick<Gear, 'massG' | 'priceMinor'>): string {
    const mass = massG === null ? [] : [`+${printMass(massG, units)}`];
    const isKnown = priceMinor !== null && bench.currency === 'EUR';
    return [...mass, ...(isKnown ? [printMoney(priceMinor, bench.currency)] : [])].join(', ');
  }
}
