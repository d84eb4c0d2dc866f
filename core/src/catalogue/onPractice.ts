import {
  LOCK_FIGURES,
  type Body,
  type CarriedRow,
  type LockFigures,
  type Practice,
  type PracticeValues,
  type Sourced,
} from '../practice/index.js';
import type { Product } from './product.js';
import { PRODUCT_TYPE, type ProductType } from './productTypes.js';

/** The figures a lock of a type is measured by; undefined for what is no lock. */
function lockFigures(type: ProductType): LockFigures | undefined {
  return (LOCK_FIGURES as Partial<Record<ProductType, LockFigures>>)[type];
}

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
    const lock = lockFigures(product.type);
    const body = lock?.body ?? PRODUCT_TYPE[product.type].body ?? undefined;
    if (body) bodies[body] = resized(bodies[body]);
    const frame = PRODUCT_TYPE[product.type].frame ?? undefined;
    if (frame)
      bodies[frame] = {
        ...resized(bodies[frame]),
        across: product.frameAcross ?? bodies[frame].across,
      };
    if (body) set('bodies', bodies, product);
    if (lock) setLock(values, set, product, lock);
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
        if (product.gauge !== undefined) {
          set('recess', { standard: product.gauge, heavy: product.gauge }, product);
          // No table of heights stands before what the product measures.
          set('hingeGauges', [], product);
        }
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

type SetValue = <K extends keyof PracticeValues>(
  name: K,
  value: PracticeValues[K]['value'],
  product: Product,
) => void;

/** What a lock measures: its backset, how far its bolts come out, its strike, the leaves it is made for. */
function setLock(
  values: PracticeValues,
  set: SetValue,
  product: Product,
  { throws, strike }: LockFigures,
): void {
  const { backset, mostBackset, latchThrow, boltThrow, leastLeaf, mostLeaf } = product;
  if (backset !== undefined) {
    const made = mostBackset === undefined ? [backset] : [backset, mostBackset];
    if (product.type === 'narrow-stile') set('narrowBacksets', made, product);
    else {
      set('backset', made.includes(values.backset.value) ? values.backset.value : backset, product);
      set('backsets', made, product);
    }
  }
  if (latchThrow !== undefined || boltThrow !== undefined) {
    const usual = values.throws.value[throws];
    set(
      'throws',
      {
        ...values.throws.value,
        [throws]: { latch: latchThrow ?? usual.latch, bolt: boltThrow ?? usual.bolt },
      },
      product,
    );
  }
  if (product.strikeHeight !== undefined || product.strikeWidth !== undefined) {
    const usual = values.strikes.value[strike];
    set(
      'strikes',
      {
        ...values.strikes.value,
        [strike]: {
          ...usual,
          height: product.strikeHeight ?? usual.height,
          width: product.strikeWidth ?? usual.width,
        },
      },
      product,
    );
  }
  const { centres, frontUp, frontAcross, recessUp } = product;
  if (centres !== undefined) {
    const key = product.type === 'profile' || product.type === 'sash' ? product.type : 'mortise';
    set('centres', { ...values.centres.value, [key]: centres }, product);
  }
  if (frontUp !== undefined || frontAcross !== undefined) {
    const { pocket, ...others } = values.fronts.value;
    const beyond =
      frontUp !== undefined && recessUp !== undefined ? frontUp - recessUp : pocket.height;
    set(
      'fronts',
      {
        ...others,
        pocket: { ...pocket, height: Math.max(0, beyond), width: frontAcross ?? pocket.width },
      },
      product,
    );
  }
  if (product.latchOffset !== undefined) set('latchOffset', product.latchOffset, product);
  const bored = ['cylindrical', 'tubular', 'deadbolt'].includes(product.type);
  if (bored && recessUp !== undefined) {
    const { lockBore, ...others } = values.bodies.value;
    set(
      'bodies',
      { ...others, lockBore: { ...lockBore, across: recessUp, up: recessUp } },
      product,
    );
  }
  if (bored && leastLeaf !== undefined && mostLeaf !== undefined)
    set('boredLeaf', { from: leastLeaf, to: mostLeaf }, product);
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
