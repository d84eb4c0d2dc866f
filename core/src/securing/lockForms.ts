import type { LockKind } from './facts.js';
import { LOCK_FIGURES, type LockFigures, type Practice } from '../practice/index.js';

/** What a kind of lock is made like, as data: where it sits, what it takes, what it is worked by. */
export interface LockForm extends LockFigures {
  /** In a pocket of the edge, in bores, in a notch of the edge, or on the face. */
  sits: 'pocket' | 'bore' | 'notch' | 'inside-face' | 'push-face' | 'patch' | 'none';
  cylinder: 'profile' | 'mortise' | 'rim' | 'own' | 'none';
  handed: boolean;
  /** Functions it is made in, by id; a project's own stand beside them. */
  functions: readonly string[];
}

const BORED = [
  'passage',
  'privacy',
  'office',
  'office-key',
  'office-push-turn',
  'classroom',
  'storeroom',
  'classroom-inside',
  'corridor',
  'patio',
  'communicating',
];
const MORTISE = [
  'mortise-passage',
  'privacy-bolt',
  'privacy-latch',
  'mortise-office',
  'mortise-classroom',
  'mortise-storeroom',
  'classroom-inside',
  'intruder',
  'dormitory',
  'entrance',
  'apartment',
  'guest',
  'guest-card',
  'staff-toilet',
  'vestibule',
  'corridor-bolting',
  'communicating-half',
  'cold-room',
];
const TRAPS = ['store', 'institution'];
const DEADBOLTS = ['deadbolt-single', 'deadbolt-double', 'deadbolt-classroom'];
/** Bored ones are made with a keypad and a battery of their own, too. */
const BORED_DEADBOLTS = [...DEADBOLTS, 'deadbolt-battery'];
const EXITS = [
  'exit-only',
  'exit-night-latch',
  'exit-classroom',
  'exit-classroom-inside',
  'exit-passage',
  'exit-delayed',
  'exit-retraction',
  'exit-trim-fail-safe',
  'exit-trim-fail-secure',
];
const POWERED = ['electric-fail-secure', 'electric-fail-safe', 'electric-strike', 'battery-reader'];

/** Locks of the metric schools: bolt by key or turn, the handle for the latch or, escaping, for both. */
const SASH = [
  'mortise-passage',
  'privacy-bathroom',
  'sash-turn',
  'sash-escape',
  'mortise-storeroom',
  'guest',
  'guest-card',
  'sash-lock',
  'deadbolt-single',
  'deadbolt-double',
  'communicating-half',
  'cold-room',
];

const form = (
  kind: LockKind,
  sits: LockForm['sits'],
  cylinder: LockForm['cylinder'],
  handed: boolean,
  functions: readonly string[],
): LockForm => ({ ...LOCK_FIGURES[kind], sits, cylinder, handed, functions });

/** What cylinder a kind takes: a narrow-stile lock that of the practice. */
export const cylinderOf = (kind: LockKind, { values }: Practice): LockForm['cylinder'] =>
  kind === 'narrow-stile' ? values.narrowCylinder.value : LOCK_FORMS[kind].cylinder;

/** Every kind of lock. */
export const LOCK_FORMS: Readonly<Record<LockKind, LockForm>> = {
  none: form('none', 'none', 'none', false, []),
  cylindrical: form('cylindrical', 'bore', 'own', false, [
    ...BORED,
    'classroom-hold-back',
    'vestibule',
    'service-station',
    'utility',
    ...TRAPS,
    ...POWERED,
  ]),
  tubular: form('tubular', 'bore', 'own', false, [...BORED, 'utility', 'electric-strike']),
  deadbolt: form('deadbolt', 'bore', 'own', false, BORED_DEADBOLTS),
  mortise: form('mortise', 'pocket', 'mortise', true, [...MORTISE, ...TRAPS, ...POWERED]),
  profile: form('profile', 'pocket', 'profile', true, [
    ...SASH,
    'changeover',
    'panic-changeover',
    'panic-split',
    'panic-passage',
    ...POWERED,
  ]),
  multipoint: form('multipoint', 'pocket', 'profile', true, [
    'sash-turn',
    'sash-escape',
    'changeover',
    'panic-changeover',
  ]),
  sash: form('sash', 'pocket', 'own', false, [...SASH, 'dormitory', ...POWERED]),
  'mortise-dead': form('mortise-dead', 'pocket', 'own', false, DEADBOLTS),
  'rim-lock': form('rim-lock', 'inside-face', 'own', true, [
    'mortise-passage',
    'sash-lock',
    'rim-deadlock',
  ]),
  'night-latch': form('night-latch', 'inside-face', 'rim', true, ['rim-night-latch']),
  unit: form('unit', 'notch', 'own', true, ['passage', 'privacy', 'office', 'storeroom']),
  'narrow-stile': form('narrow-stile', 'pocket', 'mortise', true, [
    ...DEADBOLTS,
    'mortise-storeroom',
    'mortise-passage',
    'electric-strike',
  ]),
  'rim-exit': form('rim-exit', 'push-face', 'rim', false, [...EXITS, 'electric-strike']),
  'mortise-exit': form('mortise-exit', 'pocket', 'mortise', true, [...EXITS, 'electric-strike']),
  'rods-surface': form('rods-surface', 'push-face', 'rim', false, EXITS),
  'rods-concealed': form('rods-concealed', 'push-face', 'rim', true, EXITS),
  sliding: form('sliding', 'pocket', 'own', false, [
    'sliding-hook',
    'sliding-privacy',
    'deadbolt-single',
  ]),
  roller: form('roller', 'pocket', 'none', false, ['push-pull']),
  gate: form('gate', 'inside-face', 'own', true, [
    'gate-latch',
    'mortise-passage',
    'sash-lock',
    'rim-night-latch',
    'deadbolt-single',
  ]),
  // Boxes and corner patches clamped onto glass.
  patch: form('patch', 'patch', 'own', true, [
    ...DEADBOLTS,
    'mortise-passage',
    'sash-turn',
    'sash-escape',
    'mortise-storeroom',
    'privacy-bathroom',
    'electric-strike',
  ]),
  // A surface latch with its handle outside and a push rod through the leaf that always frees it.
  'cold-room': form('cold-room', 'inside-face', 'own', true, ['cold-room']),
};

/** Whether a kind is a dead bolt alone, bored or in a case: it has no latch in any function. */
export function isDeadBolt(kind: LockKind): boolean {
  return kind === 'deadbolt' || kind === 'mortise-dead';
}

/** Whether a kind is locked by a lever key, which wants a key hole and no cylinder. */
export function byLeverKey(kind: LockKind): boolean {
  return kind === 'sash' || kind === 'mortise-dead' || kind === 'rim-lock';
}

/** Whether a kind is an exit device. */
export function isExit(kind: LockKind): boolean {
  return kind === 'rim-exit' || kind === 'mortise-exit' || hasRods(kind);
}

/** Whether rods lie on the push face down to the floor. */
export function rodsRunDown({
  kind,
  strike,
}: {
  kind: LockKind | undefined;
  strike: { on: string } | undefined;
}): boolean {
  return kind === 'rods-surface' && strike?.on === 'ends';
}

/** Whether a kind holds by rods at head and floor. */
export function hasRods(kind: LockKind): boolean {
  return kind === 'rods-surface' || kind === 'rods-concealed';
}
