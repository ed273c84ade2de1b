import { Flex } from '@chakra-ui/react';
import { Button } from './button';

interface PillSwitchProps<Id extends string> {
  readonly label: string;
  readonly options: readonly (readonly [id: Id, name: string])[];
  readonly value: Id;
  readonly onChange: (id: Id) => void;
}

/** One of a few ways to see the same thing, each a press away. */
export function PillSwitch<Id extends string>(props: PillSwitchProps<Id>) {
  const { label, options, value, onChange } = props;
  return (
    <Flex gap="1.5" wrap="wrap" role="group" aria-label={label}>
      {options.map(([id, name]) => (
        <Button
          key={id}
          size="sm"
          variant="pill"
          aria-pressed={id === value}
          onClick={() => onChange(id)}
        >
          {name}
        </Button>
      ))}
    </Flex>
  );
}
