/**
 * Longest side of a kept photograph, px: of a plant's tag, and of a container in the log; and how finely it
 * is kept.
 */
const SIDE = 640;
export const LOG_SIDE = 1100;
const QUALITY = 0.78;

/**
 * A photograph made small enough to keep, as a data URL. Throws an Error that says what to do when it is no
 * picture.
 */
export async function smallPhoto(file: File, side = SIDE): Promise<string> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error(`This browser cannot read ${file.name}. Choose a JPEG, PNG or WebP.`);
  });
  const k = Math.min(1, side / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * k));
  canvas.height = Math.max(1, Math.round(picture.height * k));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.toDataURL('image/jpeg', QUALITY);
}
