import type { ComponentType } from 'react';
import type { Stage } from '@riegel/core';

/** A page of its own that a stage has, beside its part of the opening's page. */
export interface StagePage {
  /** Its place in the address: `…/path/opening`. */
  path: string;
  load: () => Promise<{ Component: ComponentType }>;
}

/** Stages with a page of their own: whoever builds one adds its line here. */
export const STAGE_PAGES: Partial<Record<Stage, StagePage>> = {
  hanging: {
    path: 'hanging',
    load: () =>
      import('../screens/hanging/HangingScreen.js').then((page) => ({
        Component: page.HangingScreen,
      })),
  },
  securing: {
    path: 'securing',
    load: () =>
      import('../screens/securing/SecuringScreen.js').then((page) => ({
        Component: page.SecuringScreen,
      })),
  },
  replacing: {
    path: 'replacement',
    load: () =>
      import('../screens/replacement/ReplacementScreen.js').then((page) => ({
        Component: page.ReplacementScreen,
      })),
  },
  preparing: {
    path: 'preparation',
    load: () =>
      import('../screens/preparation/PreparationScreen.js').then((page) => ({
        Component: page.PreparationScreen,
      })),
  },
};

/** The routes of the stages' pages. */
export const STAGE_ROUTES = Object.values(STAGE_PAGES).map(({ path, load }) => ({
  path: `${path}/:openingId`,
  lazy: load,
}));
