/** The longest side of a picture that is kept, in pixels. */
const longestPx = 640;

/** A picture made small enough to keep by the hundred, without what the camera wrote beside it. */
export async function resizePicture(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, longestPx / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (made) => (made ? resolve(made) : reject(new Error('the picture could not be made'))),
      'image/webp',
      0.82,
    ),
  );
}
