import type { Ticks } from '../measure/index.js';
import {
  itemOf,
  valueOrUndefined,
  message,
  type MeasuredLeaf,
  type Message,
} from '../model/index.js';
import { type Practice, LISTED } from '../practice/index.js';
import { measured } from '../sizing/index.js';
import type { HangingCase } from './hangingCase.js';
import { hingeNumbers } from './count.js';
import { hungWith, type HungLeaf } from './hung.js';
import { decideForces, decidePositions } from './placing.js';

/** Hinges that are not let in: straps on the face of a gate, lifts on that of a cold room, pins drilled into a rebated leaf. */
export type SurfaceDevice = 'tee-hinge' | 'rising' | 'drill-in';

const ITEMS: Record<SurfaceDevice, string> = {
  'tee-hinge': 'item.teeHinge',
  rising: 'item.rising',
  'drill-in': 'item.drillIn',
};

/** Drill-in hinges of a room door, and the most of a heavy or rated one. */
const DRILL_IN_LEAST = 2;
const DRILL_IN_MOST = 3;

/** What the most of them carry, by what two do. */
export const drillInCarries = (two: number): number => (two * DRILL_IN_MOST) / DRILL_IN_LEAST;

/** Strap of a T-hinge: as made, nearest to half across the leaf, of two equally near the longer. */
export function strapFor(practice: Practice, width: Ticks): Ticks {
  const off = (length: Ticks) => Math.abs(2 * length - width);
  return practice.values.straps.value.reduce((best, one) => (off(one) <= off(best) ? one : best));
}

/** Hangs a leaf on T-hinges or drill-in hinges: their number, where they stand, what they carry. */
export function hangOnFace(at: HangingCase & { device: SurfaceDevice }): HungLeaf {
  const { record, practice, sizes, hung, device, metal } = at;
  const leaf = measured(hung.leaf);
  if (!leaf) {
    record.ask('count', 'ask.sizeFirst', ['frameWidth', 'frameHeight'], { leaf: hung.leaf.id });
    return hung;
  }
  const { mass } = hung;
  const strap = device === 'tee-hinge' ? decideStrap(at, leaf) : undefined;
  const { count, reason, facts } =
    device === 'drill-in' ? ofRoomDoor(at, mass) : ofGate(practice, leaf);
  const taken = record.propose('count', count, {
    leaf: leaf.id,
    reasons: () => [reason],
    alternatives: () => hingeNumbers(count, 4),
    facts,
  });
  const { surfaceKnuckle, surfaceBarrel } = practice.values;
  const placing = {
    record,
    practice,
    sizes,
    leaf: hung.leaf,
    hingeHeight: surfaceKnuckle.value,
    count: taken,
    half: false,
  };
  const placed = decidePositions(placing);
  const forces = decideForces(placing, placed.positions, mass, leaf);
  const most = drillInCarries(practice.values.drillInMass.value);
  const heavy = device === 'drill-in' && mass !== undefined && mass > most;
  record.items.push(
    itemOf('hanging', ITEMS[device], taken * leaf.quantity, {
      traits: [`metal.${metal}`, ...(heavy ? ['weight.heavy'] : [])],
      length: strap,
    }),
  );
  return hungWith(hung, {
    hingeHeight: surfaceKnuckle.value,
    count: taken,
    p: surfaceBarrel.value,
    positions: placed.positions,
    pattern: placed.pattern,
    patternId: placed.patternId,
    loads: forces.loads,
    grade: forces.grade,
  });
}

function decideStrap({ record, practice }: HangingCase, leaf: MeasuredLeaf): Ticks {
  const length = strapFor(practice, leaf.width);
  record.decide('hingeLength', length, {
    leaf: leaf.id,
    reasons: () => [
      message('hanging.strap', {
        width: { ticks: leaf.width },
        source: practice.values.straps.source,
      }),
    ],
    facts: ['frameWidth', 'leafWidth'],
  });
  return length;
}

interface Counted {
  count: number;
  reason: Message;
  facts: string[];
}

function ofGate({ values }: Practice, { height }: MeasuredLeaf): Counted {
  const limit = values.strapPair.value;
  const count = height > limit ? 3 : 2;
  return {
    count,
    reason: message(count > 2 ? 'hanging.count.tall' : 'hanging.count.low', {
      count,
      limit: { ticks: limit },
    }),
    facts: ['frameHeight', 'leafHeight'],
  };
}

/** Two on room doors, three when heavy or rated (DIN 18101, DIN 18268). */
function ofRoomDoor({ record, practice }: HangingCase, mass: number | undefined): Counted {
  const limit = practice.values.drillInMass.value;
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  const heavy = mass !== undefined && mass > limit;
  if (rated)
    record.report('note', 'hanging.drillInListed', {}, LISTED, ['hanging.device', 'rating']);
  const count = rated || heavy ? DRILL_IN_MOST : DRILL_IN_LEAST;
  const reason = heavy
    ? message('hanging.count.heavy', { count, mass: { grams: mass }, limit: { grams: limit } })
    : rated
      ? message('hanging.count.rated', { count })
      : message('hanging.count.room', { count, limit: { grams: limit } });
  return { count, reason, facts: ['leafMass', 'leafConstruction', 'rating'] };
}
