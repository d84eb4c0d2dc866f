import { whoPasses, type DecidedOpening } from '../deciding/index.js';
import type { Passage, PassageRow } from '../machines/index.js';
import { mm } from '../measure/index.js';
import { termText } from '../phrasing/index.js';
import { outline, rect, type DrawingModel, type Element, type Point } from './model.js';

/** Sizes of the picture; it is a table that is drawn, so that screen and paper show the same. */
const TEXT = mm(30);
const ROW = mm(132);
const LABELS = mm(330);
const ROOM = mm(500);
const LEAF = mm(26);

/** From the left edge: where the left room begins, the leaf, and where the right room ends. */
const LEFT = LABELS;
const MIDDLE = LEFT + ROOM;
const RIGHT = MIDDLE + LEAF + ROOM;

/** Who passes in words: with how many motions, after how long, by what. */
function passageText({ who, motions, after, by }: Passage): string {
  if (who === 'nobody') return termText('who.nobody');
  const how = [
    who === 'anybody' ? undefined : termText(`who.${who}`),
    motions > 1 ? `${motions} motions` : undefined,
    after > 0 ? `after ${after} s` : undefined,
    by && by !== 'wait' ? termText(`releaseBy.${by}`) : undefined,
  ].filter((word) => word !== undefined);
  return how.length > 0 ? how.join(', ') : termText('who.anybody');
}

/** An arrow of somebody who comes from one side: through the leaf, or up to it. */
function arrow(passage: Passage, from: 'left' | 'right', y: number, part: string): Element[] {
  const way = from === 'left' ? 1 : -1;
  const start = from === 'left' ? LEFT + mm(20) : RIGHT - mm(20);
  const face = from === 'left' ? MIDDLE : MIDDLE + LEAF;
  const passes = passage.who === 'anybody';
  const end = passes ? face + way * (LEAF + mm(120)) : face - way * mm(8);
  const layer = passes ? 'escape' : passage.who === 'nobody' ? 'clash' : 'open';
  const head = mm(16);
  const points = (list: Point[]): Element => ({ kind: 'line', layer, part, points: list });
  const shaft = points([
    { x: start, y },
    { x: end, y },
  ]);
  if (passage.who === 'nobody')
    // Stopped at the leaf.
    return [
      shaft,
      points([
        { x: end, y: y - head },
        { x: end, y: y + head },
      ]),
    ];
  return [
    shaft,
    points([
      { x: end - way * head, y: y + head * 0.6 },
      { x: end, y },
      { x: end - way * head, y: y - head * 0.6 },
    ]),
  ];
}

function label(
  text: string,
  x: number,
  y: number,
  anchor: 'start' | 'middle' | 'end',
  layer: 'label' | 'clash' = 'label',
): Element {
  return { kind: 'text', layer, at: { x, y }, text, anchor };
}

/**
 * Draws who gets through an opening from both of its rooms: a line for each condition, an arrow through the leaf for
 * whoever passes with bare hands, one that ends at it for whoever needs a key or does not pass.
 *
 * @param decided the opening
 * @returns the picture; undefined while its lock is not decided
 */
export function passagesDrawing(decided: DecidedOpening): DrawingModel | undefined {
  const rows = whoPasses(decided);
  if (!rows) return undefined;
  const { facts, passages } = decided;
  // The room named first stands on the left, as on the plan.
  const leftIsInside = passages.inside === 'from';
  const top = rows.length * ROW;
  const elements: Element[] = [
    rect('leaf', MIDDLE, -mm(10), MIDDLE + LEAF, top + mm(10), 'securing.function'),
  ];
  const named = (side: 'from' | 'to') =>
    facts[side] ?? termText(side === passages.inside ? 'law.side.inside' : 'law.side.outside');
  elements.push(
    label(named('from'), LEFT + ROOM / 2, top + mm(34), 'middle'),
    label(named('to'), MIDDLE + LEAF + ROOM / 2, top + mm(34), 'middle'),
  );
  rows.forEach((row, at) => elements.push(...rowElements(row, leftIsInside, top - (at + 1) * ROW)));
  return {
    view: 'passages',
    elements,
    extents: { left: -mm(12), right: RIGHT + mm(12), bottom: -mm(24), top: top + mm(84) },
    textHeight: TEXT,
  };
}

function rowElements(row: PassageRow, leftIsInside: boolean, bottom: number): Element[] {
  const fromLeft = leftIsInside ? row.inside : row.outside;
  const fromRight = leftIsInside ? row.outside : row.inside;
  const part = `passage:${row.condition}`;
  const high = bottom + ROW * 0.66;
  const low = bottom + ROW * 0.2;
  const told = (passage: Passage, from: 'left' | 'right', y: number): Element => {
    const x = from === 'left' ? MIDDLE - mm(46) : MIDDLE + LEAF + mm(46);
    return label(
      passageText(passage),
      x,
      y + mm(9),
      from === 'left' ? 'end' : 'start',
      passage.who === 'nobody' ? 'clash' : 'label',
    );
  };
  return [
    outline(
      'dimension',
      [
        [0, bottom + ROW],
        [RIGHT, bottom + ROW],
      ],
      undefined,
      false,
    ),
    label(termText(`passageWhen.${row.condition}`), mm(4), bottom + ROW / 2 - mm(10), 'start'),
    ...arrow(fromLeft, 'left', high, part),
    told(fromLeft, 'left', high),
    ...arrow(fromRight, 'right', low, part),
    told(fromRight, 'right', low),
  ];
}
