import { arcPoints, type Element, type Layer, type Point } from '../drawing/index.js';
import { toInches, toMm, type System } from '../measure/index.js';
import type { Ordinate } from './sheet.js';

/** Layers of the files, by what lines stand for; colours are those every reader has. */
const LAYERS: readonly (readonly [string, number])[] = [
  ['OUTLINE', 7],
  ['CUT', 1],
  ['HIDDEN', 8],
  ['TEXT', 3],
  ['DIMENSION', 5],
];

const LAYER_OF: Partial<Record<Layer, string>> = {
  leaf: 'OUTLINE',
  frame: 'OUTLINE',
  hardware: 'CUT',
  hidden: 'HIDDEN',
  label: 'TEXT',
  dimension: 'TEXT',
};

/** What a file is made of. */
export interface DxfDrawing {
  elements: readonly Element[];
  ordinates: readonly Ordinate[];
  textHeight: number;
}

/**
 * A drawing as DXF (AutoCAD R12 format, which every reader has) in true units: millimetres, or inches where the
 * practice works in them. Running dimensions are dimensions, measured by the reader.
 */
export function dxf({ elements, ordinates, textHeight }: DxfDrawing, system: System): string {
  const unit = system === 'inch' ? toInches : toMm;
  const out: string[] = [];
  const put = (code: number, value: string | number) => out.push(String(code), plain(value));
  const at = (base: number, { x, y }: Point) => {
    put(base, unit(x));
    put(base + 10, unit(y));
    put(base + 20, 0);
  };
  const entity = (name: string, layer: string) => {
    put(0, name);
    put(8, layer);
  };
  const line = (layer: string, from: Point, to: Point) => {
    entity('LINE', layer);
    at(10, from);
    at(11, to);
  };
  const text = (layer: string, point: Point, words: string, height: number, anchor = 'start') => {
    entity('TEXT', layer);
    at(10, point);
    put(40, unit(height));
    put(1, words);
    if (anchor !== 'start') {
      put(72, anchor === 'middle' ? 1 : 2);
      at(11, point);
    }
  };
  const section = (name: string, write: () => void) => {
    put(0, 'SECTION');
    put(2, name);
    write();
    put(0, 'ENDSEC');
  };
  section('HEADER', () => {
    put(9, '$ACADVER');
    put(1, 'AC1009');
    put(9, '$INSUNITS');
    put(70, system === 'inch' ? 1 : 4);
    put(9, '$DIMTXT');
    put(40, unit(textHeight));
  });
  section('TABLES', () => {
    put(0, 'TABLE');
    put(2, 'LAYER');
    put(70, LAYERS.length);
    for (const [name, colour] of LAYERS) {
      put(0, 'LAYER');
      put(2, name);
      put(70, 0);
      put(62, colour);
      put(6, 'CONTINUOUS');
    }
    put(0, 'ENDTAB');
  });
  const columns = columnsOf(ordinates, textHeight);
  section('BLOCKS', () =>
    ordinates.forEach(({ from, to, ticks, axis }, index) => {
      put(0, 'BLOCK');
      put(8, '0');
      put(2, `*D${index + 1}`);
      put(70, 1);
      at(10, { x: 0, y: 0 });
      const offset = columns[index]!;
      const [a, b] =
        axis === 'vertical'
          ? [
              { x: offset, y: from.y },
              { x: offset, y: to.y },
            ]
          : [
              { x: from.x, y: offset },
              { x: to.x, y: offset },
            ];
      line('DIMENSION', from, a);
      line('DIMENSION', to, b);
      line('DIMENSION', a, b);
      text('DIMENSION', middle(a, b), figure(unit(ticks)), textHeight);
      put(0, 'ENDBLK');
      put(8, '0');
    }),
  );
  section('ENTITIES', () => {
    for (const element of elements) {
      const layer = LAYER_OF[element.layer];
      // Leaders to figures stand in the dimensions, too.
      const leads = element.layer === 'dimension' && element.kind !== 'text';
      if (!layer || leads) continue;
      if (element.kind === 'circle') {
        entity('CIRCLE', layer);
        at(10, element.centre);
        put(40, unit(element.radius));
      } else if (element.kind === 'text') {
        // Figures stand in the dimensions.
        if (element.layer !== 'dimension')
          text(layer, element.at, element.text, textHeight * (element.scale ?? 1), element.anchor);
      } else {
        const points = element.kind === 'line' ? element.points : arcPoints(element);
        const closed = element.kind === 'line' && element.closed === true;
        for (let index = 1; index < points.length; index++)
          line(layer, points[index - 1]!, points[index]!);
        if (closed && points.length > 2) line(layer, points.at(-1)!, points[0]!);
      }
    }
    ordinates.forEach(({ axis, from, to, ticks }, index) => {
      const offset = columns[index]!;
      const vertical = axis === 'vertical';
      const [a, b] = vertical
        ? [
            { x: offset, y: from.y },
            { x: offset, y: to.y },
          ]
        : [
            { x: from.x, y: offset },
            { x: to.x, y: offset },
          ];
      entity('DIMENSION', 'DIMENSION');
      put(2, `*D${index + 1}`);
      at(10, b);
      at(11, middle(a, b));
      put(70, 0);
      put(1, figure(unit(ticks)));
      at(13, from);
      at(14, to);
      put(50, vertical ? 90 : 0);
    });
  });
  put(0, 'EOF');
  return `${out.join('\r\n')}\r\n`;
}

const middle = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });

const figure = (value: number) => String(Number(value.toFixed(4)));

/** Values as the format has them: figures with a point, other letters than ASCII by their number. */
function plain(value: string | number): string {
  if (typeof value === 'number') return Number.isInteger(value) ? String(value) : value.toFixed(6);
  return value
    .replace(/[\r\n]+/g, ' ')
    .replace(
      /[^\x20-\x7e]/g,
      (sign) => `\\U+${sign.charCodeAt(0).toString(16).toUpperCase().padStart(4, '0')}`,
    );
}

/** A line for each dimension beside what it measures, one outside the other. */
function columnsOf(ordinates: readonly Ordinate[], textHeight: number): number[] {
  const counts = new Map<string, number>();
  return ordinates.map(({ axis, from }) => {
    const edge = axis === 'vertical' ? from.x : from.y;
    const key = `${axis} ${edge}`;
    const count = (counts.get(key) ?? 0) + 1;
    counts.set(key, count);
    const away = axis === 'vertical' ? (edge < 0 ? -1 : 1) : -1;
    return edge + away * textHeight * (1.5 + count * 2);
  });
}
