'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { whyNotName, type Gear } from '@/core/gear';
import { kitsByName, type Command } from '@/core/loadout';
import type { Outcome } from '@/core/quantity';
import { backCommand, borrowedCommand, lentCommand, takenCommand } from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { CountInput, countTyped, DayInput } from '@/ui/fields/day-and-count';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { select } from '@/ui/kit/selection';
import { perform, sayRefused } from '@/ui/notice/notice';
import type { PieceProps } from './piece';

type How = 'lend' | 'borrow' | 'take';

/** Lending a piece, borrowing it, taking it for another kit, and getting it back. */
export function PieceAway(props: PieceProps) {
  const { view, gear } = props;
  const [isOpen, setOpen] = useState(false);
  const isAway = gear.lentTo !== null || gear.borrowedFrom !== null || gear.takenFrom !== null;
  return (
    <Box fontSize="sm">
      <Heading as="h3" fontSize="md" marginBottom="1">
        Lent and taken
      </Heading>
      {isAway ? (
        <>
          <Text>{awayInWords(gear, view.bench.loadouts.get(gear.takenFrom?.kit ?? '')?.name)}</Text>
          <Button
            marginTop="1"
            aria-label={`${gear.name} is back where it belongs`}
            onClick={() =>
              carryOut(
                backCommand(view.bench, gear, newId),
                `${gear.name} is back where it belongs.`,
              )
            }
          >
            {gear.lentTo !== null ? 'It is back' : 'Give it back'}
          </Button>
        </>
      ) : isOpen ? (
        <AwayForm {...props} onDone={() => setOpen(false)} />
      ) : (
        <Button size="sm" onClick={() => setOpen(true)}>
          Lend, borrow or take…
        </Button>
      )}
    </Box>
  );
}

function carryOut(command: Outcome<Command>, said: string): boolean {
  if (command.ok) return perform(command.value, said);
  sayRefused(command.problem.message);
  return false;
}

function awayInWords(
  { lentTo, borrowedFrom, awaySince, backBy }: Gear,
  takenFrom: string | undefined,
): string {
  const since = awaySince === null ? '' : ` since ${awaySince}`;
  const by = backBy === null ? '' : `, back by ${backBy}`;
  if (lentTo !== null) return `Lent to ${lentTo}${since}${by}.`;
  if (borrowedFrom !== null) return `Borrowed from ${borrowedFrom}${since}${by}.`;
  return `Taken from ${takenFrom ?? 'another kit'}${since}${by}.`;
}

function AwayForm(props: PieceProps & { readonly onDone: () => void }) {
  const { view, placement, gear, onDone } = props;
  const { bench, own, kit } = view;
  const others = kitsByName(bench).filter(({ id }) => id !== own.id);
  const [how, setHow] = useState<How>('lend');
  const [who, setWho] = useState('');
  const [to, setTo] = useState(others[0]?.id ?? '');
  const [backBy, setBackBy] = useState('');
  const [many, setMany] = useState(String(placement.count));

  function go(): void {
    const name = who.trim();
    const going = {
      kit: own,
      placement: placement.id,
      count: countTyped(many) ?? 0,
      since: kit.day,
      backBy: backBy === '' ? null : backBy,
    };
    if (how === 'take') {
      const target = bench.loadouts.get(to);
      if (!target) return;
      const taken = takenCommand(bench, going, target, newId);
      if (carryOut(taken, `${gear.name} is taken for ${target.name}, on its mat.`)) select(null);
      return;
    }
    const why = whyNotName(name);
    if (why) {
      sayRefused(`The name of who ${how === 'lend' ? 'gets' : 'owns'} it ${why}.`);
      return;
    }
    const command =
      how === 'lend'
        ? lentCommand(bench, going, name, newId)
        : borrowedCommand(bench, going, name, newId);
    const said = how === 'lend' ? `is lent to ${name}` : `is borrowed from ${name}`;
    if (carryOut(command, `${gear.name} ${said}.`)) onDone();
  }

  return (
    <Box
      as="form"
      aria-label={`Lend, borrow or take ${gear.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <Flex direction="column" gap="2">
        <Choice
          label="What"
          value={how}
          options={[
            ['lend', 'lent to somebody'],
            ['borrow', 'borrowed from somebody'],
            ...(others.length > 0 ? [['take', 'taken for another kit'] as const] : []),
          ]}
          onChange={setHow}
        />
        {how === 'take' ? (
          <Choice
            label="For which kit"
            value={to}
            options={others.map(({ id, name }) => [id, name] as const)}
            onChange={setTo}
          />
        ) : (
          <LabelledInput
            label={how === 'lend' ? 'Who has it' : 'Whose it is'}
            value={who}
            onChange={(event) => setWho(event.target.value)}
          />
        )}
        {placement.count > 1 && (
          <CountInput label={`How many of ${placement.count}`} value={many} onChange={setMany} />
        )}
        <DayInput label="Back by, if agreed" value={backBy} onChange={setBackBy} />
        <Flex gap="2">
          <Button type="submit" variant="main">
            Write it down
          </Button>
          <Button variant="bare" onClick={onDone}>
            Leave it
          </Button>
        </Flex>
      </Flex>
    </Box>
  );
}
