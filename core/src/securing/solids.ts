import { about, known, solid, span, type OpeningFacts, type Solid } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { MeasuredLeaf } from '../sizing/index.js';

/** Middle of the lock above the leaf's bottom: as recorded, else the practice's usual height. */
export function lockCentre(facts: OpeningFacts, practice: Practice, leaf: MeasuredLeaf): number {
  return (known(facts.lockHeight) ?? practice.values.lockHeight.value) - leaf.bottom;
}

/** What locks, rods and bolts take out of a leaf or put onto it; nothing while the kind is not recorded. */
export function securingSolids(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
): Solid[] {
  const { width, height, thickness } = leaf;
  const { value: body } = practice.values.bodies;
  const solids: Solid[] = [];
  const middle = thickness / 2;
  const y = lockCentre(facts, practice, leaf);
  // Of a stable door's leaves the lock is in the one at its height.
  const other =
    leaf.id === 'inactive' ||
    ((leaf.id === 'upper' || leaf.id === 'lower') && (y < 0 || y > height));
  const kind = other ? undefined : known(facts.lockKind);
  const owner = 'lockKind';
  const backset = known(facts.backset) ?? practice.values.backset.value;
  switch (kind) {
    case 'mortise': {
      const { lockCase: size } = body;
      // The case reaches as far past the backset as its own size leaves beyond the usual one.
      const across = size.across + (backset - practice.values.backset.value);
      solids.push(
        solid(
          owner,
          'solid.lockCase',
          leaf.id,
          'in',
          {
            x: span(width - across, across),
            y: about(y, size.up),
            z: about(middle, size.through),
          },
          size.keep,
        ),
      );
      break;
    }
    case 'cylindrical': {
      const { lockBore, latchBore } = body;
      solids.push(
        solid(
          owner,
          'solid.lockBore',
          leaf.id,
          'in',
          {
            x: about(width - backset, lockBore.across),
            y: about(y, lockBore.up),
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
            y: about(y, latchBore.up),
            z: about(middle, latchBore.through),
          },
          latchBore.keep,
        ),
      );
      break;
    }
    case 'rim-exit':
    case 'rods-surface':
    case 'rods-concealed': {
      const { rimCase, rod, concealedRod } = body;
      const z = span(thickness, rimCase.through);
      // The bar runs across the push face to the hinge stile.
      solids.push(
        solid(owner, 'solid.exitDevice', leaf.id, 'on-push', {
          x: span(width * 0.08, width * 0.92),
          y: about(y, rimCase.up),
          z,
        }),
      );
      for (const part of [
        span(0, y - rimCase.up / 2),
        span(y + rimCase.up / 2, height - y - rimCase.up / 2),
      ]) {
        if (part[1] <= part[0]) continue;
        if (kind === 'rods-surface')
          solids.push(
            solid(owner, 'solid.rod', leaf.id, 'on-push', {
              x: about(width - backset, rod.across),
              y: part,
              z: span(thickness, rod.through),
            }),
          );
        if (kind === 'rods-concealed')
          solids.push(
            solid(
              owner,
              'solid.concealedRod',
              leaf.id,
              'in',
              {
                x: span(width - backset - concealedRod.across / 2, concealedRod.across),
                y: part,
                z: about(middle, concealedRod.through),
              },
              concealedRod.keep,
            ),
          );
      }
      break;
    }
    default:
  }
  const bolts = leaf.id === 'active' ? undefined : known(facts.bolts);
  if (bolts === 'flush' || bolts === 'surface') {
    const size = bolts === 'flush' ? body.flushBolt : body.surfaceBolt;
    for (const along of [span(0, size.up), span(height - size.up, size.up)])
      solids.push(
        solid(
          'bolts',
          bolts === 'flush' ? 'solid.flushBolt' : 'solid.surfaceBolt',
          leaf.id,
          bolts === 'flush' ? 'in' : 'on-push',
          {
            x: span(width - size.across, size.across),
            y: along,
            z: bolts === 'flush' ? about(middle, size.through) : span(thickness, size.through),
          },
          size.keep,
        ),
      );
  }
  return solids;
}
