import { memo, type MouseEvent, type ReactNode } from 'react';
import { pathData, type Layer, type Layout, type Primitive } from '@riegel/core';
import { boxOf, WHOLE, type Look } from './useZoom.js';

export interface Drawn {
  drawing: Layout;
  title: string;
  look?: Look;
  /** Whether a part is lit, and whether it is of no interest just now. */
  isLit?: ((part: string) => boolean) | undefined;
  isQuiet?: ((part: string) => boolean) | undefined;
  /** Whether a part rests on what nobody confirmed. */
  isAssumed?: ((part: string) => boolean) | undefined;
  hidden?: ReadonlySet<Layer>;
  onHighlight?: ((part: string | undefined) => void) | undefined;
  onSelect?: ((part: string, event: MouseEvent) => void) | undefined;
  /** What lies over the drawing, in its own coordinates. */
  children?: ReactNode;
  /** Told where on the drawing was pressed, in thousandths from the left and the top. */
  onPoint?: ((x: number, y: number) => void) | undefined;
}

/** A laid-out drawing on the screen; its parts light up, go quiet and lead somewhere. */
export const SvgDrawing = memo(function SvgDrawing({
  drawing,
  title,
  look = WHOLE,
  isLit,
  isQuiet,
  isAssumed,
  hidden,
  onHighlight,
  onSelect,
  children,
  onPoint,
}: Drawn) {
  const box = boxOf(drawing.box, look);
  const point = (event: MouseEvent<SVGSVGElement>) => {
    const to = event.currentTarget.getScreenCTM()?.inverse();
    if (!to || !onPoint) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(to);
    const share = (value: number, from: number, size: number) =>
      Math.min(1000, Math.max(0, Math.round(((value - from) / size) * 1000)));
    onPoint(
      share(at.x, drawing.box[0], drawing.box[2]),
      share(at.y, drawing.box[1], drawing.box[3]),
    );
  };
  return (
    <svg
      onClick={onPoint ? point : undefined}
      className="drawing size-full"
      viewBox={box.map((value) => value.toFixed(1)).join(' ')}
      role="img"
      aria-label={title}
      preserveAspectRatio="xMidYMid meet"
    >
      <title>{title}</title>
      {drawing.primitives.map((primitive, index) =>
        hidden?.has(primitive.layer) ? null : (
          <Shape
            key={index}
            primitive={primitive}
            lit={primitive.part !== undefined && (isLit?.(primitive.part) ?? false)}
            quiet={primitive.part !== undefined && (isQuiet?.(primitive.part) ?? false)}
            assumed={primitive.part !== undefined && (isAssumed?.(primitive.part) ?? false)}
            onHighlight={onHighlight}
            onSelect={onSelect}
          />
        ),
      )}
      {children}
    </svg>
  );
});

interface ShapeProps {
  primitive: Primitive;
  lit?: boolean;
  quiet?: boolean;
  assumed?: boolean;
  onHighlight?: ((part: string | undefined) => void) | undefined;
  onSelect?: ((part: string, event: MouseEvent) => void) | undefined;
}

/** One line, circle or text of a drawing. */
export const Shape = memo(function Shape({
  primitive,
  lit = false,
  quiet = false,
  assumed = false,
  onHighlight,
  onSelect,
}: ShapeProps) {
  const { part, layer } = primitive;
  let look = `layer-${layer}`;
  if (part && onSelect) look += ' part';
  if (assumed) look += ' assumed';
  if (lit) look += ' lit';
  else if (quiet) look += ' quiet';
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
    return <path className={look} d={pathData(primitive.points, primitive.closed)} {...link} />;
  if (primitive.kind === 'circle')
    return (
      <circle
        className={look}
        cx={primitive.centre.x}
        cy={primitive.centre.y}
        r={primitive.radius}
        {...link}
      />
    );
  const { at, anchor, size, turn, length } = primitive;
  if (primitive.basis) look += ` of-${primitive.basis}`;
  return (
    <text
      className={look}
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
});
