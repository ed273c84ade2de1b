'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { parseMass, parseMoney, printMass, printMoney, type Outcome } from '@/core/quantity';
import { workedOut } from '@/core/kit';
import { setsOutG, type Bench, type Loadout, type LoadoutChange } from '@/core/loadout';
import { givenBack, kitsBeside } from '@/core/kit/beside';
import { schemeOf } from '@/core/scheme';
import type { Due } from '@/core/upkeep';
import { prefer, usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Field } from '@/ui/fields/field';
import { Folded } from '@/ui/fields/folded';
import { Input } from '@/ui/fields/input';
import { TextArea } from '@/ui/fields/text-area';
import { useLaidOut } from '@/ui/kit/answers';
import { useToday } from '@/store/today';
import { perform } from '@/ui/notice/notice';
import { Closed } from './closed';
import { CopiesStand, CopyForm } from './copies';
import { Standing } from './standing';

interface KitCardProps {
  readonly bench: Bench;
  readonly loadout: Loadout;
}

interface KitStandProps extends KitCardProps {
  /** What falls due first in it; null where nothing does. */
  readonly due: Due | null;
  /** Screen pixels per millimetre: one scale for all kits. */
  readonly pixelsPerMm: number;
}

/** One kit as it stands: its closed holders to scale with how full they are, what it is weakest in, due next and waits for. */
export function KitCard({ bench, loadout, due, pixelsPerMm }: KitStandProps) {
  const router = useRouter();
  const { scheme, units } = usePreferences();
  const [isChanging, setIsChanging] = useState(false);
  const [isCopying, setCopying] = useState(false);
  const laidOut = useLaidOut();
  const today = useToday();
  const kit = workedOut(bench, loadout, today, laidOut);
  const { whole } = kit.totals;
  const cover = kit.cover(schemeOf(bench, scheme));
  if (isChanging)
    return <KitForm bench={bench} loadout={loadout} onDone={() => setIsChanging(false)} />;

  function layOut(): void {
    prefer({ kit: loadout.id });
    router.push('/layout');
  }

  return (
    <Flex as="article" direction="column" gap="2">
      <Closed kit={kit} pixelsPerMm={pixelsPerMm} onOpen={layOut} />
      <Flex align="baseline" justify="space-between" gap="2" wrap="wrap">
        <Heading as="h2" fontSize="xl">
          {loadout.name}
        </Heading>
        <Text fontWeight="600" hidden={whole.pieces === 0}>
          {printMass(setsOutG(kit.whole, kit.totals), units)}
          {loadout.mostMassG !== null && ` of ${printMass(loadout.mostMassG, units)}`}
        </Text>
      </Flex>
      <Text color="fg.muted" fontSize="sm">
        {loadout.purpose === '' ? 'What it is for has not been said.' : loadout.purpose}
      </Text>
      <Standing kit={kit} due={due} />
      <Text fontSize="sm" color="fg.muted" hidden={whole.pieces === 0}>
        {whole.pieces} {whole.pieces === 1 ? 'piece' : 'pieces'} · {cover.covered} of {cover.outOf}{' '}
        {cover.scheme.unit}
      </Text>
      {loadout.modules.length > 0 && (
        <Text fontSize="sm" color="fg.muted">
          With {loadout.modules.map(({ kit }) => bench.loadouts.get(kit)!.name).join(', ')} along.
        </Text>
      )}
      {kitsBeside(kit).map((other) => {
        const { givesBack, outOf } = givenBack(kit, other);
        return (
          <Text key={other.own.id} fontSize="sm" color="fg.muted">
            Gives back {givesBack} of {outOf} critical jobs of {other.own.name}.
          </Text>
        );
      })}
      <CopiesStand bench={bench} loadout={loadout} />
      <Folded title="Change, copy or remove it">
        <Flex gap="2" wrap="wrap">
          <Button aria-label={`Change ${loadout.name}`} onClick={() => setIsChanging(true)}>
            Change…
          </Button>
          <Button
            aria-label={`Another like ${loadout.name}`}
            aria-expanded={isCopying}
            onClick={() => setCopying(!isCopying)}
          >
            Another like it…
          </Button>
          <Button
            variant="bare"
            aria-label={`Remove ${loadout.name}`}
            onClick={() =>
              perform(
                { do: 'remove kit', id: loadout.id },
                `${loadout.name} removed; its gear stays on the shelf.`,
              )
            }
          >
            Remove
          </Button>
        </Flex>
        {isCopying && <CopyForm bench={bench} loadout={loadout} onDone={() => setCopying(false)} />}
      </Folded>
    </Flex>
  );
}

interface KitFormProps extends KitCardProps {
  readonly onDone: () => void;
}

function KitForm({ bench, loadout, onDone }: KitFormProps) {
  const { units } = usePreferences();
  const before = {
    name: loadout.name,
    purpose: loadout.purpose,
    mass: loadout.mostMassG === null ? '' : printMass(loadout.mostMassG, units),
    price:
      loadout.mostPriceMinor === null ? '' : printMoney(loadout.mostPriceMinor, bench.currency),
  };
  const [typed, setTyped] = useState(before);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});

  function save(): void {
    const found: Record<string, string> = {};
    function limit(
      field: 'mass' | 'price',
      was: number | null,
      parse: (text: string) => Outcome<number>,
    ) {
      if (typed[field] === before[field]) return was;
      if (typed[field].trim() === '') return null;
      const read = parse(typed[field]);
      if (read.ok && read.value > 0) return read.value;
      found[field] = read.ok
        ? 'A limit is more than nothing; leave it empty for none.'
        : read.problem.message;
      return was;
    }
    const change: LoadoutChange = {
      name: typed.name.trim(),
      purpose: typed.purpose,
      mostMassG: limit('mass', loadout.mostMassG, (text) =>
        parseMass(text, units === 'metric' ? 'kg' : 'oz'),
      ),
      mostPriceMinor: limit('price', loadout.mostPriceMinor, (text) =>
        parseMoney(text, bench.currency),
      ),
    };
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    if (perform({ do: 'change kit', id: loadout.id, change }, `${change.name} changed.`)) onDone();
  }

  function fieldOf(field: keyof typeof typed) {
    return {
      value: typed[field],
      onChange: (event: { readonly target: { readonly value: string } }) =>
        setTyped({ ...typed, [field]: event.target.value }),
    };
  }

  return (
    <Box as="article" bg="panel" borderWidth="1px" borderRadius="18px" padding="4">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
      >
        <Flex direction="column" gap="3">
          <Field label="Name">
            {(control) => <Input {...control} height="11" {...fieldOf('name')} />}
          </Field>
          <Field label="What it is for">
            {(control) => <TextArea {...control} rows={3} {...fieldOf('purpose')} />}
          </Field>
          <Field label="Most mass" problem={problems.mass}>
            {(control) => (
              <Input {...control} height="11" placeholder="no limit" {...fieldOf('mass')} />
            )}
          </Field>
          <Field label="Most price" problem={problems.price}>
            {(control) => (
              <Input {...control} height="11" placeholder="no limit" {...fieldOf('price')} />
            )}
          </Field>
          <Flex gap="2">
            <Button type="submit" variant="main">
              Save
            </Button>
            <Button variant="bare" onClick={onDone}>
              Leave it
            </Button>
          </Flex>
        </Flex>
      </form>
    </Box>
  );
}
