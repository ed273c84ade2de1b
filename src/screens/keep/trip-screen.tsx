'use client';

import { Box, Flex, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import { whyNotName } from '@/core/gear';
import { gearOf, versionOf, type Command, type Loadout } from '@/core/loadout';
import { newTrip, pastTripsOf, stopsOf, touchedOn, tripsOf, tripToTell } from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { DayInput } from '@/ui/fields/day-and-count';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { Panel } from '@/ui/fields/panel';
import { TextArea } from '@/ui/fields/text-area';
import { Tick } from '@/ui/fields/tick';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NextStep } from '@/ui/kit/next-step';
import { NoKit } from '@/ui/kit/no-kit';
import { perform, sayRefused } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { PastTrips } from './past-trips';
import { stopInWords } from './stop-in-words';
import { tripInWords } from './trip-in-words';
import { versionNote } from './version-note';

/** What a trip showed of the kit on the table: what was used, what was never touched, and what was missed. */
export function TripScreen() {
  const view = useKitView();
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>After a trip</ScreenHeading>
      <SubPlaces />
      {view ? <OfKit key={view.own.id} view={view} /> : <NoKit />}
    </Box>
  );
}

function OfKit({ view }: { readonly view: KitView }) {
  const { bench, own, kit } = view;
  const [isTelling, setTelling] = useState(false);
  const over = tripToTell(own, bench, kit.day);
  const past = pastTripsOf(own.id, bench);
  if (own.placements.length === 0) {
    return <NextStep says={`Nothing is in ${own.name} yet.`} />;
  }
  return (
    <Flex gap="4" align="flex-start" flexDirection={{ base: 'column', lg: 'row' }}>
      <Box flex="1" minWidth="0" width="100%">
        {over !== null || isTelling || past.length === 0 ? (
          <TripForm key={over?.from ?? 'free'} view={view} onTold={() => setTelling(false)} />
        ) : (
          <Panel title={`Every trip of ${own.name} is written down`}>
            <Button onClick={() => setTelling(true)}>Tell of another</Button>
          </Panel>
        )}
      </Box>
      <PastTrips view={view} trips={past} touched={touchedOn(bench)} />
    </Flex>
  );
}

interface TripFormProps {
  readonly view: KitView;
  readonly onTold: () => void;
}

function TripForm({ view, onTold }: TripFormProps) {
  const { bench, own, kit } = view;
  const over = tripToTell(own, bench, kit.day);
  const [name, setName] = useState(over?.name ?? '');
  const [from, setFrom] = useState(over?.from ?? '');
  const [to, setTo] = useState(over?.to ?? '');
  const holders = holdersIn(own);
  const [used, setUsed] = useState(holders);
  const [missed, setMissed] = useState('');
  const [note, setNote] = useState('');
  const [isKept, setKept] = useState(true);
  const stops = stopsOf(own, bench.shelf);

  function set(gears: readonly string[], isUsed: boolean): void {
    const next = new Set(used);
    for (const gear of gears) {
      if (isUsed) next.add(gear);
      else next.delete(gear);
    }
    setUsed(next);
  }

  function write(): void {
    const words = missed
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '');
    const wrong = words.map(whyNotName).find((why) => why !== null);
    if (wrong) return sayRefused(`What was missed ${wrong}.`);
    if ([...used].every((gear) => holders.has(gear))) {
      return sayRefused('Nothing is ticked but what holds things: tick what was used.');
    }
    if (from === '' || to === '') return sayRefused('Say the first day and the last of the trip.');
    if (to > kit.day) return sayRefused(`The trip is not over: it ends on ${to}.`);
    const days = { name: name.trim(), from, to };
    const trip = newTrip(newId(), own, bench, days, { used, missed: words, note: note.trim() });
    const about = {
      id: newId(),
      day: kit.day,
      note: versionNote(tripInWords(trip), bench, own, view.units),
    };
    const commands: readonly Command[] = [
      { do: 'keep trip', trip },
      ...(isKept
        ? [{ do: 'keep version', version: versionOf(bench, own.id, about) } as const]
        : []),
    ];
    const label = `write down the trip of ${to}`;
    if (perform({ do: 'together', label, commands }, 'The trip is written down.')) onTold();
  }

  return (
    <Panel
      title={over ? `${over.name === '' ? own.name : over.name} is over` : `A trip of ${own.name}`}
      says="Tick what was in a hand, worn, eaten or burnt; what only lay there is left as it is. What holds other things is ticked already."
    >
      <form
        aria-label="The trip"
        onSubmit={(event) => {
          event.preventDefault();
          write();
        }}
      >
        <Flex gap="2" wrap="wrap" marginBottom="3">
          <LabelledInput
            label="Called"
            flex="1 1 180px"
            value={name}
            placeholder={tripsOf(own)[0]?.name ?? 'a weekend at the lakes'}
            onChange={(event) => setName(event.target.value)}
          />
          <DayInput label="First day" value={from} onChange={setFrom} />
          <DayInput label="Last day" value={to} onChange={setTo} />
        </Flex>
        {stops.map((stop) => {
          const gears = stop.placements.map(({ gear }) => gear);
          const isAll = gears.every((gear) => used.has(gear));
          return (
            <Box as="section" key={stopInWords(stop)} aria-label={stopInWords(stop)} marginY="3">
              <Flex align="center" justify="space-between" gap="2">
                <Heading as="h3" fontSize="sm">
                  {stopInWords(stop)}
                </Heading>
                <Button
                  size="sm"
                  variant="bare"
                  aria-label={`${isAll ? 'None' : 'All'} in ${stopInWords(stop)}`}
                  onClick={() => set(gears, !isAll)}
                >
                  {isAll ? 'None' : 'All'}
                </Button>
              </Flex>
              <Flex gap="1.5" wrap="wrap">
                {stop.placements.map((placement) => {
                  const gear = gearOf(bench.shelf, placement);
                  return (
                    <Tick
                      key={placement.id}
                      isOn={used.has(gear.id)}
                      onChange={(isOn) => set([gear.id], isOn)}
                    >
                      <GearIcon look={gear.look} size={22} /> {gear.name}
                    </Tick>
                  );
                })}
              </Flex>
            </Box>
          );
        })}
        <Box as="label" display="block" fontSize="sm" fontWeight="600" marginTop="3">
          What was missed, one on each line
          <TextArea
            rows={3}
            fontWeight="400"
            value={missed}
            placeholder={'warmer gloves\na second lighter'}
            onChange={(event) => setMissed(event.target.value)}
          />
        </Box>
        <LabelledInput
          label="A note"
          marginTop="1"
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
        <Flex gap="3" align="center" wrap="wrap" marginTop="4">
          <Button type="submit" variant="main">
            Write it down
          </Button>
          <Tick isOn={isKept} onChange={setKept}>
            and keep the kit as it is now as a version
          </Tick>
        </Flex>
      </form>
    </Panel>
  );
}

/** The gears of a kit that hold others: they were used as long as what is in them was along. */
function holdersIn({ placements }: Loadout): ReadonlySet<string> {
  const holders = new Set(placements.flatMap(({ place }) => ('in' in place ? [place.in] : [])));
  return new Set(placements.filter(({ id }) => holders.has(id)).map(({ gear }) => gear));
}
