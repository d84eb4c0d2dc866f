import type { Cite } from './edition.js';

type Citing = (source: string) => string;

const BY_CITES = new WeakMap<readonly Cite[], Citing>();

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Puts what is cited otherwise in place, the longest first; a section is no part of a longer number. */
function citingBy(cites: readonly Cite[]): Citing {
  const here = new Map(cites);
  const told = [...here.keys()].sort((a, b) => b.length - a.length).map(escaped);
  const any = new RegExp(`(?<![\\w-])(?:${told.join('|')})(?![\\w-]|\\.\\d)`, 'g');
  const kept = new Map<string, string>();
  return (source) => {
    let text = kept.get(source);
    if (text === undefined) {
      text = source.replace(any, (met) => here.get(met)!);
      kept.set(source, text);
    }
    return text;
  };
}

/**
 * Gives a source as it is cited under the country and the editions that a project adopts.
 *
 * @param source as the practice cites it
 * @param cites what is cited otherwise
 */
export function citedAs(source: string, cites: readonly Cite[]): string {
  if (cites.length === 0) return source;
  let citing = BY_CITES.get(cites);
  if (!citing) BY_CITES.set(cites, (citing = citingBy(cites)));
  return citing(source);
}
