import {
  useCallback,
  useRef,
  useState,
  type PointerEvent,
  type RefObject,
  type WheelEvent,
} from 'react';

/** Left, top, width, height in the units of a drawing. */
export type Box = readonly [number, number, number, number];

/** What of a drawing is looked at: how many times larger, and which point of it is in the middle (0 to 1). */
export interface Look {
  times: number;
  x: number;
  y: number;
}

export const WHOLE: Look = { times: 1, x: 0.5, y: 0.5 };
const LARGEST = 12;

/** The part of a drawing that a look shows. */
export function boxOf([left, top, width, height]: Box, { times, x, y }: Look): Box {
  const [w, h] = [width / times, height / times];
  return [left + x * width - w / 2, top + y * height - h / 2, w, h];
}

/** So many times larger about a point of the drawing (0 to 1 each way) that stays where it is. */
export function zoomed(look: Look, by: number, about = { x: look.x, y: look.y }): Look {
  const times = Math.min(LARGEST, Math.max(1, look.times * by));
  if (times === 1) return WHOLE;
  const kept = look.times / times;
  return within({
    times,
    x: about.x + (look.x - about.x) * kept,
    y: about.y + (look.y - about.y) * kept,
  });
}

/** Moved by shares of the whole drawing; its middle never leaves the drawing. */
export function moved(look: Look, dx: number, dy: number): Look {
  return within({ ...look, x: look.x + dx, y: look.y + dy });
}

const clamp = (value: number) => Math.min(1, Math.max(0, value));
const within = (look: Look): Look => ({ ...look, x: clamp(look.x), y: clamp(look.y) });

/** Zoom and pan of a drawing by wheel, two fingers and pulling; `shown` is the pane it is drawn in. */
export function useZoom(pane: RefObject<HTMLElement | null>) {
  const [look, setLook] = useState<Look>(WHOLE);
  const fingers = useRef(new Map<number, { x: number; y: number }>());
  const pulled = useRef(false);
  /** Where a pointer is, as a share of the drawing; the drawing fills the pane nearly. */
  const at = useCallback(
    (event: { clientX: number; clientY: number }, now: Look) => {
      const box = pane.current?.getBoundingClientRect();
      if (!box) return { x: now.x, y: now.y };
      const [sx, sy] = [
        (event.clientX - box.left) / box.width,
        (event.clientY - box.top) / box.height,
      ];
      return { x: now.x + (sx - 0.5) / now.times, y: now.y + (sy - 0.5) / now.times };
    },
    [pane],
  );
  const onWheel = (event: WheelEvent) => {
    const { deltaY, clientX, clientY } = event;
    setLook((now) => zoomed(now, Math.exp(-deltaY / 400), at({ clientX, clientY }, now)));
  };
  const onPointerDown = (event: PointerEvent) => {
    fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
    pulled.current = false;
  };
  const onPointerMove = (event: PointerEvent) => {
    const before = fingers.current.get(event.pointerId);
    const box = pane.current?.getBoundingClientRect();
    if (!before || !box) return;
    const now = { x: event.clientX, y: event.clientY };
    const [dx, dy] = [now.x - before.x, now.y - before.y];
    if (!pulled.current && Math.hypot(dx, dy) < 4) return;
    pulled.current = true;
    fingers.current.set(event.pointerId, now);
    const others = [...fingers.current].filter(([id]) => id !== event.pointerId);
    const other = others[0]?.[1];
    setLook((look) => {
      if (other) {
        const was = Math.hypot(before.x - other.x, before.y - other.y);
        const is = Math.hypot(now.x - other.x, now.y - other.y);
        const middle = { clientX: (now.x + other.x) / 2, clientY: (now.y + other.y) / 2 };
        return was > 0 ? zoomed(look, is / was, at(middle, look)) : look;
      }
      return look.times === 1
        ? look
        : moved(look, -dx / box.width / look.times, -dy / box.height / look.times);
    });
  };
  const onPointerUp = (event: PointerEvent) => fingers.current.delete(event.pointerId);
  return {
    look,
    zoomBy: useCallback((by: number) => setLook((now) => zoomed(now, by)), []),
    whole: useCallback(() => setLook(WHOLE), []),
    /** Whether the pointer that was just let go had pulled the drawing: then it was no click. */
    wasPulled: useCallback(() => pulled.current, []),
    handlers: {
      onWheel,
      onPointerDown,
      onPointerMove,
      onPointerUp,
      onPointerCancel: onPointerUp,
      onPointerLeave: onPointerUp,
    },
  };
}
