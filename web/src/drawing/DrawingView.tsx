import { useMemo } from 'react';
import {
  draw,
  layout,
  unitsOf,
  withoutFigures,
  type DecidedOpening,
  type View,
} from '@riegel/core';
import { SvgDrawing, type Drawn } from './SvgDrawing.js';

export const VIEW_NAMES: Record<View, string> = {
  'elevation-outside': 'Outside',
  'elevation-inside': 'Inside',
  plan: 'Plan',
  'hinge-edge': 'Hinge edge',
  'lock-edge': 'Lock edge',
  stack: 'Stack',
};

/** One view of an opening, drawn live. */
export function DrawingView({
  decided,
  view,
  bare = false,
  ...drawn
}: Omit<Drawn, 'drawing'> & {
  decided: DecidedOpening;
  view: View;
  /** Without figures and words, for small pictures. */
  bare?: boolean;
}) {
  const drawing = useMemo(() => {
    const model = draw(decided, view);
    return layout(bare ? withoutFigures(model) : model, unitsOf(decided));
  }, [decided, view, bare]);
  return <SvgDrawing drawing={drawing} {...drawn} />;
}
