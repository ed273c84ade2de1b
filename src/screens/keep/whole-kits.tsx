'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { stores } from '@/core/brief';
import { daysBetween } from '@/core/quantity';
import {
  actInWords,
  countedFrom,
  dueOnTrip,
  ifKeptIn,
  keptElsewhere,
  lastRoundOf,
  openRoundOf,
  tripAhead,
  tripToTell,
  type KitDue,
  type NeverDone,
} from '@/core/upkeep';
import { prefer } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { TextLink } from '@/ui/fields/text-link';
import { perform } from '@/ui/notice/notice';
import { fromToday } from './days-in-words';
import type { DueView } from './use-due';

const inWords = {
  house: 'in a house',
  shed: 'in a shed',
  vehicle: 'in a vehicle',
} as const;

interface WholeKitsProps {
  readonly view: DueView;
  readonly kits: readonly KitDue[];
}

/** Each kit as a whole: when it was looked through, where it is kept and what that does, and the way into a round. */
export function WholeKits({ view, kits }: WholeKitsProps) {
  return (
    <Panel title="Look a kit through">
      <Box as="ul" listStyleType="none">
        {kits.map((due) => (
          <WholeKit key={due.kit.id} view={view} due={due} />
        ))}
      </Box>
    </Panel>
  );
}

function WholeKit({ view, due }: { readonly view: DueView; readonly due: KitDue }) {
  const { bench, today, list } = view;
  const { kit, on, everyMonths } = due;
  const router = useRouter();
  const open = openRoundOf(kit.id, bench);
  const last = lastRoundOf(kit.id, bench);
  const never = list.never.filter((each) => each.kit?.id === kit.id);
  const isOver = on !== null && on < today;
  const storedIn = kit.brief?.storedIn ?? 'house';
  return (
    <Box as="li" borderTopWidth="1px" paddingY="3">
      <Text fontWeight="700">{kit.name}</Text>
      <Text fontSize="sm" color={isOver ? 'signal.fg' : 'fg.muted'}>
        {on === null
          ? 'No round yet.'
          : `${last === null ? 'No round yet' : `Last on ${last.endedOn}`}; ${isOver ? 'was due' : 'due'} ${fromToday(on, today)}, every ${everyMonths} months.`}
      </Text>
      <OfItsTrips view={view} due={due} />
      {never.length > 0 && (
        <Text fontSize="sm" color="fg.muted">
          {never.length === 1 ? 'One task has' : `${never.length} tasks have`} no “last done” date.
          An inspection records one; or count from today.
        </Text>
      )}
      <Flex gap="2" wrap="wrap" marginTop="2">
        <Button
          variant={isOver || open ? 'main' : 'plain'}
          aria-label={`${open ? 'Go on with the round of' : 'Begin a round of'} ${kit.name}`}
          onClick={() => {
            prefer({ kit: kit.id });
            router.push('/keep/round');
          }}
        >
          {open ? `Go on: ${open.lines.length} of ${kit.placements.length}` : 'Begin a round'}
        </Button>
        {never.length > 0 && <CountFromToday view={view} kit={kit.name} never={never} />}
      </Flex>
      <Box marginTop="2">
        <Choice
          label="Kept"
          value={storedIn}
          options={stores.map((store) => [store, inWords[store]] as const)}
          onChange={(store) =>
            perform(
              { do: 'change kit', id: kit.id, change: { brief: keptElsewhere(kit, store).brief } },
              `${kit.name} is kept ${inWords[store]}.`,
            )
          }
        />
      </Box>
      {storedIn !== 'vehicle' && <InAVehicle view={view} due={due} />}
    </Box>
  );
}

/** One press that starts the rhythms of tasks whose last day is not known. */
function CountFromToday({
  view: { bench, today },
  kit,
  never,
}: {
  readonly view: DueView;
  readonly kit: string;
  readonly never: readonly NeverDone[];
}) {
  const start = () => {
    const counted = countedFrom(bench, never, today);
    const tasks = never.length === 1 ? 'One task is' : `${never.length} tasks are`;
    if (counted.ok) perform(counted.value, `${tasks} counted from today.`);
  };
  return (
    <Button aria-label={`Count the tasks of ${kit} from today`} onClick={start}>
      Count from today
    </Button>
  );
}

/** What falls due on the next trip of a kit, and whether the last one is to be told of. */
function OfItsTrips({
  view: { bench, today, list },
  due: { kit },
}: {
  readonly view: DueView;
  readonly due: KitDue;
}) {
  const over = tripToTell(kit, bench, today);
  const ahead = tripAhead(kit, today);
  const dues = ahead === null ? [] : dueOnTrip(list.dues, kit.id, ahead);
  return (
    <>
      {over !== null && (
        <Text fontSize="sm">
          Its trip ended on {over.to}:{' '}
          <TextLink href="/keep/trip" onClick={() => prefer({ kit: kit.id })}>
            write down what it showed
          </TextLink>
        </Text>
      )}
      {ahead !== null && dues.length > 0 && (
        <Text fontSize="sm" color="signal.fg">
          ▲ {dues.length === 1 ? 'One thing falls' : `${dues.length} things fall`} due on the trip
          of {ahead.from} to {ahead.to}:{' '}
          {dues
            .slice(0, mostOnTrip)
            .map((each) => `${each.gear.name} (${actInWords(each)}, ${each.on})`)
            .join(', ')}
          {dues.length > mostOnTrip && ` and ${dues.length - mostOnTrip} more`}. Better before it.
        </Text>
      )}
    </>
  );
}

/** As much of what falls due on a trip is named. */
const mostOnTrip = 3;

/** What a vehicle in summer would do to the dates of a kit. */
function InAVehicle({
  view: { bench, today },
  due: { kit },
}: {
  readonly view: DueView;
  readonly due: KitDue;
}) {
  const { sooner, most } = ifKeptIn(kit, bench, 'vehicle', today);
  if (most === null || sooner === 0) return null;
  const far = daysBetween(most.due.on, today);
  return (
    <Text fontSize="sm" color="fg.muted" marginTop="1">
      In a vehicle {sooner === 1 ? 'one date comes' : `${sooner} dates come`} sooner,{' '}
      {most.due.gear.name} ({actInWords(most.due)}) by {Math.abs(most.days)} days
      {far > 0 ? ': it would be overdue' : ''}.
    </Text>
  );
}
