import fc from 'fast-check';
import { inches } from '../measure/index.js';
import { FACTS_VERSION, meetsInMiddle, OPENING_KINDS, type OpeningFacts } from '../model/index.js';
import type { Shape } from '../shape/index.js';
import { FIELDS, RECORDS, type Field } from '../stageRegistry/index.js';
import { MAX_HINGES, readingKinds, type Reading } from '../survey/index.js';

/** Anything of a shape, as somebody could have stored it. */
export function ofShape<T>(shape: Shape<T>): fc.Arbitrary<T> {
  return samples(shape)
    .map((value) => shape.read(value))
    .filter((value) => value !== undefined) as fc.Arbitrary<T>;
}

function samples(shape: Shape<unknown>): fc.Arbitrary<unknown> {
  const { form } = shape;
  switch (form.kind) {
    case 'text':
      return form.pattern
        ? fc.stringMatching(form.pattern)
        : fc.constantFrom('Corridor', 'Office', 'as agreed', '2026-01-01T00:00:00Z', 'x');
    case 'integer':
      return fc.integer({ min: Math.max(form.least, -2e9), max: Math.min(form.most, 2e9) });
    case 'number':
      return fc.oneof(
        fc.integer({ min: -5, max: 60_000 }),
        fc.double({ noNaN: true, noDefaultInfinity: true }).map((n) => n || 0),
      );
    case 'flag':
      return fc.boolean();
    case 'word':
      return fc.constantFrom(...form.words);
    case 'list':
      return fc.array(samples(form.of), { maxLength: Math.min(form.most, 4) });
    case 'map':
      return fc.dictionary(samples(form.keys) as fc.Arbitrary<string>, samples(form.of), {
        maxKeys: 4,
        noNullPrototype: true,
      });
    case 'object': {
      const names = Object.keys(form.fields);
      return fc.record(
        Object.fromEntries(names.map((name) => [name, samples(form.fields[name]!.shape)])),
        { requiredKeys: names.filter((name) => form.fields[name]!.needed), noNullPrototype: true },
      );
    }
    case 'either':
      return fc.oneof(...form.shapes.map((one) => samples(one)));
    case 'with':
      return samples(form.of);
  }
}

/** Lengths people measure, beside any other. */
const length = fc.oneof(
  fc.nat({ max: inches(120) }),
  fc.constantFrom(inches(36), inches(84), inches(1.75), inches(1 / 8), 0),
);

function valueOf(field: Field): fc.Arbitrary<unknown> {
  const known = ((): fc.Arbitrary<unknown> => {
    switch (field.type) {
      case 'text':
        return fc.constantFrom('Corridor', 'Office', 'Street', 'x');
      case 'length':
        return length;
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

/** Readings as a survey takes them. */
export const anyReadings: fc.Arbitrary<Reading[]> = fc
  .subarray(readingKinds(MAX_HINGES))
  .chain((kinds) =>
    fc.tuple(
      ...kinds.map((kind, index) =>
        fc
          .oneof(
            {
              weight: 9,
              arbitrary: ((): fc.Arbitrary<Partial<Reading>> => {
                switch (kind.type) {
                  case 'choice':
                    return fc.constantFrom(...kind.options!).map((value) => ({ value }));
                  case 'text':
                    return fc.constant({ value: 'as seen' });
                  case 'count':
                    return fc.integer({ min: 1, max: MAX_HINGES }).map((value) => ({ value }));
                  case 'lean':
                    return fc.integer({ min: -5000, max: 5000 }).map((value) => ({ value }));
                  case 'length':
                    return length.map((value) => ({ value }));
                }
              })(),
            },
            { weight: 1, arbitrary: fc.constant({ skipped: 'no way to get there' }) },
          )
          .map((taken): Reading => ({
            id: `r${index}`,
            name: kind.name,
            how: 'tape',
            by: 'A surveyor',
            at: '2026-01-01T00:00:00Z',
            ...taken,
          })),
      ),
    ),
  );

/** Choices of decisions there are, and of some there are not. */
const choices = fc.dictionary(
  fc.constantFrom(
    'hanging.device',
    'hanging.count',
    'hanging.hingeHeight',
    'hanging.pattern',
    'hanging.foot',
    'hanging.product',
    'securing.kind',
    'securing.function',
    'securing.bolts',
    'securing.coordinator',
    'replacing.frame',
    'hanging.count@active',
    'hanging.colour',
  ),
  fc.record({
    value: fc.oneof(
      fc.integer({ min: -5, max: 60_000 }),
      fc.constantFrom('butt', 'continuous', 'centre-pivot', 'mortise', 'none', 'jamb', 'keep', 'x'),
    ),
    reason: fc.constant('as agreed'),
  }),
  { maxKeys: 4, noNullPrototype: true },
);

const RECORDED: Record<string, fc.Arbitrary<unknown>> = {
  ...Object.fromEntries(Object.entries(RECORDS).map(([name, shape]) => [name, ofShape(shape)])),
  readings: anyReadings,
  choices,
  // What was found of facts that are no more is only read, never recorded.
  provenance: fc.dictionary(
    fc.constantFrom(...FIELDS.map(({ name }) => name)),
    fc.constantFrom('given', 'measured'),
    { maxKeys: 4, noNullPrototype: true },
  ),
};

/** Any single values, as a list of doors holds them. */
export const anySingleFacts: fc.Arbitrary<OpeningFacts> = fc
  .record(Object.fromEntries(FIELDS.map((field) => [field.name, valueOf(field)])), {
    requiredKeys: ['mark', 'kind'],
    noNullPrototype: true,
  })
  .map((facts) => facts as unknown as OpeningFacts);

/** Any facts that could be stored, sane or not: single values, lists and maps, under today's version. */
export const anyFacts: fc.Arbitrary<OpeningFacts> = fc
  .record(
    {
      ...Object.fromEntries(FIELDS.map((field) => [field.name, valueOf(field)])),
      ...RECORDED,
    },
    { requiredKeys: ['mark', 'kind'], noNullPrototype: true },
  )
  .map((facts) => ({ ...facts, version: FACTS_VERSION }) as unknown as OpeningFacts);

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
    closer: fc.constantFrom('none' as const, 'any' as const),
    use: fc.constantFrom('low' as const, 'medium' as const, 'high' as const),
  })
  .map((facts) => {
    const double = meetsInMiddle(facts.kind);
    return {
      ...facts,
      mark: '1',
      frameWidth: double ? facts.frameWidth * 2 : facts.frameWidth,
      ...(facts.kind === 'unequal-pair' ? { leafWidth: inches(36) } : {}),
    };
  });
