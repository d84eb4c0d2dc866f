/** A page of an opening beside its stages. */
export interface SidePage {
  path: string;
  name: string;
  /** The key that leads to it. */
  key: string;
}

/** What stands beside the bolts: what goes before them and what follows from them. */
export const SIDE_PAGES: readonly SidePage[] = [
  { path: 'survey', name: 'Survey', key: 's' },
  { path: 'replacement', name: 'Replacement', key: 'r' },
  { path: 'preparation', name: 'Preparation', key: 'w' },
  { path: 'alternatives', name: 'Alternatives', key: 'a' },
];
