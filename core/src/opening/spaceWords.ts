/** Spaces that people pass through, or come out into. */
export type PassedSpace = 'outdoors' | 'stair' | 'entrance' | 'corridor';

/** Ways in the open that rooms are entered from, as one part of a pattern. */
export const COVERED_WAYS =
  'covered (?:way|walk|walkway|link)|walkway|veranda[hs]?|breezeway|colonnade|deck access|access deck|cola|covered outdoor learning area|laubengang';

/**
 * Words of names for them, English and German, as one part of a pattern each. A bare path, court or hall says
 * nothing; a hall with a number of three figures is a corridor.
 */
export const SPACE_WORDS: Readonly<Record<PassedSpace, string>> = {
  outdoors:
    'street|exterior|external|extr?|outside|outdoors?|yard|terrace|garden|roof|courtyard|(?:car park|carpark|parking(?: lot)?)(?! (?:level|garage|deck|structure|storey|floor|[BLP]?\\d))|lane|drive|driveway|balcony|deck|patio|alley|sidewalk|pavement|plaza|(?:final|fire|emergency) exit|playground|play area|pool (?:area|side|enclosure|surround|fence)|poolside|grade|straße|hof|schulhof|pausenhof|innenhof|wirtschaftshof|vorplatz|parkplatz|gehweg|zufahrt|einfahrt|spielplatz|terrasse|dachterrasse|garten|außen|aussen|freien?',
  stair: 'stairs?|staircase|stairwell|treppe|treppenhaus|treppenraum',
  entrance:
    'entrance hall|entrance|entry|foyer|narthex|pre-?function|reception|porch|vestibule|vest|atrium|dr(?:aught|aft) lobby|wind lobby|windfang|eingang|eingangshalle|empfang',
  corridor: `corridor|corr|passage|passageway|hallway|hall(?= ?[A-Z]?\\d{3})|circulation|circ|lobby|elevator lobby|lift lobby|landing|concourse|${COVERED_WAYS}|\\p{L}*flur|verbindungsgang|(?:aufzugs)?vorraum|gang|korridor|diele`,
};
