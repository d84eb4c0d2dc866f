import { memo, useMemo, type MouseEvent } from 'react';
import {
  draw,
  layout,
  pathData,
  unitsOf,
  withoutFigures,
  type DecidedOpening,
  type Primitive,
  type View,
} from '@riegel/core';

export const VIEW_NAMES: Record<View, string> = {
  'elevation-outside': 'From outside',
  'elevation-inside': 'From inside',
  plan: 'Plan',
  'hinge-edge': 'Hinge edge',
  'lock-edge': 'Lock edge',
  stack: 'Stack',
};

/** The part a decision or fact is drawn as: leaf suffixes and stages do not matter for lighting it. */
function sameAs(part: string | undefined, highlighted: string | undefined): boolean {
  if (!part || !highlighted) return false;
  const bare = (name: string) => name.replace(/@.*$/, '').replace(/^.*\./, '');
  return part === highlighted || bare(part) === bare(highlighted);
}

/** One view of an opening, drawn live; hovering links a part to its decision, a click selects it. */
export const DrawingView = memo(function DrawingView({
  decided,
  view,
  highlighted,
  onHighlight,
  onSelect,
  title,
  bare = false,
}: {
  /** Without figures and words, for small pictures. */
  bare?: boolean;
  decided: DecidedOpening;
  view: View;
  highlighted?: string | undefined;
  onHighlight?: (part: string | undefined) => void;
  onSelect?: (part: string, event: MouseEvent) => void;
  title: string;
}) {
  const drawing = useMemo(() => {
    const model = draw(decided, view);
    return layout(bare ? withoutFigures(model) : model, unitsOf(decided));
  }, [decided, view, bare]);
  return (
    <svg
      className="drawing size-full"
      viewBox={drawing.box.map((value) => value.toFixed(1)).join(' ')}
      role="img"
      aria-label={title}
      preserveAspectRatio="xMidYMid meet"
    >
      <title>{title}</title>
      {drawing.primitives.map((primitive, index) => (
        <Shape
          key={index}
          primitive={primitive}
          highlighted={sameAs(primitive.part, highlighted)}
          onHighlight={onHighlight}
          onSelect={onSelect}
        />
      ))}
    </svg>
  );
});

export function Shape({
  primitive,
  highlighted,
  onHighlight,
  onSelect,
}: {
  primitive: Primitive;
  highlighted: boolean;
  onHighlight?: ((part: string | undefined) => void) | undefined;
  onSelect?: ((part: string, event: MouseEvent) => void) | undefined;
}) {
  const { part, layer } = primitive;
  const names = [
    `layer-${layer}`,
    part && onSelect ? 'part' : '',
    highlighted ? 'highlighted' : '',
  ];
  const link =
    part && onSelect
      ? {
          onPointerEnter: () => onHighlight?.(part),
          onPointerLeave: () => onHighlight?.(undefined),
          onClick: (event: MouseEvent) => onSelect(part, event),
          'data-part': part,
        }
      : {};
  if (primitive.kind === 'path')
    return (
      <path
        className={names.join(' ')}
        d={pathData(primitive.points, primitive.closed)}
        {...link}
      />
    );
  if (primitive.kind === 'circle')
    return (
      <circle
        className={names.join(' ')}
        cx={primitive.centre.x}
        cy={primitive.centre.y}
        r={primitive.radius}
        {...link}
      />
    );
  const { at, anchor, size, turn, length } = primitive;
  if (primitive.basis) names.push(`of-${primitive.basis}`);
  return (
    <text
      className={names.join(' ')}
      x={at.x}
      y={at.y}
      fontSize={size}
      textAnchor={anchor}
      transform={turn ? `rotate(${turn} ${at.x} ${at.y})` : undefined}
      {...link}
    >
      {length ? (
        <>
          {primitive.exact && (
            <title>{length.rounded ? `exactly ${primitive.exact}` : primitive.exact}</title>
          )}
          {length.whole}
          {length.numerator > 0 && (
            <tspan
              dx={length.whole ? size * 0.12 : 0}
              style={{ fontFeatureSettings: "'frac', 'tnum'" }}
            >
              {length.numerator}/{length.denominator}
            </tspan>
          )}
        </>
      ) : (
        primitive.text
      )}
    </text>
  );
}
