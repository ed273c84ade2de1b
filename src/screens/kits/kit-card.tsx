'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { parseMass, parseMoney, printMass, printMoney, type Outcome } from '@/core/quantity';
import { workedOut } from '@/core/kit';
import { setsOutG, type Bench, type Loadout, type LoadoutChange } from '@/core/loadout';
import { standsInFor } from '@/core/judge/beside';
import { schemeOf } from '@/core/scheme';
import { prefer, usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Field } from '@/ui/fields/field';
import { Input } from '@/ui/fields/input';
import { TextArea } from '@/ui/fields/text-area';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { localDay } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import { CopiesStand, CopyForm } from './copies';

interface KitCardProps {
  readonly bench: Bench;
  readonly loadout: Loadout;
}

/** One kit: what it is for, what it weighs and covers, and the way to it. */
export function KitCard({ bench, loadout }: KitCardProps) {
  const router = useRouter();
  const { scheme, units } = usePreferences();
  const [isChanging, setIsChanging] = useState(false);
  const [isCopying, setCopying] = useState(false);
  const kit = workedOut(bench, loadout, localDay(new Date()));
  const { whole } = kit.totals;
  const cover = kit.cover(schemeOf(bench, scheme));
  if (isChanging)
    return <KitForm bench={bench} loadout={loadout} onDone={() => setIsChanging(false)} />;
  return (
    <Flex
      as="article"
      direction="column"
      gap="2"
      bg="panel"
      borderWidth="1px"
      borderRadius="18px"
      padding="4"
    >
      <Heading as="h2" fontSize="xl">
        {loadout.name}
      </Heading>
      <Text color="fg.muted" fontSize="sm" flex="1">
        {loadout.purpose === '' ? 'What it is for has not been said.' : loadout.purpose}
      </Text>
      <Flex gap="1" overflow="hidden" aria-hidden>
        {loadout.placements.slice(0, 12).map(({ id, gear }) => (
          <GearIcon key={id} look={bench.shelf.get(gear)!.look} size={24} />
        ))}
      </Flex>
      <Text fontWeight="600">
        {printMass(setsOutG(kit.whole, kit.totals), units)}
        {loadout.mostMassG !== null && ` of ${printMass(loadout.mostMassG, units)}`} ·{' '}
        {whole.pieces} pieces · {cover.covered} of {cover.outOf} {cover.scheme.unit}
      </Text>
      {loadout.modules.length > 0 && (
        <Text fontSize="sm" color="fg.muted">
          With {loadout.modules.map(({ kit }) => bench.loadouts.get(kit)!.name).join(', ')} along.
        </Text>
      )}
      {besideOf(bench, loadout).map((other) => {
        const { givesBack, outOf } = standsInFor(kit, workedOut(bench, other, kit.day));
        return (
          <Text key={other.id} fontSize="sm" color="fg.muted">
            Gives back {givesBack} of {outOf} critical jobs of {other.name}.
          </Text>
        );
      })}
      <CopiesStand bench={bench} loadout={loadout} />
      <Flex gap="2" wrap="wrap">
        <Button
          variant="main"
          aria-label={`Lay out ${loadout.name}`}
          onClick={() => {
            prefer({ kit: loadout.id });
            router.push('/layout');
          }}
        >
          Lay out
        </Button>
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
    </Flex>
  );
}

/** The kits that its brief says lie beside it. */
function besideOf({ loadouts }: Bench, { id, brief }: Loadout): readonly Loadout[] {
  return (brief?.beside ?? []).flatMap((other) =>
    other === id ? [] : (loadouts.get(other) ?? []),
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
