import { pictureTypes, type Picture } from '@/core/exchange/picture';
import { photosNamed, type Bench } from '@/core/loadout';
import { keepPhoto, photoOf } from './photos';

/** The pictures that gear, versions and rounds of a bench name and this browser has. */
export async function picturesOf(bench: Bench): Promise<readonly Picture[]> {
  const pictures: Picture[] = [];
  for (const id of [...photosNamed(bench)].sort()) {
    const found = await photoOf(id);
    const type = pictureTypes.find((known) => known === found?.type);
    if (found && type)
      pictures.push({ id, type, bytes: new Uint8Array(await found.arrayBuffer()) });
  }
  return pictures;
}

/** Keeps pictures that came in a file. All are on the disk when it resolves. */
export async function keepPictures(pictures: readonly Picture[]): Promise<void> {
  for (const { id, type, bytes } of pictures) await keepPhoto(id, new Blob([bytes], { type }));
}
