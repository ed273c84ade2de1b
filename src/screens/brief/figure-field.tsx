'use client';

import { Text, type FlexProps } from '@chakra-ui/react';
import { useState } from 'react';
import { whyNotInRange, type Range } from '@/core/gear';
import { printNumber } from '@/core/quantity';
import { Field } from '@/ui/fields/field';
import { Input } from '@/ui/fields/input';
import { numberIn } from './number-in';

interface FigureFieldProps extends Omit<FlexProps, 'onChange'> {
  readonly label: string;
  readonly value: number | null;
  readonly range: Range;
  /** What stands where nothing is typed, as what the climate says. */
  readonly unlessTyped?: string;
  /** It cannot be left empty. */
  readonly isAsked?: boolean;
  /** The label is read out and not drawn. */
  readonly isLabelHidden?: boolean;
  readonly onChange: (value: number | null) => void;
}

/** A figure that is typed: taken when one leaves it or presses Enter. What is no such figure stays, and is told. */
export function FigureField(props: FigureFieldProps) {
  const {
    label,
    value,
    range,
    unlessTyped,
    isAsked = false,
    isLabelHidden,
    onChange,
    ...box
  } = props;
  const shown = value === null ? '' : printNumber(value, 4).replace(/\s/g, '');
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | undefined>();
  function take(): void {
    if (typed === null || typed === shown) {
      setTyped(null);
      setProblem(undefined);
      return;
    }
    const read = numberIn(typed);
    const isNone = read === null && typed.trim() !== '';
    const why = isNone ? 'is not a number' : whyNot(read, range, isAsked);
    setProblem(why === null ? undefined : `${label} ${why}.`);
    if (why !== null) return;
    setTyped(null);
    onChange(read);
  }
  return (
    <Field label={label} problem={problem} isLabelHidden={isLabelHidden} {...box}>
      {(control) => (
        <>
          <Input
            {...control}
            height="11"
            inputMode="decimal"
            autoComplete="off"
            value={typed ?? shown}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={take}
            onKeyDown={(event) => event.key === 'Enter' && take()}
          />
          {unlessTyped !== undefined && (
            <Text fontSize="xs" color="fg.muted">
              {value === null ? unlessTyped : 'typed'}
            </Text>
          )}
        </>
      )}
    </Field>
  );
}

function whyNot(read: number | null, range: Range, isAsked: boolean): string | null {
  return read === null ? (isAsked ? 'is missing' : null) : whyNotInRange(read, range);
}
