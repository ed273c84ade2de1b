'use client';

import { useFieldArray } from 'react-hook-form';
import { closures, reaches } from '@/core/gear';
import { ChoiceField, Row, Rows, TextField, YesNo, type PartProps } from './editor-fields';

/** The spaces of a piece: how large, how they open, what they may carry. */
export function Cavities({ form }: PartProps) {
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'cavities' });
  return (
    <Rows
      title="What it holds"
      onAdd={() =>
        append({
          name: 'Inside',
          inside: '',
          mouth: '',
          most: '',
          closure: '',
          reach: 'main',
          waterproof: 'no',
          was: null,
        })
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
          <TextField
            form={form}
            name={`cavities.${at}.mouth`}
            label="Mouth"
            hint="as wide as it is, or 44 mm"
          />
          <TextField form={form} name={`cavities.${at}.most`} label="Most mass in it" hint="5 kg" />
          <ChoiceField
            form={form}
            name={`cavities.${at}.closure`}
            label="Opened by"
            options={['', ...closures]}
            words={(closure) => closureWords[closure] ?? closure}
          />
          <YesNo
            form={form}
            name={`cavities.${at}.waterproof`}
            label="Water"
            words={['comes in', 'stays out']}
          />
        </Row>
      ))}
    </Rows>
  );
}

/** What is opened, in words. */
const closureWords: Readonly<Record<string, string>> = {
  '': 'not known',
  none: 'open',
  flap: 'a flap or a lid',
  zip: 'a zip',
  buckle: 'a buckle or a clamp',
  roll: 'a rolled top',
  screw: 'a screw cap',
  tape: 'tape or a band',
  once: 'torn open, once',
};
