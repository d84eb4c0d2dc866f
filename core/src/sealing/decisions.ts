import {
  asAmount,
  asLength,
  asSize,
  asTerm,
  decisionTable,
  type Recorder,
} from '../model/index.js';
import type { Perimeter } from './values.js';

export const BOTTOMS = [
  'none',
  'sweep',
  'drop-surface',
  'drop-half',
  'drop-full',
  'threshold',
] as const;
export type Bottom = (typeof BOTTOMS)[number];

export type Meeting = 'none' | 'brush' | 'astragal';
export type SealMaterial = 'bulb' | 'neoprene' | 'brush';

export const SEALING_DECISIONS = decisionTable('sealing', {
  perimeter: asTerm<Perimeter>('perimeter'),
  perimeterLength: asLength('up'),
  strip: asSize(),
  bottom: asTerm<Bottom>('bottom'),
  material: asTerm<SealMaterial>('sealMaterial'),
  bottomLength: asLength('down'),
  threshold: asSize(),
  meeting: asTerm<Meeting>('meetingSeal'),
  sound: asAmount('dB'),
});

export type SealingRecord = Recorder<(typeof SEALING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    sealing: (typeof SEALING_DECISIONS)['specs'];
  }
}
