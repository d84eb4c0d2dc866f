/** The stages in working order: the order of the folders, the screens, the set and the checklist. */
export const STAGES = [
  'opening',
  'sizing',
  'handing',
  'hanging',
  'securing',
  'closing',
  'protecting',
  'sealing',
  'powering',
  'finishing',
  'preparing',
  'checking',
  'scheduling',
] as const;

export type Stage = (typeof STAGES)[number];

/** The stages whose hardware stands in a set, in the order it is listed and fitted. */
export const SET_STAGES = [
  'hanging',
  'securing',
  'closing',
  'protecting',
  'sealing',
  'powering',
] as const satisfies readonly Stage[];

export type SetStage = (typeof SET_STAGES)[number];
