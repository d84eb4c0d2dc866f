import {
  decideOpening,
  itemSizeParts,
  itemText,
  lengthPart,
  partsText,
  termText,
  unitsOf,
  valueParts,
  type Basis,
  type StageProgress,
  type DecidedOpening,
  type OpeningFacts,
  type Part,
  type ProjectBasis,
} from '@riegel/core';

/** What a register cell shows. */
export interface Cell {
  parts: Part[];
  /** For sorting and searching. */
  text: string;
  basis: Basis | 'open';
}

/** One line of the register, light enough to send by the thousand. */
export interface RegisterRow {
  id: string;
  cells: Record<string, Cell>;
  /** The four-hand code by which a hand is typed, in every practice; empty while there is none. */
  handCode: string;
  bolts: readonly StageProgress[];
  stops: number;
  checks: number;
  open: number;
}

/** Short names of what is not a butt hinge, for a narrow column. */
const SHORT: Record<string, string> = {
  'item.offsetPivot': 'pivots',
  'item.centrePivot': 'centre-hung',
  'item.continuous': 'continuous',
  'item.doubleActingSpring': 'sprung',
  'item.track': 'sliding',
};

const cell = (parts: Part[], basis: Cell['basis']): Cell => ({
  parts,
  text: partsText(parts),
  basis,
});

function decided(opening: DecidedOpening, key: string): Cell {
  const decision = opening.decisions.find((candidate) => candidate.key === key);
  if (!decision) return cell([], 'derived');
  if (!decision.value) return cell(['open'], 'open');
  return cell(valueParts(decision.value, unitsOf(opening)), decision.basis);
}

function handCodeOf({ facts, results }: DecidedOpening): string {
  const { handing } = results;
  if (!handing.hand || !handing.names || facts.kind === 'double-egress') return '';
  return handing.active ? `${handing.names.code} active` : handing.names.code;
}

/** Decides an opening and keeps what the register shows of it. */
export function rowOf(id: string, facts: OpeningFacts, basis: ProjectBasis): RegisterRow {
  const opening = decideOpening(facts, basis);
  const units = unitsOf(opening);
  const leaf = opening.results.sizing.leaves[0]!;
  const leafParts: Part[] =
    leaf.width !== undefined && leaf.height !== undefined
      ? [lengthPart(leaf.width, units, 'down'), ' × ', lengthPart(leaf.height, units, 'down')]
      : [];
  const hanging = opening.items.filter((item) => item.stage === 'hanging');
  const hung = hanging[0];
  const hingeParts: Part[] = hung
    ? hung.term === 'item.butt'
      ? [
          `${hanging.reduce((sum, item) => sum + item.quantity, 0)} · `,
          ...itemSizeParts(hung, units),
        ]
      : [
          `${hung.quantity} · ${SHORT[hung.term ?? ''] ?? itemText({ ...hung, traits: [] }).toLowerCase()}`,
        ]
    : [];
  const hand = decided(opening, 'handing.hand');
  const { rating } = facts;
  return {
    id,
    cells: {
      frameWidth: decided(opening, 'sizing.frameWidth'),
      frameHeight: decided(opening, 'sizing.frameHeight'),
      hand: hand.parts.length > 0 ? shorter(hand) : shorter(decided(opening, 'handing.slide')),
      leafSize: leafParts.length > 0 ? cell(leafParts, 'derived') : cell(['open'], 'open'),
      hinges: hingeParts.length > 0 ? cell(hingeParts, 'derived') : cell(['open'], 'open'),
      rating: cell(
        [
          rating === undefined
            ? ''
            : rating === 'unknown'
              ? 'unknown'
              : rating === 0
                ? '–'
                : String(rating),
        ],
        'given',
      ),
      kind: cell([termText(`short.kind.${facts.kind}`)], 'given'),
    },
    handCode: handCodeOf(opening),
    bolts: opening.progress,
    stops: opening.findings.filter((finding) => finding.level === 'stop').length,
    checks: opening.findings.filter((finding) => finding.level === 'check').length,
    open: opening.progress.reduce((sum, bolt) => sum + bolt.open, 0),
  };
}

/** Long hand names in a narrow column: the part before the explanation. */
function shorter(hand: Cell): Cell {
  const text = hand.text
    .replace(/^none; pivots (left|right).*/, 'pivots $1')
    .replace(/^to the (left|right).*/, 'to $1')
    .replace(', both leaves', ' both')
    .replace(/^(left|right), opens (in|out) \(\w+( active)?\)$/, '$1, $2$3')
    .replace(' active', ' act.');
  return { ...hand, parts: [text], text };
}
