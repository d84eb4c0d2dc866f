import { memoize } from '../measure/index.js';
import type { Language } from '../practice/index.js';
import { TERMS } from './words.js';

interface Dictionary {
  /** Terms that the practice calls otherwise, by code. */
  terms: Readonly<Record<string, string>>;
  /** Words it spells or says otherwise, wherever they stand; whole words in small letters. */
  words: Readonly<Record<string, string>>;
}

/** What lets a crowd out is called so outside the United States. */
const PANIC: Readonly<Record<string, string>> = {
  'an exit device': 'a panic device',
  'exit device': 'panic device',
  'exit devices': 'panic devices',
};

/** What Britain and Australia spell and say alike. */
const COMMONWEALTH: Readonly<Record<string, string>> = {
  ...PANIC,
  mortise: 'mortice',
  'full-mortise': 'full-mortice',
  aluminum: 'aluminium',
  center: 'centre',
  thumbturn: 'turn',
};

/** What both call otherwise. */
const COMMONWEALTH_TERMS: Readonly<Record<string, string>> = {
  'lock.forFire': 'for fire doors',
  'fact.deadBolt': 'Deadbolt wanted',
  'cylinder.turn': 'turn inside',
  'lock.deadbolt-single': 'deadbolt, turn inside',
  'short.lock.deadbolt-single': 'turn inside',
  'short.lock.sliding-hook': 'hook, turn inside',
  'product.cylinder': 'cylinder',
};

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
      ...COMMONWEALTH_TERMS,
      'lock.exit-night-latch': 'outside access device, key',
      'short.lock.exit-night-latch': 'outside access device',
      'item.exitTrim.lever': 'Outside access device, lever handle',
      'lockKind.unit': 'unit lock in a notch',
      'item.kickPlate': 'Kicking plate',
      'item.coordinator': 'Door selector, for leaves in order',
      'item.dummyTrim': 'Dummy handle, second leaf',
      'item.bottom.sweep': 'Threshold seal',
      'item.holder': 'Electromagnetic hold-open device, released by the fire alarm',
      'item.lock.rim-exit': 'Push bar panic latch, rim',
      'item.lock.mortise-exit': 'Push bar panic latch, mortice',
      'item.lock.rods-surface': 'Push bar panic bolt, two points',
      'item.lock.rods-concealed': 'Push bar panic bolt, concealed rods',
      'lockKind.rim-exit': 'push bar panic latch, rim',
      'lockKind.mortise-exit': 'push bar panic latch, mortice',
      'lockKind.rods-surface': 'push bar panic bolt, two points',
      'lockKind.rods-concealed': 'push bar panic bolt, concealed rods',
      'item.exitTrim.pull': 'Pull handle outside, for the panic device',
      'role.apartment': 'flat entrance',
      'role.patient-room': 'ward or care bedroom',
      'role.patient-toilet': 'toilet of a ward or care bedroom',
      'role.vestibule': 'lobby, inner door',
      'role.shop': 'shopfront',
    },
    words: {
      ...COMMONWEALTH,
      'apartment entrance': 'flat entrance',
      'kick plate': 'kicking plate',
      'kick plates': 'kicking plates',
    },
  },
  australian: {
    terms: {
      ...COMMONWEALTH_TERMS,
      'item.lock.tubular': 'Lockset, tubular',
      'item.lock.rim-exit': 'Panic exit device, rim',
      'item.lock.mortise-exit': 'Panic exit device, mortice',
      'item.lock.rods-surface': 'Panic exit device, vertical rods',
      'item.lock.rods-concealed': 'Panic exit device, concealed rods',
      'lockKind.rim-exit': 'panic exit device, rim',
      'lockKind.mortise-exit': 'panic exit device, mortice',
      'lockKind.rods-surface': 'panic exit device, vertical rods',
      'lockKind.rods-concealed': 'panic exit device, concealed rods',
      'lock.passage': 'passage set',
      'lock.privacy': 'privacy set, with emergency release',
      'lock.office': 'keyed entrance set, turn button stays',
      'item.strikeScrews': 'Strike screws into the jamb stud',
      'role.apartment': 'SOU entry door',
      'role.patient-room': 'ward or aged-care room',
    },
    words: { ...COMMONWEALTH, 'apartment entrance': 'SOU entry' },
  },
  continental: {
    terms: {
      'item.butt': 'Object hinge',
      'lock.sash-lock': 'dead bolt, key on both sides',
      'lock.sash-turn': 'dead bolt, thumbturn inside',
      'item.lock.profile': 'Mortise lock',
      'item.lock.multipoint': 'Multipoint lock',
      'lock.storeroom': 'escape function E, knob outside',
      'lock.mortise-storeroom': 'escape function E, knob outside',
      'short.lock.mortise-storeroom': 'escape function E, knob outside',
      'lock.panic-changeover': 'escape function E, changeover',
      'lock.panic-split': 'escape function B, split spindle',
      'lock.panic-passage': 'escape function D, passage',
      'item.lock.rim-exit': 'Panic device with push bar, rim',
      'item.lock.mortise-exit': 'Panic lock with push bar',
      'item.lock.rods-surface': 'Panic device with push bar and rods',
      'item.lock.rods-concealed': 'Panic lock with push bar and concealed rods',
      'lockKind.rim-exit': 'panic device with push bar, rim',
      'lockKind.mortise-exit': 'panic lock with push bar',
      'lockKind.rods-surface': 'panic device with push bar and rods',
      'lockKind.rods-concealed': 'panic lock with push bar and concealed rods',
      'item.coordinator': 'Door selector, for leaves in order',
      'item.dummyTrim': 'Fixed handle, second leaf',
      'item.holder': 'Hold-open magnet of the hold-open system',
      'role.apartment': 'flat entrance',
      'role.patient-room': 'patient room, care room',
    },
    words: {
      ...PANIC,
      aluminum: 'aluminium',
      center: 'centre',
      'sash lock': 'lock with dead bolt',
      'apartment entrance': 'flat entrance',
    },
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
  australian: { language: 'australian' },
};

/** A text in a practice's spelling. Capitals at the front of a word stay. */
export function wordsIn(text: string, language?: Language): string {
  return language ? spelled(LANGUAGES[language], text) : text;
}
