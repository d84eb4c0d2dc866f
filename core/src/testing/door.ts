import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';

/** A plain single door of 3-0 × 7-0, complete enough to be hung and secured; tests change what they look at. */
export const DOOR: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafConstruction: 'timber-stave',
  leafThickness: inches(1.75),
  hingeSide: 'left',
  swing: 'in',
  rating: 0,
  frequency: 'medium',
};
