import { type LockSpec, type LockState } from '@riegel/core';
import { termText } from '../base/words.js';

/** What a function is called: a project’s own by its name. */
export function lockName(spec: LockSpec): string {
  return spec.name ?? termText(`lock.${spec.id}`);
}

/** A state in words, only what the lock can change. */
export function stateWords(spec: LockSpec, state: LockState): string[] {
  const words = [state.closed ? 'closed' : 'open'];
  if (spec.bolt) words.push(state.bolt ? 'bolt out' : 'bolt back');
  if (spec.outsideHandle === 'moves') {
    const blocked =
      spec.power !== 'none' && !state.powered ? spec.power === 'fail-secure' : state.outside;
    words.push(blocked ? 'outside blocked' : 'outside free');
  }
  if (state.inside) words.push('inside blocked');
  if (state.heldBack) words.push('latch held back');
  if (state.stays) words.push('button turned, stays');
  if (spec.power !== 'none' && !state.powered) words.push('no power');
  return words;
}
