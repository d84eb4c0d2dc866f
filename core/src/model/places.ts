import { memoize } from '../measure/index.js';
import type { RoomUse } from './roomUses.js';
import { headOf } from './spaceWords.js';

/** What a place is to somebody who comes to a door of it. A place may be several: a garage stair is a stair. */
export const PLACE_TRAITS = [
  'open',
  'refuge',
  'yard',
  'stair',
  'passage',
  'entrance',
  'sanitary',
  'single',
  'wet',
  'sleeping',
  'patient',
  'child',
  'dwelling',
  'garage',
  'pool',
  'cold',
  'fault',
  'plant',
  'crowd',
  'kept',
] as const;
export type PlaceTrait = (typeof PLACE_TRAITS)[number];

/** What a place is, by its traits; none where nobody named it. */
export type Place = ReadonlySet<PlaceTrait>;

/** One line of the table: what a name that ends in one of its words says. */
interface PlaceRow {
  readonly traits: readonly PlaceTrait[];
  /** Words as one part of a pattern, plural and abbreviated forms with them. */
  readonly words: string;
  /** Words before it that make it something else. */
  readonly notAfter?: string;
  /** Words after it that make it something else. */
  readonly notBefore?: string;
}

/**
 * Places by the words of their names, English and German: the last word of a name says what it is, so that a row
 * is tried at the end of a name first. Words that only say where stand for nothing (`headOf`).
 */
const ROWS: readonly PlaceRow[] = [
  {
    traits: ['open', 'refuge'],
    words: 'balcon(?:y|ies)|balkone?|loggia|roof terraces?|dachterrassen?|roof gardens?|dachgarten',
  },
  {
    traits: ['open', 'refuge'],
    words: 'roofs?|rooftop|plant deck|dach|flachdach',
    notBefore: 'plant|void|space|light',
  },
  {
    traits: ['open', 'refuge'],
    words:
      'courtyards?|inner courts?|light ?wells?|innenhof|lichthof|enclosed gardens?|sensory garden|exercise yard',
  },
  {
    traits: ['open', 'yard'],
    words: 'yards?|hof',
    notAfter: 'loading|service|delivery|goods|bin|school',
  },
  {
    traits: ['open'],
    words:
      'outside|outdoors?|exterior|external|extr?|grade|gardens?|garten|street|road|lane|alley|patio|terraces?|terrasse|deck|plaza|forecourt|driveway|drive|sidewalk|pavement|footpath|path|covered way|breezeway|verandah?|playground|play area|parking(?: lot)?|dock apron|apron|ramp|loading dock|canop(?:y|ies)|porte[- ]coch[eè]re|car ?park|parkplatz|straße|strasse|schulhof|(?:loading|service|delivery|goods|bin|school) yard|pausenhof|wirtschaftshof|vorplatz|gehweg|zufahrt|einfahrt|spielplatz|außen|aussen|im freien|freien?|laubengang|alfresco|colonnade|walkway|covered (?:walk|walkway|link)|deck access|access deck|cola|covered outdoor learning area',
    notAfter:
      'hospital|internal|indoor|inner|covered|learning|basement|underground|undercroft|podium|multi-?store?y|level|roof',
    notBefore: 'level|garage|structure|deck|storey|floor',
  },
  {
    traits: ['garage'],
    words:
      'garages?|carport|(?:basement|underground|undercroft|podium|multi-?store?y) (?:car ?park|parking)|parking (?:garage|level|deck|structure)(?: [a-z0-9]+)?|tiefgarage',
  },
  {
    traits: ['stair'],
    words:
      '(?:fire |exit |escape |egress |enclosed |protected )?stair(?:s|way|well|case)?|steps|treppe|[a-zäöüß]*treppenhaus|[a-zäöüß]*treppenraum|fluchttreppe|nottreppe',
  },
  {
    traits: ['passage', 'entrance'],
    words:
      'entrance(?: hall| lobby)?|communal (?:hall|entrance|lobby)|common (?:hall|entrance)|entry|foyer|reception|vestibule|vest|atrium|dr(?:aught|aft) lobby|wind ?lobby|windfang|eingang|eingangshalle|empfang|narthex|porch|portico|stoop|concourse|main lobby',
  },
  {
    traits: ['passage'],
    words:
      'corridors?|corr|passages?|passageway|hallway|circulation|circ|lobby|landing|exit (?:corridor|passageway)|(?:hospital|internal|learning) street|[a-zäöüß]*flur|(?:verbindungs)?gang|schleuse|sicherheitsschleuse|korridor|diele|vorraum|aufzugsvorraum|elevator lobby|lift lobby',
  },
  {
    traits: ['sanitary', 'single'],
    words:
      'wc|toilet|restroom|rr|lavatory|water closet|cloakroom wc|powder(?: room)?|(?:accessible|disabled|ambulant|unisex|all-gender|single-user|family|staff|patient) (?:wc|toilet|restroom|washroom|bathroom|rr)|changing places(?: wc| toilet)?|en ?suite|bathroom|bath|barrierefreies wc|behinderten-?wc|bad|badezimmer|gäste-?wc|duschbad',
  },
  {
    traits: ['sanitary'],
    words:
      "toilets|wcs|restrooms|washrooms?|(?:high[- ]use|public|group|multi-?stall) (?:restroom|toilet|washroom)|women(?:['’]s)?|men(?:['’]s)?|ladies|gents|girls|boys|male(?: wc| toilets?)?|female(?: wc| toilets?)?|damen(?:-?wc)?|herren(?:-?wc)?|wc (?:damen|herren)",
  },
  {
    traits: ['wet'],
    words:
      'showers?|shower room|wet ?rooms?|changing(?: rooms?)?|locker rooms?|spa|sauna|steam room|laundry|dusch(?:e|en|raum)|nassraum|umkleiden?|waschküche|laundries|dishwash(?:ing)?|spülküche',
  },
  {
    traits: ['sleeping', 'patient'],
    words:
      "(?:patients?|resident(?:s['’]?|['’]s)?|ward|icu|recovery|isolation|birthing|delivery|care) (?:bed)?rooms?|ward bay|patientenzimmer|bewohnerzimmer|pflegezimmer",
  },
  {
    traits: ['sleeping'],
    words:
      '(?:master |guest |main |spare )?bed(?:room)?s?|sleeping(?: room)?|guest rooms?|dorm(?:itory)?|schlafzimmer|gästezimmer|hotelzimmer|kinderzimmer|nursery bedroom',
  },
  {
    traits: ['child'],
    words:
      'nursery(?: room)?|nurseries|baby room|day ?care|child ?care|kindergarten|kita(?: raum| gruppe)?|gruppenraum|crèche|creche|pre-?school|toddlers?|infants?|babies|reception class',
  },
  {
    traits: ['dwelling', 'sleeping'],
    words: '(?:flat|apartment|apt|unit|suite|dwelling|sou|wohnung|whg|wohneinheit)',
  },
  {
    traits: ['pool'],
    words:
      'pools?|swimming(?: pool)?|pool (?:area|side|enclosure|surround|hall|deck|terrace|yard|garden)|poolside|hot tub|schwimmbad|schwimmbecken|schwimmhalle',
    notBefore: 'plant|pump|store|office|tables?|car',
  },
  {
    traits: ['cold'],
    words:
      'cold ?rooms?|coolrooms?|cool rooms?|freezers?|walk-in (?:cooler|freezer|refrigerator)|chill(?:er)? ?rooms?|kühlraum|tiefkühlraum|kühlzelle|cold stores?',
  },
  {
    traits: ['fault', 'plant'],
    words:
      'boilers?(?: room| house)?|transformers?(?: vault| room)?|substation|switch ?gear|(?:main )?switchboards?|switch ?rooms?|main switchroom|generators?(?: room)?|battery(?: room)?|mv room|hv room|lv room|main electrical(?: room)?|heizung|heizungsraum|heizraum|kesselraum|trafo|trafostation|trafo-?raum|schaltraum|niederspannung(?:sraum)?|mittelspannung(?:sraum)?|notstrom|batterieraum|furnace(?: room)?|refrigeration machinery(?: room)?',
  },
  {
    traits: ['plant'],
    words:
      'plant(?: ?rooms?)?|electrical(?: room| closet| cupboard)?|elec|mechanical|mech|risers?|ahu|pump(?: room)?|technik(?:raum)?|elektro|lüftung(?:szentrale)?|server|comms|it room|data|idf|mdf',
  },
  {
    traits: ['crowd'],
    words:
      'auditorium|theat(?:re|er)|hall of worship|worship|chapel|sanctuary|nave|assembly(?: hall)?|sports hall|gym(?:nasium)?|arena|ballroom|banquet(?: hall)?|conference hall|lecture (?:hall|theatre)|restaurant|dining(?: hall| room)?|canteen|cafeteria|nightclub|cinema|exhibition(?: hall)?|aula|saal|festsaal|mensa|turnhalle|sporthalle|versammlungsraum|hörsaal|multi-?purpose|library|courtroom|food court',
  },
  {
    traits: ['kept'],
    words:
      'cells?|holding(?: cell)?|seclusion(?: room)?|custody|interview custody|detention|haftraum|gewahrsam',
  },
];

const NONE: Place = new Set();

interface PlacePattern {
  readonly traits: readonly PlaceTrait[];
  readonly pattern: RegExp;
}

/** A number, letter or count behind a name: “Stair 2”, “Flat 3B”, “Corridor A-104”. */
const NUMBER = String.raw`(?:[\s-]*(?:no\.?|nr\.?|#|level|lvl|ebene)?[\s-]*[\p{L}]{0,2}[-.]?\d[\w.-]*|[\s-]+[A-Z])?`;

const PATTERNS: readonly PlacePattern[] = ROWS.map(({ traits, words, notAfter, notBefore }) => ({
  traits,
  pattern: new RegExp(
    `${notAfter ? `(?<!(?:${notAfter})[ -])` : ''}(?<![\\p{L}\\d])(?:${words})${notBefore ? `(?! (?:${notBefore}))` : ''}${NUMBER}$`,
    'iu',
  ),
}));

const BY_USE: Readonly<Partial<Record<RoomUse, readonly PlaceTrait[]>>> = {
  outdoors: ['open'],
  entrance: ['passage', 'entrance'],
  corridor: ['passage'],
  stair: ['stair'],
  sleeping: ['sleeping'],
  assembly: ['crowd'],
  plant: ['plant'],
  sanitary: ['sanitary'],
};

/** The row whose words the name ends in, of two the longer. */
function rowOf(patterns: readonly PlacePattern[], name: string): PlacePattern | undefined {
  let best: PlacePattern | undefined;
  let starts = Infinity;
  for (const row of patterns) {
    const at = row.pattern.exec(name)?.index;
    if (at === undefined || at >= starts) continue;
    best = row;
    starts = at;
  }
  return best;
}

const placeBy = memoize(
  (patterns: readonly PlacePattern[], name: string, use: RoomUse | undefined): Place => {
    const bare = headOf(name.replace(/\s*\([^)]*\)\s*$/, '').trim());
    const traits = rowOf(patterns, bare)?.traits ?? [];
    const byUse = (use && BY_USE[use]) ?? [];
    return new Set([...traits, ...byUse]);
  },
);

/**
 * Says what a place is by its name, and by its use where the building has it; a guess, held against what is
 * recorded and never in its place.
 *
 * @param name the room’s name; undefined where nobody named it
 * @param use what the building says the room is used for
 * @returns its traits; none where the name’s last word says nothing
 *
 * @example placeNamed('Roof terrace', undefined).has('refuge') // true
 */
export function placeNamed(name: string | undefined, use: RoomUse | undefined): Place {
  if (name === undefined) return use && BY_USE[use] ? placeBy(PATTERNS, '', use) : NONE;
  return placeBy(PATTERNS, name, use);
}
