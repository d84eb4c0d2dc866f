import { useMemo } from 'react';
import {
  draw,
  gapDrawing,
  layout,
  type GapBench,
  type GapPlace,
  type ReadGaps,
} from '@riegel/core';
import { ModelView } from '../../drawing/ModelView.js';
import { SvgDrawing } from '../../drawing/SvgDrawing.js';
import { useOpeningPage } from '../../opening/page.js';

/** The gaps of a leaf, drawn many times too wide; a press on one asks for it. */
export function GapsDrawn({
  bench,
  gaps,
  chosen,
  title,
  onChoose,
}: {
  bench: GapBench;
  gaps: ReadGaps;
  chosen?: GapPlace | undefined;
  title: string;
  onChoose?: (place: GapPlace) => void;
}) {
  const { units } = useOpeningPage();
  const model = useMemo(
    () => gapDrawing(bench.geometry, bench.wanted, gaps, units.system, chosen),
    [bench, gaps, units.system, chosen],
  );
  return (
    <ModelView
      model={model}
      units={units}
      title={title}
      onSelect={
        onChoose &&
        ((part) => {
          if (part.startsWith('gap:')) onChoose(part.slice(4) as GapPlace);
        })
      }
    />
  );
}

/** A photograph's number where it was taken, in thousandths of the drawing. */
export interface Mark {
  id: string;
  number: number;
  x: number;
  y: number;
  title: string;
}

/** The opening from outside with the places of its photographs. */
export function OpeningDrawn({
  marks,
  onPoint,
}: {
  marks: readonly Mark[];
  onPoint?: ((x: number, y: number) => void) | undefined;
}) {
  const { decided, units } = useOpeningPage();
  const drawing = useMemo(() => {
    const model = draw(decided, 'elevation-outside');
    return model && layout(model, units);
  }, [decided, units]);
  if (!drawing) return <p className="p-4 text-soft">Nothing is drawn while its size is open.</p>;
  const [left, top, width, height] = drawing.box;
  const radius = Math.min(width, height) * 0.028;
  return (
    <SvgDrawing drawing={drawing} title={`${decided.facts.mark} from outside`} onPoint={onPoint}>
      {marks.map(({ id, number, x, y, title }) => (
        <g
          key={id}
          data-mark={number}
          transform={`translate(${left + (x / 1000) * width} ${top + (y / 1000) * height})`}
        >
          <title>{title}</title>
          <circle r={radius} fill="var(--slate)" />
          <text
            textAnchor="middle"
            y={radius * 0.42}
            fontSize={radius * 1.2}
            fill="var(--sheet)"
            fontWeight={700}
          >
            {number}
          </text>
        </g>
      ))}
    </SvgDrawing>
  );
}
