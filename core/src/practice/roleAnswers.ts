/** What a lock is for, in plain words; what it must do follows (`securing/uses.ts`). */
export const LOCK_USES = [
  'passage',
  'push-pull',
  'privacy',
  'office',
  'classroom',
  'lock-down',
  'store',
  'reader',
  'entrance',
  'apartment',
  'dwelling',
  'dormitory',
  'guest',
  'guest-card',
  'communicating',
  'patio',
  'shop',
  'gate',
  'cold-room',
  'stair',
  'stair-locked',
  'exit',
  'exit-only',
] as const;
export type LockUse = (typeof LOCK_USES)[number];

/**
 * When a door of a role closes by itself: always, where it is rated, not unless wanted, never, being kept
 * locked, or, rated, as somebody says: in one dwelling it need not, in a shared house it does.
 */
export const ROLE_CLOSINGS = ['always', 'rated', 'never', 'locked', 'asked'] as const;
export type RoleClosing = (typeof ROLE_CLOSINGS)[number];

/** When a door of a role holds smoke back: always, where it is rated, or not unless wanted. */
export const ROLE_SMOKES = ['always', 'rated', 'never'] as const;
export type RoleSmoke = (typeof ROLE_SMOKES)[number];

/** Plates a door of a role usually has. */
export const PLATES = ['none', 'kick', 'kick-mop', 'armor', 'armor-both'] as const;
export type Plates = (typeof PLATES)[number];

/** Groups by what people do in the rooms a way out serves (IBC chapter 3; Approved Document B). */
export const OCCUPANCIES = [
  'assembly',
  'education',
  'high-hazard',
  'business',
  'mercantile',
  'factory',
  'storage',
  'institutional',
  'residential',
  'dwelling',
] as const;
export type Occupancy = (typeof OCCUPANCIES)[number];
