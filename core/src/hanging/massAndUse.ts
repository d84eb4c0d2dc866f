import type { Settling } from '../opening/index.js';
import { said, term } from '../opening/index.js';
import type { Practice, UseClass } from '../practice/index.js';
import type { SizedLeaf } from '../sizing/index.js';
import { leafMass } from './mass.js';

/** The leaf’s mass, weighed or worked out, in grams; undefined while its make or size is open. */
export function decideMass(
  settling: Settling,
  practice: Practice,
  leaf: SizedLeaf,
): number | undefined {
  const recorded = settling.fact('leafMass');
  if (recorded !== undefined) {
    settling.fix(
      'mass',
      { type: 'mass', grams: recorded },
      {
        basis: settling.basisOf('leafMass'),
        leaf: leaf.id,
        facts: ['leafMass'],
      },
    );
    return recorded;
  }
  const construction = settling.fact('leafConstruction');
  const { width, height, thickness } = leaf;
  if (!construction || width === undefined || height === undefined || thickness === undefined) {
    settling.open(
      'mass',
      said(construction ? 'ask.sizeFirst' : 'ask.leafConstruction'),
      ['leafConstruction', 'leafMass'],
      { leaf: leaf.id },
    );
    return undefined;
  }
  if (width <= 0 || height <= 0) {
    settling.open('mass', said('ask.sizeFirst'), ['frameWidth', 'frameHeight'], { leaf: leaf.id });
    return undefined;
  }
  const glassWidth = settling.fact('glassWidth');
  const glassHeight = settling.fact('glassHeight');
  const glassThickness = settling.fact('glassThickness');
  const glass =
    glassWidth && glassHeight && glassThickness
      ? { width: glassWidth, height: glassHeight, thickness: glassThickness }
      : undefined;
  const mass = leafMass(practice, { width, height, thickness }, construction, glass);
  settling.fix(
    'mass',
    { type: 'mass', grams: mass.total },
    {
      leaf: leaf.id,
      facts: ['leafConstruction', 'leafMass', 'glassWidth', 'glassHeight', 'glassThickness'],
      reasons: [
        said(glass ? 'hanging.mass.glass' : 'hanging.mass', {
          area: { squareMetres: mass.areaSquareMetres },
          surface: { gramsPerSquareMetre: mass.perSquareMetre },
          construction: { term: `construction.${construction}` },
          body: { grams: mass.body },
          glass: { grams: mass.glass },
          hardware: { grams: mass.hardware },
        }),
      ],
    },
  );
  return mass.total;
}

/** Use class from passages a day, as recorded, or the practice’s usual with a note. */
export function decideUse(settling: Settling, practice: Practice): UseClass {
  const { highUse, mediumUse, assumedUse } = practice.values;
  const passages = settling.fact('passagesPerDay');
  const recorded = settling.fact('use');
  if (passages !== undefined) {
    const use = passages >= highUse.value ? 'high' : passages >= mediumUse.value ? 'medium' : 'low';
    settling.fix('use', term(`use.${use}`), {
      basis: 'derived',
      reasons: [
        said('hanging.use.passages', { passages, high: highUse.value, medium: mediumUse.value }),
      ],
      facts: ['passagesPerDay', 'use'],
    });
    return use;
  }
  settling.fix('use', term(`use.${recorded ?? assumedUse.value}`), {
    basis: recorded ? settling.basisOf('use') : 'derived',
    reasons: recorded ? [] : [said('hanging.use.assumed', { practice: practice.name })],
    facts: ['passagesPerDay', 'use'],
  });
  if (!recorded) {
    settling.find(
      'note',
      'hanging.useUnknown',
      { use: { term: `use.${assumedUse.value}` } },
      assumedUse.source,
      ['use'],
    );
  }
  return recorded ?? assumedUse.value;
}
