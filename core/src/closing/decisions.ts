import {
  asAngle,
  asCount,
  asForce,
  asPositions,
  asTerm,
  decisionTable,
  type Recorder,
} from '../model/index.js';

/** How a closer is fitted; springs in the hinges close a leaf, too. */
export const CLOSER_DEVICES = [
  'none',
  'regular',
  'track-pull',
  'parallel',
  'track-push',
  'top-jamb',
  'concealed',
  'floor',
  'head',
  'spring',
  'operator',
] as const;
export type CloserDevice = (typeof CLOSER_DEVICES)[number];

export const HOLD_OPENS = ['none', 'magnet', 'arm', 'closer', 'kick-down'] as const;
export type HoldOpen = (typeof HOLD_OPENS)[number];

export const STOPS = ['none', 'wall', 'floor', 'overhead', 'arm'] as const;
export type StopKind = (typeof STOPS)[number];

export const CLOSING_DECISIONS = decisionTable('closing', {
  closes: asTerm<'yes' | 'none'>('closes'),
  device: asTerm<CloserDevice>('closerDevice'),
  size: asCount(),
  template: asPositions(),
  armAngle: asAngle(),
  force: asForce(),
  holdOpen: asTerm<HoldOpen>('holdOpen'),
  backCheck: asTerm<'yes' | 'none'>('closes'),
  stop: asTerm<StopKind>('stop'),
  selector: asTerm<'yes' | 'none'>('closes'),
});

export type ClosingRecord = Recorder<(typeof CLOSING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    closing: (typeof CLOSING_DECISIONS)['specs'];
  }
}
