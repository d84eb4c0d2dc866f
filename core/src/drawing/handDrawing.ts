import { mm } from '../measure/index.js';
import type { Hand } from '../handing/index.js';
import { rect, type DrawingModel, type Element, type Point } from './model.js';

const WIDTH = mm(900);
const HEIGHT = mm(2040);
const WALL = mm(140);
const FRAME = mm(45);
const LEAF = mm(44);

/** How far the leaf stands open in plan, degrees. */
const OPEN = 38;

const rad = (degrees: number) => (degrees * Math.PI) / 180;

/**
 * A made-up door for naming its hand: the person always stands at the foot of the sheet, on one side or the other.
 * In plan the leaf stands ajar; standing before it one sees knuckles where they show, and whether it comes or goes.
 */
export function handDrawing(
  hand: Hand,
  seen: { from: 'outside' | 'inside'; view: 'plan' | 'standing' },
): DrawingModel {
  const outside = seen.from === 'outside';
  // From inside, left and right change places.
  const hingesLeft = (hand.hinges === 'left') === outside;
  const towards = (hand.swing === 'out') === outside;
  return seen.view === 'plan'
    ? plan(hingesLeft, towards, outside)
    : standing(hingesLeft, towards, outside);
}

function plan(hingesLeft: boolean, towards: boolean, outside: boolean): DrawingModel {
  const flip = (x: number) => (hingesLeft ? x : WIDTH - x);
  const sign = towards ? -1 : 1;
  const elements: Element[] = [];
  for (const [a, b] of [
    [-mm(500), -FRAME],
    [WIDTH + FRAME, WIDTH + mm(500)],
  ] as const)
    elements.push(rect('wall', a, 0, b, WALL));
  for (const [a, b] of [
    [-FRAME, 0],
    [WIDTH, WIDTH + FRAME],
  ] as const)
    elements.push(rect('frame', a, 0, b, WALL));
  const face = towards ? 0 : WALL;
  const pin: Point = { x: flip(0), y: face };
  const at = (along: number, across: number): Point => {
    const turn = rad(OPEN);
    return {
      x: flip(along * Math.cos(turn) + across * Math.sin(turn)),
      y: face + sign * (along * Math.sin(turn) - across * Math.cos(turn)),
    };
  };
  elements.push({
    kind: 'line',
    layer: 'leaf',
    closed: true,
    points: [at(0, 0), at(WIDTH, 0), at(WIDTH, LEAF), at(0, LEAF)],
  });
  elements.push({ kind: 'circle', layer: 'hardware', centre: pin, radius: mm(22) });
  const [from, to] = hingesLeft
    ? towards
      ? [-OPEN, 0]
      : [0, OPEN]
    : towards
      ? [180, 180 + OPEN]
      : [180 - OPEN, 180];
  elements.push({ kind: 'arc', layer: 'swing', centre: pin, radius: WIDTH, from, to });
  const text = mm(95);
  const label = (words: string, y: number): Element => ({
    kind: 'text',
    layer: 'label',
    at: { x: WIDTH / 2, y },
    text: words,
    anchor: 'middle',
  });
  const far = mm(900);
  elements.push(label(outside ? 'outside' : 'inside', -far + text * 0.4));
  elements.push(label(outside ? 'inside' : 'outside', WALL + far - text));
  elements.push(person({ x: WIDTH / 2, y: -far + text * 2.4 }));
  return {
    view: 'plan',
    extents: { left: -mm(520), bottom: -far, right: WIDTH + mm(520), top: WALL + far },
    textHeight: text,
    elements,
  };
}

/** Where one stands: a head from above. */
const person = (centre: Point): Element => ({
  kind: 'circle',
  layer: 'escape',
  centre,
  radius: mm(70),
});

function standing(hingesLeft: boolean, towards: boolean, outside: boolean): DrawingModel {
  const flip = (x: number) => (hingesLeft ? x : WIDTH - x);
  const elements: Element[] = [
    rect('frame', -FRAME, 0, WIDTH + FRAME, HEIGHT + FRAME),
    rect('leaf', 0, 0, WIDTH, HEIGHT),
  ];
  const box = (a: number, bottom: number, b: number, top: number) =>
    rect('hardware', Math.min(flip(a), flip(b)), bottom, Math.max(flip(a), flip(b)), top);
  // Knuckles stand on the side to which it opens.
  if (towards)
    for (const y of [mm(200), mm(1000), mm(1800)])
      elements.push(box(-mm(12), y - mm(50), mm(12), y + mm(50)));
  elements.push(box(WIDTH - mm(75), mm(985), WIDTH - mm(45), mm(1065)));
  elements.push(box(WIDTH - mm(190), mm(1018), WIDTH - mm(50), mm(1034)));
  // Lines that meet at the hinges: whole where it comes, dashed where it goes.
  const layer = towards ? 'swing' : 'hidden';
  elements.push({
    kind: 'line',
    layer,
    points: [
      { x: flip(WIDTH), y: HEIGHT },
      { x: flip(0), y: HEIGHT / 2 },
      { x: flip(WIDTH), y: 0 },
    ],
  });
  const text = mm(120);
  const label = (words: string, y: number): Element => ({
    kind: 'text',
    layer: 'label',
    at: { x: WIDTH / 2, y },
    text: words,
    anchor: 'middle',
  });
  elements.push(
    label(towards ? 'opens towards you' : 'opens away from you', -text * 1.5),
    label(outside ? 'you stand outside' : 'you stand inside', -text * 3),
    {
      kind: 'line',
      layer: 'floor',
      points: [
        { x: -mm(400), y: 0 },
        { x: WIDTH + mm(400), y: 0 },
      ],
    },
  );
  return {
    view: 'elevation-outside',
    extents: { left: -mm(420), bottom: -text * 3.4, right: WIDTH + mm(420), top: HEIGHT + mm(120) },
    textHeight: text,
    elements,
  };
}
