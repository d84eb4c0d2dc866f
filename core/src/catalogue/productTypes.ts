import type { BodyName } from '../practice/index.js';

/** Stages whose hardware is ordered as products. */
type ProductStage = 'hanging' | 'securing' | 'closing' | 'protecting' | 'sealing' | 'powering';

/** What is known of a type of product. */
interface ProductTypeRecord {
  /** The stage it belongs to. */
  stage: ProductStage;
  /** The body of a practice that it is where it is let into a leaf or stands on it; locks are measured by their kind. */
  body: BodyName | null;
  /** The body that is let into the frame. */
  frame: BodyName | null;
}

/** Types of products, in the order of the stages they belong to: a line each, and its words. */
const RECORDS = {
  butt: { stage: 'hanging', body: null, frame: null },
  'swing-clear': { stage: 'hanging', body: null, frame: null },
  'spring-hinge': { stage: 'hanging', body: null, frame: null },
  continuous: { stage: 'hanging', body: null, frame: null },
  'drill-in': { stage: 'hanging', body: null, frame: null },
  concealed: { stage: 'hanging', body: 'concealedHinge', frame: 'concealedHingeFrame' },
  'adjustable-concealed': {
    stage: 'hanging',
    body: 'adjustableHinge',
    frame: 'adjustableHingeFrame',
  },
  'spring-concealed': { stage: 'hanging', body: 'concealedHinge', frame: 'concealedHingeFrame' },
  'offset-pivot': { stage: 'hanging', body: 'offsetFoot', frame: null },
  'intermediate-pivot': { stage: 'hanging', body: 'intermediatePivot', frame: null },
  'centre-pivot': { stage: 'hanging', body: 'pivotFoot', frame: null },
  'double-acting-spring': { stage: 'hanging', body: null, frame: null },
  cylindrical: { stage: 'securing', body: null, frame: null },
  tubular: { stage: 'securing', body: null, frame: null },
  deadbolt: { stage: 'securing', body: null, frame: null },
  mortise: { stage: 'securing', body: null, frame: null },
  profile: { stage: 'securing', body: null, frame: null },
  multipoint: { stage: 'securing', body: null, frame: null },
  sash: { stage: 'securing', body: null, frame: null },
  'mortise-dead': { stage: 'securing', body: null, frame: null },
  'rim-lock': { stage: 'securing', body: null, frame: null },
  'night-latch': { stage: 'securing', body: null, frame: null },
  unit: { stage: 'securing', body: null, frame: null },
  'narrow-stile': { stage: 'securing', body: null, frame: null },
  'rim-exit': { stage: 'securing', body: null, frame: null },
  'mortise-exit': { stage: 'securing', body: null, frame: null },
  'rods-surface': { stage: 'securing', body: null, frame: null },
  'rods-concealed': { stage: 'securing', body: null, frame: null },
  sliding: { stage: 'securing', body: null, frame: null },
  roller: { stage: 'securing', body: null, frame: null },
  gate: { stage: 'securing', body: null, frame: null },
  patch: { stage: 'securing', body: null, frame: null },
  'cold-room': { stage: 'securing', body: null, frame: null },
  'flush-bolt': { stage: 'securing', body: 'flushBolt', frame: null },
  'automatic-bolt': { stage: 'securing', body: 'flushBolt', frame: null },
  'constant-bolt': { stage: 'securing', body: 'flushBolt', frame: null },
  'surface-bolt': { stage: 'securing', body: 'surfaceBolt', frame: null },
  coordinator: { stage: 'securing', body: null, frame: null },
  strike: { stage: 'securing', body: null, frame: null },
  cylinder: { stage: 'securing', body: null, frame: null },
  trim: { stage: 'securing', body: null, frame: null },
  'edge-pull': { stage: 'securing', body: null, frame: null },
  mullion: { stage: 'securing', body: null, frame: null },
  'surface-closer': { stage: 'closing', body: 'surfaceCloser', frame: null },
  'concealed-closer': { stage: 'closing', body: 'concealedCloser', frame: null },
  'floor-closer': { stage: 'closing', body: 'floorCloserArm', frame: null },
  'head-closer': { stage: 'closing', body: 'headCloserArm', frame: null },
  'perimeter-seal': { stage: 'sealing', body: null, frame: null },
  sweep: { stage: 'sealing', body: 'sweep', frame: null },
  'drop-surface': { stage: 'sealing', body: 'dropSurface', frame: null },
  'drop-half': { stage: 'sealing', body: 'dropHalf', frame: null },
  'drop-full': { stage: 'sealing', body: 'dropFull', frame: null },
  threshold: { stage: 'sealing', body: null, frame: null },
  'stop-wall': { stage: 'closing', body: null, frame: null },
  'stop-floor': { stage: 'closing', body: null, frame: null },
  'stop-overhead': { stage: 'closing', body: null, frame: null },
  holder: { stage: 'closing', body: null, frame: null },
  selector: { stage: 'closing', body: null, frame: null },
  'kick-plate': { stage: 'protecting', body: null, frame: null },
  'armor-plate': { stage: 'protecting', body: null, frame: null },
  'mop-plate': { stage: 'protecting', body: null, frame: null },
  'stretcher-plate': { stage: 'protecting', body: null, frame: null },
  viewer: { stage: 'protecting', body: null, frame: null },
  supply: { stage: 'powering', body: null, frame: null },
  'power-transfer': { stage: 'powering', body: null, frame: null },
  'door-loop': { stage: 'powering', body: null, frame: null },
  reader: { stage: 'powering', body: null, frame: null },
  keypad: { stage: 'powering', body: null, frame: null },
  contact: { stage: 'powering', body: null, frame: null },
  operator: { stage: 'powering', body: null, frame: null },
} as const satisfies Record<string, ProductTypeRecord>;

export type ProductType = keyof typeof RECORDS;
export const PRODUCT_TYPES = Object.keys(RECORDS) as ProductType[];

/** The record of each type. */
export const PRODUCT_TYPE: Readonly<Record<ProductType, ProductTypeRecord>> = RECORDS;

/** The types of products of a stage. */
export const productTypesOf = (stage: ProductStage): readonly ProductType[] =>
  PRODUCT_TYPES.filter((type) => RECORDS[type].stage === stage);
