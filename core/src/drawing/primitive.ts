import type { ShownLength } from '../measure/index.js';
import type { Basis } from '../model/index.js';
import type { Layer, Point } from './model.js';

/** A drawable thing in millimetres with y down, as SVG and PDF want it. */
export type Primitive =
  | { kind: 'path'; layer: Layer; part?: string; points: Point[]; closed: boolean }
  | { kind: 'circle'; layer: Layer; part?: string; centre: Point; radius: number }
  | {
      kind: 'text';
      layer: Layer;
      part?: string;
      at: Point;
      anchor: 'start' | 'middle' | 'end';
      size: number;
      /** Degrees clockwise. */
      turn: number;
      text: string;
      length?: ShownLength;
      exact?: string;
      basis?: Basis;
    };
