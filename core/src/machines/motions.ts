import type { LockSpec } from '../catalogue/index.js';
import { lockStep, stateKey, type LockAction, type LockState } from './lock.js';

/** What somebody inside does with bare hands to come out. */
export const INSIDE_FREE: readonly LockAction[] = [
  'inside-handle',
  'inside-push',
  'inside-turn-free',
  'inside-turn-lock',
];
/** What somebody outside does with bare hands to come in. */
export const OUTSIDE_FREE: readonly LockAction[] = ['outside-handle', 'outside-push'];

/** Whether some order of the allowed actions opens the leaf; the fewest it takes, undefined if none does. */
export function motionsToOpen(
  spec: LockSpec,
  state: LockState,
  allowed: readonly LockAction[],
): number | undefined {
  let front = [state];
  const seen = new Set<string>();
  for (let motions = 1; motions <= 4; motions++) {
    const next: LockState[] = [];
    for (const one of front) {
      for (const action of allowed) {
        const step = lockStep(spec, one, action);
        if (step.opens) return motions;
        const key = stateKey(step.state);
        if (!seen.has(key)) {
          seen.add(key);
          next.push(step.state);
        }
      }
    }
    front = next;
  }
  return undefined;
}
