import type { HangingRecord } from './decisions.js';
import { valueOrUndefined, message } from '../model/index.js';
import type { Practice, UseClass } from '../practice/index.js';
import { measured, type SizedLeaf } from '../sizing/index.js';
import { glassIn, hardwareOn, leafMass } from './mass.js';

/** The leaf’s mass, weighed or worked out, in grams; undefined while its make or size is open. */
export function decideMass(
  record: HangingRecord,
  practice: Practice,
  leaf: SizedLeaf,
): number | undefined {
  const recorded = valueOrUndefined(record.facts.leafMass);
  if (recorded !== undefined) {
    record.decide('mass', recorded, {
      basis: record.basisOf('leafMass'),
      leaf: leaf.id,
      facts: ['leafMass'],
    });
    return recorded;
  }
  const construction = valueOrUndefined(record.facts.leafConstruction);
  const { width, height, thickness } = leaf;
  if (!construction || width === undefined || height === undefined || thickness === undefined) {
    record.ask(
      'mass',
      construction ? 'ask.sizeFirst' : 'ask.leafConstruction',
      ['leafConstruction', 'leafMass'],
      { leaf: leaf.id },
    );
    return undefined;
  }
  if (width <= 0 || height <= 0) {
    record.ask('mass', 'ask.sizeFirst', ['frameWidth', 'frameHeight'], { leaf: leaf.id });
    return undefined;
  }
  const glassThickness = valueOrUndefined(record.facts.glassThickness);
  const solid = measured(leaf);
  const glass =
    construction === 'glass' || !solid ? undefined : glassIn(record.facts, practice, solid);
  // A glass leaf is as thick as its glass, not as the leaf its frame was made for.
  const body =
    construction === 'glass' ? (glassThickness ?? practice.values.glassLeaf.value) : thickness;
  const lead = valueOrUndefined(record.facts.leadThickness) ?? 0;
  const mass = leafMass(
    practice,
    { width, height, thickness: body },
    construction,
    glass,
    hardwareOn(record.facts, practice),
    lead,
  );
  record.decide('mass', mass.total, {
    leaf: leaf.id,
    basis: glass?.assumed ? 'assumed' : 'derived',
    facts: [
      'leafConstruction',
      'leafMass',
      'glassWidth',
      'glassHeight',
      'glassThickness',
      'leadThickness',
      'closer',
      'lockKind',
    ],
    reasons: () => [
      message(glass ? 'hanging.mass.glass' : 'hanging.mass', {
        area: { squareMetres: mass.areaSquareMetres },
        surface: { gramsPerSquareMetre: mass.perSquareMetre },
        construction: { term: `construction.${construction}` },
        body: { grams: mass.body },
        glass: { grams: mass.glass },
        hardware: { grams: mass.hardware },
      }),
      ...(lead > 0 ? [message('hanging.mass.lead', { lead: { ticks: lead } })] : []),
      ...(glass?.assumed || (construction === 'glass' && glassThickness === undefined)
        ? [message('hanging.mass.glassAssumed', { thickness: { ticks: glass?.thickness ?? body } })]
        : []),
    ],
  });
  return mass.total;
}

/** Use class from passages a day, as recorded, or the practice’s usual with a note. */
export function decideUse(record: HangingRecord, practice: Practice): UseClass {
  const { highUse, mediumUse, assumedUse } = practice.values;
  const passages = valueOrUndefined(record.facts.passagesPerDay);
  const recorded = valueOrUndefined(record.facts.frequency);
  if (passages !== undefined) {
    const use = passages >= highUse.value ? 'high' : passages >= mediumUse.value ? 'medium' : 'low';
    record.decide('frequency', use, {
      basis: 'derived',
      reasons: () => [
        message('hanging.use.passages', { passages, high: highUse.value, medium: mediumUse.value }),
      ],
      facts: ['passagesPerDay', 'frequency'],
    });
    return use;
  }
  record.decide('frequency', recorded ?? assumedUse.value, {
    basis: recorded ? record.basisOf('frequency') : 'derived',
    reasons: () => (recorded ? [] : [message('hanging.use.assumed', { practice: practice.name })]),
    facts: ['passagesPerDay', 'frequency'],
  });
  if (!recorded) {
    record.report(
      'note',
      'hanging.useUnknown',
      { use: { term: `use.${assumedUse.value}` } },
      assumedUse.source,
      ['frequency'],
    );
  }
  return recorded ?? assumedUse.value;
}
