import { valueOrUndefined, type OpeningFacts } from '../model/index.js';
import type { FrameMaterial, LeafConstruction, Practice, UseClass } from '../practice/index.js';
import type { Role } from '../roles/index.js';

/**
 * What the opening is usually made of by what it is, where nobody recorded it: leaf and frame. Where
 * it is rated or stands to the weather the leaf that withstands it is taken.
 */
export function usualMake(
  role: Role,
  facts: OpeningFacts,
  { values }: Practice,
  exterior: boolean,
): Partial<OpeningFacts> {
  const assumed: Partial<OpeningFacts> = {};
  if (facts.frameMaterial === undefined) {
    const frame = values.frameByRole.value[role];
    if (frame) assumed.frameMaterial = frame as FrameMaterial;
  }
  if (facts.leafConstruction === undefined) {
    const leaf = usualLeaf(role, facts, values, exterior);
    if (leaf) assumed.leafConstruction = leaf as LeafConstruction;
  }
  if (facts.leafEdge === undefined && !exterior && overlaps({ ...facts, ...assumed }, values))
    assumed.leafEdge = 'rebated';
  if (facts.frequency === undefined && facts.passagesPerDay === undefined) {
    const use = values.useByRole.value[role];
    if (use) assumed.frequency = use as UseClass;
  }
  return assumed;
}

/**
 * Whether a new inner leaf of wood lies over its frame, as room doors of the practice do: not where nothing may
 * be seen, in a frame without rebate, or of a width that only flush leaves have.
 */
function overlaps(facts: OpeningFacts, values: Practice['values']): boolean {
  const { leafEdgeUsual, leafOverlap, nominalSizes } = values;
  if (leafEdgeUsual.value !== 'rebated' || facts.kind !== 'single') return false;
  const timber = valueOrUndefined(facts.leafConstruction)?.startsWith('timber') ?? false;
  const found = facts.work === 'replacement' || (facts.readings?.length ?? 0) > 0;
  if (!timber || found || facts.nothingVisible === true || facts.frameKind === 'stopless')
    return false;
  const over = (valueOrUndefined(facts.leafWidth) ?? 0) + 2 * leafOverlap.value;
  return !nominalSizes.value.some(({ width }) => width === over);
}

function usualLeaf(
  role: Role,
  facts: OpeningFacts,
  { leafByRole, leafRated, leafRatedFrom, leafOutside, roomsOf }: Practice['values'],
  exterior: boolean,
): string {
  const usual = leafByRole.value[role];
  const minutes = valueOrUndefined(facts.rating) ?? 0;
  // Narrow stiles are rated only as listed: a rated leaf is not taken to be one.
  if (usual === 'aluminium-narrow' && minutes > 0) return leafRated.value;
  if (!usual.startsWith('timber')) return usual;
  if (minutes >= leafRatedFrom.value) return leafRated.value;
  // A hollow leaf holds back nothing.
  if (minutes > 0 && (usual === 'timber-hollow' || usual === 'timber-tubular'))
    return 'timber-particle';
  // The outer doors of a house are made to stand to the weather.
  if (usual === 'timber-stave') return usual;
  return exterior && roomsOf.value !== 'dwellings' ? leafOutside.value : usual;
}
