const LONGEST_PIXELS = 1280;
const QUALITY = 0.82;

/** A photo made small enough to send over a kitchen's network, as Base64 of a JPEG. Fails on what is no picture. */
export async function shrunk(file: Blob): Promise<string> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, LONGEST_PIXELS / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.toDataURL('image/jpeg', QUALITY).replace(/^data:[^,]*,/, '');
}
