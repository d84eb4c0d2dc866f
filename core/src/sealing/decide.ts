import { sourceIn, SMOKE_AROUND } from '../practice/index.js';
import {
  isAssumed,
  valueOrUndefined,
  meetsInMiddle,
  message,
  slides,
  swingsBothWays,
  type Basis,
  type MeasuredLeaf,
  type Message,
} from '../model/index.js';
import { toMm, wholeDown } from '../measure/index.js';
import { bottomTaken, sweeps } from '../protecting/index.js';
import { rodsRunDown } from '../securing/index.js';
import { measuredLeaves } from '../sizing/index.js';
import {
  BOTTOMS,
  type Bottom,
  type Meeting,
  type SealMaterial,
  type SealingRecord,
} from './decisions.js';
import { findSealing } from './findings.js';
import { sealingItems } from './items.js';
import { soundThrough, type SoundPath, type SoundSum } from './sound.js';
import { PERIMETERS, type Perimeter } from './values.js';
import type { Sealing, SealingInput } from './result.js';
import { ROLE, standsInTheOpen } from '../roles/index.js';

/** Decides what seals head and jambs, the floor, the meeting edges, and what sound comes through. */
export function decideSealing(input: SealingInput, record: SealingRecord): Sealing {
  const { facts, results } = input;
  const leaves = measuredLeaves(results.sizing);
  // A stable door seals at the floor under its lower leaf.
  const leaf = leaves[leaves.length - 1];
  const perimeter = decidePerimeter(input, record);
  const perimeterLength = decidePerimeterLength(input, record, perimeter);
  const strip = decideStrip(input, record);
  const bottom = decideBottom(input, record, leaf);
  const sealed = bottom !== 'none' && bottom !== 'threshold';
  const material = sealed ? decideMaterial(input, record, bottom) : undefined;
  const bottomLengths = sealed
    ? leaves
        .filter(({ id }) => id !== 'upper')
        .map((one) => ({
          quantity: one.quantity,
          length: decideBottomLength(input, record, one),
        }))
    : [];
  const threshold = decideThreshold(input, record);
  const meeting = meetsInMiddle(facts.kind) ? decideMeeting(input, record, perimeter) : 'none';
  const sound = decideSound(input, record, { perimeter, bottom, meeting });
  const sealing: Sealing = {
    perimeter,
    perimeterLength,
    strip,
    bottom,
    face: rodsRunDown(results.securing) && facts.plainFloor !== true ? 'pull' : 'push',
    material,
    bottomLengths,
    threshold,
    meeting,
    sound,
  };
  findSealing(record, input, sealing);
  sealingItems(record.items, input, sealing);
  return sealing;
}

interface Wanted<T> {
  is: T;
  why: () => Message;
  basis?: Basis;
}

function perimeterFor({ facts, practice, results }: SealingInput): Wanted<Perimeter> {
  const { role } = results.opening;
  const stop = valueOrUndefined(facts.stopSeal);
  if (slides(facts.kind)) return { is: 'none', why: () => message('sealing.perimeter.slides') };
  if (standsInTheOpen(role)) return { is: 'none', why: () => message('sealing.perimeter.gate') };
  if (role && ROLE[role].place.cold)
    return { is: 'none', why: () => message('sealing.perimeter.cold') };
  if ((valueOrUndefined(facts.sound) ?? 0) > 0)
    return { is: 'sound', why: () => message('sealing.perimeter.sound') };
  if (facts.smoke === true)
    return {
      is: 'smoke',
      why: () => message('sealing.perimeter.smoke', { source: sourceIn(SMOKE_AROUND, practice) }),
    };
  if (facts.exterior === true)
    return { is: 'weather', why: () => message('sealing.perimeter.weather') };
  if (facts.lightTight === true)
    return { is: 'light', why: () => message('sealing.perimeter.light') };
  if (stop === 'seal') return { is: 'light', why: () => message('sealing.perimeter.recorded') };
  if (role && ROLE[role].place.garage)
    return { is: 'light', why: () => message('sealing.perimeter.garage') };
  // Without stops there is nothing for a silencer.
  const stops = !swingsBothWays(facts.kind) && facts.frameKind !== 'stopless';
  const glass = valueOrUndefined(facts.leafConstruction) === 'glass';
  const silenced =
    facts.frameMaterial === 'steel' && stops && !glass && practice.values.steelSilenced.value;
  if (stop === 'silencer' || (stop === undefined && silenced))
    return { is: 'silencers', why: () => message('sealing.perimeter.silencers') };
  return { is: 'none', why: () => message('sealing.perimeter.none') };
}

function decidePerimeter(input: SealingInput, record: SealingRecord): Perimeter {
  const { is, why } = perimeterFor(input);
  return record.propose('perimeter', is, {
    reasons: () => [why()],
    alternatives: () =>
      PERIMETERS.map((value) =>
        PERIMETERS.indexOf(value) < PERIMETERS.indexOf(is) && is !== 'silencers'
          ? {
              value,
              against: message('sealing.against.tight', { purpose: { term: `perimeter.${is}` } }),
            }
          : { value },
      ),
    facts: ['sound', 'smoke', 'exterior', 'lightTight', 'stopSeal'],
  });
}

function decidePerimeterLength(
  { facts, results }: SealingInput,
  record: SealingRecord,
  perimeter: Perimeter,
): number | undefined {
  const { frameWidth: width, frameHeight: height } = results.sizing;
  if (perimeter === 'none' || perimeter === 'silencers') return undefined;
  if (width === undefined || height === undefined) {
    record.ask('perimeterLength', 'ask.sizeFirst', ['frameWidth', 'frameHeight']);
    return undefined;
  }
  const length = 2 * height + width;
  record.decide('perimeterLength', length, {
    reasons: () => [
      message(meetsInMiddle(facts.kind) ? 'sealing.length.pair' : 'sealing.length.single', {
        height: { ticks: height },
        width: { ticks: width },
      }),
    ],
    facts: ['frameWidth', 'frameHeight'],
  });
  return length;
}

function decideStrip({ facts, practice }: SealingInput, record: SealingRecord): Sealing['strip'] {
  const { intumescent, strips } = practice.values;
  const rating = valueOrUndefined(facts.rating) ?? 0;
  const timber = valueOrUndefined(facts.leafConstruction)?.startsWith('timber') ?? false;
  if (rating === 0 || !timber || !intumescent.value || slides(facts.kind)) return undefined;
  const row = strips.value.find(({ minutes }) => rating <= minutes) ?? strips.value.at(-1)!;
  record.decide(
    'strip',
    { width: row.width, height: row.thickness },
    {
      reasons: () => [
        message(row.count > 1 ? 'sealing.strip.two' : 'sealing.strip', {
          minutes: rating,
          source: strips.source,
        }),
      ],
      facts: ['rating', 'leafConstruction'],
    },
  );
  return { width: row.width, thickness: row.thickness, count: row.count };
}

/** Whether a drop seal goes into the bottom of the leaf: thick enough, and nothing else in its place. */
function mortises(
  { facts, practice, results }: SealingInput,
  leaf: MeasuredLeaf | undefined,
): boolean {
  const timber = valueOrUndefined(facts.leafConstruction)?.startsWith('timber') ?? false;
  return (
    timber &&
    leaf !== undefined &&
    leaf.thickness >= practice.values.dropFullLeaf.value &&
    !bottomTaken(results)
  );
}

function bottomFor(input: SealingInput, leaf: MeasuredLeaf | undefined): Wanted<Bottom> {
  const { facts, practice, results } = input;
  const recorded = valueOrUndefined(facts.bottomSeal);
  const drop: Bottom = mortises(input, leaf) ? 'drop-full' : 'drop-surface';
  const hidden = facts.nothingVisible === true;
  if (recorded === 'none') return { is: 'none', why: () => message('sealing.bottom.recorded') };
  if (recorded !== undefined && recorded !== 'any')
    return { is: recorded, why: () => message('sealing.bottom.recorded') };
  if (facts.threshold === 'sealing')
    return { is: 'threshold', why: () => message('sealing.bottom.threshold') };
  if (slides(facts.kind)) return { is: 'none', why: () => message('sealing.perimeter.slides') };
  if ((valueOrUndefined(facts.sound) ?? 0) > 0)
    return { is: drop, why: () => message('sealing.bottom.sound') };
  if (hidden && recorded === 'any')
    return { is: 'drop-full', why: () => message('sealing.bottom.hidden') };
  const { smokeGap } = practice.values;
  const { undercut } = results.sizing;
  if (facts.smoke === true && smokeGap.value > 0 && undercut !== undefined) {
    const params = {
      gap: { ticks: undercut },
      most: { ticks: smokeGap.value },
      source: smokeGap.source,
    };
    if (undercut > smokeGap.value)
      return { is: drop, why: () => message('sealing.bottom.smoke', params) };
    return { is: 'none', why: () => message('sealing.bottom.smokeTight', params) };
  }
  const light = facts.lightTight === true;
  if (facts.smoke === true && smokeGap.value === 0 && facts.exterior !== true && !light)
    return {
      is: 'none',
      why: () => message('sealing.bottom.smokeLabel', { source: smokeGap.source }),
    };
  if (standsInTheOpen(results.opening.role))
    return { is: 'none', why: () => message('sealing.perimeter.gate') };
  if (sweeps(facts, results.opening.role))
    return {
      is: 'sweep',
      why: () =>
        message(facts.exterior === true ? 'sealing.bottom.weather' : 'sealing.perimeter.garage'),
    };
  if (facts.lightTight === true || recorded === 'any')
    return { is: drop, why: () => message('sealing.bottom.light') };
  return {
    is: 'none',
    why: () => message(facts.airUnder === true ? 'sealing.bottom.air' : 'sealing.bottom.none'),
  };
}

function decideBottom(
  input: SealingInput,
  record: SealingRecord,
  leaf: MeasuredLeaf | undefined,
): Bottom {
  const { facts, practice } = input;
  const { is, why } = bottomFor(input, leaf);
  const against = (value: Bottom): Message | undefined => {
    if (value === 'drop-full' && leaf && leaf.thickness < practice.values.dropFullLeaf.value)
      return message('sealing.against.thin', {
        needed: { ticks: practice.values.dropFullLeaf.value },
        leaf: { ticks: leaf.thickness },
      });
    if (facts.nothingVisible === true && value !== 'drop-full' && value !== 'none')
      return message('sealing.against.seen');
    if (value === 'none' && is !== 'none') return message('sealing.against.leak');
    if (value === 'sweep' && facts.exterior !== true) return message('sealing.against.drags');
    return undefined;
  };
  return record.propose('bottom', is, {
    reasons: () => [why()],
    alternatives: () =>
      BOTTOMS.map((value) => {
        const speaks = against(value);
        return speaks ? { value, against: speaks } : { value };
      }),
    facts: ['bottomSeal', 'sound', 'smoke', 'exterior', 'undercut', 'threshold'],
  });
}

function decideMaterial(
  { facts, practice }: SealingInput,
  record: SealingRecord,
  bottom: Bottom,
): SealMaterial {
  const texture = valueOrUndefined(facts.floorTexture);
  const uneven = valueOrUndefined(facts.floorUneven) ?? 0;
  const { bulbUneven } = practice.values;
  // Sound is held back by a bulb only; a floor that it does not lie on gets a plate.
  const sound = (valueOrUndefined(facts.sound) ?? 0) > 0;
  const rough =
    !sound && (texture === 'rough' || texture === 'carpet' || uneven > bulbUneven.value);
  const sweep = bottom === 'sweep';
  const derived: SealMaterial = rough
    ? 'brush'
    : texture === 'light' || sweep
      ? 'neoprene'
      : 'bulb';
  return record.propose('material', derived, {
    basis: texture === undefined && !rough && !sound ? 'assumed' : 'derived',
    reasons: () => [
      rough
        ? message('sealing.material.rough', { most: { ticks: bulbUneven.value } })
        : texture === 'light'
          ? message('sealing.material.light')
          : message(
              sound
                ? 'sealing.material.sound'
                : sweep
                  ? 'sealing.material.sweep'
                  : texture
                    ? 'sealing.material.smooth'
                    : 'sealing.material.assumed',
            ),
    ],
    alternatives: () =>
      (['bulb', 'neoprene', 'brush'] as const).map((value) =>
        rough && value !== 'brush'
          ? {
              value,
              against: message('sealing.material.rough', { most: { ticks: bulbUneven.value } }),
            }
          : { value },
      ),
    facts: ['floorTexture', 'floorUneven'],
  });
}

function decideBottomLength(
  { practice }: SealingInput,
  record: SealingRecord,
  leaf: MeasuredLeaf,
): number {
  const short = practice.values.sealShort.value;
  const length = leaf.width - short;
  record.decide('bottomLength', length, {
    leaf: leaf.id,
    reasons: () => [message('sealing.bottomLength', { short: { ticks: short } })],
    facts: ['leafWidth'],
  });
  return length;
}

function decideThreshold(
  { facts, practice, results }: SealingInput,
  record: SealingRecord,
): Sealing['threshold'] {
  const kind = valueOrUndefined(facts.threshold);
  const { frameWidth } = results.sizing;
  const open = facts.exterior === true && !standsInTheOpen(results.opening.role);
  const wanted = kind === undefined ? open : kind !== 'none';
  if (!wanted || frameWidth === undefined || slides(facts.kind)) return undefined;
  const height = valueOrUndefined(facts.thresholdHeight) ?? practice.values.thresholdMost.value;
  record.decide(
    'threshold',
    { width: frameWidth, height },
    {
      basis: kind === undefined ? 'assumed' : 'derived',
      reasons: () => [message('sealing.threshold')],
      facts: ['threshold', 'thresholdHeight', 'exterior'],
    },
  );
  return { width: frameWidth, height };
}

function decideMeeting(
  { facts }: SealingInput,
  record: SealingRecord,
  perimeter: Perimeter,
): Meeting {
  const wanted = perimeter !== 'none' && perimeter !== 'silencers';
  const overlaps = facts.meetingEdge === 'rebated' || facts.meetingEdge === 'astragal';
  const mullion = facts.meetingEdge === 'mullion';
  const derived: Meeting =
    !wanted || overlaps || mullion ? 'none' : perimeter === 'sound' ? 'astragal' : 'brush';
  return record.propose('meeting', derived, {
    reasons: () => [
      message(
        !wanted
          ? 'sealing.meeting.none'
          : derived === 'none'
            ? 'sealing.meeting.overlap'
            : 'sealing.meeting.wanted',
      ),
    ],
    alternatives: () => [{ value: 'none' }, { value: 'brush' }, { value: 'astragal' }],
    facts: ['meetingEdge'],
  });
}

const metres = (ticks: number) => toMm(ticks) / 1000;

/** What sound comes through the whole door, where somebody wants to know. */
function decideSound(
  { facts, practice, results }: SealingInput,
  record: SealingRecord,
  { perimeter, bottom, meeting }: Pick<Sealing, 'perimeter' | 'bottom' | 'meeting'>,
): SoundSum | undefined {
  const wanted = valueOrUndefined(facts.sound) ?? 0;
  const { frameWidth, frameHeight } = results.sizing;
  const construction = valueOrUndefined(facts.leafConstruction);
  if (wanted === 0 || frameWidth === undefined || frameHeight === undefined || !construction)
    return undefined;
  const recorded = valueOrUndefined(facts.leafSound);
  const leaf = recorded ?? practice.values.leafSounds.value[construction];
  const joints = practice.values.jointSounds.value;
  const [width, height] = [metres(frameWidth), metres(frameHeight)];
  if (width <= 0 || height <= 0) return undefined;
  const area = width * height;
  const open = perimeter === 'none' ? 'open' : perimeter;
  const sealedMeeting = meeting !== 'none' || facts.meetingEdge !== undefined;
  const paths: SoundPath[] = [
    { name: 'leaf', extent: area, decibels: leaf },
    { name: 'perimeter', extent: 2 * height + width, decibels: joints[open] },
    {
      name: 'bottom',
      extent: width,
      decibels: joints[bottom === 'none' ? 'undercut' : bottom],
    },
    ...(meetsInMiddle(facts.kind)
      ? [
          {
            name: 'meeting',
            extent: height,
            decibels: joints[sealedMeeting ? 'meeting-sealed' : 'meeting'],
          },
        ]
      : []),
  ];
  const sum = soundThrough(area, paths);
  const [first, second] = sum.shares as [SoundSum['shares'][number], SoundSum['shares'][number]];
  const percent = (share: number) => Math.round(share * 100);
  const total = wholeDown(sum.total);
  record.decide('sound', total, {
    reasons: () => [
      message('sealing.sound', {
        leaf,
        first: { term: `soundPath.${first.name}` },
        firstShare: percent(first.share),
        second: { term: `soundPath.${second.name}` },
        secondShare: percent(second.share),
        rest: 100 - percent(first.share) - percent(second.share),
      }),
      ...(recorded === undefined ? [message('sealing.sound.assumed')] : []),
    ],
    facts: ['sound', 'leafSound', 'leafConstruction'],
  });
  if (total < wanted) {
    const params = {
      is: { amount: total, unit: 'dB' as const },
      wanted: { amount: wanted, unit: 'dB' as const },
    };
    // What is asked of the door only by what it is says which leaf to order: the leaf may be better than usual.
    const level = isAssumed(facts, 'sound') ? 'note' : 'check';
    const parts = ['sealing.sound', 'sound', 'leafSound'];
    if (leaf < wanted)
      record.report(level, 'sealing.soundLeaf', { ...params, leaf }, 'EN ISO 12354-3', parts);
    else
      record.report(
        level,
        'sealing.soundShort',
        {
          ...params,
          weakest: { term: `soundPath.${first.name}` },
          share: percent(first.share),
        },
        'EN ISO 12354-3',
        parts,
      );
  }
  return sum;
}
