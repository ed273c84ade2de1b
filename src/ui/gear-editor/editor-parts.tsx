'use client';

import { Flex, Heading } from '@chakra-ui/react';
import { Field } from '@/ui/fields/field';
import { TextArea } from '@/ui/fields/text-area';
import { contentUnits, ownerships, silhouettes, stuffs, tiers } from '@/core/gear';
import { ChoiceField, TextField, YesNo, type PartProps } from './editor-fields';

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
      {(shape === 'box' || shape === 'cylinder') && (
        <YesNo
          form={form}
          name="upright"
          label="Packed"
          words={['any way round', 'upright only']}
        />
      )}
      {shape === 'soft' && (
        <>
          <TextField form={form} name="loose" label="Room as it lies" hint="3 L" />
          <TextField form={form} name="tight" label="Pressed tight" hint="1.9 L" />
          <TextField form={form} name="thinnest" label="Thinnest it goes" hint="20 mm" />
          <TextField form={form} name="longestRigid" label="Longest stiff part" hint="0 mm" />
        </>
      )}
      <TextField form={form} name="price" label="Price of one" hint="€12" />
      <TextField form={form} name="goodUntil" label="Good until" type="date" />
      <TextField form={form} name="bears" label="Bears, hung on it" hint="2 kN, or 150 kg" />
      {form.watch('cavities').length > 0 && (
        <TextField form={form} name="mostLoad" label="Carries at most" hint="18 kg" />
      )}
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
