'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import type { Outcome } from '@/core/quantity';
import type { Command } from '@/core/loadout';
import { actInWords, backCommand, careTaken, type Due } from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { perform, sayRefused } from '@/ui/notice/notice';
import { fromToday } from './days-in-words';
import type { DueView } from './use-due';

/** One thing that is due: what, why then, and the one press that deals with it. */
export function DueRow({ due, view }: { readonly due: Due; readonly view: DueView }) {
  const { bench, today } = view;
  const { gear, count, on } = due;
  const isOver = on < today;
  const when = (
    <>
      <Text as="span" fontWeight="600" color={isOver ? 'signal.fg' : 'fg'}>
        {fromToday(on, today)}
      </Text>{' '}
      <Text as="span" fontSize="xs" color="fg.muted" whiteSpace="nowrap">
        {on}
      </Text>
    </>
  );
  return (
    <Flex as="li" gap="3" align="center" paddingY="2" borderTopWidth="1px">
      <GearIcon look={gear.look} size={30} />
      <Box flex="1" minWidth="0">
        <Text fontWeight="600" lineHeight="1.25">
          {gear.name}
          {count > 1 && ` × ${count}`}
        </Text>
        <Text fontSize="sm" color="fg.muted">
          {actInWords(due)}
          {whySo(due)}
        </Text>
        <Text fontSize="sm" hideFrom="sm">
          {when}
        </Text>
      </Box>
      <Text fontSize="sm" textAlign="right" minWidth="108px" hideBelow="sm">
        {when}
      </Text>
      <DealWith
        due={due}
        onDone={() =>
          carryOut(careTaken(bench, [due], today), `${gear.name}: ${due.act} done today.`)
        }
        onBack={() =>
          carryOut(backCommand(bench, gear, newId), `${gear.name} is back where it belongs.`)
        }
      />
    </Flex>
  );

  function carryOut(command: Outcome<Command>, said: string): void {
    if (!command.ok) sayRefused(command.problem.message);
    else perform(command.value, said);
  }
}

interface DealWithProps {
  readonly due: Due;
  readonly onDone: () => void;
  readonly onBack: () => void;
}

function DealWith({ due: { act, gear }, onDone, onBack }: DealWithProps) {
  const router = useRouter();
  switch (act) {
    case 'replace':
      return (
        <Act label={`Renew ${gear.name}`} onAct={() => router.push('/keep/restock')}>
          Restock
        </Act>
      );
    case 'get back':
    case 'give back':
    case 'put back':
      return (
        <Act label={`${gear.name} is back`} onAct={onBack}>
          It is back
        </Act>
      );
    default:
      return (
        <Act label={`${gear.name}: ${act} done`} onAct={onDone}>
          Done
        </Act>
      );
  }
}

interface ActProps {
  readonly label: string;
  readonly onAct: () => void;
  readonly children: ReactNode;
}

function Act({ label, onAct, children }: ActProps) {
  return (
    <Button size="sm" minWidth="92px" aria-label={label} onClick={onAct}>
      {children}
    </Button>
  );
}

function whySo({ because, isEarlier, isUnsure, lot, warmth }: Due): string {
  const store = warmth.in === 'house' ? '' : ` in the ${warmth.in}`;
  if (isUnsure) return `; maybe sooner: nobody knows since when it lies warm${store}`;
  if (because === 'printed' && isEarlier) {
    return `; printed ${lot.goodUntil}, sooner as it lies warm${store}`;
  }
  if (because === 'filled') return `, filled ${lot.filledOn}`;
  if (because === 'opened') return `, opened ${lot.openedOn}`;
  return isEarlier ? `; twice as often${store}, where it gets hot` : '';
}
