/** Spaces that people pass through, or come out into. */
export type PassedSpace = 'outdoors' | 'stair' | 'entrance' | 'corridor';

/** Words that say where a room is, not what it is: a cupboard under the stairs, a store off the corridor. */
const WHERE =
  /^(.*\S)\s+(?:under(?:neath)?|below|beneath|off|behind|beside|next to|near|above|opposite|outside|inside|serving|for|with|unter|hinter|neben|über|beim?|mit|für|vor)\s+\S/iu;

/**
 * What a name says before it says where: “Cupboard” of “Cupboard under the stairs”.
 *
 * @example headOf('Cupboard under the stairs') // 'Cupboard'
 */
export function headOf(name: string): string {
  // Three words at least.
  const first = name.indexOf(' ');
  if (first < 0 || name.indexOf(' ', first + 1) < 0) return name;
  return WHERE.exec(name)?.[1] ?? name;
}

/** An open porch: the open side of a front door, though a way in to whoever comes from the street. */
export const isPorch = (name: string | undefined): boolean =>
  name !== undefined && PORCH.test(name) && !CLOSED.test(name);
const PORCH = /(?<![\p{L}])(?:porch|portico|stoop)(?![\p{L}])/iu;
const CLOSED = /(?<![\p{L}])(?:enclosed|sun|sleeping|glazed)(?![\p{L}])/iu;

/** Ways in the open that rooms are entered from, as one part of a pattern. */
export const COVERED_WAYS =
  'covered (?:way|walk|walkway|link)|walkway|veranda[hs]?|breezeway|colonnade|deck access|access deck|cola|covered outdoor learning area|laubengang';

/**
 * Words of names for them, English and German, as one part of a pattern each. A bare path, court or hall says
 * nothing; a hall with a number of three figures is a corridor.
 */
export const SPACE_WORDS: Readonly<Record<PassedSpace, string>> = {
  outdoors:
    '(?<!(?:hospital|internal|indoor|inner|covered|learning|school) )street|exterior|external|extr?|outside|outdoors?|yard|terrace|garden|roof|courtyard|(?<!(?:basement|underground|undercroft|podium|multi-?stor(?:e)?y) )(?:car park|carpark|parking(?: lot)?)(?! (?:level|garage|deck|structure|storey|floor|[BLP]?\\d))|lane|alfresco|drive(?![- ]?(?:thru|through|in))|driveway|balcony|deck|patio|alley|sidewalk|pavement|footpath|forecourt|plaza|(?:final|fire|emergency) exit|playground|play area|pool (?:area|side|enclosure|surround|fence)|poolside|grade|straße|hof|schulhof|pausenhof|innenhof|wirtschaftshof|vorplatz|parkplatz|gehweg|zufahrt|einfahrt|spielplatz|terrasse|dachterrasse|garten|balkon|dachgarten|loggia|außen|aussen|freien?',
  stair: 'stairs?|staircase|stairwell|treppe|treppenhaus|treppenraum',
  entrance:
    'entrance hall|entrance|entry|foyer|narthex|pre-?function|reception|porch|portico|stoop|vestibule|vest|atrium|dr(?:aught|aft) lobby|wind lobby|windfang|eingang|eingangshalle|empfang',
  corridor: `corridor|(?:hospital|internal|indoor|inner|covered|learning|school) street|corr|passage|passageway|hallway|hall(?= ?[A-Z]?\\d{3})|circulation|circ|lobby|elevator lobby|lift lobby|landing|concourse|${COVERED_WAYS}|\\p{L}*flur|verbindungsgang|(?:aufzugs)?vorraum|gang|korridor|diele`,
};
