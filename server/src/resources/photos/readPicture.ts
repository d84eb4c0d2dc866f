import sharp from 'sharp';

/** What may be sent: bytes and pixels. What is kept is a JPEG whose longest side is at most this. */
export const MAX_BYTES = 12_000_000;
const MAX_PIXELS = 60_000_000;
const LONGEST_SIDE = 2560;
const QUALITY = 82;
const SECONDS = 10;

// Only three readers of the library are open; a format nobody asked for cannot harm anybody.
sharp.cache(false);
sharp.concurrency(1);
sharp.block({ operation: ['VipsForeignLoad'] });
sharp.unblock({
  operation: ['VipsForeignLoadJpegBuffer', 'VipsForeignLoadPngBuffer', 'VipsForeignLoadWebpBuffer'],
});

export type ReadPicture =
  { ok: true; bytes: Uint8Array; width: number; height: number } | { ok: false; message: string };

const NONE = 'This is no photograph. Send a JPEG, PNG or WebP picture.';

/** Whether bytes begin as one of the three formats do; nothing else is given to a decoder. */
export function looksLikePicture(bytes: Uint8Array): boolean {
  const [a, b, c, d] = bytes;
  if (a === 0xff && b === 0xd8 && c === 0xff) return true;
  if (a === 0x89 && b === 0x50 && c === 0x4e && d === 0x47) return true;
  const four = (at: number) => String.fromCharCode(...bytes.subarray(at, at + 4));
  return bytes.length > 12 && four(0) === 'RIFF' && four(8) === 'WEBP';
}

/**
 * Decodes a photograph whole and writes it anew: turned as its camera said, no larger than is useful,
 * without place, camera or anything else that came with it.
 */
export async function readPicture(sent: Uint8Array): Promise<ReadPicture> {
  if (sent.length > MAX_BYTES)
    return { ok: false, message: 'A photograph may have at most 12 MB.' };
  if (!looksLikePicture(sent)) return { ok: false, message: NONE };
  try {
    const image = sharp(sent, {
      limitInputPixels: MAX_PIXELS,
      failOn: 'warning',
      pages: 1,
      sequentialRead: true,
    });
    const { data, info } = await image
      .autoOrient()
      .resize({
        width: LONGEST_SIDE,
        height: LONGEST_SIDE,
        fit: 'inside',
        withoutEnlargement: true,
      })
      .flatten({ background: '#ffffff' })
      .timeout({ seconds: SECONDS })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { ok: true, bytes: new Uint8Array(data), width: info.width, height: info.height };
  } catch (error) {
    return {
      ok: false,
      message: /pixel limit/i.test(String(error))
        ? 'A photograph may have at most 60 million pixels.'
        : 'The picture is damaged or none. Send a JPEG, PNG or WebP picture.',
    };
  }
}
