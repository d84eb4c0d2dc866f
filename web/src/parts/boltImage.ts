import { unpackProgress, type PackedProgress } from '../worker/progress.js';
import { boltPaths, boltWords, type Colour } from './BoltRow.js';

const WIDTH = 12;
const images = new Map<string, string>();
const words = new Map<string, string>();

/** What a colour of the theme is now; an image cannot look it up by itself. */
function colourOf(name: Colour): string {
  return getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();
}

/**
 * A bolt row as an image for long lists: few rows differ, so few are made, and the browser moves a picture
 * instead of drawing shapes.
 */
export function boltImage(progress: PackedProgress, theme: string): string {
  const key = `${theme} ${progress.marks}`;
  let image = images.get(key);
  if (image === undefined) {
    const { whole, paths } = boltPaths(unpackProgress(progress), WIDTH);
    const shapes = paths.map(
      ({ d, fill, stroke, weight }) =>
        `<path d="${d}" fill="${fill ? colourOf(fill) : 'none'}"${stroke ? ` stroke="${colourOf(stroke)}" stroke-width="${weight ?? 1}"` : ''}/>`,
    );
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${whole}" height="20" viewBox="0 0 ${whole} 20">${shapes.join('')}</svg>`;
    image = `data:image/svg+xml,${encodeURIComponent(svg)}`;
    images.set(key, image);
  }
  return image;
}

/** The same in words. */
export function boltsWords(progress: PackedProgress): string {
  const key = progress.marks + progress.open.join();
  let text = words.get(key);
  if (text === undefined) {
    text = unpackProgress(progress).map(boltWords).join('; ');
    words.set(key, text);
  }
  return text;
}
