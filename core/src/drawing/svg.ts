import type { Units } from '../phrasing/index.js';
import { layout } from './layout.js';
import { type Primitive } from './primitive.js';
import type { DrawingModel, Layer, Point } from './model.js';

/** Pen of each layer on paper: stroke width in text heights, dash, fill and how far it covers. */
const PENS: Record<
  Layer,
  { width: number; dash?: string; fill?: string; stroke?: string; clear?: number }
> = {
  wall: { width: 0.05, fill: '#d9d4c8' },
  floor: { width: 0.12 },
  frame: { width: 0.07, fill: '#ece7db' },
  leaf: { width: 0.1, fill: '#ffffff' },
  hardware: { width: 0.06, fill: '#8a6a1f', stroke: '#5c4512' },
  detail: { width: 0.5 },
  hidden: { width: 0.05, dash: '0.4 0.3' },
  swing: { width: 0.05 },
  open: { width: 0.05, dash: '0.8 0.25' },
  glass: { width: 0.06, fill: '#e3eef2' },
  dimension: { width: 0.035, stroke: '#333333' },
  label: { width: 0.05 },
  tape: { width: 0.22, stroke: '#8a6a1f' },
  waste: { width: 0.04, fill: '#e7c9b5' },
  off: { width: 0.09, stroke: '#7a2e1d' },
  clash: { width: 0.1, stroke: '#7a2e1d', fill: '#e3b4a6' },
  reach: { width: 0.03, stroke: '#3d5a73', fill: '#3d5a73', clear: 0.14 },
  escape: { width: 0.03, stroke: '#2f5d54', fill: '#2f5d54', clear: 0.14 },
  force: { width: 0.09, stroke: '#2f5d54', fill: '#2f5d54' },
  question: { width: 0.05, stroke: '#7a2e1d' },
};

/** The pen of a layer, for writers beside SVG. */
export function penOf(layer: Layer) {
  return PENS[layer];
}

const escapeXml = (text: string) =>
  text.replace(
    /[&<>"]/g,
    (char) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[char]!,
  );

const number = (value: number) => String(Number(value.toFixed(2)));

/** `M x y L …` of points, closed with Z. */
export function pathData(points: Point[], closed: boolean): string {
  return (
    points
      .map((point, index) => `${index ? 'L' : 'M'}${number(point.x)} ${number(point.y)}`)
      .join('') + (closed ? 'Z' : '')
  );
}

/** Writes a drawing as a stand-alone SVG, its texts with fractions set from plain figures. */
export function writeSvg(model: DrawingModel, units: Units, title: string): string {
  const { box, primitives, textHeight } = layout(model, units);
  const body = primitives.map((primitive) => element(primitive, textHeight)).join('\n');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.map(number).join(' ')}" font-family="sans-serif"><title>${escapeXml(title)}</title>\n${body}\n</svg>\n`;
}

function element(primitive: Primitive, unit: number): string {
  const pen = PENS[primitive.layer];
  const part = primitive.part ? ` data-part="${escapeXml(primitive.part)}"` : '';
  if (primitive.kind === 'text') {
    const { at, turn, anchor, size } = primitive;
    const turned = turn ? ` transform="rotate(${turn} ${number(at.x)} ${number(at.y)})"` : '';
    return `<text x="${number(at.x)}" y="${number(at.y)}" font-size="${number(size)}" text-anchor="${anchor}" fill="${pen.stroke ?? '#1f1b14'}"${turned}${part}>${escapeXml(primitive.text)}</text>`;
  }
  const dash = pen.dash
    ? ` stroke-dasharray="${pen.dash
        .split(' ')
        .map((value) => number(Number(value) * unit))
        .join(' ')}"`
    : '';
  const clear = pen.clear === undefined ? '' : ` fill-opacity="${pen.clear}"`;
  const style = `stroke="${pen.stroke ?? '#1f1b14'}" stroke-width="${number(pen.width * unit)}"${dash}${clear}`;
  if (primitive.kind === 'circle') {
    return `<circle cx="${number(primitive.centre.x)}" cy="${number(primitive.centre.y)}" r="${number(primitive.radius)}" fill="${pen.fill ?? 'none'}" ${style}${part}/>`;
  }
  return `<path d="${pathData(primitive.points, primitive.closed)}" fill="${primitive.closed ? (pen.fill ?? 'none') : 'none'}" ${style}${part}/>`;
}
