'use client';

import { Box, Flex, Heading } from '@chakra-ui/react';
import { Plus, Trash2 } from 'lucide-react';
import type { UseFormReturn } from 'react-hook-form';
import { dayOf, firstYear, lastYear } from '@/core/quantity';
import { Button } from '@/ui/fields/button';
import { Field } from '@/ui/fields/field';
import { Input } from '@/ui/fields/input';
import { Select } from '@/ui/fields/select';
import type { GearForm } from './gear-form';

export interface PartProps {
  readonly form: UseFormReturn<GearForm>;
}

interface RowsProps {
  readonly title: string;
  readonly addWords: string;
  readonly onAdd: () => void;
  readonly children: React.ReactNode;
}

/** Rows of the same fields under a heading, with a way to add one. */
export function Rows({ title, addWords, onAdd, children }: RowsProps) {
  return (
    <Box>
      <Heading as="h3" fontSize="md" marginBottom="2">
        {title}
      </Heading>
      <Flex direction="column" gap="2">
        {children}
      </Flex>
      <Button size="sm" marginTop="2" onClick={onAdd}>
        <Plus size={16} aria-hidden /> {addWords}
      </Button>
    </Box>
  );
}

interface RowProps {
  readonly onRemove: () => void;
  readonly removeWords: string;
  readonly children: React.ReactNode;
}

export function Row({ onRemove, removeWords, children }: RowProps) {
  return (
    <Flex gap="2" wrap="wrap" align="flex-end" borderWidth="1px" borderRadius="10px" padding="2">
      {children}
      <Button size="icon" variant="bare" aria-label={removeWords} onClick={onRemove}>
        <Trash2 size={18} aria-hidden />
      </Button>
    </Flex>
  );
}

type FieldName = Parameters<UseFormReturn<GearForm>['register']>[0];

interface TextFieldProps extends PartProps {
  readonly name: FieldName;
  readonly label: string;
  readonly hint?: string;
  readonly type?: 'text' | 'date' | 'color';
  readonly width?: string;
  /** It takes twice the room of the others. */
  readonly isWide?: boolean;
}

export function TextField({
  form,
  name,
  label,
  hint,
  type = 'text',
  width,
  isWide = false,
}: TextFieldProps) {
  const { error } = form.getFieldState(name, form.formState);
  return (
    <Field
      label={label}
      problem={error?.message}
      width={width ?? 'auto'}
      flex={width ? undefined : isWide ? '2 1 260px' : '1 1 150px'}
    >
      {(control) => (
        <Input
          {...control}
          type={type}
          placeholder={hint}
          width="100%"
          height="11"
          {...(type === 'date' && { min: dayOf(firstYear, 1, 1), max: dayOf(lastYear, 12, 31) })}
          {...form.register(name)}
        />
      )}
    </Field>
  );
}

interface ChoiceFieldProps extends PartProps {
  readonly name: FieldName;
  readonly label: string;
  readonly options: readonly string[];
  /** An option as it is read; itself where nothing is said. */
  readonly words?: (option: string) => string;
  readonly onPick?: (option: string) => void;
}

export function ChoiceField({
  form,
  name,
  label,
  options,
  words = itself,
  onPick,
}: ChoiceFieldProps) {
  const { error } = form.getFieldState(name, form.formState);
  return (
    <Field label={label} problem={error?.message} flex="1 1 140px">
      {(control) => (
        <Select
          {...control}
          width="100%"
          {...form.register(name, {
            onChange: (event: { readonly target: { readonly value: string } }) =>
              onPick?.(event.target.value),
          })}
        >
          {options.map((option) => (
            <option key={option} value={option}>
              {words(option)}
            </option>
          ))}
        </Select>
      )}
    </Field>
  );
}

interface YesNoProps extends PartProps {
  readonly name: FieldName;
  readonly label: string;
  /** What no and yes are called. */
  readonly words: readonly [no: string, yes: string];
}

export function YesNo({ form, name, label, words: [no, yes] }: YesNoProps) {
  return (
    <ChoiceField
      form={form}
      name={name}
      label={label}
      options={['no', 'yes']}
      words={(option) => (option === 'yes' ? yes : no)}
    />
  );
}

function itself(option: string): string {
  return option;
}
