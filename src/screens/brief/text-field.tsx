'use client';

import type { FlexProps } from '@chakra-ui/react';
import { useState } from 'react';
import { whyNotName } from '@/core/gear';
import { Field } from '@/ui/fields/field';
import { Input } from '@/ui/fields/input';

interface TextFieldProps extends Omit<FlexProps, 'onChange'> {
  readonly label: string;
  readonly value: string;
  readonly placeholder?: string;
  /** What keeps a text from being taken, in words; a name or nothing where left out. */
  readonly whyNot?: (text: string) => string | null;
  readonly onChange: (text: string) => void;
}

/** A short text: taken when one leaves it or presses Enter. What is refused stays, and is told. */
export function TextField(props: TextFieldProps) {
  const { label, value, placeholder, whyNot = whyNotNameOrNothing, onChange, ...box } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | undefined>();
  function take(): void {
    const text = (typed ?? value).trim();
    const why = text === value ? null : whyNot(text);
    setProblem(why === null ? undefined : `${label} ${why}.`);
    if (why !== null) return;
    setTyped(null);
    if (text !== value) onChange(text);
  }
  return (
    <Field label={label} problem={problem} {...box}>
      {(control) => (
        <Input
          {...control}
          height="11"
          autoComplete="off"
          placeholder={placeholder}
          value={typed ?? value}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={take}
          onKeyDown={(event) => event.key === 'Enter' && take()}
        />
      )}
    </Field>
  );
}

function whyNotNameOrNothing(text: string): string | null {
  return text === '' ? null : whyNotName(text);
}
