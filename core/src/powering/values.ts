import { inches, mm } from '../measure/index.js';
import {
  everywhere,
  sourced,
  TRADE,
  usAndMetric,
  type ValuesOf,
  DELAYED,
  sourcedBy,
} from '../practice/index.js';

const source = (what: string) => `${TRADE}: ${what}`;

/** Things of an opening that draw current. */
export type Load =
  | 'strike'
  | 'lock'
  | 'exit-trim'
  | 'retraction'
  | 'delayed'
  | 'holder'
  | 'magnet'
  | 'sensor'
  | 'exit-switch'
  | 'exit-button'
  | 'reader'
  | 'keypad'
  | 'intercom';

/** Amperes at 24 V direct current, held and when it is switched on. */
export interface LoadRow {
  hold: number;
  inrush: number;
}

const LOAD_ROWS: Record<Load, LoadRow> = {
  strike: { hold: 0.25, inrush: 0.25 },
  lock: { hold: 0.35, inrush: 0.6 },
  'exit-trim': { hold: 0.4, inrush: 0.7 },
  retraction: { hold: 1, inrush: 16 },
  delayed: { hold: 0.6, inrush: 0.9 },
  holder: { hold: 0.07, inrush: 0.07 },
  magnet: { hold: 0.5, inrush: 0.5 },
  sensor: { hold: 0.06, inrush: 0.06 },
  // Contacts: they break the magnet's current and draw none.
  'exit-switch': { hold: 0, inrush: 0 },
  'exit-button': { hold: 0, inrush: 0 },
  reader: { hold: 0.15, inrush: 0.15 },
  keypad: { hold: 0.1, inrush: 0.1 },
  intercom: { hold: 0.3, inrush: 0.3 },
};

const wire = (name: string, ohmsPerKm: number) => ({ name, ohmsPerKm });

/** Ohms per 1000 ft as ohms per kilometre. */
const perFeet = (name: string, ohms: number) => wire(name, (ohms * 1000) / 304.8);

/** No standard of these practices gives the figures. */
const BUTTON = source('the authority decides');

/** Figures that only the powering works with. */
export const POWERING_VALUES = {
  supplyVolts: everywhere(sourced(24, 'count', source('24 V direct current'))),
  loads: everywhere(sourced(LOAD_ROWS, 'table', source('amperes at 24 V; the product decides'))),
  /** Conductors that each load takes: power there and back, signals. */
  conductors: everywhere(
    sourced(
      {
        strike: 2,
        lock: 8,
        'exit-trim': 8,
        retraction: 6,
        delayed: 10,
        holder: 2,
        magnet: 4,
        sensor: 4,
        'exit-switch': 4,
        'exit-button': 4,
        reader: 6,
        keypad: 6,
        intercom: 4,
      } satisfies Record<Load, number> as Record<Load, number>,
      'table',
      source('conductors of each load; the product decides'),
    ),
  ),
  /** How large what is mounted is drawn, across and up. */
  deviceSizes: everywhere(
    sourced(
      {
        magnet: { across: mm(265), up: mm(65) },
        sensor: { across: mm(150), up: mm(50) },
        'exit-button': { across: mm(75), up: mm(115) },
        button: { across: mm(75), up: mm(115) },
        reader: { across: mm(80), up: mm(120) },
        keypad: { across: mm(80), up: mm(120) },
        intercom: { across: mm(100), up: mm(200) },
        holder: { across: mm(75), up: mm(75) },
        contact: { across: mm(25), up: mm(25) },
        strike: { across: mm(30), up: mm(125) },
        passes: { across: mm(30), up: mm(115) },
      },
      'length',
      source('usual sizes; the product decides'),
    ),
  ),
  /** What a device waits before it lets out, seconds. */
  exitDelay: sourcedBy(15, 'count', DELAYED, 'limit'),
  /** The button that breaks a magnet's current: its height, how near, how long it stays broken. */
  exitButtonLow: usAndMetric(
    sourced(inches(40), 'length', 'IBC 1010.2.12', 'limit'),
    sourced(mm(900), 'length', BUTTON, 'limit'),
  ),
  exitButtonHigh: usAndMetric(
    sourced(inches(48), 'length', 'IBC 1010.2.12', 'limit'),
    sourced(mm(1200), 'length', BUTTON, 'limit'),
  ),
  exitButtonNear: usAndMetric(
    sourced(inches(60), 'length', 'IBC 1010.2.12', 'limit'),
    sourced(mm(1500), 'length', BUTTON, 'limit'),
  ),
  exitButtonSeconds: usAndMetric(
    sourced(30, 'count', 'IBC 1010.2.12', 'limit'),
    sourced(30, 'count', BUTTON, 'limit'),
  ),
  /** What is kept in hand over the currents added up. */
  supplyMargin: everywhere(sourced(1.25, 'ratio', source('sum × 1.25'))),
  batteryUse: everywhere(sourced(0.8, 'ratio', source('Ah = current × hours / 0.8'))),
  standbyHours: everywhere(sourced(4, 'count', source('four hours; the authority may ask 24'))),
  /** The most of its voltage that a load may lose on its way, per cent. */
  dropMost: everywhere(sourced(10, 'count', source('within 10 % of its rated voltage'), 'limit')),
  /** Copper at 20 °C, thinnest first. */
  wires: usAndMetric(
    sourced(
      [
        perFeet('AWG 22', 16.14),
        perFeet('AWG 20', 10.15),
        perFeet('AWG 18', 6.385),
        perFeet('AWG 16', 4.016),
        perFeet('AWG 14', 2.525),
        perFeet('AWG 12', 1.588),
      ],
      'table',
      'copper at 20 °C, Ω per 1000 ft',
    ),
    sourced(
      [
        wire('0.5 mm²', 36),
        wire('0.75 mm²', 24.5),
        wire('1.0 mm²', 18.1),
        wire('1.5 mm²', 12.1),
        wire('2.5 mm²', 7.41),
      ],
      'table',
      'IEC 60228, copper at 20 °C, Ω/km',
    ),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof POWERING_VALUES> {}
}
