import { message, type OpeningFacts, type Message } from '../model/index.js';
import { valueOrUndefined } from '../model/index.js';
import type { Survey } from '../survey/index.js';

/** A way to make a frame hold its hinges again. */
export interface Repair {
  way: 'long-screws' | 'plug-and-redrill' | 'other-pattern' | 'tap-frame' | 'continuous' | 'refix';
  reasons: Message[];
}

/**
 * Ways to make a frame hold, the best first: in timber long screws into the stud, then plugs, another
 * screw pattern, a continuous hinge; in steel a new thread, another pattern, a continuous hinge. A
 * loose frame is refixed before anything else. Nothing where frame and hinge holes are sound.
 */
export function repairsOf(facts: OpeningFacts, survey: Survey): Repair[] {
  const frame = survey.text('frameState');
  const stripped = frame === 'stripped screws' || survey.text('leafState') === 'stripped screws';
  const repairs: Repair[] = [];
  if (frame === 'loose')
    repairs.push({ way: 'refix', reasons: [message('replacing.repair.refix')] });
  if (!stripped) return repairs;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const listing = rated ? [message('replacing.listing')] : [];
  const steel =
    valueOrUndefined(facts.frameMaterial) === 'steel' ||
    valueOrUndefined(facts.frameMaterial) === 'aluminium';
  const ways: Repair[] = steel
    ? [
        { way: 'tap-frame', reasons: [message('replacing.repair.tap'), ...listing] },
        { way: 'other-pattern', reasons: [message('replacing.repair.otherPattern'), ...listing] },
      ]
    : [
        { way: 'long-screws', reasons: [message('replacing.repair.long')] },
        { way: 'plug-and-redrill', reasons: [message('replacing.repair.plug'), ...listing] },
        { way: 'other-pattern', reasons: [message('replacing.repair.otherPattern'), ...listing] },
      ];
  return [
    ...repairs,
    ...ways,
    { way: 'continuous', reasons: [message('replacing.repair.continuous'), ...listing] },
  ];
}
