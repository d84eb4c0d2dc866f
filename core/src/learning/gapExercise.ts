import { decideOpening } from '../deciding/index.js';
import { gapBenchesOf } from '../fitting/index.js';
import { mm } from '../measure/index.js';
import { message } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import {
  GAP_PLACES,
  edgeOf,
  gapsAfter,
  judgeGaps,
  type GapBench,
  type HingeMoves,
  type ReadGaps,
} from '../site/index.js';
import type { Answer, Exercise } from './exercise.js';
import { seeded } from './random.js';

/** What is wrong with the leaf: which hinge, and which way it is off. */
export const GAP_SKILLS = ['top.out', 'top.in', 'bottom.out', 'bottom.in'] as const;

type End = 'top' | 'bottom';
type Way = 'pack' | 'deepen';

const WIDTHS = [726, 826, 926, 1010];

/** How far a hinge is off, in shims. */
const SHIMS_OFF = [6, 7, 8];

const idOf = (end: End, way: Way) => `${end}.${way}`;

/** A made-up leaf on three butts, its readings as a feeler gives them. */
function someLeaf(width: number): GapBench {
  const decided = decideOpening(
    {
      mark: '1',
      kind: 'single',
      frameMaterial: 'timber',
      frameWidth: mm(width + 6),
      frameHeight: mm(2040),
      leafConstruction: 'timber-stave',
      leafThickness: mm(44),
      hingeSide: 'left',
      swing: 'in',
      rating: 0,
    },
    PRACTICES.british,
  );
  return gapBenchesOf(decided)[0]!;
}

/** Which hinge is packed or let in deeper, so that a leaf that binds hangs well again. */
export function gapExercise(seed: number, skill?: string): Exercise {
  for (let tried = 0; ; tried++) {
    const found = attempt(seed, (seed + tried * 7919) >>> 0, skill);
    if (found) return found;
  }
}

function attempt(seed: number, drawn: number, skill: string | undefined): Exercise | undefined {
  const random = seeded(drawn);
  const wanted = GAP_SKILLS.find((one) => one === skill) ?? random.pick(GAP_SKILLS);
  const [end, off] = wanted.split('.') as [End, 'in' | 'out'];
  const bench = someLeaf(random.pick(WIDTHS));
  const step = bench.means!.reach.step;
  const by = random.pick(SHIMS_OFF) * step;
  const still: HingeMoves = { top: 0, bottom: 0, up: 0 };
  const wrong = { ...still, [end]: off === 'out' ? by : -by };
  const well = Object.fromEntries(
    GAP_PLACES.map((place) => [place, bench.wanted[edgeOf(place)].wanted]),
  ) as ReadGaps;
  const feeler = mm(0.1);
  const gaps = Object.fromEntries(
    Object.entries(gapsAfter(well, bench.geometry, wrong)).map(([place, gap]) => [
      place,
      Math.max(0, Math.round(gap / feeler) * feeler),
    ]),
  ) as ReadGaps;
  const move = (at: End, way: Way): HingeMoves => ({ ...still, [at]: way === 'pack' ? by : -by });
  const truth: [End, Way] = [end, off === 'out' ? 'deepen' : 'pack'];
  const offers = (['top', 'bottom'] as const).flatMap((at) =>
    (['pack', 'deepen'] as const).map((way): [End, Way] => [at, way]),
  );
  const moves = Object.fromEntries(offers.map(([at, way]) => [idOf(at, way), move(at, way)]));
  const judged = (id: string) =>
    judgeGaps(gapsAfter(gaps, bench.geometry, moves[id]!), bench.wanted);
  const right = offers.filter(([at, way]) => judged(idOf(at, way)).list.length === 0);
  if (right.length !== 1 || idOf(...right[0]!) !== idOf(...truth)) return undefined;
  if (judgeGaps(gaps, bench.wanted).list.length === 0) return undefined;
  const amount = { ticks: Math.round(by) };
  const choices: Answer[] = offers.map(([at, way]) => {
    const id = idOf(at, way);
    return {
      id,
      say: message(way === 'pack' ? 'learn.gap.pack' : 'learn.gap.deepen', {
        hinge: { term: `learn.end.${at}` },
        by: amount,
      }),
      ...(id === idOf(...truth)
        ? {}
        : {
            mistake:
              at === end
                ? message('learn.gap.otherWay')
                : way === truth[1]
                  ? message('learn.gap.otherHinge')
                  : message('learn.gap.tilts'),
          }),
    };
  });
  return {
    bench: 'gaps',
    seed,
    skill: `gaps.${wanted}`,
    question: message('learn.gap.question'),
    picture: { kind: 'gaps', bench, gaps, moves },
    choices: random.shuffled(choices),
    truth: idOf(...truth),
    why: [
      message(end === 'top' ? 'learn.gap.whyTop' : 'learn.gap.whyBottom'),
      message(off === 'out' ? 'learn.gap.whyOut' : 'learn.gap.whyIn'),
    ],
  };
}
