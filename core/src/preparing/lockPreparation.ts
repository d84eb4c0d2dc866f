import { valueOrUndefined, message, type OpeningFacts, type Message } from '../model/index.js';
import type { LockSpec } from '../catalogue/index.js';
import type { Practice } from '../practice/index.js';
import {
  boltLengths,
  byLeverKey,
  datumsOf,
  isExit,
  cylinderOf,
  LOCK_FORMS,
  type LockFit,
  type Securing,
} from '../securing/index.js';
import type { Sizes } from '../sizing/index.js';
import { PrepWriter, type HoleRow, type Preparation } from '../stageContract/index.js';
import { holeRow } from './holeRow.js';

/** A bolt alone has no spindle, and nothing that holds two handles together. */
const NO_HANDLE: Pick<Securing['lengths'], 'spindle' | 'screw'> = {};

/** A function without a key has no cylinder. */
const NO_KEY: Pick<Securing['lengths'], 'profile' | 'mortise' | 'rimTail'> = {};

/**
 * The numbers a workshop needs for the lock of an opening: heights from every datum, bores, front,
 * pocket with its row of holes, face holes, strike, bolts, and the bits for all of it. Undefined
 * while there is no lock or its leaf is open.
 */
export function lockPreparation(
  facts: OpeningFacts,
  practice: Practice,
  sizes: Sizes,
  securing: Securing,
): Preparation | undefined {
  const { fit, strike, leaf, height } = securing;
  if (!fit || !strike || !leaf || height === undefined) return undefined;
  const sheet = new PrepWriter();
  sheet.group('place');
  const at = datumsOf(height, sizes, leaf);
  sheet.lengths('fromTop', at.leafTop!);
  sheet.lengths('fromBottom', at.leafBottom!);
  sheet.lengths('fromFloor', at.floor);
  if (at.frameHead !== undefined) sheet.lengths('fromHead', at.frameHead);
  const { pocket, bore } = fit;
  const onFace = LOCK_FORMS[fit.kind].sits === 'inside-face';
  if (onFace) sheet.lengths('backset', fit.backset);
  if (pocket ?? bore) {
    sheet.lengths('backset', fit.backset);
    if (facts.meetingEdge === 'rebated' && strike.on === 'leaf')
      sheet.lengths('backsetOverlap', fit.backset + sizes.rebate);
    if (fit.bevel > 0) sheet.lengths('backsetFaces', fit.backsetPull, fit.backsetPush);
    sheet.lengths('inThickness', fit.z);
  }
  if (bore) boreLines(sheet, practice, fit, bore);
  const row = pocket && pocketLines(sheet, practice, fit, pocket, securing.spec);
  secondBoltLines(sheet, practice, fit, securing);
  if (isExit(fit.kind)) exitLines(sheet, practice, securing);
  if (onFace) {
    if (fit.kind === 'rim-lock') rimLockLines(sheet, practice, securing);
    sheet.group('face');
    sheet.tool('pilot', practice.values.pilots.value.surface, 'surfaceScrews');
    sheet.lengths('surfaceScrews', practice.values.pilots.value.surface);
  }
  throughLines(sheet, securing);
  strikeLines(
    sheet,
    practice,
    securing,
    at.frameHead,
    onFace ? keepBackOf(facts, practice, securing) : undefined,
  );
  boltLines(sheet, practice, securing);
  wireLines(sheet, facts, practice, at.leafTop!);
  return { groups: sheet.groups, bits: sheet.tools(), row, notes: notesFor(facts, securing) };
}

function boreLines(
  sheet: PrepWriter,
  practice: Practice,
  fit: LockFit,
  bore: NonNullable<LockFit['bore']>,
): void {
  const { fronts, pilots } = practice.values;
  sheet.group('bores');
  sheet.lengths('crossBore', bore.cross);
  sheet.tool('saw', bore.cross, 'crossBore');
  sheet.lengths('edgeBore', bore.edge);
  sheet.tool('bit', bore.edge, 'edgeBore');
  sheet.lengths('edgeBoreDepth', fit.backset);
  const { height, width, gauge, radius } = fronts.value.bored;
  sheet.lengths('front', height, width, gauge);
  sheet.corner('frontCorner', radius);
  if (radius > 0) sheet.tool('router', radius * 2, 'front');
  sheet.lengths('frontScrews', pilots.value.front);
  sheet.tool('pilot', pilots.value.front, 'frontScrews');
}

function pocketLines(
  sheet: PrepWriter,
  practice: Practice,
  fit: LockFit,
  pocket: NonNullable<LockFit['pocket']>,
  spec: LockSpec | undefined,
): HoleRow {
  const { fronts, pilots, pocketOver, bitStep, rowPitch, faceHoles, centres } = practice.values;
  const row = holeRow(pocket.up, pocket.through, pocketOver.value, bitStep.value, rowPitch.value);
  sheet.group('pocket');
  sheet.lengths('pocket', pocket.up, row.bit, pocket.across);
  sheet.lengths('rowBit', row.bit);
  sheet.line('rowCount', { type: 'count', count: row.count });
  sheet.line('rowCentres', { type: 'positions', ticks: row.centres });
  sheet.tool('bit', row.bit, 'pocket');
  const front = fronts.value.pocket;
  sheet.lengths('front', pocket.up + front.height, front.width, front.gauge);
  sheet.corner('frontCorner', front.radius);
  sheet.lengths('frontScrews', pilots.value.front);
  sheet.tool('pilot', pilots.value.front, 'frontScrews');
  if (fit.kind === 'sliding' || fit.kind === 'roller' || isExit(fit.kind)) return row;
  // Only what the function has is drilled: no key hole without a key, no spindle for a bolt alone.
  const handled = !spec || spec.insideHandle !== 'none' || spec.outsideHandle !== 'none';
  const keyed = !spec || spec.outsideKey.length > 0 || spec.insideKey.length > 0;
  const turned = spec !== undefined && !keyed && spec.insideTurn.length > 0;
  if (!handled && !keyed && !turned) return row;
  sheet.group('faces');
  if (handled) {
    sheet.lengths('spindleHole', faceHoles.value.spindle);
    sheet.tool('bit', faceHoles.value.spindle, 'spindleHole');
  }
  if (turned) {
    sheet.lengths('turnHole', faceHoles.value.spindle);
    sheet.tool('bit', faceHoles.value.spindle, 'turnHole');
  }
  if (!keyed) return row;
  const cylinder = cylinderOf(fit.kind, practice);
  const apart =
    centres.value[cylinder === 'profile' ? 'profile' : fit.kind === 'sash' ? 'sash' : 'mortise'];
  if (byLeverKey(fit.kind)) leverKeyLines(sheet, practice);
  else {
    const key = cylinder === 'profile' ? faceHoles.value.profile : faceHoles.value.key;
    sheet.lengths('keyHole', key);
    sheet.tool('bit', key, 'keyHole');
  }
  if (!handled) return row;
  // The key of continental and British locks is below the spindle, of the others above it.
  const below = cylinder === 'profile' || fit.kind === 'sash';
  sheet.lengths(below ? 'keyBelow' : 'keyAbove', apart);
  return row;
}

/** The hole of a lever key: round for its pin, with a slot below as long as its bit. */
function leverKeyLines(sheet: PrepWriter, { values }: Practice): void {
  const { pin, slot, bit } = values.leverKey.value;
  sheet.lengths('leverKeyHole', pin);
  sheet.lengths('leverKeySlot', slot, bit);
  sheet.tool('bit', pin, 'leverKeyHole');
}

/** A lock on the face: what goes through the leaf for it, and what is let into the edge for its flange. */
function rimLockLines(sheet: PrepWriter, practice: Practice, { spec }: Securing): void {
  const { faceHoles, rimFlange, bodies, centres } = practice.values;
  const handled = !spec || spec.insideHandle !== 'none' || spec.outsideHandle !== 'none';
  const keyed = !spec || spec.outsideKey.length > 0 || spec.insideKey.length > 0;
  sheet.group('flange');
  sheet.lengths('flange', bodies.value.rimLock.up, rimFlange.value.wide, rimFlange.value.thick);
  sheet.group('faces');
  if (handled) {
    sheet.lengths('spindleHole', faceHoles.value.spindle);
    sheet.tool('bit', faceHoles.value.spindle, 'spindleHole');
  }
  if (!keyed) return;
  leverKeyLines(sheet, practice);
  if (handled) sheet.lengths('keyBelow', Math.min(centres.value.sash, bodies.value.rimLock.up / 2));
}

/** A bored dead bolt of its own above the lock: the same bores, at its own height. */
function secondBoltLines(
  sheet: PrepWriter,
  practice: Practice,
  fit: LockFit,
  { secondHeight, leaf }: Securing,
): void {
  if (secondHeight === undefined || !leaf) return;
  const { lockBore, latchBore } = practice.values.bodies.value;
  sheet.group('secondBolt');
  sheet.lengths('fromFloor', secondHeight);
  sheet.lengths('fromBottom', secondHeight - leaf.bottom);
  sheet.lengths('backset', fit.backset);
  sheet.lengths('crossBore', lockBore.across);
  sheet.lengths('edgeBore', latchBore.through);
  sheet.tool('saw', lockBore.across, 'crossBore');
  sheet.tool('bit', latchBore.through, 'edgeBore');
}

function exitLines(sheet: PrepWriter, practice: Practice, { exit, secondExit }: Securing): void {
  if (!exit) return;
  sheet.group('exit');
  if (exit.made !== undefined) sheet.lengths('bar', exit.bar);
  sheet.lengths('barCut', exit.cut);
  if (secondExit?.made !== undefined) sheet.lengths('secondBar', secondExit.bar);
  if (exit.topRod > 0) sheet.lengths('topRod', exit.topRod);
  if (exit.bottomRod > 0) sheet.lengths('bottomRod', exit.bottomRod);
  sheet.lengths('surfaceScrews', practice.values.pilots.value.surface);
  sheet.tool('pilot', practice.values.pilots.value.surface, 'surfaceScrews');
}

function throughLines(sheet: PrepWriter, { lengths, spec }: Securing): void {
  const handled = !spec || spec.outsideHandle !== 'none' || spec.insideHandle !== 'none';
  const { spindle, screw } = handled ? lengths : NO_HANDLE;
  const keyed = !spec || spec.outsideKey.length > 0 || spec.insideKey.length > 0;
  const { profile, mortise, rimTail } = keyed ? lengths : NO_KEY;
  if (!profile && !mortise && rimTail === undefined && spindle === undefined) return;
  sheet.group('through');
  if (profile) sheet.lengths('cylinder', profile.outer.length, profile.inner.length);
  if (mortise) {
    sheet.lengths('mortiseCylinder', mortise.length);
    if (mortise.ring > 0) sheet.lengths('ring', mortise.ring);
  }
  if (rimTail !== undefined) sheet.lengths('rimTail', rimTail);
  if (spindle !== undefined) sheet.lengths('spindle', spindle);
  if (screw !== undefined) sheet.lengths('throughScrews', screw);
}

/** How far the leaf's pull face stands behind what a keep is fixed to there: jamb edge and trim. Undefined beside a stop. */
function keepBackOf(
  facts: OpeningFacts,
  { values }: Practice,
  { outsidePull, leaf, strike }: Securing,
): number | undefined {
  if (outsidePull || !leaf || !strike) return undefined;
  const rabbet = valueOrUndefined(facts.rabbetDepth);
  const material = valueOrUndefined(facts.frameMaterial) === 'timber' ? 'timber' : 'steel';
  const beyond =
    rabbet === undefined
      ? values.jambBeyond.value[material]
      : rabbet - leaf.thickness - strike.play;
  return Math.max(0, beyond) + (valueOrUndefined(facts.trimProjection) ?? 0);
}

function strikeLines(
  sheet: PrepWriter,
  practice: Practice,
  { strike, longScrews }: Securing,
  fromHead: number | undefined,
  keepBack: number | undefined,
): void {
  if (!strike || strike.on === 'ends') return;
  const { pilots, strikeScrew } = practice.values;
  sheet.group(strike.on === 'leaf' ? 'strikeLeaf' : 'strike');
  if (strike.on !== 'leaf' && fromHead !== undefined)
    sheet.lengths('strikeFromHead', fromHead + strike.below);
  sheet.lengths('strikePlate', strike.plate.height, strike.plate.width, strike.plate.recess);
  sheet.corner('strikeCorner', strike.plate.radius);
  if (strike.plate.radius > 0) sheet.tool('router', strike.plate.radius * 2, 'strikePlate');
  if (strike.on === 'face') {
    if (keepBack !== undefined) sheet.lengths('keepBack', keepBack);
    sheet.lengths('strikeScrews', pilots.value.surface);
    sheet.tool('pilot', pilots.value.surface, 'strikeScrews');
    return;
  }
  sheet.lengths('strikeCentre', strike.centre);
  sheet.lengths('strikeFlat', strike.toFlat);
  sheet.lengths('strikeOpening', strike.opening[0], strike.opening[1]);
  if (strike.lip !== undefined) sheet.lengths('lip', strike.lip);
  if (strike.latchHole > 0) sheet.lengths('latchHole', strike.latchHole);
  if (strike.boltHole > 0) sheet.lengths('boltHole', strike.boltHole);
  sheet.lengths('dustBox', Math.max(strike.latchHole, strike.boltHole));
  sheet.line('engaged', {
    type: 'length',
    ticks: strike.latchThrow > 0 ? strike.latchIn : strike.boltIn,
    rounding: 'down',
  });
  sheet.lengths('strikeScrews', pilots.value.strike);
  sheet.tool('pilot', pilots.value.strike, 'strikeScrews');
  if (strike.on === 'jamb' && longScrews) {
    sheet.lengths('strikeLong', strikeScrew.value);
    sheet.tool('pilot', pilots.value.strikeLong, 'strikeLong');
  }
}

function boltLines(sheet: PrepWriter, practice: Practice, { bolts, leaf }: Securing): void {
  if (bolts === undefined || bolts === 'none' || !leaf) return;
  const { flushBolt, surfaceBolt } = practice.values.bodies.value;
  const reach = boltLengths(leaf.height, leaf.bottom, practice);
  sheet.group('bolts');
  if (bolts === 'surface') {
    sheet.lengths('boltCase', surfaceBolt.up, surfaceBolt.across);
    return;
  }
  sheet.lengths('boltCase', flushBolt.up, flushBolt.across, flushBolt.through);
  sheet.lengths('topBolt', reach.top);
  sheet.lengths('bottomBolt', reach.bottom);
  sheet.lengths('boltRod', Math.min(flushBolt.across, flushBolt.through) / 2);
  sheet.tool('bit', Math.min(flushBolt.across, flushBolt.through) / 2, 'boltRod');
}

/** The raceway of a wire from the hinge side to the lock. */
function wireLines(
  sheet: PrepWriter,
  facts: OpeningFacts,
  practice: Practice,
  fromTop: number,
): void {
  if (facts.wireToLeaf !== true) return;
  const { wire } = practice.values.bodies.value;
  sheet.group('wiring');
  sheet.lengths('wireBore', wire.up);
  sheet.tool('bit', wire.up, 'wireBore');
  sheet.lengths('wireFromTop', fromTop);
}

function notesFor(
  facts: OpeningFacts,
  { fit, strike, reuse, outsidePull, bolts }: Securing,
): Message[] {
  const notes: Message[] = [];
  if (!fit || !strike) return notes;
  if (facts.meetingEdge === 'rebated' && (bolts === 'flush' || bolts === 'automatic'))
    notes.push(message('preparing.boltsInRebate'));
  if (fit.pocket ?? fit.bore) notes.push(message('preparing.bothFaces'));
  if (fit.kind === 'rim-lock')
    notes.push(message(outsidePull ? 'preparing.keepPush' : 'preparing.keepPull'));
  if (fit.pocket && LOCK_FORMS[fit.kind].handed) notes.push(message('preparing.front'));
  if ((valueOrUndefined(facts.faceFiller) ?? 0) > 0)
    notes.push(message('preparing.proper', { middle: { ticks: Math.round(fit.z) } }));
  if (strike.on === 'jamb' || strike.on === 'leaf') notes.push(message('preparing.marking'));
  if (strike.below > 0) notes.push(message('preparing.below', { by: { ticks: strike.below } }));
  if (reuse && reuse.verdict !== 'keep') notes.push(message('preparing.oldStrike'));
  notes.push(message('preparing.template'));
  return notes;
}
