import { bytesOfBase64, inBase64 } from '@/core/exchange/base64';
import type { Picture } from '@/core/exchange/picture';
import { pictureTypes } from '@/core/exchange/picture';
import type { Bench } from '@/core/loadout';
import { keepPhoto, photoOf } from './photos';

/** The pictures that gear and rounds of a bench name and this browser has, as a file holds them. */
export async function picturesOf(bench: Bench): Promise<readonly Picture[]> {
  const ids = new Set<string>();
  const name = ({ photo }: { readonly photo: string | null }) => photo !== null && ids.add(photo);
  bench.shelf.forEach(name);
  for (const { gear } of bench.versions.values()) gear.forEach(name);
  for (const { lines } of bench.rounds.values()) lines.forEach(name);
  const pictures: Picture[] = [];
  for (const id of [...ids].sort()) {
    const found = await photoOf(id);
    const type = pictureTypes.find((known) => known === found?.type);
    if (found && type)
      pictures.push({ id, type, data: inBase64(new Uint8Array(await found.arrayBuffer())) });
  }
  return pictures;
}

/** Keeps pictures that came in a file. All are on the disk when it resolves. */
export async function keepPictures(pictures: readonly Picture[]): Promise<void> {
  for (const { id, type, data } of pictures) {
    await keepPhoto(id, new Blob([bytesOfBase64(data)], { type }));
  }
}
