'use client';

import { chakra, Flex, Text, type FlexProps } from '@chakra-ui/react';
import { useId, type ReactNode } from 'react';

/** What a control of a field is given, so that its name and what is wrong with it are read with it. */
export interface ControlProps {
  readonly id: string;
  readonly 'aria-invalid': boolean;
  readonly 'aria-describedby': string | undefined;
}

interface FieldProps extends Omit<FlexProps, 'children'> {
  readonly label: string;
  /** What is wrong with it, as a sentence. */
  readonly problem?: string | undefined;
  /** The label is read out and not drawn, where what stands around says it. */
  readonly isLabelHidden?: boolean | undefined;
  readonly children: (control: ControlProps) => ReactNode;
}

/** A control with its name above it, and what is wrong with it below. */
export function Field({ label, problem, isLabelHidden, children, ...box }: FieldProps) {
  const id = useId();
  const says = `${id}-says`;
  return (
    <Flex direction="column" gap="1.5" {...box}>
      <chakra.label
        htmlFor={id}
        fontSize="sm"
        fontWeight="600"
        className={isLabelHidden ? 'read-out' : undefined}
      >
        {label}
      </chakra.label>
      {children({
        id,
        'aria-invalid': problem !== undefined,
        'aria-describedby': problem === undefined ? undefined : says,
      })}
      {problem !== undefined && (
        <Text id={says} role="alert" fontSize="xs" color="fg.error">
          {problem}
        </Text>
      )}
    </Flex>
  );
}
