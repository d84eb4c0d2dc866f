import { useEffect, useState, type ComponentType } from 'react';
import type { Stage } from '@riegel/core';

/** Something beside the drawings that a stage is worked on with: a bench, a closer drawing. */
export interface Bench {
  /** Its name on the tab. */
  name: string;
  value: string;
  Component: ComponentType;
}

/** Something a stage shows below its decisions, folded away unless it is `open`. */
export interface Section {
  name: string;
  open?: boolean;
  Component: ComponentType;
}

/** What a stage has of its own beside what every stage's page shows. */
export interface StageParts {
  benches?: readonly Bench[];
  sections?: readonly Section[];
}

/** Stages with parts of their own: whoever builds one adds its line here. */
const LOAD: Partial<Record<Stage, () => Promise<StageParts>>> = {
  hanging: () => import('../screens/hanging/parts.js').then((one) => one.HANGING),
  securing: () => import('../screens/securing/parts.js').then((one) => one.SECURING),
  closing: () => import('../screens/closing/parts.js').then((one) => one.CLOSING),
  sealing: () => import('../screens/sealing/parts.js').then((one) => one.SEALING),
  powering: () => import('../screens/powering/parts.js').then((one) => one.POWERING),
};

const loaded = new Map<Stage, StageParts>();

/** The parts of a stage, once they have come. */
export function useStageParts(stage: Stage | undefined): StageParts | undefined {
  const [, setCome] = useState(0);
  useEffect(() => {
    const load = stage && !loaded.has(stage) ? LOAD[stage] : undefined;
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
  }, [stage]);
  return stage && loaded.get(stage);
}
