import { SPACE_WORDS, type PassedSpace } from './spaceWords.js';

/** What is known of a use of rooms; each question has an answer in each row. */
interface RoomUseRecord {
  /** Words of names by which it is guessed, as one part of a pattern. */
  readonly words: string;
  /** Its place among the uses whose words a name is tried for. */
  readonly tried: number;
  /** Which side of a door it is where it is held against another room. */
  readonly side: 'public' | 'private' | 'neither';
  /** What it is for somebody on the way out. */
  readonly space: PassedSpace | 'room';
  /** Whether doors stand along it, whose locks are compared. */
  readonly along: boolean;
  /** The role of its own door where nothing but the use is known. */
  readonly door: 'office' | 'bedroom' | 'store' | 'plant' | 'assembly' | null;
}

/** What a room is used for, from the most public to the most private. */
const RECORDS = {
  outdoors: {
    words: SPACE_WORDS.outdoors,
    tried: 7,
    side: 'public',
    space: 'outdoors',
    along: false,
    door: null,
  },
  entrance: {
    words: SPACE_WORDS.entrance,
    tried: 5,
    side: 'public',
    space: 'entrance',
    along: true,
    door: null,
  },
  corridor: {
    words: SPACE_WORDS.corridor,
    tried: 6,
    side: 'public',
    space: 'corridor',
    along: true,
    door: null,
  },
  stair: {
    words: `${SPACE_WORDS.stair}|lift`,
    tried: 4,
    side: 'public',
    space: 'stair',
    along: true,
    door: null,
  },
  assembly: {
    words:
      'auditorium|stage|rehearsal|assembly|bar|café|cafe|cafeteria|canteen|restaurant|gallery|meeting|conference|conf|chapel|courtroom|lecture|library|multi-?purpose|sports hall|gym|gymnasium|saal|aula|mensa',
    tried: 8,
    side: 'neither',
    space: 'room',
    along: false,
    door: 'assembly',
  },
  work: {
    words:
      'office|workshop|studio|copy|dock|servery|dressing|study|lab|laboratory|pathology|classroom|class|exam|nurse|medical|clinic|principal|head teacher|break room|staff room|room|büro|klasse|besprechung',
    tried: 11,
    side: 'neither',
    space: 'room',
    along: false,
    door: 'office',
  },
  living: {
    words: 'kitchen|living|dining|sitting|parlour|lounge|front room|back room',
    tried: 10,
    side: 'neither',
    space: 'room',
    along: false,
    door: 'bedroom',
  },
  sleeping: {
    words: 'bed|bedroom|nursery',
    tried: 9,
    side: 'neither',
    space: 'room',
    along: false,
    door: 'bedroom',
  },
  sanitary: {
    words:
      'toilets?|toil|wc|rr|showers?|bath|bathroom|women|mens?|male|female|unisex|ladies|gents|girls|boys|cloaks|wash|washroom|lavatory|restrooms?|en ?suite|changing|locker room|lockers|herren|damen|umkleide|bad',
    tried: 2,
    side: 'private',
    space: 'room',
    along: false,
    door: null,
  },
  store: {
    words:
      'closet|cupboard|stores?|storage|storeroom|stor|cabinet|archives?|records|files?|bins?|trash|refuse|cellar|wardrobe|pantry|larder|linen|jan|janitor|custodia[nl]|housekeeping|supply|supplies|utility|laundry|cleaner|garage|lager|abstellraum|putzraum|archiv|keller',
    tried: 1,
    side: 'private',
    space: 'room',
    along: false,
    door: 'store',
  },
  plant: {
    words:
      'plant|plantroom|boiler|electrical|electric|elec|dimmer|riser|meter|server|comms|data|telecom|idf|mdf|rack|machine|switchgear|switch room|substation|transformer|generator|pump|ahu|hvac|mechanical|mech|technik|heizung|heizraum|heizkeller|kesselraum|hausanschlussraum|hausanschluss|lüftung|elektro',
    tried: 3,
    side: 'private',
    space: 'room',
    along: false,
    door: 'plant',
  },
} as const satisfies Record<string, RoomUseRecord>;

export type RoomUse = keyof typeof RECORDS;
export const ROOM_USES = Object.keys(RECORDS) as readonly RoomUse[];

/** The record of each use. */
export const ROOM_USE: Readonly<Record<RoomUse, RoomUseRecord>> = RECORDS;
