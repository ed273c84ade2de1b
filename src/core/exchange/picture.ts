import { bytesOfBase64, inBase64 } from './base64';

/** The kinds of picture that are kept: those that the bench makes itself. */
export const pictureTypes = ['image/webp', 'image/png', 'image/jpeg'] as const;
export type PictureType = (typeof pictureTypes)[number];

/** A picture of a piece, as it is kept and as a back-up holds it. */
export interface Picture {
  /** The id that the piece names. */
  readonly id: string;
  readonly type: PictureType;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** A picture as a JSON file holds it: its bytes in base64. */
export interface WrittenPicture {
  readonly id: string;
  readonly type: PictureType;
  readonly data: string;
}

/** The largest picture in a file: 1 MB, some ten times what the bench makes of a photograph. */
export const mostPictureBytes = 1024 * 1024;
export const mostPictureLetters = Math.ceil(mostPictureBytes / 3) * 4;

export function writtenPicture({ id, type, bytes }: Picture): WrittenPicture {
  return { id, type, data: inBase64(bytes) };
}

export function pictureOf({ id, type, data }: WrittenPicture): Picture {
  return { id, type, bytes: bytesOfBase64(data) };
}
