'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { printMoney } from '@/core/quantity';
import type { Bench, Loadout } from '@/core/loadout';
import {
  copiesBehind,
  copiesBroughtOn,
  copiesOf,
  copiesOfKit,
  mostCopies,
  type Copies,
  type SoMany,
} from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { CountInput, countTyped } from '@/ui/fields/day-and-count';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { TextLink } from '@/ui/fields/text-link';
import { today, useToday } from '@/store/today';
import { perform, sayRefused } from '@/ui/notice/notice';

interface CopiesProps {
  readonly bench: Bench;
  readonly loadout: Loadout;
}

/** Another kit like this one, or several: for whom, what of the shelf goes into them, and what is to be bought. */
export function CopyForm({
  bench,
  loadout,
  onDone,
}: CopiesProps & { readonly onDone: () => void }) {
  const [many, setMany] = useState('1');
  const [names, setNames] = useState('');
  const forWhom = namesOf(names, many);
  const day = useToday();
  const key = forWhom.join('\n');
  const found = useMemo(
    () => copiesOfKit(bench, loadout.id, key.split('\n'), day, newId),
    [bench, loadout.id, key, day],
  );

  function make(): void {
    if (!found.ok) return sayRefused(found.problem.message);
    const { command, kits } = found.value;
    const made = kits.map(({ name }) => name).join(', ');
    if (perform(command, `${made} ${kits.length === 1 ? 'is' : 'are'} laid out.`)) onDone();
  }

  return (
    <Box
      as="form"
      aria-label={`Another like ${loadout.name}`}
      borderTopWidth="1px"
      paddingTop="3"
      onSubmit={(event) => {
        event.preventDefault();
        make();
      }}
    >
      <Flex gap="2" wrap="wrap">
        <CountInput label="How many" value={many} onChange={setMany} />
        <LabelledInput
          flex="1 1 150px"
          label="For whom"
          placeholder="Ada, Bo"
          value={names}
          onChange={(event) => setNames(event.target.value)}
        />
      </Flex>
      {found.ok ? (
        <WhatTheyTake bench={bench} copies={found.value} />
      ) : (
        <Text fontSize="sm" color="signal.fg" marginTop="2">
          ▲ {found.problem.message}
        </Text>
      )}
      <Flex gap="2" marginTop="3">
        <Button type="submit" variant="main" disabled={!found.ok}>
          {found.ok && found.value.kits.length > 1
            ? `Make ${found.value.kits.length} like it`
            : 'Make it'}
        </Button>
        <Button variant="bare" onClick={onDone}>
          Leave it
        </Button>
      </Flex>
    </Box>
  );
}

/** One entry a copy: the names as far as there are some, the rest for nobody yet. */
function namesOf(names: string, many: string): readonly string[] {
  const named = names
    .split(/[,;\n]/)
    .map((name) => name.trim())
    .filter((name) => name !== '');
  const count = Math.min(countTyped(many) ?? 0, mostCopies + 1);
  return Array.from({ length: Math.max(count, named.length) }, (_, at) => named[at] ?? '');
}

function WhatTheyTake({ bench, copies }: { readonly bench: Bench; readonly copies: Copies }) {
  const { fromShelf, toBuy } = copies;
  const priced = toBuy.filter(({ gear }) => gear.priceMinor !== null);
  const priceMinor = priced.reduce((sum, { gear, count }) => sum + gear.priceMinor! * count, 0);
  return (
    <Box fontSize="sm" marginTop="2" role="status">
      <Text>
        {fromShelf.length === 0
          ? 'Nothing of it lies free on the shelf.'
          : `Free on the shelf: ${inWords(fromShelf)}.`}
      </Text>
      <Text>
        {toBuy.length === 0
          ? 'Nothing has to be bought.'
          : `To be bought, as one list: ${inWords(toBuy)}${priceMinor > 0 ? `, about ${printMoney(priceMinor, bench.currency)}` : ''}${priced.length < toBuy.length ? `; ${toBuy.length - priced.length} without a price` : ''}.`}
      </Text>
    </Box>
  );
}

/** As many pieces are named; the rest are counted. */
const mostNamed = 4;

function inWords(all: readonly SoMany[]): string {
  const named = all.slice(0, mostNamed).map(({ gear, count }) => `${count} × ${gear.name}`);
  const more = all.length - named.length;
  return `${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

/** What the copies of a kit lack of it, or which kit this one was made after. */
export function CopiesStand({ bench, loadout }: CopiesProps) {
  const copies = copiesOf(bench, loadout.id);
  const pattern = loadout.copyOf && bench.loadouts.get(loadout.copyOf.kit);
  const own = pattern
    ? copiesBehind(bench, pattern.id).find(({ copy }) => copy.id === loadout.id)
    : undefined;
  return (
    <>
      {pattern && (
        <Text fontSize="sm" color="fg.muted">
          Made after {pattern.name}
          {loadout.copyOf!.forWhom !== '' && `, for ${loadout.copyOf!.forWhom}`}
          {!own
            ? ', and as that is now.'
            : `; ${[
                ...(own.lacks.length > 0 ? [`it lacks ${inWords(own.lacks)}`] : []),
                ...(own.over.length > 0 ? [`it has ${inWords(own.over)} more than that`] : []),
              ].join(', ')}.`}
        </Text>
      )}
      {copies.length > 0 && <OfCopies bench={bench} loadout={loadout} copies={copies.length} />}
    </>
  );
}

function OfCopies({ bench, loadout, copies }: CopiesProps & { readonly copies: number }) {
  const late = copiesBehind(bench, loadout.id).filter(({ lacks }) => lacks.length > 0);
  const lacks = new Map<string, SoMany>();
  for (const { gear, count } of late.flatMap((each) => each.lacks)) {
    lacks.set(gear.id, { gear, count: count + (lacks.get(gear.id)?.count ?? 0) });
  }
  const has = copies === 1 ? 'One copy was' : `${copies} copies were`;
  if (late.length === 0) {
    return (
      <Text fontSize="sm" color="fg.muted">
        {has} made after it; {copies === 1 ? 'it is' : 'all are'} as it is now.
      </Text>
    );
  }

  function bringOn(): void {
    const found = copiesBroughtOn(bench, loadout.id, today(), newId);
    if (!found.ok) return sayRefused(found.problem.message);
    const { toBuy } = found.value;
    perform(
      found.value.command,
      toBuy.length === 0
        ? 'They have what they lacked.'
        : `They have what they lacked; ${inWords(toBuy)} to be bought.`,
    );
  }

  return (
    <Box fontSize="sm">
      <Text color="signal.fg" fontWeight="600">
        ▲ {late.length === 1 ? 'One copy lacks' : `${late.length} copies lack`} what changed:{' '}
        {inWords([...lacks.values()])}.
      </Text>
      <Flex gap="2" align="center" wrap="wrap">
        <Button size="sm" onClick={bringOn}>
          Give it to {late.length === 1 ? 'it' : 'them'}
        </Button>
        <TextLink href="/keep/restock">Restock list</TextLink>
      </Flex>
    </Box>
  );
}
