/** Longest side that the server keeps, pixels. */
const LONGEST = 2048;
const QUALITY = 0.85;

/**
 * A photograph as it is sent: upright, no larger than is kept, and with nothing of what the camera
 * wrote beside the picture.
 *
 * @throws where this browser cannot read it
 */
export async function smaller(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((made, failed) =>
    canvas.toBlob(
      (blob) => (blob ? made(blob) : failed(new Error('nothing was drawn'))),
      'image/jpeg',
      QUALITY,
    ),
  );
}
