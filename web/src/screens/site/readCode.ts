/** Longest side that is looked at: a code near the camera needs no more. */
const LOOKED_AT = 1200;

/** The text of a code in a picture; undefined where there is none. Throws where it is no picture. */
export async function readCode(file: Blob): Promise<string | undefined> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, LOOKED_AT / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
  // The reader comes when somebody has taken a picture.
  const { default: jsQR } = await import('jsqr');
  return jsQR(data, width, height)?.data;
}
