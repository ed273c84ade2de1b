/** The longest side of a picture that is kept, in pixels. */
const longestPx = 640;

/** The largest picture that is looked at: in bytes of its file, and in pixels. No camera makes larger ones. */
const mostBytes = 40 * 1024 * 1024;
const mostPx = 120_000_000;

/**
 * A picture made small enough to keep by the hundred, without what the camera wrote beside it. A large one is made
 * smaller as it is read, so that it never stands in memory as large as it is.
 */
export async function resizePicture(file: Blob): Promise<Blob> {
  if (file.size > mostBytes) throw new Error('the file of the picture is too large');
  const size = await sizeOf(file);
  if (size.width * size.height > mostPx) throw new Error('the picture has too many pixels');
  const scale = Math.min(1, longestPx / Math.max(size.width, size.height));
  const width = Math.max(1, Math.round(size.width * scale));
  const height = Math.max(1, Math.round(size.height * scale));
  const picture = await createImageBitmap(file, {
    resizeWidth: width,
    resizeHeight: height,
    resizeQuality: 'high',
  });
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')!.drawImage(picture, 0, 0);
  picture.close();
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (made) => (made ? resolve(made) : reject(new Error('the picture could not be made'))),
      'image/webp',
      0.82,
    ),
  );
}

/** How large a picture is, from the head of its file. */
async function sizeOf(file: Blob): Promise<{ readonly width: number; readonly height: number }> {
  const address = URL.createObjectURL(file);
  try {
    const image = new Image();
    const loaded = new Promise((resolve, reject) => {
      image.onload = resolve;
      image.onerror = () => reject(new Error('this is no picture'));
    });
    image.src = address;
    await loaded;
    return { width: image.naturalWidth, height: image.naturalHeight };
  } finally {
    URL.revokeObjectURL(address);
  }
}
