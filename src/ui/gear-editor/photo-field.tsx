'use client';

import { Flex, Text } from '@chakra-ui/react';
import type { Gear } from '@/core/gear';
import { newId } from '@/store/new-id';
import { keepPhoto } from '@/store/photos';
import { Button } from '@/ui/fields/button';
import { FileChoice } from '@/ui/fields/file-choice';
import { perform, sayRefused } from '@/ui/notice/notice';
import { whyFailed } from '@/store/why-failed';
import { GearPhoto } from '@/ui/photo/gear-photo';
import { resizePicture } from '@/ui/photo/resize-picture';

/** A picture of the piece, made small and kept in this browser alone. */
export function PhotoField({ gear }: { readonly gear: Gear }) {
  async function take(file: File): Promise<void> {
    const id = newId();
    const picture = await resizePicture(file).catch(() => null);
    if (!picture) {
      sayRefused(`${file.name} is no picture that this browser can open: nothing was changed.`);
      return;
    }
    try {
      await keepPhoto(id, picture);
    } catch (error) {
      sayRefused(`The picture was not kept, and nothing was changed. ${whyFailed(error)}`);
      return;
    }
    perform(
      { do: 'change gear', id: gear.id, change: { photo: id } },
      `${gear.name} has a picture.`,
    );
  }

  return (
    <Flex gap="3" align="center" wrap="wrap">
      {gear.photo !== null && <GearPhoto id={gear.photo} look={gear.look} size={96} />}
      <FileChoice label="Picture of it" accept="image/*" onChoose={(file) => void take(file)}>
        {gear.photo === null ? 'Add a picture…' : 'Another picture…'}
      </FileChoice>
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
        Kept in this browser, small; into a file it goes only when you ask for it.
      </Text>
    </Flex>
  );
}
