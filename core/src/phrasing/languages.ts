import { memoize } from '../measure/index.js';
import type { Language } from '../practice/index.js';
import { TERMS } from './words.js';

interface Dictionary {
  /** Terms that the practice calls otherwise, by code. */
  terms: Readonly<Record<string, string>>;
  /** Words it spells or says otherwise, wherever they stand; whole words in small letters. */
  words: Readonly<Record<string, string>>;
}

/** One dictionary a practice; what stands in none is said as it is written elsewhere. */
const DICTIONARIES: Readonly<Record<Language, Dictionary>> = {
  us: {
    terms: {
      'strike.bored': 'T-strike 2 3/4 × 1 1/8',
      'strike.long': 'ANSI strike 4 7/8 × 1 1/4',
      'kind.stable': 'Dutch door',
      'short.kind.stable': 'Dutch',
      'lockKind.sash': 'mortise sash lock',
      'product.mortise-dead': 'mortise dead lock',
      'lockKind.mortise-dead': 'mortise dead lock',
      'item.lock.mortise-dead': 'Mortise dead lock',
      'item.lock.sash': 'Mortise lock',
      'product.sash-lock': 'mortise sash lock',
    },
    words: {
      aluminium: 'aluminum',
      centre: 'center',
      'centre-hung': 'center-hung',
      centres: 'centers',
      mortice: 'mortise',
      bevelled: 'beveled',
      panelled: 'paneled',
      grey: 'gray',
      armour: 'armor',
      colour: 'color',
      storey: 'level',
      storeys: 'levels',
      'stable door': 'Dutch door',
    },
  },
  british: {
    terms: {
      'lock.exit-night-latch': 'outside access device, key',
      'short.lock.exit-night-latch': 'outside access device',
      'lock.forFire': 'for fire doors',
      'item.exitTrim.lever': 'Outside access device, lever handle',
      'lockKind.unit': 'unit lock in a notch',
      'fact.deadBolt': 'Deadbolt wanted',
      'cylinder.turn': 'turn inside',
      'lock.deadbolt-single': 'deadbolt, turn inside',
      'short.lock.deadbolt-single': 'turn inside',
      'short.lock.sliding-hook': 'hook, turn inside',
      'product.cylinder': 'cylinder',
    },
    words: {
      mortise: 'mortice',
      'full-mortise': 'full-mortice',
      aluminum: 'aluminium',
      center: 'centre',
      thumbturn: 'turn',
    },
  },
  continental: {
    terms: {},
    words: { aluminum: 'aluminium', center: 'centre' },
  },
};

/** The word for a term code as a practice says it; `=text` is somebody's own text; an unlisted code is shown as it is. */
export function termIn(code: string, language?: Language): string {
  if (code.startsWith('=')) return code.slice(1);
  if (!language) return TERMS[code] ?? code;
  const own = DICTIONARIES[language].terms[code];
  return own ?? wordsIn(TERMS[code] ?? code, language);
}

const patterns = new Map<Language, RegExp>();

function patternOf(language: Language): RegExp {
  let pattern = patterns.get(language);
  if (!pattern) {
    const words = Object.keys(DICTIONARIES[language].words).sort((a, b) => b.length - a.length);
    pattern = new RegExp(`(?<![\\w-])(?:${words.join('|')})(?![\\w-])`, 'gi');
    patterns.set(language, pattern);
  }
  return pattern;
}

const spelled = memoize((of: { language: Language }, text: string) => {
  const { words } = DICTIONARIES[of.language];
  return text.replace(patternOf(of.language), (found) => {
    const word = words[found.toLowerCase()]!;
    return found[0] === found[0]!.toLowerCase() ? word : word[0]!.toUpperCase() + word.slice(1);
  });
});

const LANGUAGES: Readonly<Record<Language, { language: Language }>> = {
  us: { language: 'us' },
  british: { language: 'british' },
  continental: { language: 'continental' },
};

/** A text in a practice's spelling. Capitals at the front of a word stay. */
export function wordsIn(text: string, language?: Language): string {
  return language ? spelled(LANGUAGES[language], text) : text;
}
