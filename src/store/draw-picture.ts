/** A picture drawn by the browser and written anew as a JPEG: whatever else was in the file is gone, and what is no picture is refused. */

/** What was picked cannot be drawn by this browser. */
export class NoPicture extends Error {}

interface Drawn {
  /** px */
  readonly width: number;
  readonly height: number;
  /** A JPEG as a data URL. */
  readonly data: string;
}

/** `width`: to which it is made smaller, px; absent: as it is. Throws `NoPicture`. */
export async function drawn(
  uri: string,
  width: number | undefined,
  quality = 0.72,
): Promise<Drawn> {
  // Asked for when a photo is taken: no other screen waits for it (decision 15).
  const { ImageManipulator, SaveFormat } = await import('expo-image-manipulator');
  try {
    const context = ImageManipulator.manipulate(uri);
    if (width !== undefined) context.resize({ width });
    const image = await context.renderAsync();
    const saved = await image.saveAsync({
      format: SaveFormat.JPEG,
      compress: quality,
      base64: true,
    });
    const data = `data:image/jpeg;base64,${(saved.base64 ?? '').replace(/^data:[^,]*,/, '')}`;
    return { width: saved.width, height: saved.height, data };
  } catch {
    throw new NoPicture('cannot be drawn');
  }
}
