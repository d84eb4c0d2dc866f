import type { DecidedOpening } from '../deciding/index.js';
import { forceCounts } from '../closing/index.js';
import { valueOrUndefined, message, type Message } from '../model/index.js';
import type { Measured } from './measured.js';

/** A force that is measured at the handle, with its bound where one is told. */
export interface ForceTest {
  id: 'release' | 'motion' | 'wide';
  say: Message;
  measured: Measured;
}

/**
 * The three forces of a leaf: releasing its latch, setting it in motion, opening it wide. Bounds are the lowest of the
 * way out's and, for leaves that people with little strength use, of access.
 */
export function forceTests({ facts, practice, results }: DecidedOpening): ForceTest[] {
  const { escapeForces, accessForce, accessForceRated } = practice.values;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const access =
    forceCounts(facts, practice) && (!rated || accessForceRated.value) ? accessForce : undefined;
  const out = results.opening.escape !== undefined ? escapeForces : undefined;
  const bound = (id: 'release' | 'motion' | 'wide'): Measured => {
    const escape = out?.value[id] || undefined;
    const light = id === 'release' ? undefined : access?.value;
    const most = Math.min(escape ?? Infinity, light ?? Infinity);
    return Number.isFinite(most)
      ? { unit: 'newtons', most, source: (most === light ? access : out)!.source }
      : { unit: 'newtons', source: '' };
  };
  const latched = results.securing.spec !== undefined && results.securing.spec.latch !== 'none';
  return [
    ...(latched
      ? [
          {
            id: 'release' as const,
            say: message('prove.force.release'),
            measured: bound('release'),
          },
        ]
      : []),
    { id: 'motion' as const, say: message('prove.force.motion'), measured: bound('motion') },
    { id: 'wide' as const, say: message('prove.force.wide'), measured: bound('wide') },
  ];
}
