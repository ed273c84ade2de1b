'use client';

import { Flex, Heading } from '@chakra-ui/react';
import { Field } from '@/ui/fields/field';
import { TextArea } from '@/ui/fields/text-area';
import { useFieldArray } from 'react-hook-form';
import {
  contentUnits,
  fitnesses,
  jobIds,
  jobs,
  ownerships,
  reaches,
  silhouettes,
  sortsOf,
  stuffs,
  tiers,
  type JobId,
} from '@/core/gear';
import { ChoiceField, Row, Rows, TextField, type PartProps } from './editor-fields';

/** Name, mass, form, price and date. */
export function Figures({ form }: PartProps) {
  const shape = form.watch('shape');
  return (
    <Flex wrap="wrap" gap="3">
      <TextField form={form} name="name" label="Name" width="100%" />
      <TextField form={form} name="mass" label="Mass of one" hint="210 g, 7.4 oz, 2 lb 3 oz" />
      <TextField form={form} name="count" label="How many" />
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

/** How the person stands to it: whether it is there, who has it, what it is good enough for. */
export function Standing({ form }: PartProps) {
  return (
    <Flex wrap="wrap" gap="3">
      <ChoiceField form={form} name="ownership" label="Ownership" options={ownerships} />
      <ChoiceField form={form} name="tier" label="Kept for kits that are" options={tiers} />
      <TextField form={form} name="lentTo" label="Lent to" hint="at home" />
      <ChoiceField
        form={form}
        name="isShared"
        label="In several kits"
        options={['no', 'yes']}
        words={(option) => (option === 'yes' ? 'goes from kit to kit' : 'stays in one')}
      />
    </Flex>
  );
}

/** What of it is used up bit by bit. */
export function Contents({ form }: PartProps) {
  const unit = form.watch('unit');
  return (
    <Flex wrap="wrap" gap="3">
      <ChoiceField
        form={form}
        name="unit"
        label="Used up by"
        options={['', ...contentUnits]}
        words={(option) => (option === '' ? 'nothing, it lasts' : option)}
      />
      {unit !== '' && (
        <>
          <TextField form={form} name="full" label={`A full one holds, ${unit}`} />
          <TextField form={form} name="left" label={`Left now, ${unit}`} />
          <TextField form={form} name="contentsMass" label="Of that, mass" hint="0 g" />
        </>
      )}
    </Flex>
  );
}

export function Supplies({ form }: PartProps) {
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'supplies' });
  return (
    <Rows
      title="What it does"
      onAdd={() =>
        append({ job: firstFree(form), fitness: 'serves', amount: '', sort: '', was: null })
      }
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
          <SortField form={form} at={at} />
        </Row>
      ))}
    </Rows>
  );
}

/** What a supply is of, where that decides who it serves: cells, fuel, tinder. */
function SortField({ form, at }: PartProps & { readonly at: number }) {
  const job = form.watch(`supplies.${at}.job`);
  const sorts = job === 'recharge' ? undefined : sortsOf[job];
  if (!sorts) return null;
  return (
    <ChoiceField
      form={form}
      name={`supplies.${at}.sort`}
      label={job === 'tinder' ? 'It takes' : 'Which'}
      options={['', ...sorts]}
      words={(sort) => (job === 'tinder' ? tinderWords[sort] : sort) ?? 'not known'}
    />
  );
}

/** What tinder takes, by its sort. */
const tinderWords: Readonly<Record<string, string>> = {
  ember: 'a weak spark, or a lens',
  spark: 'the sparks of a ferro rod',
  flame: 'a flame only',
};

/** What harms it, its care and what to beware of: copied from its kind, and its owner’s to change. */
export function Keeping({ form }: PartProps) {
  return (
    <Flex wrap="wrap" gap="3">
      <Heading as="h3" fontSize="md" width="100%">
        How it is kept
      </Heading>
      <TextField form={form} name="spoiledBy" label="Stored, spoiled by" hint="wet, heat" />
      <TextField form={form} name="failsIn" label="In use, fails in" hint="wet, frost" />
      <TextField
        form={form}
        name="care"
        label="Care, every so many months"
        hint="inspect 6, dry 12"
      />
      <Field
        label="Cautions, one a line"
        problem={form.formState.errors.cautions?.message}
        width="100%"
      >
        {(control) => (
          <TextArea {...control} width="100%" rows={2} {...form.register('cautions')} />
        )}
      </Field>
    </Flex>
  );
}

export function Cavities({ form }: PartProps) {
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

export function Looks({ form }: PartProps) {
  return (
    <Flex wrap="wrap" gap="3">
      <ChoiceField form={form} name="silhouette" label="Drawn as" options={silhouettes} />
      <ChoiceField form={form} name="stuff" label="Made of" options={stuffs} />
      <TextField form={form} name="colour" label="Colour" type="color" />
      <Field label="Note" problem={form.formState.errors.note?.message} width="100%">
        {(control) => <TextArea {...control} width="100%" rows={2} {...form.register('note')} />}
      </Field>
    </Flex>
  );
}

/** A job that the piece is not said to do yet, as none is said twice. */
function firstFree(form: PartProps['form']): JobId {
  const taken = new Set(form.getValues('supplies').map(({ job }) => job));
  return jobIds.find((job) => !taken.has(job)) ?? 'cut';
}
