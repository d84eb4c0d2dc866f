import { message, type Message } from '../model/index.js';
import { wholeDown, type Ticks } from '../measure/index.js';
import { belly, diagnoseGaps, latchMoves } from './diagnoseGaps.js';
import type { GapBench } from './gapBench.js';
import { edgeOf, movesOfHinges, type GapPlace, type ReadGaps, type HingeMoves } from './places.js';
import type { Taken } from './planing.js';
import {
  judgeGaps,
  NO_PLANING,
  PLANED_EDGES,
  solveGaps,
  type MoveReach,
  type PlanedEdge,
  type Solved,
} from './solveGaps.js';

/** What is done at one hinge, the top one first. */
export interface HingeWork {
  /** 1 for the top one. */
  hinge: number;
  how: 'pack' | 'deepen' | 'turn' | 'leave';
  /** Towards the lock, and up. Ticks. */
  side: Ticks;
  up: Ticks;
  /** Shims of the thinnest kind, or turns of the screw. */
  count: number;
  turnsUp: number;
  said: Message;
}

/** What is planed off an edge. */
export interface PlaneWork {
  edge: PlanedEdge;
  taken: Taken;
  said: Message;
}

/** A gap that neither hinges nor plane bring within what is allowed. */
export interface EdgeWork {
  place: GapPlace;
  how: 'wide' | 'cannot';
  /** Beyond what is allowed: negative where it is too narrow. */
  by: Ticks;
}

/** What is done about such a gap. */
export const EDGE_WORK: Readonly<Record<EdgeWork['how'], Message>> = {
  wide: message('site.edge.wide'),
  cannot: message('site.edge.cannot'),
};

/** Gaps judged, what they tell, and what to do. */
export interface GapAdjustment {
  diagnosis: Message[];
  /** All within what is allowed as they stand. */
  within: boolean;
  /** What is tried before anything is packed: screws that draw. */
  first: Message | undefined;
  moves: HingeMoves;
  hinges: HingeWork[];
  planes: PlaneWork[];
  edges: EdgeWork[];
  /** What the latch moves by, if more than its strike takes. */
  strike: Message | undefined;
  /** The gaps that are to be found when all of it is done. */
  predicted: ReadGaps;
  notes: Message[];
}

const still: HingeMoves = { top: 0, bottom: 0, up: 0 };

/** Works out what to do about the gaps of a leaf. */
export function adjustmentOf(gaps: ReadGaps, bench: GapBench): GapAdjustment {
  const { geometry, wanted, means, least, plane, costs } = bench;
  const now = judgeGaps(gaps, wanted);
  const within = now.list.length === 0;
  const diagnosis = diagnoseGaps(gaps, geometry, wanted, least);
  const says = (code: string) => diagnosis.some((one) => one.code === code);
  // A hinge between that stands off the line of the others is brought onto it: the gap there comes right with it.
  const off = says('site.gap.middleHinge') ? middleOff(gaps, bench) : 0;
  const lined = off === 0 ? gaps : { ...gaps, 'hinge-middle': gaps['hinge-middle']! - off };
  const reach = means?.reach ?? NOT_MOVED;
  const solved: Solved = within
    ? { moves: still, planed: NO_PLANING, gaps, outside: [] }
    : solveGaps(lined, geometry, wanted, reach, plane, costs);
  const sprung = says('site.gap.sprung') && means?.by === 'pack';
  const latch = latchMoves(geometry, solved.moves);
  const far =
    latch && Math.max(Math.abs(latch.across), Math.abs(latch.up)) > bench.strikeTakes
      ? latch
      : undefined;
  return {
    diagnosis,
    within,
    first:
      within || !means || !(sprung || off !== 0)
        ? undefined
        : message('site.screwsFirst', { hinge: sprung ? 1 : middleHinge(bench) }),
    moves: solved.moves,
    hinges: means ? hingeWork(bench, solved.moves, { off, sprung }) : [],
    planes: PLANED_EDGES.flatMap((edge) => planeWork(edge, solved.planed[edge])),
    edges: solved.outside
      .filter(({ by }) => Math.abs(by) > bench.reads)
      .map(({ place, by }) => ({ place, by, how: by > 0 ? 'wide' : 'cannot' })),
    strike:
      far &&
      message('site.strikeMoves', {
        across: { ticks: Math.round(Math.abs(far.across)) },
        up: { ticks: Math.round(Math.abs(far.up)) },
        way: { term: far.up < 0 ? 'way.down' : 'way.up' },
      }),
    predicted: solved.gaps,
    notes: notesOf(bench, within),
  };
}

function notesOf({ means, bendMost }: GapBench, within: boolean): Message[] {
  if (within) return [];
  if (!means) return [message('site.noHingeMoves')];
  const notes: Message[] = [];
  if (means.by === 'screws') notes.push(message('site.turnTogether'));
  if (means.by === 'pack' && means.rated) notes.push(message('site.ratedPacking'));
  if (means.bend) notes.push(message('site.mayBend', { most: { ticks: bendMost } }));
  return notes;
}

/** Hinges that nothing moves: only edges are planed. */
const NOT_MOVED: MoveReach = { side: [0, 0], height: [0, 0], step: 1 };

/** Which hinge from the top stands nearest to where the middle is read; none of two is between. */
function middleHinge({ geometry: { hinges, height } }: GapBench): number {
  const between = hinges.slice(1, -1);
  const near = between.reduce(
    (best, one, at) =>
      Math.abs(one - height / 2) < Math.abs(between[best]! - height / 2) ? at : best,
    0,
  );
  return near + 2;
}

/** How far the middle of the hinge edge is off the line of its ends, where a hinge between can be brought there. */
function middleOff(gaps: ReadGaps, { geometry, means }: GapBench): Ticks {
  if (!means || means.by !== 'pack' || geometry.hinges.length < 3) return 0;
  const off = belly(gaps, 'hinge') ?? 0;
  return -off >= means.reach.side[0] && -off <= means.reach.side[1] ? off : 0;
}

/** What one edge is planed by, as it is said; none where nothing comes off. */
function planeWork(edge: PlanedEdge, taken: Taken): PlaneWork[] {
  const [first, second] = taken;
  if (first === 0 && second === 0) return [];
  const ends = edge === 'lock' ? (['top', 'foot'] as const) : (['hinge', 'lock'] as const);
  const [more, less] = first >= second ? [0, 1] : [1, 0];
  const shown = (ticks: Ticks) => ({ ticks, fine: true });
  const params = {
    edge: { term: `gapEdge.${edge}` },
    first: shown(taken[more]!),
    from: { term: `planeEnd.${ends[more]!}` },
    to: { term: `planeEnd.${ends[less]!}` },
  };
  const said =
    first === second
      ? message('site.plane.even', { edge: params.edge, by: shown(first) })
      : taken[less] === 0
        ? message('site.plane.out', params)
        : message('site.plane.taper', { ...params, second: shown(taken[less]!) });
  return [{ edge, taken, said }];
}

/**
 * What is done at each hinge. One that sprang is brought back by itself: those between were right as they stood,
 * and come with it.
 */
function hingeWork(
  bench: GapBench,
  moves: HingeMoves,
  { off, sprung }: { off: Ticks; sprung: boolean },
): HingeWork[] {
  const { geometry, means } = bench;
  const { step } = means!.reach;
  const middle = middleHinge(bench);
  const alone = sprung && (moves.top === 0) !== (moves.bottom === 0);
  const last = geometry.hinges.length - 1;
  return movesOfHinges(geometry, moves).map((line, at): HingeWork => {
    const between = at > 0 && at < last;
    const exact = between && alone ? 0 : line - (at + 1 === middle && between ? off : 0);
    const steps = Math.round(exact / step);
    const side = steps * step;
    const up = moves.up;
    const hinge = at + 1;
    const nothing = { hinge, side, up, count: 0, turnsUp: 0 };
    const params = { hinge, by: { ticks: Math.round(Math.abs(side)), fine: true } };
    const thick = { ticks: step, fine: true };
    if (means!.by === 'pack') {
      if (steps === 0)
        return { ...nothing, how: 'leave', said: message('site.hinge.leave', { hinge }) };
      const count = Math.abs(steps);
      return steps > 0
        ? {
            ...nothing,
            count,
            how: 'pack',
            said:
              count === 1
                ? message('site.hinge.packOne', { hinge, thick })
                : message('site.hinge.pack', { ...params, count, thick }),
          }
        : { ...nothing, count, how: 'deepen', said: message('site.hinge.deepen', params) };
    }
    const turns = side / means!.aTurn;
    const turnsUp = up / means!.aTurn;
    if (turns === 0 && turnsUp === 0)
      return { ...nothing, how: 'leave', said: message('site.hinge.leave', { hinge }) };
    return {
      ...nothing,
      how: 'turn',
      count: turns,
      turnsUp,
      said:
        turnsUp === 0
          ? message('site.hinge.turn', {
              hinge,
              turns: quarters(turns),
              unit: unit(turns),
              way: towards(turns),
            })
          : turns === 0
            ? message('site.hinge.raise', {
                hinge,
                up: quarters(turnsUp),
                upUnit: unit(turnsUp),
                height: upward(turnsUp),
              })
            : message('site.hinge.turnBoth', {
                hinge,
                turns: quarters(turns),
                unit: unit(turns),
                way: towards(turns),
                up: quarters(turnsUp),
                upUnit: unit(turnsUp),
                height: upward(turnsUp),
              }),
    };
  });
}

const unit = (turns: number) => ({ term: Math.abs(turns) > 1 ? 'turn.more' : 'turn.one' });
const towards = (turns: number) => ({ term: turns > 0 ? 'way.toLock' : 'way.toHinge' });
const upward = (turns: number) => ({ term: turns > 0 ? 'way.up' : 'way.down' });

const QUARTERS = ['', '¼', '½', '¾'];

/** Turns in quarters, as one counts them at the screw: 1 ¼. */
export function quarters(turns: number): string {
  const all = Math.round(Math.abs(turns) * 4);
  const [whole, part] = [wholeDown(all / 4), QUARTERS[all % 4]!];
  return whole === 0 ? part || '0' : part ? `${whole} ${part}` : String(whole);
}

/** What is odd about a gap as it was typed, or nothing. */
export function oddGap(place: GapPlace, gap: Ticks, { readMost }: GapBench): Message | undefined {
  if (gap < 0) return message('site.read.negative');
  return gap > readMost
    ? message('site.read.far', { gap: { ticks: gap }, at: { term: `gapPlace.${place}` } })
    : undefined;
}

/** Gaps as they came out against what was foretold: where they differ by more than a feeler reads. */
export interface PredictionError {
  place: GapPlace;
  predicted: Ticks;
  read: Ticks;
}

/** Where the next readings are not as foretold; `least` is what a feeler reads. */
export function predictionErrors(
  predicted: ReadGaps,
  read: ReadGaps,
  least: Ticks,
): PredictionError[] {
  return (Object.keys(predicted) as GapPlace[]).flatMap((place) => {
    const [was, is] = [predicted[place], read[place]];
    return was === undefined || is === undefined || Math.abs(was - is) <= least
      ? []
      : [{ place, predicted: was, read: is }];
  });
}

/**
 * Why a prediction may have failed: all off by one amount up or down (the leaf slipped on its hinges), growing away
 * from the hinges (a screw drew, or a middle hinge was left), along one edge alone (that edge was worked or its frame
 * gave).
 */
export function explainErrors(list: readonly PredictionError[]): Message[] {
  if (list.length === 0) return [];
  const edges = new Set(list.map(({ place }) => edgeOf(place)));
  const level = list.filter(({ place }) => edgeOf(place) === 'head' || edgeOf(place) === 'floor');
  const sides = list.filter(({ place }) => edgeOf(place) === 'hinge' || edgeOf(place) === 'lock');
  const told: Message[] = [message('site.foretold.missed', { count: list.length })];
  if (level.length > 0 && sides.length === 0) told.push(message('site.foretold.height'));
  else if (edges.size === 1) told.push(message('site.foretold.oneEdge'));
  else if (sides.some(({ place }) => place.endsWith('middle')) && sides.length <= 2)
    told.push(message('site.foretold.middle'));
  else told.push(message('site.foretold.screws'));
  return told;
}
