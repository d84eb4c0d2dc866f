import { RotateCcw } from 'lucide-react';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  framingOf,
  hingeLoads,
  inches,
  layout,
  lengthPart,
  loadsDrawing,
  measured,
  mm,
  movedHinge,
  partsText,
  snapHinge,
  toMm,
  type DecidedOpening,
  type FactsPatch,
  type HungLeaf,
  type SnapTo,
  type Units,
} from '@riegel/core';
import { Shape } from '../../drawing/SvgDrawing.js';
import { ModelView } from '../../drawing/ModelView.js';

type Bench = {
  decided: DecidedOpening;
  units: Units;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
};

/** What each hinge carries, drawn; hinges are dragged on the drawing and their arrows follow. */
export function LoadsBench(bench: Bench) {
  const { hanging } = bench.decided.results;
  const [index, setIndex] = useState(0);
  const hung = hanging.leaves[Math.min(index, hanging.leaves.length - 1)]!;
  const ready =
    hung.positions !== undefined && hung.hingeHeight !== undefined && measured(hung.leaf);
  return (
    <figure
      className="sheet flex min-h-[420px] flex-1 flex-col"
      aria-label="What each hinge carries"
    >
      {hanging.leaves.length > 1 && (
        <div role="tablist" aria-label="Leaf" className="flex border-b border-rule">
          {hanging.leaves.map((one, at) => (
            <button
              key={one.leaf.id}
              role="tab"
              aria-selected={at === index}
              className={`px-3 py-1 ${at === index ? 'font-semibold' : 'text-soft'}`}
              onClick={() => setIndex(at)}
            >
              {one.leaf.id}
            </button>
          ))}
        </div>
      )}
      {ready ? (
        <Dragging key={hung.leaf.id} {...bench} hung={hung} />
      ) : hanging.device.includes('pivot') && measured(hung.leaf) && hung.loads ? (
        <PivotLoads {...bench} hung={hung} />
      ) : (
        <p className="m-auto max-w-60 text-center text-soft">
          {hanging.device === 'continuous'
            ? 'A continuous hinge carries along its whole edge.'
            : 'Hinges are not placed yet: see what is open beside.'}
        </p>
      )}
    </figure>
  );
}

/** What head and foot carry; they stand where leaf and frame put them. */
function PivotLoads({ decided, units, hung }: Bench & { hung: HungLeaf }) {
  const leaf = measured(hung.leaf)!;
  const { up } = decided.practice.values.bodies.value.pivotFoot;
  const model = loadsDrawing(
    {
      height: leaf.height,
      width: leaf.width,
      hingeHeight: up,
      positions: [0, leaf.height - up],
      loads: hung.loads!,
      rails: [],
      pattern: [],
      basis: 'derived',
    },
    units.system,
  );
  return (
    <>
      <div className="min-h-0 flex-1">
        <ModelView model={model} units={units} title="What head and foot carry" />
      </div>
      <figcaption className="min-h-8 border-t border-rule px-2 py-1 text-xs text-soft">
        The foot carries the leaf; head and foot hold it against its pull
      </figcaption>
    </>
  );
}

/** How near a hinge is drawn to pattern and rails, on the screen. */
const REACH_PIXELS = 7;

function Dragging({ decided, units, canEdit, onPatch, hung }: Bench & { hung: HungLeaf }) {
  const leaf = measured(hung.leaf)!;
  const h = hung.hingeHeight!;
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<
    { index: number; grip: number; positions: number[]; at: string } | undefined
  >();
  const framing = framingOf(decided.facts, decided.practice, leaf);
  const rails: [number, number][] = framing
    ? [
        [0, framing.bottomRail],
        ...(framing.mid ? [[framing.mid.from, framing.mid.to] as [number, number]] : []),
        [leaf.height - framing.topRail, leaf.height],
      ]
    : [];
  const positions = drag?.positions ?? hung.positions!;
  const pattern = hung.pattern ?? [];
  const loads = hung.mass
    ? hingeLoads(
        hung.mass,
        leaf.width,
        (decided.results.sizing.hingeGap ?? 0) / 2,
        positions.map((top) => leaf.height - top - h / 2),
      )
    : [];
  const byHand = decided.facts.hingePositions?.[leaf.id] !== undefined;
  const drawing = layout(
    loadsDrawing(
      {
        height: leaf.height,
        width: leaf.width,
        hingeHeight: h,
        positions,
        loads,
        rails,
        pattern,
        basis: byHand || drag ? 'given' : 'derived',
      },
      units.system,
    ),
    units,
  );
  const grid = units.system === 'inch' ? inches(1 / 8) : mm(1);
  const snapping = (reach: number): SnapTo => ({
    hingeHeight: h,
    leafHeight: leaf.height,
    pattern,
    rails,
    grid,
    reach,
  });
  /** Ticks below the leaf's top, and ticks a pixel, at a pointer. */
  const place = (event: PointerEvent) => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { top: leaf.height + mm(point.y), perPixel: mm(matrix.d) };
  };
  const write = (next: number[]) =>
    onPatch({ hingePositions: { ...decided.facts.hingePositions, [leaf.id]: next } });
  const follow = () => {
    const { [leaf.id]: _, ...rest } = decided.facts.hingePositions ?? {};
    onPatch({ hingePositions: Object.keys(rest).length > 0 ? rest : undefined });
  };
  const start = (event: PointerEvent<SVGElement>, index: number) => {
    if (!canEdit) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    setDrag({
      index,
      grip: place(event).top - positions[index]!,
      positions: [...positions],
      at: '',
    });
  };
  const move = (event: PointerEvent) => {
    if (!drag) return;
    const { top, perPixel } = place(event);
    const rest = snapHinge(top - drag.grip, snapping(perPixel * REACH_PIXELS));
    setDrag({
      ...drag,
      at: rest.at,
      positions: movedHinge(drag.positions, drag.index, rest.top, h, leaf.height),
    });
  };
  const end = () => {
    if (!drag) return;
    setDrag(undefined);
    if (drag.positions.some((top, index) => top !== hung.positions![index])) write(drag.positions);
  };
  const key = (event: KeyboardEvent, index: number) => {
    const step = { ArrowUp: -1, ArrowDown: 1, PageUp: -8, PageDown: 8 }[event.key];
    if (!canEdit || step === undefined) return;
    event.preventDefault();
    const top = Math.round(positions[index]! / grid + step) * grid;
    write(movedHinge(positions, index, top, h, leaf.height));
  };
  const words = (top: number) => partsText([lengthPart(top, units)]);
  return (
    <>
      <svg
        ref={svg}
        className="drawing min-h-0 w-full flex-1 touch-none"
        viewBox={drawing.box.map((value) => value.toFixed(1)).join(' ')}
        preserveAspectRatio="xMidYMid meet"
        role="group"
        aria-label="Hinge edge with loads"
        onPointerMove={move}
        onPointerUp={end}
        onPointerCancel={end}
      >
        {drawing.primitives.map((primitive, index) => (
          <Shape key={index} primitive={primitive} />
        ))}
        {positions.map((top, index) => (
          <rect
            key={index}
            className={`fill-transparent outline-offset-2 ${canEdit ? 'cursor-ns-resize' : ''}`}
            x={-toMm(leaf.height) * 0.05}
            width={toMm(leaf.height) * 0.11}
            y={-toMm(leaf.height - top) - toMm(h) * 0.15}
            height={toMm(h) * 1.3}
            tabIndex={0}
            role="slider"
            aria-label={`Hinge ${index + 1}, top edge below the leaf’s top`}
            aria-orientation="vertical"
            aria-valuemin={0}
            aria-valuemax={leaf.height - h}
            aria-valuenow={top}
            aria-valuetext={words(top)}
            aria-disabled={!canEdit}
            data-hinge={index}
            onPointerDown={(event) => start(event, index)}
            onKeyDown={(event) => key(event, index)}
          />
        ))}
      </svg>
      <figcaption className="flex min-h-8 items-center gap-2 border-t border-rule px-2 py-1 text-xs text-soft">
        <span role="status">
          {drag
            ? `${words(positions[drag.index]!)}${drag.at === 'pattern' ? ', at the pattern' : drag.at === 'rail' ? ', at a rail’s joint' : ''}`
            : hung.mass
              ? 'Drag a hinge; sideways is pull and press, down is shear'
              : 'Drag a hinge; without a mass no loads are shown'}
        </span>
        {byHand && canEdit && !drag && (
          <button type="button" className="button bare ml-auto !h-6 !px-1 text-xs" onClick={follow}>
            <RotateCcw size={12} /> to the pattern
          </button>
        )}
      </figcaption>
    </>
  );
}
