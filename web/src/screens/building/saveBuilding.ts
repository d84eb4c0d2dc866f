import type { Building, OpeningFacts } from '@riegel/core';

/** What of openings a changed building changes: each with its patch. */
type Patches = readonly { id: string; patch: Partial<OpeningFacts> }[];

/** Saves the building, with what that changes of openings. */
export type SaveBuilding = (next: Building, patches?: Patches) => Promise<void>;
