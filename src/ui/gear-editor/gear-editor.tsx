'use client';

import { Dialog, Flex, Portal } from '@chakra-ui/react';
import { dialogSlotRecipe } from '@chakra-ui/react/theme';
import { useForm } from 'react-hook-form';
import type { Gear } from '@/core/gear';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { startEditing, useSelection } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import { Cavities } from './cavity-rows';
import { Contents, Figures, Keeping, Looks, Standing } from './editor-parts';
import { Supplies } from './supply-rows';
import { formOf, type GearForm } from './gear-form';
import { changeOf } from './gear-form-reading';
import { PhotoField } from './photo-field';

/** Changes the figures of a piece. What cannot be understood stays typed, with what would be. */
export function GearEditor() {
  const bench = useBench();
  const editing = useSelection((selection) => selection.editing);
  const gear = editing === null ? undefined : bench.shelf.get(editing);
  return (
    <Dialog.Root
      recipe={dialogSlotRecipe}
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
          <Standing form={form} />
          <Contents form={form} />
          <Supplies form={form} />
          <Cavities form={form} />
          <Keeping form={form} />
          <Looks form={form} />
          <PhotoField gear={gear} />
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
