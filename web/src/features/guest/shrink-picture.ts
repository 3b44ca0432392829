/** What the shop takes: a JPEG no larger than this, in pixels and bytes. */
const EDGE = 1280;
const BYTES = 600_000;

const asJpeg = (canvas: HTMLCanvasElement, quality: number): Promise<Blob | null> =>
  new Promise((resolve) => {
    canvas.toBlob(resolve, 'image/jpeg', quality);
  });

/**
 * Draws a photograph anew, small enough to send; where and when the camera took it is left behind.
 * Throws with words for the person when the file is no picture that the browser can read.
 */
export async function shrinkPicture(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file).catch(() => undefined);
  if (!bitmap) throw new Error('This file is not a picture that can be read here; choose a photograph.');
  const scale = Math.min(1, EDGE / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  for (const quality of [0.85, 0.7, 0.5, 0.3]) {
    const jpeg = await asJpeg(canvas, quality);
    if (jpeg && jpeg.size <= BYTES) return jpeg;
  }
  throw new Error('This picture cannot be made small enough; choose another.');
}
