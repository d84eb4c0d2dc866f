import { TICKS_PER_MM, type Ticks } from '../measure/index.js';
import { length, said, Settling, term, type OpeningFacts } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { Survey } from '../survey/index.js';
import type { SolvedChain } from './chain.js';
import { decideFitting } from './fitting.js';
import { decideLining } from './lining.js';
import { checkSizes } from './findings.js';
import { wallOpening } from './wall.js';
import { nominalOf } from './nominal.js';
import type { Sizes } from './sizes.js';
import { usualGaps, widthChain, heightChain } from './stacks.js';
import { recordChain } from './recording.js';
import { leavesOf } from './leaves.js';

const NO_SURVEY = new Survey();

/** Runs the sizing stage: both stacks as chains, leaf sizes, undercut, nominal name. */
export function decideSizing(
  facts: OpeningFacts,
  practice: Practice,
  survey: Survey = NO_SURVEY,
): Sizes {
  const settling = new Settling(facts, 'sizing');
  const values = practice.values;
  const usual = usualGaps(settling, practice);
  const thickness = decideThickness(settling, practice);
  const width = widthChain(settling, practice, usual, thickness);
  const height = heightChain(settling, practice, usual);
  recordChain(settling, width, 'width');
  recordChain(settling, height, 'height');

  wallOpening(settling, practice, width.result, height.result);

  const at = (chain: SolvedChain, key: string): Ticks[] | undefined =>
    chain.solved ? chain.members.get(key)?.each : undefined;
  const leaves = leavesOf(facts, width.result, height.result, thickness);
  const sizes: Sizes = Object.assign(settling, {
    leaves,
    frameWidth: width.result.solved ? width.result.total : undefined,
    frameHeight: height.result.solved ? height.result.total : undefined,
    hingeGap: at(width.result, 'hingeGap')?.[0],
    lockGap: at(width.result, 'lockGap')?.[0],
    meetingGap: at(width.result, 'meetingGap')?.[0],
    headGap: at(height.result, 'headGap')?.[0],
    undercut: at(height.result, 'undercut')?.[0],
    stopWidth:
      settling.fact('stopWidth') ??
      (facts.kind === 'double-acting' || facts.frameKind === 'stopless'
        ? 0
        : values.stopWidth.value),
    floorFinish: settling.fact('floorFinish') ?? 0,
    rebate: values.rebate.value,
    mullion: at(width.result, 'mullion')?.[0] ?? 0,
  });
  decideNominal(settling, practice, sizes);
  decideVentilation(settling, sizes);
  decideLining(settling, practice);
  if (!survey.empty) sizes.fitting = decideFitting(settling, practice, sizes, survey);
  checkSizes(settling, practice, sizes);
  return sizes;
}

function decideThickness(settling: Settling, practice: Practice): Ticks {
  const recorded = settling.fact('leafThickness');
  const { leafThickness } = practice.values;
  settling.fix('leafThickness', length(recorded ?? leafThickness.value), {
    basis: recorded === undefined ? 'derived' : settling.basisOf('leafThickness'),
    reasons:
      recorded === undefined
        ? [
            said('sizing.thickness.practice', {
              practice: practice.name,
              source: leafThickness.source,
            }),
          ]
        : [],
    facts: ['leafThickness'],
  });
  return recorded ?? leafThickness.value;
}

function decideNominal(settling: Settling, practice: Practice, sizes: Sizes): void {
  if (settling.facts.kind !== 'single' && settling.facts.kind !== 'pair') return;
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
  const single = byLeaf && whole ? { width: leaf.width!, height: leaf.height! } : whole;
  const nominal = nominalOf(practice, single, frame);
  settling.fix('nominal', term(nominal ? `=${nominal.name}` : 'nominal.madeToMeasure'), {
    reasons: [
      said(
        nominal ? (byLeaf ? 'sizing.nominal.leaf' : 'sizing.nominal.frame') : 'sizing.nominal.none',
      ),
    ],
    facts: ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight'],
  });
}

/** Air under the leaves = undercut × their width together. */
function decideVentilation(settling: Settling, sizes: Sizes): void {
  const { undercut } = sizes;
  const below = sizes.leaves.filter((leaf) => leaf.id !== 'upper');
  if (undercut === undefined || below.some((leaf) => leaf.width === undefined)) return;
  const width = below.reduce((sum, leaf) => sum + leaf.width! * leaf.quantity, 0);
  settling.fix(
    'ventilation',
    {
      type: 'area',
      squareMm: Math.round((width / TICKS_PER_MM) * (Math.max(0, undercut) / TICKS_PER_MM)),
    },
    {
      reasons: [
        said('sizing.ventilation', { undercut: { ticks: undercut }, width: { ticks: width } }),
      ],
    },
  );
}
