import type { Element } from './model.js';

/** A derived length measured level, from one x to another; the line stands at height `at`. */
export function level(part: string, from: number, to: number, y: number, at: number): Element {
  return {
    kind: 'dimension',
    layer: 'dimension',
    axis: 'horizontal',
    part,
    from: { x: from, y },
    to: { x: to, y },
    at,
    ticks: Math.round(Math.abs(to - from)),
    rounding: 'nearest',
    basis: 'derived',
  };
}

/** A derived length measured upright, from one y to another; the line stands at `at` across. */
export function upright(part: string, x: number, from: number, to: number, at: number): Element {
  return {
    kind: 'dimension',
    layer: 'dimension',
    axis: 'vertical',
    part,
    from: { x, y: from },
    to: { x, y: to },
    at,
    ticks: Math.round(Math.abs(to - from)),
    rounding: 'nearest',
    basis: 'derived',
  };
}

/** A word that names what it stands beside. */
export function word(
  text: string,
  x: number,
  y: number,
  anchor: 'start' | 'middle' | 'end',
): Element {
  return { kind: 'text', layer: 'label', at: { x, y }, text, anchor };
}
