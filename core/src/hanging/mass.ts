import { toMetres, toMm, type Ticks } from '../measure/index.js';
import { valueOrUndefined, type OpeningFacts } from '../model/index.js';
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

/**
 * Leaf mass = area × surface mass at its thickness + glass + hardware allowance. Solid leaves scale
 * with thickness; an all-glass leaf is 2.5 kg/m² for each millimetre; sheet lead adds its own.
 */
export function leafMass(
  practice: Practice,
  leaf: { width: Ticks; height: Ticks; thickness: Ticks },
  construction: LeafConstruction,
  glass?: { width: Ticks; height: Ticks; thickness: Ticks },
  hardware = practice.values.hardwareAllowance.value,
  lead: Ticks = 0,
): LeafMass {
  const { surfaceMasses, glassPerMm } = practice.values;
  const surface = surfaceMasses.value[construction];
  const area = toMetres(leaf.width) * toMetres(leaf.height);
  const perSquareMetre =
    construction === 'glass'
      ? glassPerMm.value * toMm(leaf.thickness)
      : surface.gramsPerSquareMetre * (surface.scales ? leaf.thickness / surface.at : 1);
  const body = area * (perSquareMetre + practice.values.leadPerMm.value * toMm(lead));
  const glassMass = glass
    ? toMetres(glass.width) * toMetres(glass.height) * glassPerMm.value * toMm(glass.thickness)
    : 0;
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
