import { message, type Message } from '../model/index.js';
import { mm, wholeDown, type Ticks } from '../measure/index.js';
import { diagnoseGaps, latchMoves } from './diagnoseGaps.js';
import type { GapBench } from './gapBench.js';
import { edgeOf, movesOfHinges, type GapPlace, type ReadGaps, type HingeMoves } from './places.js';
import { judgeGaps, solveGaps, type Solved } from './solveGaps.js';

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

/** What is done where hinges cannot help. */
export interface EdgeWork {
  place: GapPlace;
  how: 'plane' | 'wide' | 'cannot';
  /** Taken off, or beyond what is allowed: negative where it is too narrow. */
  by: Ticks;
}

/** What each way of helping an edge is called. */
export const EDGE_WORK: Readonly<Record<EdgeWork['how'], Message>> = {
  plane: message('site.edge.plane'),
  wide: message('site.edge.wide'),
  cannot: message('site.edge.cannot'),
};

/** Less than this no feeler tells. */
const FEELER = mm(0.1);

/** Gaps judged, what they tell, and what to do. */
export interface GapAdjustment {
  diagnosis: Message[];
  /** All within what is allowed as they stand. */
  within: boolean;
  moves: HingeMoves;
  hinges: HingeWork[];
  edges: EdgeWork[];
  /** What the latch moves by, if more than its strike takes. */
  strike: Message | undefined;
  /** The gaps that are to be found after the hinges are moved. */
  predicted: ReadGaps;
  notes: Message[];
}

const still: HingeMoves = { top: 0, bottom: 0, up: 0 };

/** Works out what to do about the gaps of a leaf. */
export function adjustmentOf(gaps: ReadGaps, bench: GapBench): GapAdjustment {
  const { geometry, wanted, means, least } = bench;
  const now = judgeGaps(gaps, wanted);
  const within = now.list.length === 0;
  const solved: Solved =
    within || !means
      ? { moves: still, gaps, outside: now.list }
      : solveGaps(gaps, geometry, wanted, means.reach);
  const latch = latchMoves(geometry, solved.moves);
  const far =
    latch && Math.max(Math.abs(latch.across), Math.abs(latch.up)) > bench.strikeTakes
      ? latch
      : undefined;
  return {
    diagnosis: diagnoseGaps(gaps, geometry, wanted, least),
    within,
    moves: solved.moves,
    hinges: means ? hingeWork(bench, solved.moves) : [],
    edges: solved.outside
      .filter(({ by }) => Math.abs(by) >= FEELER)
      .map((one) => edgeWork(one, solved.gaps, bench)),
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
  if (means.by === 'pack' && means.rated) notes.push(message('site.ratedPacking'));
  if (means.bend) notes.push(message('site.mayBend', { most: { ticks: bendMost } }));
  return notes;
}

function hingeWork({ geometry, means }: GapBench, moves: HingeMoves): HingeWork[] {
  const { step } = means!.reach;
  return movesOfHinges(geometry, moves).map((exact, at): HingeWork => {
    const steps = Math.round(exact / step);
    const side = steps * step;
    const up = moves.up;
    const hinge = at + 1;
    const nothing = { hinge, side, up, count: 0, turnsUp: 0 };
    const params = { hinge, by: { ticks: Math.round(Math.abs(side)) } };
    if (means!.by === 'pack') {
      if (steps === 0)
        return { ...nothing, how: 'leave', said: message('site.hinge.leave', { hinge }) };
      const count = Math.abs(steps);
      return steps > 0
        ? { ...nothing, count, how: 'pack', said: message('site.hinge.pack', { ...params, count }) }
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

function edgeWork(
  { place, by }: Solved['outside'][number],
  gaps: ReadGaps,
  { wanted, trim }: GapBench,
): EdgeWork {
  const edge = edgeOf(place);
  if (by > 0) return { place, how: 'wide', by };
  const off = Math.round(wanted[edge].wanted - gaps[place]!);
  return edge !== 'hinge' && off <= trim[edge]
    ? { place, how: 'plane', by: off }
    : { place, how: 'cannot', by };
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
