/** The longer side of a picture that is kept, pixels. */
const SIDE_PX = 900;
const QUALITY = 0.72;
/** What an event holds at the most, signs. */
const MOST_SIGNS = 400_000;

/** A picture small enough to be kept beside the words, as a data address. @throws for what is none */
export async function pictureOf(file: Blob): Promise<string> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  for (let quality = QUALITY; quality > 0.1; quality /= 2) {
    const image = canvas.toDataURL('image/jpeg', quality);
    if (image.length <= MOST_SIGNS) return image;
  }
  throw new RangeError('the picture is too large');
}
