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
    if (found && type) pictures.push({ id, type, data: await inBase64(found) });
  }
  return pictures;
}

/** Keeps pictures that came in a file. All are on the disk when it resolves. */
export async function keepPictures(pictures: readonly Picture[]): Promise<void> {
  for (const { id, type, data } of pictures) {
    await keepPhoto(id, new Blob([bytesOf(data)], { type }));
  }
}

async function inBase64(picture: Blob): Promise<string> {
  const bytes = new Uint8Array(await picture.arrayBuffer());
  // Too many arguments at once are too many for a call.
  const pieces: string[] = [];
  for (let at = 0; at < bytes.length; at += 0x8000) {
    pieces.push(String.fromCharCode(...bytes.subarray(at, at + 0x8000)));
  }
  return btoa(pieces.join(''));
}

function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  const letters = atob(base64);
  const bytes = new Uint8Array(letters.length);
  for (let at = 0; at < letters.length; at += 1) bytes[at] = letters.charCodeAt(at);
  return bytes;
}
