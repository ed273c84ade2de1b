import { Flex } from '@chakra-ui/react';
import { Select } from './select';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly (readonly [value: Value, words: string])[];
  readonly onChange: (value: Value) => void;
  readonly minWidth?: string;
  /** The label is read out and not drawn, where what stands around says it. */
  readonly isLabelHidden?: boolean;
}

/** One of several, in a list that opens. */
export function Choice<Value extends string>(props: ChoiceProps<Value>) {
  const { label, value, options, onChange, minWidth = '150px', isLabelHidden = false } = props;
  const field = (
    <Select
      display="block"
      minWidth={minWidth}
      maxWidth="280px"
      fontWeight="400"
      aria-label={isLabelHidden ? label : undefined}
      value={value}
      onChange={(event) => onChange(event.target.value as Value)}
    >
      {options.map(([option, words]) => (
        <option key={option} value={option}>
          {words}
        </option>
      ))}
    </Select>
  );
  if (isLabelHidden) return field;
  return (
    <Flex as="label" direction="column" gap="1.5" fontSize="sm" fontWeight="600">
      {label}
      {field}
    </Flex>
  );
}
