'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { lotDays, withShares, type Lot } from '@/core/gear';
import { goodUntilOf, nextDue, sharesAt, warmthOfLot } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { DayInput } from '@/ui/fields/day-and-count';
import { dayNames, daysInWords } from '@/ui/kit/lot-in-words';
import { perform } from '@/ui/notice/notice';
import type { PieceProps } from './piece';

/** The dates of what is here, lot by lot, and what follows from them. */
export function PieceLots({ view, placement, gear }: PieceProps) {
  const [edited, setEdited] = useState<string | null>(null);
  const { own, bench, kit } = view;
  const shares = sharesAt(bench, own, placement, kit.day);
  return (
    <Box fontSize="sm">
      <Heading as="h3" fontSize="md" marginBottom="1">
        Dates
      </Heading>
      {shares.map(({ lot, count }) => {
        const warmth = warmthOfLot(lot, own);
        const until = goodUntilOf(gear, lot, warmth);
        const dues = gear.care.flatMap((care) => {
          const on = nextDue(lot, care, warmth);
          return on === null ? [] : [`${care.act} ${on}`];
        });
        const known = daysInWords(lot);
        const name = shares.length === 1 ? 'Dates' : `${count} of them`;
        return (
          <Box key={lot.id} marginBottom="2">
            <Text>
              {shares.length > 1 && `${count} of them: `}
              {known === '' ? 'none is known' : known}
              {lot.store !== '' && `, in ${lot.store}`}
              {lot.amiss !== null && ` · ▲ ${lot.amiss === 'renew' ? 'to be renewed' : lot.amiss}`}.
            </Text>
            {until !== null && until.day !== lot.goodUntil && (
              <Text fontWeight="600">Good until {until.day}, as it is kept.</Text>
            )}
            {dues.length > 0 && <Text color="fg.muted">Next: {dues.join(', ')}.</Text>}
            {edited === lot.id ? (
              <LotForm {...{ view, placement, gear, lot, count }} onDone={() => setEdited(null)} />
            ) : (
              <Button
                size="sm"
                aria-label={`Change: ${name} of ${gear.name}`}
                onClick={() => setEdited(lot.id)}
              >
                Set dates…
              </Button>
            )}
          </Box>
        );
      })}
    </Box>
  );
}

interface LotFormProps extends PieceProps {
  readonly lot: Lot;
  /** So many of the lot lie here, and these are what is told of. */
  readonly count: number;
  readonly onDone: () => void;
}

function LotForm({ view, gear, lot, count, onDone }: LotFormProps) {
  const [days, setDays] = useState(() =>
    Object.fromEntries(lotDays.map((day) => [day, lot[day] ?? ''])),
  );
  const [store, setStore] = useState(lot.store);

  function keep(): void {
    const set = Object.fromEntries(lotDays.map((day) => [day, days[day] || null]));
    const { lots, goodUntil } = withShares(gear, [{ lot, count }], () => ({
      ...set,
      store: store.trim(),
      kit: view.own.id,
    }));
    const change = { lots, goodUntil };
    if (perform({ do: 'change gear', id: gear.id, change }, `Dates of ${gear.name} are set.`)) {
      onDone();
    }
  }

  return (
    <Box
      as="form"
      aria-label={`Dates of ${gear.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      {lotDays.map((day) => (
        <DayInput
          key={day}
          label={dayNames[day]}
          value={days[day] ?? ''}
          onChange={(text) => setDays({ ...days, [day]: text })}
        />
      ))}
      <Choice
        label="Where it is stored"
        value={store}
        options={[
          ['', 'where its kit is'],
          ['house', 'in the house'],
          ['shed', 'in a shed'],
          ['vehicle', 'in a vehicle'],
          ...(store === '' || ['house', 'shed', 'vehicle'].includes(store)
            ? []
            : [[store, store] as const]),
        ]}
        onChange={setStore}
      />
      <Flex gap="2" marginTop="2">
        <Button type="submit" variant="main">
          Keep
        </Button>
        <Button variant="bare" onClick={onDone}>
          Leave it
        </Button>
      </Flex>
    </Box>
  );
}
