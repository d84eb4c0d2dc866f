import { normaliseText, getOwn, wholeDown, type System } from '../measure/index.js';
import type { Practice } from '../practice/index.js';
import { fieldOf } from '../stageRegistry/index.js';
import { FRAME_WORDS, LEAF_WORDS } from './abbreviations.js';
import { readColumn } from './patch.js';
import { type Column } from './factsPatch.js';

/**
 * What is usually meant by words that leave something open: they are never read as that by themselves, but
 * offered. A timber leaf without a core is most often of particle board; a word for a surface or a make-up
 * that no construction here has is left out on purpose.
 */
const USUALLY: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  leafConstruction: {
    wd: 'timber-particle',
    wood: 'timber-particle',
    timber: 'timber-particle',
    tmbr: 'timber-particle',
    holz: 'timber-particle',
    flush: 'timber-particle',
    fl: 'timber-particle',
    pt: 'timber-particle',
    plam: 'timber-particle',
    ven: 'timber-particle',
    veneer: 'timber-particle',
    laminate: 'timber-particle',
    metal: 'steel-honeycomb-18',
    mtl: 'steel-honeycomb-18',
    frp: 'unknown',
    ss: 'unknown',
    panel: 'timber-panelled-softwood',
    panelled: 'timber-panelled-softwood',
    glazed: 'aluminium-narrow',
  },
  frameMaterial: {
    metal: 'steel',
    mtl: 'steel',
    m: 'steel',
    w: 'timber',
    a: 'aluminium',
    frp: 'unknown',
    ss: 'steel',
    lining: 'timber',
    casing: 'timber',
  },
  rating: {
    f: 'unknown',
    fr: 'unknown',
    yes: 'unknown',
    y: 'unknown',
    tbc: 'unknown',
    tbd: 'unknown',
  },
};

/** Words of a field beside its options, by which a misspelt one is recognised. */
const KNOWN: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  leafConstruction: LEAF_WORDS,
  frameMaterial: FRAME_WORDS,
};

/** At most so many letters are off in a misspelt word, of each four. */
const OFF_OF_FOUR = 1;

/** What is usually meant by a word of a column that leaves something open; undefined for all others. */
export function usualMeaning(column: Column, typed: string): string | undefined {
  return getOwn(getOwn(USUALLY, column) ?? {}, normaliseText(typed).replace(/[.\s]/g, ''));
}

/**
 * What a word that was not read likely means in its column, as text that the column reads; undefined where
 * nothing is likely. A guess to be accepted by somebody, never taken.
 */
export function likelyMeaning(
  column: Column,
  typed: string,
  practice: Practice,
  system: System = practice.system,
): string | undefined {
  const clean = normaliseText(typed);
  const reads = (text: string) => readColumn(column, text, practice, system).ok;
  const usual = usualMeaning(column, typed);
  if (usual && reads(usual)) return usual;
  if (column === 'size') {
    // A pair is most often named by its leaves.
    const leaves = /^(?:pr\.?|pair(?: of)?)[ -]+(.+)$|^(.+?)[ -]+(?:pr\.?|pair)$/.exec(clean);
    const each = leaves && `(2) ${leaves[1] ?? leaves[2]}`;
    return each && reads(each) ? each : undefined;
  }
  if (column === 'hand') return likelyHand(clean);
  const field = fieldOf(column);
  if (!field?.options) return undefined;
  return nearest(clean, [...Object.keys(KNOWN[column] ?? {}), ...field.options]);
}

/** Hands with letters in another order or apart, `R.H.`, `HR`; a bare side says nothing. */
function likelyHand(clean: string): string | undefined {
  const letters = clean.replace(/[^a-z]/g, '');
  const code = ['lhra', 'rhra', 'lha', 'rha', 'lhr', 'rhr', 'lh', 'rh'].find(
    (one) => [...one].sort().join('') === [...letters].sort().join(''),
  );
  return code?.toUpperCase();
}

/** The word of a list that differs least, where it differs little and no other does as little. */
function nearest(word: string, words: readonly string[]): string | undefined {
  const most = wholeDown(word.length / 4) * OFF_OF_FOUR;
  if (most === 0) return undefined;
  const ranked = words
    .map((one) => ({ one, off: distance(word.replace(/\s/g, '-'), one) }))
    .filter(({ off }) => off <= most)
    .sort((a, b) => a.off - b.off);
  return ranked[0] && ranked[0].off < (ranked[1]?.off ?? Infinity) ? ranked[0].one : undefined;
}

/** Letters put in, left out or exchanged between two words (Levenshtein, row by row). */
function distance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, at) => at);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++)
      next[j] = Math.min(
        row[j]! + 1,
        next[j - 1]! + 1,
        row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1),
      );
    row = next;
  }
  return row[b.length]!;
}
