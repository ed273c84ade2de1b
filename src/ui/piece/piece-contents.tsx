import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { done, parseLength, printNumber, refused, type Outcome } from '@/core/quantity';
import type { Command } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { perform, sayRefused } from '@/ui/notice/notice';
import { MeasureLeft } from './measure-left';
import type { PieceProps } from './piece';

/** Uses up some of a piece, or cuts a hank into lengths. */
export function PieceContents({ view, placement, gear }: PieceProps) {
  const [typed, setTyped] = useState('');
  const { unit } = gear.contents!;

  function from(ids: number) {
    const placements = Array.from({ length: ids }, newId);
    return { loadout: view.loadout.id, placement: placement.id, placements };
  }

  function use(): void {
    const amount = amountIn(typed, unit);
    if (!amount.ok) return sayRefused(amount.problem.message);
    carryOut({
      do: 'use',
      gear: gear.id,
      amount: amount.value,
      openedId: newId(),
      from: from(1),
      on: view.kit.day,
    });
  }

  function cut(): void {
    const lengths = typed.split(/[;+]|,\s+/).map((part) => amountIn(part, 'm'));
    const wrong = lengths.find((length) => !length.ok);
    if (wrong && !wrong.ok) return sayRefused(wrong.problem.message);
    const lengthsM = lengths.flatMap((length) => (length.ok ? [length.value] : []));
    carryOut({
      do: 'cut',
      gear: gear.id,
      lengthsM,
      ids: Array.from({ length: lengthsM.length + 1 }, newId),
      from: from(lengthsM.length + 1),
    });
  }

  function carryOut(command: Command): void {
    const said = command.do === 'cut' ? `${gear.name} cut.` : `Some ${gear.name} used.`;
    if (perform(command, said)) setTyped('');
  }

  return (
    <Box>
      <Flex gap="2" align="flex-end">
        <LabelledInput
          flex="1"
          label={unit === 'm' ? 'Use or cut, m' : `Use, ${unit}`}
          autoComplete="off"
          value={typed}
          placeholder={unit === 'm' ? '2; 1.5' : printNumber(1, 0)}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return;
            event.preventDefault();
            use();
          }}
        />
        <Button disabled={typed.trim() === ''} onClick={use}>
          Use
        </Button>
        {unit === 'm' && (
          <Button disabled={typed.trim() === ''} onClick={cut}>
            Cut
          </Button>
        )}
      </Flex>
      {unit === 'm' && (
        <Text fontSize="xs" color="fg.muted" marginTop="1">
          Several lengths: 2; 1.5; 1.5
        </Text>
      )}
      <MeasureLeft view={view} placement={placement} gear={gear} />
    </Box>
  );
}

/** An amount as typed: a bare number in the unit of the contents, or for metres any length. */
function amountIn(text: string, unit: string): Outcome<number> {
  if (unit === 'm') {
    const length = parseLength(text.trim(), 'm');
    return length.ok ? done(length.value / 1000) : length;
  }
  const bare = text.trim().replace(unit, '').replace(',', '.').trim();
  const value = bare === '' ? NaN : Number(bare);
  return Number.isFinite(value) && value > 0
    ? done(value)
    : refused(`“${text}” is not how many ${unit} were used, like 3 or 2.5.`);
}
