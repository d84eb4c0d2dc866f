import fc from 'fast-check';
import { FIELDS, type Field } from '../stages/index.js';
import { OPENING_KINDS, type OpeningFacts } from '../opening/index.js';
import { inches } from '../measure/index.js';

function valueOf(field: Field): fc.Arbitrary<unknown> {
  const known = ((): fc.Arbitrary<unknown> => {
    switch (field.type) {
      case 'text':
        return fc.constantFrom('Corridor', 'Office', 'Street', 'x');
      case 'length':
        return fc.oneof(
          fc.nat({ max: inches(120) }),
          fc.constantFrom(inches(36), inches(84), inches(1.75), inches(1 / 8), 0),
        );
      case 'mass':
        return fc.integer({ min: 1, max: 400_000 });
      case 'count':
        return fc.nat({ max: Math.min(2000, field.most ?? 2000) });
      case 'minutes':
        return fc.constantFrom(0, 20, 90);
      case 'yes-no':
        return fc.boolean();
      case 'choice':
        return fc.constantFrom(...field.options!);
    }
  })();
  return field.mayBeUnknown
    ? fc.oneof({ weight: 5, arbitrary: known }, { weight: 1, arbitrary: fc.constant('unknown') })
    : known;
}

/** Any facts that could be stored, sane or not. */
export const anyFacts: fc.Arbitrary<OpeningFacts> = fc
  .record(Object.fromEntries(FIELDS.map((field) => [field.name, valueOf(field)])), {
    requiredKeys: ['mark', 'kind'],
  })
  .map((facts) => facts as unknown as OpeningFacts);

/** Openings that are complete enough to be decided whole. */
export const soundFacts: fc.Arbitrary<OpeningFacts> = fc
  .record({
    kind: fc.constantFrom(...OPENING_KINDS),
    frameWidth: fc.integer({ min: 30 * 64, max: 48 * 64 }).map((n) => n * 127),
    frameHeight: fc.integer({ min: 78 * 64, max: 96 * 64 }).map((n) => n * 127),
    leafThickness: fc.constantFrom(inches(1.375), inches(1.75)),
    frameMaterial: fc.constantFrom('steel' as const, 'timber' as const),
    leafConstruction: fc.constantFrom('timber-stave' as const, 'steel-honeycomb-18' as const),
    hingeSide: fc.constantFrom('left' as const, 'right' as const),
    swing: fc.constantFrom('in' as const, 'out' as const),
    active: fc.constantFrom('left' as const, 'right' as const),
    slideTo: fc.constantFrom('left' as const, 'right' as const),
    rating: fc.constantFrom(0, 20, 90),
    secured: fc.boolean(),
    closer: fc.constantFrom('none' as const, 'closer' as const),
    use: fc.constantFrom('low' as const, 'medium' as const, 'high' as const),
  })
  .map((facts) => {
    const double =
      facts.kind === 'pair' || facts.kind === 'unequal-pair' || facts.kind === 'double-egress';
    return {
      ...facts,
      mark: '1',
      frameWidth: double ? facts.frameWidth * 2 : facts.frameWidth,
      ...(facts.kind === 'unequal-pair' ? { leafWidth: inches(36) } : {}),
    };
  });
