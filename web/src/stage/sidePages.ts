import { HardHat, Hammer, ListChecks, Ruler, Split, type LucideIcon } from 'lucide-react';

/** A page of an opening beside its stages. */
export interface SidePage {
  path: string;
  name: string;
  /** The key that leads to it. */
  key: string;
  Icon: LucideIcon;
}

/** What stands beside the bolts: what goes before them and what follows from them. */
export const SIDE_PAGES: readonly SidePage[] = [
  { path: 'survey', name: 'Survey', key: 's', Icon: Ruler },
  { path: 'replacement', name: 'Replacement', key: 'r', Icon: Hammer },
  { path: 'preparation', name: 'Preparation', key: 'w', Icon: ListChecks },
  { path: 'alternatives', name: 'Alternatives', key: 'a', Icon: Split },
  { path: 'site', name: 'Site', key: 'o', Icon: HardHat },
];
