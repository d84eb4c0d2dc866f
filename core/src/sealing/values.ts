import { inches, mm } from '../measure/index.js';
import {
  everywhere,
  sourced,
  TRADE,
  usAndMetric,
  type ValuesOf,
  sourcedBy,
} from '../practice/index.js';

const source = (what: string) => `${TRADE}: ${what}`;

/** Seals of head and jambs by what they hold back. */
export const PERIMETERS = ['none', 'silencers', 'weather', 'light', 'smoke', 'sound'] as const;
export type Perimeter = (typeof PERIMETERS)[number];

/** Figures that only the sealing works with. */
export const SEALING_VALUES = {
  /** Lengths that seals are made in. */
  sealMade: usAndMetric(
    sourced(inches(204), 'length', source('seals in lengths of 17 ft'), 'preference'),
    sourced(mm(2500), 'length', source('seals in lengths of 2.5 m'), 'preference'),
  ),
  /** Silencers of a frame without seals: single, pair. */
  silencers: everywhere(
    sourced(
      { single: 3, pair: 2 },
      'table',
      source('three on the lock jamb, two in the head of a pair'),
    ),
  ),
  /** Material a steel frame without seals rests its leaf on. */
  steelSilenced: usAndMetric(
    sourced(true, 'term', source('silencers in hollow metal frames')),
    sourced(false, 'term', source('seals in the frame’s groove')),
  ),
  /** Whether a rated leaf has intumescent strips in its edges or frame. */
  intumescent: {
    ...sourcedBy(
      true as boolean,
      'term',
      {
        us: '',
        british: 'BS 476-22, BS EN 1634-1: as tested',
        continental: 'EN 1634-1: as tested',
        australasian: 'AS 1905.1, AS 1530.4: as tested',
      },
      'limit',
    ),
    'us-commercial': sourced(false, 'term', 'UL 10C: only where listed with it'),
    'us-residential': sourced(false, 'term', 'UL 10C: only where listed with it'),
  },
  /** Strips by rating, width × thickness, as usually tested. */
  strips: everywhere(
    sourced(
      [
        { minutes: 30, width: mm(15), thickness: mm(4), count: 1 },
        { minutes: 60, width: mm(25), thickness: mm(4), count: 1 },
        { minutes: 120, width: mm(25), thickness: mm(4), count: 2 },
      ],
      'table',
      source('FD30 15 × 4, FD60 25 × 4 or two; the test evidence decides'),
    ),
  ),
  /** The largest gap under a leaf that holds smoke back without a seal; 0 where the label asks for none. */
  smokeGap: usAndMetric(
    sourced(0, 'length', 'UL 1784, NFPA 105: the S label alone asks for no bottom seal'),
    sourced(mm(3), 'length', 'BS 8214: 3 mm, else a seal', 'limit'),
    {
      continental: 'DIN 18095: as tested, usually a seal',
      australasian: 'NCC Specification 12; as tested',
    },
  ),
  /** How much shorter than the leaf a bottom seal is cut. */
  sealShort: usAndMetric(
    sourced(inches(0.125), 'length', source('end clearance')),
    sourced(mm(4), 'length', source('end clearance')),
  ),
  /** The most a drop seal is made to drop. */
  sealDrop: everywhere(sourced(mm(13), 'length', source('drop seals, 9 to 15 mm'))),
  dropFullLeaf: usAndMetric(
    sourced(inches(1.75), 'length', source('mortised drop seals'), 'limit'),
    sourced(mm(38), 'length', source('mortised drop seals'), 'limit'),
  ),
  /** Grout lines and the like above this want a brush. */
  bulbUneven: everywhere(sourced(mm(1), 'length', source('bulbs lie on floors even to 1 mm'))),
  /** Sound insulation of leaves, dB, where it was not recorded. */
  leafSounds: everywhere(
    sourced(
      {
        'steel-honeycomb-18': 28,
        'steel-honeycomb-16': 29,
        'steel-honeycomb-14': 30,
        'steel-stiffened-16': 33,
        'timber-particle': 29,
        'timber-tubular': 26,
        'timber-stave': 29,
        'timber-mineral': 30,
        'timber-panelled-softwood': 22,
        'timber-panelled-hardwood': 24,
        'timber-hollow': 20,
        'aluminium-narrow': 27,
        glass: 30,
      },
      'table',
      source('usual leaves; a tested leaf’s own figure decides'),
    ),
  ),
  /** Sound insulation of joints to the metre, dB (joints by EN ISO 10140-1, annex J). */
  jointSounds: everywhere(
    sourced(
      {
        open: 13,
        undercut: 8,
        silencers: 16,
        weather: 30,
        light: 27,
        smoke: 30,
        sound: 48,
        sweep: 24,
        'drop-surface': 42,
        'drop-half': 44,
        'drop-full': 46,
        threshold: 40,
        meeting: 27,
        'meeting-sealed': 42,
      },
      'table',
      source('joints with and without seals, set well'),
    ),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof SEALING_VALUES> {}
}
