'use client';

import {
  Box,
  Dialog,
  Field,
  Flex,
  Heading,
  Input,
  NativeSelect,
  Portal,
  Textarea,
} from '@chakra-ui/react';
import { Plus, Trash2 } from 'lucide-react';
import { useFieldArray, useForm, type UseFormReturn } from 'react-hook-form';
import {
  fitnesses,
  jobIds,
  jobs,
  ownerships,
  reaches,
  silhouettes,
  stuffs,
  type Gear,
  type JobId,
} from '@/core/gear';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { startEditing, useSelection } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import { changeOf, formOf, type GearForm } from './gear-form';

/** Changes the figures of a piece. What cannot be understood stays typed, with what would be. */
export function GearEditor() {
  const bench = useBench();
  const editing = useSelection((selection) => selection.editing);
  const gear = editing === null ? undefined : bench.shelf.get(editing);
  return (
    <Dialog.Root
      open={gear !== undefined}
      onOpenChange={({ open }) => !open && startEditing(null)}
      scrollBehavior="inside"
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop bg="scrim" />
        <Dialog.Positioner>
          <Dialog.Content width="min(760px, 96vw)" maxWidth="none" borderRadius="18px" margin="2">
            {gear && <Editor key={gear.id} gear={gear} />}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function Editor({ gear }: { readonly gear: Gear }) {
  const { currency } = useBench();
  const { units } = usePreferences();
  const setting = { units, currency };
  const form = useForm<GearForm>({ defaultValues: formOf(gear, setting) });

  function save(typed: GearForm): void {
    const read = changeOf(gear, typed, setting, newId);
    if (!read.ok) {
      for (const [field, message] of Object.entries(read.problems)) {
        form.setError(field as keyof GearForm, { message }, { shouldFocus: true });
      }
      return;
    }
    if (
      perform(
        { do: 'change gear', id: gear.id, change: read.change },
        `${read.change.name} changed.`,
      )
    ) {
      startEditing(null);
    }
  }

  return (
    <form style={{ display: 'contents' }} onSubmit={form.handleSubmit(save)} noValidate>
      <Dialog.Header>
        <Dialog.Title fontFamily="heading">Change {gear.name}</Dialog.Title>
      </Dialog.Header>
      <Dialog.Body tabIndex={0}>
        <Flex direction="column" gap="5">
          <Figures form={form} />
          <Supplies form={form} />
          <Cavities form={form} />
          <Looks form={form} />
        </Flex>
      </Dialog.Body>
      <Dialog.Footer>
        <Button variant="bare" onClick={() => startEditing(null)}>
          Leave it
        </Button>
        <Button type="submit" variant="main">
          Save
        </Button>
      </Dialog.Footer>
    </form>
  );
}

interface PartProps {
  readonly form: UseFormReturn<GearForm>;
}

function Figures({ form }: PartProps) {
  const shape = form.watch('shape');
  return (
    <Flex wrap="wrap" gap="3">
      <TextField form={form} name="name" label="Name" width="100%" />
      <TextField form={form} name="mass" label="Mass of one" hint="210 g, 7.4 oz, 2 lb 3 oz" />
      <TextField form={form} name="count" label="How many" />
      <ChoiceField form={form} name="ownership" label="Ownership" options={ownerships} />
      <ChoiceField
        form={form}
        name="shape"
        label="Form"
        options={['box', 'cylinder', 'soft', 'unknown']}
      />
      {(shape === 'box' || shape === 'cylinder') && (
        <TextField
          form={form}
          name="size"
          label={shape === 'box' ? 'Length × width × height' : 'Diameter × height'}
          hint={shape === 'box' ? '90x60x38 mm' : '90x200 mm'}
        />
      )}
      {shape === 'soft' && (
        <>
          <TextField form={form} name="loose" label="Room as it lies" hint="3 L" />
          <TextField form={form} name="tight" label="Pressed tight" hint="1.9 L" />
        </>
      )}
      <TextField form={form} name="price" label="Price of one" hint="€12" />
      <TextField form={form} name="goodUntil" label="Good until" type="date" />
    </Flex>
  );
}

function Supplies({ form }: PartProps) {
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'supplies' });
  return (
    <Rows
      title="What it does"
      onAdd={() => append({ job: 'cut', fitness: 'serves', amount: '', was: null })}
      addWords="Add a job"
    >
      {fields.map((field, at) => (
        <Row
          key={field.id}
          onRemove={() => remove(at)}
          removeWords={`Remove ${jobs[form.watch(`supplies.${at}.job`)].name}`}
        >
          <ChoiceField
            form={form}
            name={`supplies.${at}.job`}
            label="Job"
            options={jobIds}
            words={(job) => jobs[job as JobId].name}
          />
          <ChoiceField
            form={form}
            name={`supplies.${at}.fitness`}
            label="How well"
            options={fitnesses}
            words={(fitness) => fitness.replace('-', ' ')}
          />
          <TextField
            form={form}
            name={`supplies.${at}.amount`}
            label={`How much${jobs[form.watch(`supplies.${at}.job`)].unit ? `, ${jobs[form.watch(`supplies.${at}.job`)].unit}` : ''}`}
          />
        </Row>
      ))}
    </Rows>
  );
}

function Cavities({ form }: PartProps) {
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'cavities' });
  return (
    <Rows
      title="What it holds"
      onAdd={() =>
        append({ name: 'Inside', inside: '', reach: 'main', waterproof: false, was: null })
      }
      addWords="Add a cavity"
    >
      {fields.map((field, at) => (
        <Row
          key={field.id}
          onRemove={() => remove(at)}
          removeWords={`Remove ${form.watch(`cavities.${at}.name`)}`}
        >
          <TextField form={form} name={`cavities.${at}.name`} label="Cavity" />
          <TextField
            form={form}
            name={`cavities.${at}.inside`}
            label="Inside"
            hint="95x61x21 mm, or 22 L, 450 mm"
          />
          <ChoiceField form={form} name={`cavities.${at}.reach`} label="Reach" options={reaches} />
        </Row>
      ))}
    </Rows>
  );
}

function Looks({ form }: PartProps) {
  return (
    <Flex wrap="wrap" gap="3">
      <ChoiceField form={form} name="silhouette" label="Drawn as" options={silhouettes} />
      <ChoiceField form={form} name="stuff" label="Made of" options={stuffs} />
      <TextField form={form} name="colour" label="Colour" type="color" />
      <Field.Root invalid={form.formState.errors.note !== undefined}>
        <Field.Label>Note</Field.Label>
        <Textarea rows={2} {...form.register('note')} />
        <Field.ErrorText>{form.formState.errors.note?.message}</Field.ErrorText>
      </Field.Root>
    </Flex>
  );
}

interface RowsProps {
  readonly title: string;
  readonly addWords: string;
  readonly onAdd: () => void;
  readonly children: React.ReactNode;
}

function Rows({ title, addWords, onAdd, children }: RowsProps) {
  return (
    <Box>
      <Heading as="h3" fontSize="md" marginBottom="2">
        {title}
      </Heading>
      <Flex direction="column" gap="2">
        {children}
      </Flex>
      <Button size="sm" minHeight="11" marginTop="2" onClick={onAdd}>
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

function Row({ onRemove, removeWords, children }: RowProps) {
  return (
    <Flex gap="2" wrap="wrap" align="flex-end">
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
}

function TextField({ form, name, label, hint, type = 'text', width }: TextFieldProps) {
  const { error } = form.getFieldState(name, form.formState);
  return (
    <Field.Root
      invalid={error !== undefined}
      width={width ?? 'auto'}
      flex={width ? undefined : '1 1 150px'}
    >
      <Field.Label>{label}</Field.Label>
      <Input
        type={type}
        placeholder={hint}
        height="11"
        autoComplete="off"
        {...form.register(name)}
      />
      {error && <Field.ErrorText>{error.message}</Field.ErrorText>}
    </Field.Root>
  );
}

interface ChoiceFieldProps extends PartProps {
  readonly name: FieldName;
  readonly label: string;
  readonly options: readonly string[];
  /** An option as it is read; itself where nothing is said. */
  readonly words?: (option: string) => string;
}

function ChoiceField({ form, name, label, options, words = itself }: ChoiceFieldProps) {
  return (
    <Field.Root flex="1 1 140px" width="auto">
      <Field.Label>{label}</Field.Label>
      <NativeSelect.Root>
        <NativeSelect.Field height="11" {...form.register(name)}>
          {options.map((option) => (
            <option key={option} value={option}>
              {words(option)}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Field.Root>
  );
}

function itself(option: string): string {
  return option;
}
