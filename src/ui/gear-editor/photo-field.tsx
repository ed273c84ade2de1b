'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useRef } from 'react';
import type { Gear } from '@/core/gear';
import { newId } from '@/store/new-id';
import { keepPhoto } from '@/store/photos';
import { Button } from '@/ui/fields/button';
import { perform, sayRefused } from '@/ui/notice/notice';
import { GearPhoto } from '@/ui/photo/gear-photo';
import { resizePicture } from '@/ui/photo/resize-picture';

/** A picture of the piece, made small and kept in this browser alone. */
export function PhotoField({ gear }: { readonly gear: Gear }) {
  const input = useRef<HTMLInputElement>(null);

  async function take(file: File): Promise<void> {
    const id = newId();
    try {
      await keepPhoto(id, await resizePicture(file));
    } catch {
      sayRefused(`${file.name} is no picture that this browser can open. Nothing was changed.`);
      return;
    }
    perform(
      { do: 'change gear', id: gear.id, change: { photo: id } },
      `${gear.name} has a picture.`,
    );
  }

  return (
    <Flex gap="3" align="center" wrap="wrap">
      <input
        ref={input}
        type="file"
        accept="image/*"
        hidden
        aria-label="Picture of it"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) void take(chosen);
        }}
      />
      {gear.photo !== null && <GearPhoto id={gear.photo} look={gear.look} size={96} />}
      <Button onClick={() => input.current?.click()}>
        {gear.photo === null ? 'Add a picture…' : 'Another picture…'}
      </Button>
      {gear.photo !== null && (
        <Button
          variant="bare"
          onClick={() =>
            perform(
              { do: 'change gear', id: gear.id, change: { photo: null } },
              `${gear.name} has no picture any more.`,
            )
          }
        >
          Take it away
        </Button>
      )}
      <Text fontSize="sm" color="fg.muted">
        Kept in this browser alone, small; it goes into no file.
      </Text>
    </Flex>
  );
}
