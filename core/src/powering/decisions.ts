import { asAmount, asCode, asTerm, decisionTable, type Recorder } from '../model/index.js';

export const WIRE_PATHS = ['frame', 'hinge', 'transfer', 'loop'] as const;
export type WirePath = (typeof WIRE_PATHS)[number];

export const POWERING_DECISIONS = decisionTable('powering', {
  electric: asTerm<'yes' | 'none' | 'battery'>('electric'),
  failState: asTerm<'fail-secure' | 'fail-safe'>('failState'),
  access: asTerm<string>('access'),
  electricLock: asTerm<string>('electricLock'),
  exitDelay: asAmount('s'),
  stairReentry: asTerm<string>('stairReentry'),
  path: asTerm<WirePath>('wirePath'),
  supply: asAmount('A'),
  battery: asAmount('Ah'),
  wire: asCode(),
});

export type PoweringRecord = Recorder<(typeof POWERING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    powering: (typeof POWERING_DECISIONS)['specs'];
  }
}
