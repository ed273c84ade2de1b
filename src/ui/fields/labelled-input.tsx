import { Flex } from '@chakra-ui/react';
import type { ComponentProps } from 'react';
import { Input } from './input';

interface LabelledInputProps extends ComponentProps<typeof Input> {
  readonly label: string;
}

/** A line to type into, with its name above it. */
export function LabelledInput({ label, flex, ...input }: LabelledInputProps) {
  return (
    <Flex as="label" direction="column" fontSize="sm" fontWeight="600" flex={flex}>
      {label}
      <Input height="11" fontWeight="400" autoComplete="off" {...input} />
    </Flex>
  );
}
