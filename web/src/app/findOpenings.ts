import type { OpeningView } from '../base/api.js';

/** So many are shown; more words find fewer. */
const MAX_SHOWN = 50;

/**
 * The openings that a few words find, the best first: the mark itself, marks that begin so, then marks and
 * rooms that hold every word. Without words the first ones.
 */
export function findOpenings(openings: readonly OpeningView[], text: string): OpeningView[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return openings.slice(0, MAX_SHOWN);
  const whole = words.join(' ');
  const ranked: OpeningView[][] = [[], [], []];
  for (const opening of openings) {
    const { mark, from = '', to = '', storey = '' } = opening.facts;
    const own = mark.toLowerCase();
    if (own === whole) ranked[0]!.push(opening);
    else if (own.startsWith(whole)) ranked[1]!.push(opening);
    else {
      const all = `${own} ${from} ${to} ${storey}`.toLowerCase();
      if (words.every((word) => all.includes(word))) ranked[2]!.push(opening);
    }
  }
  return ranked.flat().slice(0, MAX_SHOWN);
}
