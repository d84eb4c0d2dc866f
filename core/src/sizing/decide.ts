import { TICKS_PER_MM, wholeDown, type Ticks } from '../measure/index.js';
import {
  valueOrUndefined,
  message,
  swingsBothWays,
  type OpeningFacts,
  type Message,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { StageInput } from '../stageContract/index.js';
import { memberOf, type SolvedChain } from './chain.js';
import type { SizingRecord } from './decisions.js';
import { checkSizes } from './findings.js';
import { decideFitting } from './fitting.js';
import { leavesOf } from './leaves.js';
import { decideLining } from './lining.js';
import { nominalOf } from './nominal.js';
import { decideOverAll } from './rebated.js';
import { recordChain } from './recording.js';
import type { Sizes } from './result.js';
import { copyOf } from './copying.js';
import { insideOf, type NeededLeaf } from './neededLeaf.js';
import { heightChain, usualGaps, widthChain } from './stacks.js';
import { wallOpening } from './wall.js';
import { type Role, standsInTheOpen } from '../roles/index.js';

/** Runs the sizing stage: both stacks as chains, leaf sizes, undercut, nominal name. */
export function decideSizing(
  { facts, practice, survey, results }: StageInput<'opening'>,
  record: SizingRecord,
): Sizes {
  const { values } = practice;
  const thickness = decideThickness(record, practice, results.opening.role);
  const known = usualGaps(record, practice);
  const copy = facts.copyLeaf === true ? copyOf(record, practice, known, survey) : undefined;
  // What is copied depends on no frame: where nobody said of what it is, gaps are those of timber.
  const usual = copy ? { ...values.gapsTimber.value, ...known } : known;
  const made = copy && sizeOf(copy.leaf.needed);
  const asOld = (axis: 'width' | 'height') =>
    made && { ticks: made[axis], recorded: copy?.given[axis] !== undefined };
  const width = widthChain(record, practice, usual, thickness, asOld('width'));
  const height = heightChain(record, practice, usual, asOld('height'));
  recordChain(record, width, 'width');
  recordChain(record, height, 'height');
  const at = (chain: SolvedChain, key: string): Ticks | undefined => memberOf(chain, key)?.each[0];
  const unfitted: Sizes = {
    leaves: leavesOf(facts, width.result, height.result, thickness),
    frameWidth: width.result.solved ? width.result.total : undefined,
    frameHeight: height.result.solved ? height.result.total : undefined,
    hingeGap: at(width.result, 'hingeGap'),
    lockGap: at(width.result, 'lockGap'),
    meetingGap: at(width.result, 'meetingGap'),
    headGap: at(height.result, 'headGap'),
    undercut: at(height.result, 'undercut'),
    stopWidth:
      valueOrUndefined(record.facts.stopWidth) ??
      (swingsBothWays(facts.kind) || facts.frameKind === 'stopless' ? 0 : values.stopWidth.value),
    floorFinish: valueOrUndefined(record.facts.floorFinish) ?? 0,
    rebate: values.rebate.value,
    mullion: at(width.result, 'mullion') ?? 0,
    fitting: undefined,
  };
  const overAll = decideOverAll(record, practice, unfitted.leaves[0]!);
  wallOpening(record, practice, width.result, height.result);
  decideNominal(record, practice, unfitted, overAll);
  decideVentilation(record, unfitted);
  decideLining(record, practice, survey);
  const existing = !survey.empty || facts.work === 'replacement';
  const sizes = existing
    ? { ...unfitted, fitting: decideFitting(record, practice, unfitted, survey, copy) }
    : unfitted;
  checkSizes(record, practice, sizes);
  return sizes;
}

/** What a leaf measures where it is least, in whole ticks. */
function sizeOf(needed: NeededLeaf): { width: Ticks; height: Ticks } {
  const { width, height } = insideOf(needed);
  return { width: wholeDown(width), height: wholeDown(height) };
}

/** Roles of the doors within a dwelling. */
const IN_DWELLINGS: ReadonlySet<Role | undefined> = new Set(['bedroom', 'bathroom', 'closet']);

/** How thick a leaf is where nobody recorded it: as glass is, as rated leaves are tested, else by weather. */
function usualThickness(
  { rating, exterior }: OpeningFacts,
  practice: Practice,
  role: Role | undefined,
): { thickness: Ticks; why: () => Message } {
  const { values, name } = practice;
  const home = IN_DWELLINGS.has(role);
  const usual = (home ? values.leafThicknessHome : values.leafThickness).value;
  const from = values.leafThicknessRatedFrom.value;
  const rated = (valueOrUndefined(rating) ?? 0) >= from ? values.leafThicknessRated.value : 0;
  const outside =
    exterior === true && !standsInTheOpen(role) ? values.leafThicknessOutside.value : 0;
  const thickness = Math.max(usual, rated, outside);
  const why = () =>
    thickness === usual
      ? message('sizing.thickness.practice', { practice: name })
      : thickness === rated
        ? message('sizing.thickness.rated', { practice: name, from })
        : message('sizing.thickness.outside', { practice: name });
  return { thickness, why };
}

function decideThickness(record: SizingRecord, practice: Practice, role: Role | undefined): Ticks {
  // A leaf all of glass is as thick as its glass, not as the leaf its frame was made for.
  const glass = valueOrUndefined(record.facts.leafConstruction) === 'glass';
  const fact = glass ? 'glassThickness' : 'leafThickness';
  const recorded = valueOrUndefined(record.facts[fact]);
  const usual = usualThickness(record.facts, practice, role);
  const thickness = recorded ?? (glass ? practice.values.glassLeaf.value : usual.thickness);
  record.decide('leafThickness', thickness, {
    basis: recorded !== undefined ? record.basisOf(fact) : glass ? 'assumed' : 'derived',
    reasons: () => (recorded === undefined ? [usual.why()] : []),
    facts: glass ? [fact] : [fact, 'rating', 'exterior'],
  });
  return thickness;
}

function decideNominal(
  record: SizingRecord,
  practice: Practice,
  sizes: Sizes,
  overAll: { width: Ticks; height: Ticks } | undefined,
): void {
  if (record.facts.kind !== 'single' && record.facts.kind !== 'pair') return;
  const leaf = sizes.leaves[0]!;
  const whole =
    leaf.width !== undefined && leaf.height !== undefined
      ? { width: leaf.width * leaf.quantity, height: leaf.height }
      : undefined;
  const frame =
    sizes.frameWidth !== undefined && sizes.frameHeight !== undefined
      ? { width: sizes.frameWidth, height: sizes.frameHeight }
      : undefined;
  if (!whole && !frame) return;
  const byLeaf = practice.values.nominalNames.value === 'leaf';
  // A rebated leaf is named by its size over all.
  const single =
    byLeaf && whole ? (overAll ?? { width: leaf.width!, height: leaf.height! }) : whole;
  const nominal = nominalOf(practice, single, frame);
  record.decide('nominal', nominal ? `=${nominal.name}` : 'nominal.madeToMeasure', {
    reasons: () => [
      message(
        nominal ? (byLeaf ? 'sizing.nominal.leaf' : 'sizing.nominal.frame') : 'sizing.nominal.none',
      ),
    ],
    facts: ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight'],
  });
}

/** Air under the leaves = undercut × their width together. */
function decideVentilation(record: SizingRecord, sizes: Sizes): void {
  const { undercut } = sizes;
  if (undercut === undefined) return;
  let width = 0;
  for (const leaf of sizes.leaves) {
    if (leaf.id === 'upper') continue;
    if (leaf.width === undefined) return;
    width += leaf.width * leaf.quantity;
  }
  record.decide(
    'ventilation',
    Math.round((width / TICKS_PER_MM) * (Math.max(0, undercut) / TICKS_PER_MM)),
    {
      reasons: () => [
        message('sizing.ventilation', { undercut: { ticks: undercut }, width: { ticks: width } }),
      ],
    },
  );
}
