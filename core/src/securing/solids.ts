import {
  centredSpan,
  valueOrUndefined,
  solid,
  span,
  type OpeningFacts,
  type Solid,
  type MeasuredLeaf,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { Securing } from './secured.js';
import { exitCase } from './exitDevice.js';
import type { LockFit } from './fit.js';
import { hasRods, LOCK_FORMS } from './lockForms.js';
import { boltLengths } from './pair.js';

const OWNER = 'lockKind';
const STRIKE = 'securing.strike';

/** Middle of the lock above the leaf's bottom: as decided, else the practice's usual height. */
export function lockCentre(securing: Securing, practice: Practice, leaf: MeasuredLeaf): number {
  return (securing.height ?? practice.values.lockHeight.value) - leaf.bottom;
}

/** What locks, strikes, rods and bolts take out of a leaf and its frame or put onto it. */
export function securingSolids(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
  securing: Securing,
): Solid[] {
  const { fit } = securing;
  const solids: Solid[] = [];
  if (fit && leaf.id === 'inactive' && securing.secondSpec)
    solids.push(...lockSolids(facts, practice, leaf, fit, securing));
  if (fit && securing.leaf?.id === leaf.id) {
    solids.push(...lockSolids(facts, practice, leaf, fit, securing));
    if (securing.secondHeight !== undefined)
      solids.push(
        ...boreSolids(practice, leaf, fit, securing.secondHeight - leaf.bottom, 'deadBolt'),
      );
  }
  if (fit && hasRods(fit.kind)) solids.push(...rodSolids(facts, practice, leaf, fit));
  if (securing.strike) solids.push(...strikeSolids(leaf, securing));
  if (leaf.id !== 'active') solids.push(...boltSolids(practice, leaf, securing));
  return solids;
}

function lockSolids(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
  fit: LockFit,
  { outsidePull }: Securing,
): Solid[] {
  const { width, thickness } = leaf;
  const bodies = practice.values.bodies.value;
  const form = LOCK_FORMS[fit.kind];
  const body = form.body ? bodies[form.body] : undefined;
  const { y, backset } = fit;
  const solids: Solid[] = [];
  if (fit.pocket && body)
    solids.push(
      solid(
        OWNER,
        'solid.lockCase',
        leaf.id,
        'in',
        {
          x: span(width - fit.pocket.across, fit.pocket.across),
          y: centredSpan(y, fit.pocket.up),
          z: centredSpan(fit.z, fit.pocket.through),
        },
        body.keep,
      ),
    );
  if (form.sits === 'bore') solids.push(...boreSolids(practice, leaf, fit, y, OWNER));
  if (form.sits === 'notch' && body)
    solids.push(
      solid(
        OWNER,
        'solid.lockNotch',
        leaf.id,
        'in',
        {
          x: span(width - body.across, body.across),
          y: centredSpan(y, body.up),
          z: [0, thickness],
        },
        body.keep,
      ),
    );
  if (form.sits === 'inside-face' && body)
    solids.push(
      solid(OWNER, 'solid.rimLock', leaf.id, outsidePull ? 'on-push' : 'on-pull', {
        x: span(width - body.across, body.across),
        y: centredSpan(y, body.up),
        z: outsidePull ? span(thickness, body.through) : span(-body.through, body.through),
      }),
    );
  if (form.sits === 'push-face' || fit.kind === 'mortise-exit') {
    const size = exitCase(facts, practice);
    const end = Math.min(size.across, bodies.narrowExit.across);
    // Its case on the lock stile, its end on the hinge stile; the bar between stands off the leaf.
    const stile = fit.solid?.by === 'stile' ? fit.solid.width : undefined;
    const start = stile === undefined ? width * 0.03 : Math.max(0, (stile - end) / 2);
    const fixed = [span(width - size.across, size.across), span(start, end)];
    for (const x of fixed)
      solids.push(
        solid(OWNER, 'solid.exitDevice', leaf.id, 'on-push', {
          x,
          y: centredSpan(y, size.up),
          z: span(thickness, size.through),
        }),
      );
    solids.push(
      solid(OWNER, 'solid.exitBar', leaf.id, 'on-push', {
        x: [fixed[1]![1], fixed[0]![0]],
        y: centredSpan(y, size.up * 0.6),
        z: span(thickness + size.through * 0.4, size.through * 0.6),
      }),
    );
  }
  // Roses on both faces; a metal stile takes the handle itself.
  const trimmed = form.sits === 'bore' || (form.sits === 'pocket' && fit.kind !== 'narrow-stile');
  if (trimmed && fit.kind !== 'sliding' && fit.kind !== 'roller' && fit.kind !== 'mortise-exit')
    for (const face of ['on-pull', 'on-push'] as const) {
      const { across, up, through } = bodies.rose;
      solids.push(
        solid(OWNER, 'solid.rose', leaf.id, face, {
          x: centredSpan(width - backset, across),
          y: centredSpan(y, up),
          z: face === 'on-pull' ? span(-through, through) : span(thickness, through),
        }),
      );
    }
  return solids;
}

/** Cross bore through both faces, and the bore from the edge to it. */
function boreSolids(
  practice: Practice,
  leaf: MeasuredLeaf,
  fit: LockFit,
  y: number,
  owner: string,
): Solid[] {
  const { lockBore, latchBore } = practice.values.bodies.value;
  const { width, thickness } = leaf;
  const { backset } = fit;
  return [
    solid(
      owner,
      'solid.lockBore',
      leaf.id,
      'in',
      {
        x: centredSpan(width - backset, lockBore.across),
        y: centredSpan(y, lockBore.up),
        z: [0, thickness],
      },
      lockBore.keep,
    ),
    solid(
      owner,
      'solid.latchBore',
      leaf.id,
      'in',
      {
        x: span(width - backset, backset),
        y: centredSpan(y, latchBore.up),
        z: centredSpan(fit.z, latchBore.through),
      },
      latchBore.keep,
    ),
  ];
}

/** How far the rods stand in from the lock edge: in the middle of a stile too narrow for the usual place. */
export function rodInset({ solid: stile, backset }: Pick<LockFit, 'solid' | 'backset'>): number {
  return stile && stile.width < 2 * backset ? stile.width / 2 : backset;
}

function rodSolids(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
  fit: LockFit,
): Solid[] {
  const { rimCase, rod, concealedRod } = practice.values.bodies.value;
  const { width, height, thickness } = leaf;
  const { y } = fit;
  const inward = rodInset(fit);
  const solids: Solid[] = [];
  const below = valueOrUndefined(facts.plainFloor) === true ? [] : [span(0, y - rimCase.up / 2)];
  for (const part of [...below, span(y + rimCase.up / 2, height - y - rimCase.up / 2)]) {
    if (part[1] <= part[0]) continue;
    if (fit.kind === 'rods-surface')
      solids.push(
        solid(OWNER, 'solid.rod', leaf.id, 'on-push', {
          x: centredSpan(width - inward, rod.across),
          y: part,
          z: span(thickness, rod.through),
        }),
      );
    else
      solids.push(
        solid(
          OWNER,
          'solid.concealedRod',
          leaf.id,
          'in',
          {
            x: centredSpan(width - inward, concealedRod.across),
            y: part,
            z: centredSpan(fit.z, concealedRod.through),
          },
          concealedRod.keep,
        ),
      );
  }
  return solids;
}

/** The strike with the holes behind it: in the jamb at the lock leaf's edge, or in the second leaf. */
function strikeSolids(leaf: MeasuredLeaf, securing: Securing): Solid[] {
  const { strike, fit, leaf: own, height } = securing;
  if (!strike || !fit || !own || height === undefined) return [];
  if (strike.on === 'face' || strike.on === 'ends') return [];
  const deep = Math.max(strike.latchHole, strike.boltHole, strike.plate.recess);
  const z = centredSpan(fit.z, strike.plate.width);
  const y = centredSpan(height - strike.below - leaf.bottom, strike.plate.height);
  if (strike.on === 'jamb')
    return own.id === leaf.id
      ? [
          solid(
            STRIKE,
            'solid.strike',
            leaf.id,
            'in',
            { x: span(leaf.width + strike.gap, deep), y, z },
            0,
            'frame',
          ),
        ]
      : [];
  return leaf.id === 'inactive'
    ? [solid(STRIKE, 'solid.strike', leaf.id, 'in', { x: span(leaf.width - deep, deep), y, z })]
    : [];
}

function boltSolids(practice: Practice, leaf: MeasuredLeaf, { bolts, fit }: Securing): Solid[] {
  if (bolts === undefined || bolts === 'none') return [];
  const { width, height, thickness } = leaf;
  const body = practice.values.bodies.value;
  const surface = bolts === 'surface';
  const size = surface ? body.surfaceBolt : body.flushBolt;
  const middle = fit?.z ?? thickness / 2;
  const reach = boltLengths(height, leaf.bottom, practice);
  // The case stands where the lever is; its rod runs on to the end.
  const spans = surface
    ? [span(0, size.up), span(height - size.up, size.up)]
    : [
        span(Math.max(0, reach.bottom - size.up / 2), size.up),
        span(Math.min(height - size.up, height - reach.top - size.up / 2), size.up),
      ];
  const solids = spans.map((y) =>
    solid(
      'bolts',
      surface ? 'solid.surfaceBolt' : 'solid.flushBolt',
      leaf.id,
      surface ? 'on-push' : 'in',
      {
        x: span(width - size.across, size.across),
        y,
        z: surface ? span(thickness, size.through) : centredSpan(middle, size.through),
      },
      size.keep,
    ),
  );
  if (surface) return solids;
  const rod = Math.min(size.across, size.through) / 2;
  const holes: [number, number][] = [
    [0, spans[0]![0]],
    [spans[1]![1], height],
  ];
  return [
    ...solids,
    ...holes
      .filter(([from, to]) => to > from)
      .map((y) =>
        solid('bolts', 'solid.boltRod', leaf.id, 'in', {
          x: centredSpan(width - size.across / 2, rod),
          y,
          z: centredSpan(middle, rod),
        }),
      ),
  ];
}
