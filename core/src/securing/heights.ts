import { valueOrUndefined, type OpeningFacts } from '../model/index.js';
import type { LockKind } from './facts.js';
import type { HeightRow, Practice } from '../practice/index.js';
import type { Sizes } from '../sizing/index.js';
import { LOCK_FORMS } from './lockForms.js';

/** A height from every datum a person measures from. Ticks; absent while the leaf is open. */
export interface Datums {
  floor: number;
  leafBottom: number | undefined;
  leafTop: number | undefined;
  frameHead: number | undefined;
}

/** A height above the finished floor from the other datums. */
export function datumsOf(
  height: number,
  sizes: Sizes,
  leaf: { bottom?: number | undefined; height?: number | undefined } | undefined,
): Datums {
  const bottom = leaf?.bottom;
  const head = sizes.frameHeight === undefined ? undefined : sizes.frameHeight - sizes.floorFinish;
  return {
    floor: height,
    leafBottom: bottom === undefined ? undefined : height - bottom,
    leafTop:
      bottom === undefined || leaf?.height === undefined
        ? undefined
        : bottom + leaf.height - height,
    frameHead: head === undefined ? undefined : head - height,
  };
}

/** The practice's usual height of a kind of lock. */
export function usualHeight(kind: LockKind, practice: Practice): number {
  const item = LOCK_FORMS[kind].height;
  // One value of a practice sets the lock's own height; the table holds the others.
  return item === 'lock'
    ? practice.values.lockHeight.value
    : practice.values.heights.value[item].usual;
}

/** The range the practice keeps a kind of lock in. */
export function heightRow(kind: LockKind, practice: Practice): HeightRow {
  return practice.values.heights.value[LOCK_FORMS[kind].height];
}

/**
 * Height of a lock above the finished floor: as recorded, from the floor or from the leaf's top; at the strike of a frame that stays; out of a child's
 * reach on a gate to a pool; else the practice's usual one. In the lower leaf of a stable door, and in a low gate,
 * low enough for its case.
 *
 * @param pool whether it is a gate to a pool
 * @param raised how much higher the head of a leaf is than that of the old one it is copied from, ticks
 */
export function lockHeightOf(
  facts: OpeningFacts,
  practice: Practice,
  kind: LockKind,
  leaf?: { bottom: number; height: number },
  pool = false,
  raised = 0,
): { height: number; from: 'recorded' | 'top' | 'strike' | 'practice' | 'pool' | 'leaf' } {
  const recorded = valueOrUndefined(facts.lockHeight);
  if (recorded !== undefined) return { height: recorded, from: 'recorded' };
  const fromTop = valueOrUndefined(facts.lockFromTop);
  if (fromTop !== undefined && leaf) {
    const copied = facts.provenance?.['lockFromTop'] === 'measured';
    const down = fromTop + (copied ? Math.round(raised) : 0);
    return { height: leaf.bottom + leaf.height - down, from: 'top' };
  }
  const strike = valueOrUndefined(facts.strikeAt);
  if (strike !== undefined && facts.work === 'replacement')
    return { height: strike, from: 'strike' };
  const { bodies, caseMargin, poolLatch } = practice.values;
  const usual = pool ? poolLatch.value : usualHeight(kind, practice);
  const { body } = LOCK_FORMS[kind];
  if (leaf && (pool || (facts.kind === 'stable' && body))) {
    // The top edge of a low leaf is near: the case, or the rose of a bored lock, and a margin stay below it.
    const top = leaf.bottom + leaf.height;
    const most = top - bodies.value[body ?? 'rose'].up / 2 - 2 * caseMargin.value;
    if (usual > most && (pool || usual <= top)) return { height: Math.round(most), from: 'leaf' };
  }
  // Within what everybody reaches, and what opens a way out, where that is asked.
  const asked = pool ? usual : within(usual, facts, practice);
  return { height: asked, from: pool ? 'pool' : 'practice' };
}

/** The height nearest to the usual one that the opening’s use allows. */
function within(usual: number, facts: OpeningFacts, { values }: Practice): number {
  const { accessibleHeight: lower } = values;
  let height = lower.value > 0 && valueOrUndefined(facts.accessible) === true ? lower.value : usual;
  const keep = ({ from, to }: { from: number; to: number }) => {
    height = Math.min(Math.max(height, from), to);
  };
  if (valueOrUndefined(facts.accessible) === true) keep(values.reach.value);
  if (valueOrUndefined(facts.egress) === true) keep(values.escape.value);
  return height;
}
