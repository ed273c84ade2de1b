'use client';

import { useFieldArray } from 'react-hook-form';
import { fitnesses, jobIds, jobs, sortsOf, usualSupply, type JobId } from '@/core/gear';
import { ChoiceField, Row, Rows, TextField, YesNo, type PartProps } from './editor-fields';
import { supplyRowOf, type SupplyRow } from './gear-form';

/** What a piece does, how well, and what that relies on. */
export function Supplies({ form }: PartProps) {
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'supplies' });
  return (
    <Rows
      title="What it does"
      onAdd={() => append(newSupplyRow(firstFree(form)))}
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
            // Another job asks for other things.
            onPick={(job) =>
              form.setValue(`supplies.${at}.relies`, newSupplyRow(job as JobId).relies)
            }
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
          <TextField
            form={form}
            name={`supplies.${at}.relies`}
            label="Relies on"
            isWide
            hint="nothing, or: fuel of gas; the sun"
          />
          <YesNo
            form={form}
            name={`supplies.${at}.bothHands`}
            label="Done with"
            words={['one hand', 'both hands']}
          />
          <TextField
            form={form}
            name={`supplies.${at}.part`}
            label="Which part"
            hint="the piece itself"
          />
          <WhyLess form={form} at={at} />
        </Row>
      ))}
    </Rows>
  );
}

/** Asks why a job relies on less than it usually does. */
function WhyLess({ form, at }: PartProps & { readonly at: number }) {
  const { error } = form.getFieldState(`supplies.${at}.because`, form.formState);
  const because = form.watch(`supplies.${at}.because`);
  if (!error && because === '') return null;
  return (
    <TextField
      form={form}
      name={`supplies.${at}.because`}
      label="Why it relies on less than usual"
      width="100%"
    />
  );
}

/** A job that is added relies on what it usually does, until somebody says otherwise. */
function newSupplyRow(job: JobId): SupplyRow {
  return supplyRowOf(usualSupply(job), null);
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

/** A job that the piece is not said to do yet, as none is said twice. */
function firstFree(form: PartProps['form']): JobId {
  const taken = new Set(form.getValues('supplies').map(({ job }) => job));
  return jobIds.find((job) => !taken.has(job)) ?? 'cut';
}
