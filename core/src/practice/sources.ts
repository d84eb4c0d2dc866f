import { citedAs } from './editions/cite.js';
import type { Practice, Region } from './types.js';

/** Where a rule or figure comes from, in each region; a source of one is never printed in another. */
export type SourceBy = Readonly<Record<Region, string>>;

/** The same source in every region. */
export const everyRegion = (source: string): SourceBy => ({
  us: source,
  british: source,
  continental: source,
  australasian: source,
});

/** Whose codes govern, and what its country and editions are cited as. */
export type Citing = Pick<Practice, 'region' | 'cites'>;

/**
 * Gives a source as it is cited in a practice.
 *
 * @param source one for all regions, or one for each
 * @param practice whose codes govern, under the editions that are adopted
 * @returns the words that stand behind the rule there
 */
export const sourceIn = (source: string | SourceBy, practice: Citing): string =>
  citedAs(typeof source === 'string' ? source : source[practice.region], practice.cites);

/** What stands on a rated leaf only as it was listed or tested with it. */
export const LISTED: SourceBy = {
  us: 'NFPA 80; the listing',
  british: 'BS 8214; the evidence of the tested door set',
  continental: 'the approval of the door; EN 1634-1',
  australasian: 'AS 1905.1; as tested',
};

/** Hinges of rated leaves. */
export const RATED_HINGES: SourceBy = {
  us: 'NFPA 80, 6.4.3',
  british: 'BS EN 1935; the evidence of the tested door set',
  continental: 'EN 1935; the approval of the door',
  australasian: 'AS 1905.1; as tested',
};

/** What holds open a leaf that stops fire or smoke. */
export const HELD_OPEN: SourceBy = {
  us: 'NFPA 80, 6.1.4.2; NFPA 101, 7.2.1.8.2',
  british: 'BS EN 1155; BS 7273-4',
  continental: 'EN 1155; EN 14637; DIN 14677',
  australasian: 'NCC C4D5 and C4D6; AS 1670.1',
};

/** How people come back from a stair to the storeys. */
export const REENTRY: SourceBy = {
  us: 'IBC 1010.2.7; NFPA 101, 7.2.1.5.8',
  british: 'Approved Document B, volume 2; trade practice',
  continental: 'the national rule; trade practice',
  australasian: 'NCC D3D27',
};

/** Bolts and devices of the second leaf of a pair. */
export const SECOND_LEAF_HELD: SourceBy = {
  us: 'NFPA 80, 6.4.4; IBC 1010.2.5',
  british: 'Approved Document B, volume 2, 5; BS EN 179, BS EN 1125',
  continental: 'EN 179, EN 1125; the approval of the door',
  australasian: 'NCC D3D26; AS 1905.1',
};

/** What lets people out only after a delay. */
export const DELAYED: SourceBy = {
  us: 'IBC 1010.2.13; NFPA 101, 7.2.1.6.1',
  british: 'BS EN 13637; the authority',
  continental: 'EltVTR; EN 13637; the authority',
  australasian: 'NCC D3D26; the authority',
};

/** Hinges of leaves that lie over their frame. */
export const REBATED_HINGES: SourceBy = {
  us: 'trade practice',
  british: 'trade practice',
  continental: 'DIN 18101, DIN 18268',
  australasian: 'trade practice',
};

/** How wide and heavy a leaf each size of closer shuts. */
export const CLOSER_SIZES: SourceBy = {
  us: 'ANSI/BHMA A156.4; trade practice',
  british: 'BS EN 1154, table 1',
  continental: 'EN 1154, table 1',
  australasian: 'AS 4145.5; trade practice',
};

/** Gates to pools. */
export const POOL_GATE: SourceBy = {
  us: 'ISPSC 305.3; ASTM F1908',
  british: 'trade practice; BS EN 16582 where it is adopted',
  continental: 'EN 16582; EN 17125; trade practice',
  australasian: 'AS 1926.1',
};

/** Leaves that come shut one after the other. */
export const LEAVES_IN_ORDER: SourceBy = {
  us: 'NFPA 80, 6.4.1; ANSI/BHMA A156.3',
  british: 'BS EN 1158; BS 8214',
  continental: 'EN 1158',
  australasian: 'AS 1905.1; trade practice',
};

/** What holds smoke back around a leaf. */
export const SMOKE_AROUND: SourceBy = {
  us: 'NFPA 105; UL 1784',
  british: 'BS EN 1634-3; BS 8214',
  continental: 'DIN 18095; EN 1634-3',
  australasian: 'NCC Specification 12; AS 1530.7',
};
