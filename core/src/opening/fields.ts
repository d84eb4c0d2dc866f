import { PRACTICE_IDS, type LeafConstruction } from '../practice/index.js';
import {
  BOTTOM_SEALS,
  CLOSER_KINDS,
  LEAF_BOLTS,
  LOCK_KINDS,
  LOCK_USES,
  meetsInMiddle,
  OPENING_KINDS,
  slides,
  type OpeningFacts,
} from './facts.js';
import type { Stage } from './stages.js';

/** What kind of thing a fact is, so that it is read, checked and shown in one way everywhere. */
export type FieldType = 'text' | 'length' | 'mass' | 'count' | 'minutes' | 'yes-no' | 'choice';

/** The facts that are single values (all but lists and maps). */
export type FieldName = Exclude<
  keyof OpeningFacts,
  'observations' | 'readings' | 'tested' | 'how' | 'choices' | 'written' | 'none' | 'hingePositions'
>;

export interface Field {
  name: FieldName;
  type: FieldType;
  /** Stage under which the fact is recorded. */
  stage: Stage;
  options?: readonly string[];
  /** Prefix of the term codes that name the options. */
  terms?: string;
  /** Whether `unknown` may be recorded: asked, and nobody could say. */
  mayBeUnknown: boolean;
  most?: number;
}

export const LEAF_CONSTRUCTIONS = [
  'steel-honeycomb-18',
  'steel-honeycomb-16',
  'steel-honeycomb-14',
  'steel-stiffened-16',
  'timber-particle',
  'timber-stave',
  'timber-mineral',
  'timber-panelled-softwood',
  'timber-panelled-hardwood',
  'timber-hollow',
  'aluminium-narrow',
  'glass',
] as const satisfies readonly LeafConstruction[];

const text = (name: FieldName, most: number): Field => ({
  name,
  type: 'text',
  stage: 'opening',
  mayBeUnknown: false,
  most,
});
const length = (name: FieldName, stage: Stage = 'sizing'): Field => ({
  name,
  type: 'length',
  stage,
  mayBeUnknown: true,
});
const choice = (
  name: FieldName,
  stage: Stage,
  options: readonly string[],
  terms: string,
  mayBeUnknown = true,
): Field => ({ name, type: 'choice', stage, options, terms, mayBeUnknown });
const yesNo = (name: FieldName, stage: Stage = 'opening'): Field => ({
  name,
  type: 'yes-no',
  stage,
  mayBeUnknown: true,
});

/** Every single-valued fact, in the order it is asked. */
export const FIELDS: readonly Field[] = [
  text('mark', 40),
  choice('kind', 'opening', OPENING_KINDS, 'kind', false),
  text('from', 80),
  text('to', 80),
  text('storey', 40),
  text('note', 2000),
  choice('practice', 'opening', PRACTICE_IDS, 'practice', false),
  choice('work', 'opening', ['new', 'replacement'], 'work'),
  { name: 'passagesPerDay', type: 'count', stage: 'opening', mayBeUnknown: true, most: 100_000 },
  choice('use', 'opening', ['high', 'medium', 'low'], 'use'),
  { name: 'rating', type: 'minutes', stage: 'opening', mayBeUnknown: true, most: 480 },
  yesNo('exterior'),
  yesNo('salt'),
  yesNo('secured'),
  choice('closer', 'opening', ['none', 'closer', 'back-check'], 'closer'),
  yesNo('accessible'),
  yesNo('wayOut'),
  { name: 'occupants', type: 'count', stage: 'opening', mayBeUnknown: true, most: 100_000 },
  choice('frameMaterial', 'sizing', ['steel', 'timber', 'aluminium'], 'frameMaterial'),
  length('frameWidth'),
  length('frameHeight'),
  choice('leafConstruction', 'sizing', LEAF_CONSTRUCTIONS, 'construction'),
  length('leafThickness'),
  length('leafWidth'),
  length('leafHeight'),
  length('inactiveWidth'),
  length('lowerLeafHeight'),
  choice('meetingEdge', 'sizing', ['square', 'rebated', 'astragal', 'mullion'], 'meetingEdge'),
  length('mullionWidth'),
  { name: 'foldLeaves', type: 'count', stage: 'sizing', mayBeUnknown: true, most: 8 },
  length('hingeGap'),
  length('lockGap'),
  length('headGap'),
  length('meetingGap'),
  length('undercut'),
  choice('widthGives', 'sizing', ['hingeGap', 'lockGap', 'meetingGap'], 'widthGives', false),
  choice('heightGives', 'sizing', ['headGap', 'undercut'], 'heightGives', false),
  choice('threshold', 'sizing', ['none', 'present'], 'threshold'),
  length('thresholdHeight'),
  length('floorFinish'),
  length('floorRise'),
  length('listedTrim'),
  yesNo('boarded', 'sizing'),
  choice('sawn', 'sizing', ['flat', 'quarter'], 'sawn'),
  { name: 'moistureChange', type: 'count', stage: 'sizing', mayBeUnknown: true, most: 20 },
  length('stopWidth'),
  length('frameFace'),
  length('packing'),
  length('wallWidth'),
  length('wallHeight'),
  length('wallThickness'),
  choice('outside', 'handing', ['from', 'to'], 'outside'),
  choice('hingeSide', 'handing', ['left', 'right'], 'side'),
  choice('swing', 'handing', ['in', 'out'], 'swing'),
  choice('active', 'handing', ['left', 'right'], 'side'),
  choice('slideTo', 'handing', ['left', 'right'], 'side'),
  { name: 'leafMass', type: 'mass', stage: 'hanging', mayBeUnknown: true },
  length('trimProjection', 'hanging'),
  length('sideWall', 'hanging'),
  length('obstacleAlong', 'hanging'),
  length('obstacleOut', 'hanging'),
  length('handleProjection', 'hanging'),
  length('clearWanted', 'hanging'),
  yesNo('acidTimber', 'hanging'),
  length('glassWidth', 'hanging'),
  length('glassHeight', 'hanging'),
  length('glassThickness', 'hanging'),
  length('glassAt', 'hanging'),
  length('glassFromLock', 'hanging'),
  yesNo('nothingVisible', 'hanging'),
  yesNo('holdOpen', 'closing'),
  { name: 'openTo', type: 'count', stage: 'hanging', mayBeUnknown: true, most: 180 },
  choice('screwHold', 'hanging', ['sound', 'worn'], 'screwHold'),
  length('jambDepth', 'hanging'),
  choice('slab', 'hanging', ['free', 'post-tensioned', 'heated', 'waterproofed'], 'slab'),
  length('slabDepth', 'hanging'),
  length('headroom', 'hanging'),
  yesNo('wireToLeaf', 'powering'),
  length('stileWidth'),
  length('topRail'),
  length('midRail'),
  length('midRailAt'),
  length('bottomRail'),
  choice('blocking', 'sizing', ['none', 'lock', 'all'], 'blocking'),
  choice('frameKind', 'sizing', ['rebated', 'stopless'], 'frameKind'),
  length('faceFiller'),
  length('rabbetDepth'),
  choice('lockUse', 'securing', LOCK_USES, 'lockUse'),
  choice('lockKind', 'securing', LOCK_KINDS, 'lockKind'),
  yesNo('deadBolt', 'securing'),
  length('backset', 'securing'),
  length('lockHeight', 'securing'),
  choice('handle', 'securing', ['lever', 'knob'], 'handle'),
  length('latchThrow', 'securing'),
  length('boltThrow', 'securing'),
  length('strikeAt', 'securing'),
  length('strikeDepth', 'securing'),
  length('strikeCutHeight', 'securing'),
  length('strikeCutWidth', 'securing'),
  choice('bolts', 'securing', LEAF_BOLTS, 'bolts'),
  yesNo('plainFloor', 'securing'),
  choice('closerKind', 'closing', CLOSER_KINDS, 'closerKind'),
  length('kickPlate', 'protecting'),
  choice('bottomSeal', 'sealing', BOTTOM_SEALS, 'bottomSeal'),
  yesNo('bottomSealed', 'sealing'),
  choice('stopSeal', 'sealing', ['none', 'silencer', 'seal'], 'stopSeal'),
  { ...text('finish', 60), stage: 'finishing' },
];

const BY_NAME = new Map(FIELDS.map((field) => [field.name as string, field]));

/** The field of that name, or undefined for lists, maps and anything unknown. */
export function fieldOf(name: string): Field | undefined {
  return BY_NAME.get(name);
}

/** The fields that mean something for a kind of opening: no lock gap on a pair, no swing on a slider. */
export function fieldApplies(name: FieldName, kind: OpeningFacts['kind']): boolean {
  const pair = meetsInMiddle(kind);
  const sliding = slides(kind);
  switch (name) {
    case 'inactiveWidth':
      return kind === 'unequal-pair';
    case 'lowerLeafHeight':
      return kind === 'stable';
    case 'meetingEdge':
    case 'meetingGap':
    case 'mullionWidth':
      return pair;
    case 'foldLeaves':
      return kind === 'bi-fold';
    case 'active':
      return kind === 'pair' || kind === 'unequal-pair';
    case 'bolts':
      return kind === 'pair' || kind === 'unequal-pair';
    case 'slideTo':
      return sliding;
    case 'hingeSide':
      return !sliding && kind !== 'pair' && kind !== 'unequal-pair';
    case 'swing':
      return !sliding && kind !== 'double-acting' && kind !== 'double-egress';
    case 'lockGap':
    case 'hingeGap':
      return !sliding || kind === 'bi-fold';
    case 'trimProjection':
    case 'floorRise':
    case 'sideWall':
    case 'obstacleAlong':
    case 'obstacleOut':
    case 'handleProjection':
    case 'nothingVisible':
    case 'holdOpen':
    case 'openTo':
    case 'screwHold':
    case 'jambDepth':
    case 'slab':
    case 'slabDepth':
    case 'headroom':
    case 'wireToLeaf':
    case 'frameKind':
    case 'rabbetDepth':
    case 'plainFloor':
    case 'stopSeal':
    case 'closerKind':
    case 'bottomSeal':
    case 'bottomSealed':
      return !sliding;
    default:
      return true;
  }
}
