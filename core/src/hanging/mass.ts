import { toMetres, toMm, type Ticks } from '../measure/index.js';
import { valueOrUndefined, type MeasuredLeaf, type OpeningFacts } from '../model/index.js';
import { framingOf } from '../sizing/index.js';
import type { LeafConstruction, Practice } from '../practice/index.js';

/** The parts of a leaf's mass, in grams; `total` is their sum. */
export interface LeafMass {
  body: number;
  glass: number;
  hardware: number;
  total: number;
  areaSquareMetres: number;
  perSquareMetre: number;
}

/** Glass of a leaf, its thickness that of all its panes together. */
export interface LeafGlass {
  width: Ticks;
  height: Ticks;
  thickness: Ticks;
  /** Whether nobody recorded it: it is taken as usual for such a leaf. */
  assumed: boolean;
}

/**
 * The glass in a leaf: a lite as recorded, a pane between narrow stiles and rails always. Where nobody
 * recorded its thickness it is taken as usual, outside as that of a sealed unit (trade practice), never as none.
 */
export function glassIn(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
): LeafGlass | undefined {
  const { pane, unit } = practice.values.usualGlass.value;
  const recorded = valueOrUndefined(facts.glassThickness);
  const thickness = recorded ?? (facts.exterior === true ? unit : pane);
  const [width, height] = [valueOrUndefined(facts.glassWidth), valueOrUndefined(facts.glassHeight)];
  if (width && height) return { width, height, thickness, assumed: recorded === undefined };
  if (valueOrUndefined(facts.leafConstruction) !== 'aluminium-narrow') return undefined;
  const { stile, topRail, bottomRail, mid } = framingOf(facts, practice, leaf)!;
  const across = leaf.width - 2 * stile;
  const up = leaf.height - topRail - bottomRail - (mid ? mid.to - mid.from : 0);
  return across > 0 && up > 0
    ? { width: across, height: up, thickness, assumed: recorded === undefined }
    : undefined;
}

/**
 * Leaf mass = area less its lites × surface mass at its thickness + glass + hardware allowance. Solid leaves scale
 * with thickness; an all-glass leaf is 2.5 kg/m² for each millimetre; sheet lead adds its own.
 */
export function leafMass(
  practice: Practice,
  leaf: { width: Ticks; height: Ticks; thickness: Ticks },
  construction: LeafConstruction,
  glass?: Pick<LeafGlass, 'width' | 'height' | 'thickness'>,
  hardware = practice.values.hardwareAllowance.value,
  lead: Ticks = 0,
): LeafMass {
  const { surfaceMasses, glassPerMm } = practice.values;
  const surface = surfaceMasses.value[construction];
  const pane = glass ? toMetres(glass.width) * toMetres(glass.height) : 0;
  // A lite stands in place of the leaf's own material; narrow stiles and rails are weighed as they stand.
  const area =
    toMetres(leaf.width) * toMetres(leaf.height) -
    (construction === 'aluminium-narrow'
      ? 0
      : Math.min(pane, toMetres(leaf.width) * toMetres(leaf.height)));
  const perSquareMetre =
    construction === 'glass'
      ? glassPerMm.value * toMm(leaf.thickness)
      : surface.gramsPerSquareMetre * (surface.scales ? leaf.thickness / surface.at : 1);
  const body = area * (perSquareMetre + practice.values.leadPerMm.value * toMm(lead));
  const glassMass = glass ? pane * glassPerMm.value * toMm(glass.thickness) : 0;
  return {
    body,
    glass: glassMass,
    hardware,
    total: body + glassMass + hardware,
    areaSquareMetres: area,
    perSquareMetre,
  };
}

/** What is allowed for hardware on a leaf: more where a closer or an exit device is on it. */
export function hardwareOn(facts: OpeningFacts, { values }: Practice): number {
  const kind = valueOrUndefined(facts.lockKind);
  const use = valueOrUndefined(facts.lockUse);
  const exit = kind
    ? kind.endsWith('exit') || kind.startsWith('rods')
    : use === 'exit' || use === 'exit-only';
  const closer = valueOrUndefined(facts.closer);
  const onLeaf = closer !== undefined && closer !== 'none' && closer !== 'floor';
  return (
    values.hardwareAllowance.value +
    (onLeaf ? values.closerMass.value : 0) +
    (exit ? values.exitMass.value : 0)
  );
}

/**
 * The mass an EN 1935 grade is read at: raised for a closer or a closer with back-check, and for a
 * leaf lower than twice its width by that ratio's shortfall.
 */
export function gradingMass(
  practice: Practice,
  mass: number,
  leaf: { width: Ticks; height: Ticks },
  closer: 'none' | 'closer' | 'back-check',
): number {
  const { closerRaise, backCheckRaise } = practice.values;
  const raise = { none: 0, closer: closerRaise.value, 'back-check': backCheckRaise.value }[closer];
  const shortfall = Math.max(0, (2 * leaf.width) / leaf.height - 1);
  return mass * (1 + raise + shortfall);
}

/** The least grade that carries the mass; undefined above the highest. */
export function gradeFor(practice: Practice, mass: number): number | undefined {
  return practice.values.grades.value.find((row) => mass <= row.toMass)?.grade;
}
