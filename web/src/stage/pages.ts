import type { ComponentType } from 'react';
import type { Stage } from '@riegel/core';
import { lazyPage } from '../parts/lazyPage.js';

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
    load: lazyPage(() => import('../screens/hanging/HangingScreen.js'), 'HangingScreen'),
  },
  securing: {
    path: 'securing',
    load: lazyPage(() => import('../screens/securing/SecuringScreen.js'), 'SecuringScreen'),
  },
  replacing: {
    path: 'replacement',
    load: lazyPage(
      () => import('../screens/replacement/ReplacementScreen.js'),
      'ReplacementScreen',
    ),
  },
  preparing: {
    path: 'preparation',
    load: lazyPage(
      () => import('../screens/preparation/PreparationScreen.js'),
      'PreparationScreen',
    ),
  },
};

/** The routes of the stages' pages. */
export const STAGE_ROUTES = Object.values(STAGE_PAGES).map(({ path, load }) => ({
  path: `${path}/:openingId`,
  lazy: load,
}));
