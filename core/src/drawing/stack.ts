import type { DecidedOpening } from '../deciding/index.js';
import type { Decision } from '../model/index.js';
import { meetsInMiddle, slides } from '../model/index.js';
import { extentsOf, rect, type DrawingModel, type Element, type Layer } from './model.js';
import { openModel } from './openModel.js';

/** Drawn sizes: not to scale, so that a gap of an eighth can be read and clicked beside a leaf. */
const DRAWN = {
  packing: 9000,
  face: 11_000,
  gap: 13_500,
  leaf: 62_000,
  leafTall: 78_000,
  floor: 9000,
};
const TEXT = 5200;

/** One member of a stack as drawn. */
interface Band {
  key: string | undefined;
  drawn: number;
  layer: Layer | undefined;
}

const band = (key: string | undefined, drawn: number, layer?: Layer): Band => ({
  key,
  drawn,
  layer,
});

/**
 * Both stacks as dimension chains about one schematic opening, not to scale: every member with its
 * figure and its basis, the frame opening, the frame's outside and the wall opening over it. Hinges are
 * drawn on the left.
 */
export function stack(decided: DecidedOpening): DrawingModel {
  const { sizing: sizes } = decided.results;
  if (sizes.frameWidth === undefined && sizes.frameHeight === undefined) return openModel('stack');
  const across = acrossBands(decided);
  const up = upBands(decided);
  const frameWide = total(across);
  const frameTall = total(up);
  const { face, packing } = DRAWN;
  const elements: Element[] = [
    rect('wall', -face - packing - 5000, 0, -face - packing, frameTall + face + packing + 5000),
    rect(
      'wall',
      frameWide + face + packing,
      0,
      frameWide + face + packing + 5000,
      frameTall + face + packing + 5000,
    ),
    rect('frame', -face, 0, 0, frameTall + face),
    rect('frame', frameWide, 0, frameWide + face, frameTall + face),
    rect('frame', 0, frameTall, frameWide, frameTall + face),
    {
      kind: 'line',
      layer: 'floor',
      points: [
        { x: -face * 3, y: 0 },
        { x: frameWide + face * 3, y: 0 },
      ],
    },
    ...leaves(across, up),
  ];
  const dims = new Dimensions(decided);
  // Across, below the floor: members, then frame opening, then frame, then wall opening.
  let x = 0;
  for (const one of across) {
    if (one.key) dims.across(one.key, x, x + one.drawn, 0, -TEXT * 1.6);
    x += one.drawn;
  }
  dims.across('frameWidth', 0, frameWide, 0, -TEXT * 3.7);
  dims.across('outsideWidth', -face, frameWide + face, 0, -TEXT * 5.8);
  dims.across('wallWidth', -face - packing, frameWide + face + packing, 0, -TEXT * 7.9);
  // Up, on the right.
  const right = frameWide + face + packing + 5000;
  let y = 0;
  for (const one of up) {
    if (one.key) dims.up(one.key, y, y + one.drawn, right, right + TEXT * 2);
    y += one.drawn;
  }
  dims.up('frameHeight', 0, frameTall, right, right + TEXT * 4.6);
  dims.up('outsideHeight', 0, frameTall + face, right, right + TEXT * 6.8);
  dims.up('wallHeight', 0, frameTall + face + packing, right, right + TEXT * 9);
  elements.push(...dims.elements, ...giving(decided, across, up));
  elements.push(
    word(meetsInMiddle(decided.facts.kind) ? 'hinges' : 'hinge side', -face / 2, frameTall),
  );
  elements.push(
    word(
      meetsInMiddle(decided.facts.kind) ? 'hinges' : 'lock side',
      frameWide + face / 2,
      frameTall,
    ),
  );
  return {
    view: 'stack',
    elements,
    extents: extentsOf(elements, TEXT * 1.5),
    textHeight: TEXT,
  };
}

const total = (bands: Band[]) => bands.reduce((sum, one) => sum + one.drawn, 0);

function word(text: string, x: number, top: number): Element {
  return {
    kind: 'text',
    layer: 'label',
    at: { x, y: top + DRAWN.face + DRAWN.packing * 0.35 },
    text,
    anchor: 'middle',
    scale: 0.8,
  };
}

function acrossBands({ facts, results }: DecidedOpening): Band[] {
  const { sizing: sizes } = results;
  const { gap, leaf } = DRAWN;
  if (slides(facts.kind)) {
    if (facts.kind !== 'bi-fold') return [band('leafWidth', leaf * 1.2, 'leaf')];
    const count = Math.min(4, sizes.leaves[0]!.quantity);
    const each = leaf / 2;
    const folds = Array.from({ length: count }, (_, index) => [
      ...(index > 0 ? [band(index === 1 ? 'foldGap' : undefined, gap)] : []),
      band(index === 0 ? 'leafWidth' : undefined, each, 'leaf' as const),
    ]).flat();
    return [band('hingeGap', gap), ...folds, band('lockGap', gap)];
  }
  if (!meetsInMiddle(facts.kind))
    return [band('hingeGap', gap), band('leafWidth', leaf, 'leaf'), band('lockGap', gap)];
  const unequal = facts.kind === 'unequal-pair';
  const middle =
    sizes.mullion > 0
      ? [band('lockGap', gap), band('mullion', gap * 1.2, 'frame'), band(undefined, gap)]
      : [band('meetingGap', gap)];
  return [
    band('hingeGap', gap),
    band(unequal ? 'leafWidth@active' : 'leafWidth', leaf * 0.75, 'leaf'),
    ...middle,
    band(unequal ? 'leafWidth@inactive' : undefined, leaf * (unequal ? 0.5 : 0.75), 'leaf'),
    band(undefined, gap),
  ];
}

function upBands({ facts, results, decisions }: DecidedOpening): Band[] {
  const { sizing: sizes } = results;
  const { gap, leafTall, floor } = DRAWN;
  const has = (name: string) => decisions.some((one) => one.key === `sizing.${name}`);
  const bands: Band[] = [];
  if (sizes.floorFinish > 0) bands.push(band('floorFinish', floor, 'wall'));
  if (has('thresholdHeight')) bands.push(band('thresholdHeight', floor, 'frame'));
  bands.push(band('undercut', gap));
  if (facts.kind === 'stable') {
    bands.push(band('leafHeight@lower', leafTall / 2, 'leaf'));
    bands.push(band(undefined, gap));
    bands.push(band('leafHeight@upper', leafTall / 2, 'leaf'));
  } else bands.push(band('leafHeight', leafTall, 'leaf'));
  bands.push(band('headGap', gap));
  return bands;
}

/** The leaves and whatever else has a body, where bands across and up cross. */
function leaves(across: Band[], up: Band[]): Element[] {
  const elements: Element[] = [];
  let y = 0;
  for (const row of up) {
    let x = 0;
    for (const column of across) {
      if (row.layer === 'leaf' && column.layer)
        elements.push(rect(column.layer, x, y, x + column.drawn, y + row.drawn));
      x += column.drawn;
    }
    if (row.layer && row.layer !== 'leaf') elements.push(rect(row.layer, 0, y, x, y + row.drawn));
    y += row.drawn;
  }
  return elements;
}

/** Marks the member that gives where frame and leaf are both fixed. */
function giving({ facts, results }: DecidedOpening, across: Band[], up: Band[]): Element[] {
  const { sizing: sizes } = results;
  const wide =
    facts.widthGives ??
    (sizes.mullion > 0 || !meetsInMiddle(facts.kind) ? 'lockGap' : 'meetingGap');
  const tall = facts.heightGives ?? 'undercut';
  const elements: Element[] = [];
  const middleOf = (bands: Band[], key: string) => {
    let at = 0;
    for (const one of bands) {
      if (one.key === key) return at + one.drawn / 2;
      at += one.drawn;
    }
    return undefined;
  };
  const x = middleOf(across, wide);
  if (x !== undefined)
    elements.push({
      kind: 'text',
      layer: 'label',
      part: 'widthGives',
      at: { x, y: DRAWN.leafTall * 0.45 },
      text: 'gives',
      anchor: 'middle',
      scale: 0.75,
    });
  const y = middleOf(up, tall);
  if (y !== undefined)
    elements.push({
      kind: 'text',
      layer: 'label',
      part: 'heightGives',
      at: { x: total(across) / 2, y: y - TEXT * 0.3 },
      text: 'gives',
      anchor: 'middle',
      scale: 0.75,
    });
  return elements;
}

/** Collects the dimensions of decided members, each with its figure and basis. */
class Dimensions {
  readonly elements: Element[] = [];
  private readonly byKey: Map<string, Decision>;

  constructor(decided: DecidedOpening) {
    this.byKey = new Map(decided.decisions.map((decision) => [decision.key, decision]));
  }

  across(name: string, from: number, to: number, y: number, at: number): void {
    this.push(name, { x: from, y }, { x: to, y }, at, 'horizontal');
  }

  up(name: string, from: number, to: number, x: number, at: number): void {
    this.push(name, { x, y: from }, { x, y: to }, at, 'vertical');
  }

  private push(
    name: string,
    from: { x: number; y: number },
    to: { x: number; y: number },
    at: number,
    axis: 'horizontal' | 'vertical',
  ): void {
    const decision = this.byKey.get(`sizing.${name}`);
    if (decision?.value?.type !== 'length') return;
    const { ticks, rounding } = decision.value;
    this.elements.push({
      kind: 'dimension',
      layer: 'dimension',
      part: decision.key,
      from,
      to,
      at,
      axis,
      ticks,
      rounding,
      basis: decision.basis,
    });
  }
}
