import { mm } from '../measure/index.js';
import { meetsInMiddle, type OpeningFacts } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { FactsPatch } from './factsPatch.js';

/**
 * Words of remarks that hold facts, as schedules write them, with the facts. Only what names one thing is
 * read; a word that denies (`no closer`) turns it round where there is a fact for that.
 */
const SAYS: readonly { words: string; says: FactsPatch; denied?: FactsPatch }[] = [
  {
    words:
      'closers?|self[- ]closing|s/?c(?= device)|door closer|o?ts|(?:oben)?türschlie(?:ß|ss)er|selbstschlie(?:ß|ss)end',
    says: { closer: 'any' },
    denied: { closer: 'none' },
  },
  {
    words:
      'hold[- ]?opens?|held open|mag(?:netic)?[- ]hold(?:[- ]?opens?)?|m\\.?h\\.?o\\.?|magnets?|feststellanlage|fsa|offenhaltung',
    says: { holdOpen: true, closer: 'any' },
    denied: { holdOpen: false },
  },
  {
    words:
      'card readers?|card access|access control(?:led)?|acs|fob|reader|kartenleser|zutrittskontrolle|zk',
    says: { access: 'reader' },
    denied: { access: 'none' },
  },
  { words: 'key ?pads?|code lock|digital lock|tastatur|codeschloss', says: { access: 'keypad' } },
  { words: 'intercom|entry ?phone|door ?phone', says: { access: 'intercom' } },
  {
    words:
      '(?:auto(?:matic)?|power(?:ed)?)[- ](?:operators?|opens?|openers?|swing)|auto door|ada operator|door operator|automatic(?! (?:door bottom|drop|seal))|automatik|drehtürantrieb|türantrieb',
    says: { operator: true },
  },
  { words: 'vent(?:ed)?|louv(?:er|re)(?:s|d|ed)?|transfer grill?e?', says: { leafHole: 'vent' } },
  { words: 'letter ?plate|mail slot', says: { leafHole: 'letter-plate' } },
  { words: 'viewer|peep ?hole|door scope', says: { viewer: true } },
  { words: 'smoke seals?|smoke gaskets?|s label', says: { smoke: true } },
  { words: 'auto(?:matic)? door bottom|adb|drop seals?', says: { bottomSeal: 'any' } },
  { words: 'door sweep|sweep', says: { bottomSeal: 'sweep' } },
  { words: 'threshold', says: { threshold: 'plain' }, denied: { threshold: 'none' } },
  { words: 'accessible|ada|wheelchair', says: { accessible: true } },
  {
    words: 'alarm(?:ed)? contact|door contact|monitored|dps|reed contact',
    says: { monitored: true },
  },
  { words: 'astragal', says: { meetingEdge: 'astragal' } },
  { words: 'mullion|kr mullion', says: { meetingEdge: 'mullion' } },
];

const ASKED: readonly { pattern: RegExp; says: FactsPatch; denied: FactsPatch | undefined }[] =
  SAYS.map(({ words, says, denied }) => ({
    pattern: new RegExp(`(?<![\\p{L}\\p{N}])(?:${words})(?![\\p{L}\\p{N}])`, 'iu'),
    says,
    denied,
  }));

const EXIT_DEVICE =
  /(?<![\p{L}\p{N}])(?:panic(?: bars?| devices?| hardware)?|exit devices?|crash bars?|push bars?|phx|fire exit hardware|panik(?:stange|schloss|beschlag|verschluss|funktion)?|fluchttürverschluss)(?![\p{L}\p{N}])/iu;

const KICK_PLATE = /(?<![\p{L}\p{N}])(?:kick ?plates?|kp)(?![\p{L}\p{N}])/iu;

/** Words before a thing that deny it, or say that somebody else sees to it or nobody knows yet. */
const DENIES =
  /(?:^|[^\p{L}])(?:no|not|without|w\/o|omit|delete|excl(?:uding|\.)?|kein[e]?|ohne)[\s-]+(?:[\p{L}-]+\s){0,1}$/iu;
const UNSURE = /\?|(?:^|[^\p{L}])(?:tbc|tbd|by others|confirm|or)(?:[^\p{L}]|$)/iu;
const SOUND = /(?:^|[^\p{L}])(?:stc|rw|d?b)[ -]?(\d{2})\b|\b(\d{2}) ?(?:db|stc)\b/iu;

/**
 * The facts that a remark states: `w/ closer`, `card reader`, `panic bar`, `hold open`, `STC 45`. Phrases are
 * parted by commas, semicolons, `&` and `and`; one that is put as a question or left to others says nothing.
 *
 * @param kind of opening, by which an exit device stands on one leaf or has rods
 */
export function factsInRemark(
  text: string,
  kind: OpeningFacts['kind'],
  practice: Practice,
): FactsPatch {
  const facts: FactsPatch = {};
  for (const part of text.slice(0, MOST).split(/[,;&+\n]|\.\s|\s(?:and|und)\s/i)) {
    if (UNSURE.test(part)) continue;
    const denied = (at: number) => DENIES.test(part.slice(0, at));
    for (const { pattern, says, denied: otherwise } of ASKED) {
      const found = pattern.exec(part);
      if (found) Object.assign(facts, denied(found.index) ? (otherwise ?? {}) : says);
    }
    const device = EXIT_DEVICE.exec(part);
    if (device && !denied(device.index))
      Object.assign(facts, { egress: true, lockKind: exitDevice(kind, practice) });
    const plate = KICK_PLATE.exec(part);
    if (plate) facts.kickPlate = denied(plate.index) ? mm(0) : practice.values.kickHeight.value;
    const sound = SOUND.exec(part);
    if (sound) facts.sound = Number(sound[1] ?? sound[2]);
  }
  return facts;
}

/** Characters of a remark that are read; a note holds no more. */
const MOST = 2000;

/** Kinds of opening that remarks name. */
const KINDS: readonly [RegExp, OpeningFacts['kind']][] = (
  [
    ['pocket(?: door)?', 'pocket'],
    ['sliding(?: door)?|slider', 'sliding'],
    ['dutch(?: door)?|stable door', 'stable'],
    ['bi-?fold(?:ing)?|folding', 'bi-fold'],
    ['unequal[- ]pair|leaf and a half', 'unequal-pair'],
    [
      '(?:pair (?:of )?double[- ]acting|double[- ]acting (?:pair|doors|leaves))',
      'double-acting-pair',
    ],
    ['double[- ]acting', 'double-acting'],
    ['double[- ]egress', 'double-egress'],
  ] as const
).map(([words, kind]) => [new RegExp(`(?<![\\p{L}])(?:${words})(?![\\p{L}])`, 'iu'), kind]);

/** The kind of opening that a remark names; undefined for most. */
export function kindInRemark(text: string): OpeningFacts['kind'] | undefined {
  return KINDS.find(([pattern]) => pattern.test(text))?.[1];
}

/** The usual device: rods on a pair, in the leaf where the practice has locks in leaves, else on it. */
function exitDevice(kind: OpeningFacts['kind'], practice: Practice) {
  if (kind !== undefined && meetsInMiddle(kind)) return 'rods-surface';
  return practice.values.lockUsual.value === 'profile' ? 'mortise-exit' : 'rim-exit';
}
