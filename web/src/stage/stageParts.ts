import { createContext, useContext, useEffect, useState, type ComponentType } from 'react';
import type { Stage } from '@riegel/core';

/** Something beside the drawings that a stage is worked on with: a bench, a closer drawing. */
export interface Bench {
  /** Its name on the tab. */
  name: string;
  value: string;
  Component: ComponentType;
}

/** Something a stage shows below its decisions, folded away unless it is `open`. */
interface Section {
  name: string;
  open?: boolean;
  Component: ComponentType;
}

/** What a stage has of its own beside what every stage's page shows. */
export interface StageParts {
  benches?: readonly Bench[];
  sections?: readonly Section[];
}

/** How the parts of each stage that has its own are brought. */
export type StagePartsLoaders = Partial<Record<Stage, () => Promise<StageParts>>>;

/** Given by whoever knows the screens; without it no stage has parts of its own. */
export const StagePartsContext = createContext<StagePartsLoaders>({});

const loaded = new Map<Stage, StageParts>();

/** The parts of a stage, once they have come. */
export function useStageParts(stage: Stage | undefined): StageParts | undefined {
  const loaders = useContext(StagePartsContext);
  const [, setCome] = useState(0);
  useEffect(() => {
    const load = stage && !loaded.has(stage) ? loaders[stage] : undefined;
    if (!load || !stage) return;
    let current = true;
    load()
      .then((parts) => {
        loaded.set(stage, parts);
        if (current) setCome((count) => count + 1);
      })
      // Without a connection what was not brought yet is missing; the page itself stands.
      .catch(() => undefined);
    return () => {
      current = false;
    };
  }, [stage, loaders]);
  return stage && loaded.get(stage);
}
