import type {
  Body,
  BodyName,
  CarriedRow,
  Practice,
  PracticeValues,
  Sourced,
} from '../practice/index.js';
import type { Product, ProductType } from './product.js';

/** The body of a practice that a product of a type is, where it is let into a leaf or stands on it. */
const BODY_OF: Partial<Record<ProductType, BodyName>> = {
  concealed: 'concealedHinge',
  'spring-concealed': 'concealedHinge',
  'adjustable-concealed': 'adjustableHinge',
  'offset-pivot': 'offsetFoot',
  'intermediate-pivot': 'intermediatePivot',
  'centre-pivot': 'pivotFoot',
  'surface-closer': 'surfaceCloser',
  'concealed-closer': 'concealedCloser',
  'floor-closer': 'floorCloserArm',
  'head-closer': 'headCloserArm',
  sweep: 'sweep',
  'drop-surface': 'dropSurface',
  'drop-half': 'dropHalf',
  'drop-full': 'dropFull',
};

const FRAME_OF: Partial<Record<ProductType, BodyName>> = {
  concealed: 'concealedHingeFrame',
  'spring-concealed': 'concealedHingeFrame',
  'adjustable-concealed': 'adjustableHingeFrame',
};

/** The practice with the figures of chosen products in place of the usual ones. */
export function practiceWith(practice: Practice, products: readonly Product[]): Practice {
  if (products.length === 0) return practice;
  const values: PracticeValues = { ...practice.values };
  const set = <K extends keyof PracticeValues>(
    name: K,
    value: PracticeValues[K]['value'],
    product: Product,
  ) => {
    values[name] = {
      ...values[name],
      value,
      source: `${product.maker} ${product.model}`,
    } as PracticeValues[K];
  };
  for (const product of products) {
    const bodies = { ...values.bodies.value };
    const resized = (body: Body): Body => ({
      across: product.recessAcross ?? body.across,
      up: product.recessUp ?? body.up,
      through: product.recessThrough ?? body.through,
      keep: body.keep,
    });
    const body = BODY_OF[product.type];
    if (body) bodies[body] = resized(bodies[body]);
    const frame = FRAME_OF[product.type];
    if (frame)
      bodies[frame] = {
        ...resized(bodies[frame]),
        across: product.frameAcross ?? bodies[frame].across,
      };
    if (body) set('bodies', bodies, product);
    const adjustable = product.type === 'adjustable-concealed';
    const masses = carried(product, adjustable ? values.adjustableMasses : values.concealedMasses);
    switch (product.type) {
      case 'concealed':
      case 'spring-concealed':
      case 'adjustable-concealed':
        set(adjustable ? 'adjustableMasses' : 'concealedMasses', masses, product);
        if (product.leastLeaf !== undefined)
          set(adjustable ? 'adjustableLeaf' : 'concealedLeaf', product.leastLeaf, product);
        if (product.leastJamb !== undefined)
          set(adjustable ? 'adjustableJamb' : 'concealedJamb', product.leastJamb, product);
        if (product.axisOut !== undefined) set('concealedAxisOut', product.axisOut, product);
        break;
      case 'butt':
      case 'spring-hinge':
      case 'swing-clear':
        if (product.gauge !== undefined)
          set('recess', { standard: product.gauge, heavy: product.gauge }, product);
        if (product.type === 'spring-hinge' && product.mostMass !== undefined)
          set('springMass', product.mostMass, product);
        if (product.type === 'swing-clear' && product.axisOut !== undefined)
          set('swingClearOut', product.axisOut, product);
        break;
      case 'continuous':
        if (product.gap !== undefined) set('continuousHingeGap', product.gap, product);
        break;
      case 'offset-pivot':
        if (product.axisOut !== undefined) set('offsetPivotOut', product.axisOut, product);
        break;
      default:
    }
  }
  return { ...practice, values };
}

function carried(product: Product, usual: Sourced<CarriedRow[]>): CarriedRow[] {
  const rows = [
    [2, product.massTwo],
    [3, product.massThree],
    [4, product.massFour],
  ] as const;
  const known = rows.flatMap(([count, toMass]) =>
    toMass === undefined ? [] : [{ count, toMass }],
  );
  return known.length > 0 ? known : usual.value;
}
