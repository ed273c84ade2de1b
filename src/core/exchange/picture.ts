/** A picture of a piece as a file holds it. */
export interface Picture {
  /** The id that the piece names. */
  readonly id: string;
  readonly type: (typeof pictureTypes)[number];
  /** Its bytes in base64. */
  readonly data: string;
}

/** The kinds of picture that are kept: what the bench makes itself. */
export const pictureTypes = ['image/webp', 'image/png', 'image/jpeg'] as const;

/** The largest picture in a file: 1 MB, some ten times what the bench makes of a photograph. */
export const mostPictureLetters = Math.ceil((1024 * 1024) / 3) * 4;
