export const OPENING_KINDS = [
  'single',
  'pair',
  'unequal-pair',
  'double-acting',
  'double-acting-pair',
  'double-egress',
  'sliding',
  'pocket',
  'stable',
  'bi-fold',
] as const;
export type OpeningKind = (typeof OPENING_KINDS)[number];

/** Which leaf of an opening; equal leaves are decided once, as `leaf`. */
export const LEAF_IDS = ['leaf', 'active', 'inactive', 'upper', 'lower'] as const;
export type LeafId = (typeof LEAF_IDS)[number];

/** Whether one leaf of a pair is active and the other inactive, both with the hand of the active one. */
export function hasActiveLeaf(kind: OpeningKind): boolean {
  return kind === 'pair' || kind === 'unequal-pair';
}

/** Whether its leaves swing both ways, and stand between no stops. */
export function swingsBothWays(kind: OpeningKind): boolean {
  return kind === 'double-acting' || kind === 'double-acting-pair';
}

/** Whether two leaves meet in the middle of the opening: every pair, of leaves that swing both or opposite ways too. */
export function meetsInMiddle(kind: OpeningKind): boolean {
  return hasActiveLeaf(kind) || kind === 'double-egress' || kind === 'double-acting-pair';
}

/** Whether the kind hangs on one side and swings one way only, so that it has a hand. */
export function hasHand(kind: OpeningKind): boolean {
  return !swingsBothWays(kind) && !slides(kind);
}

/** Whether its leaves hang from a track: they slide, or fold together to one side. */
export function slides(kind: OpeningKind): boolean {
  return kind === 'sliding' || kind === 'pocket' || kind === 'bi-fold';
}

/** Whether its leaves swing. */
export function swings(kind: OpeningKind): boolean {
  return !slides(kind);
}
