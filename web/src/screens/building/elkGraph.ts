import type { ElkExtendedEdge, ElkNode } from 'elkjs';
import { roomKey } from '@riegel/core';
import { NOWHERE, type Plan } from './plan.js';

/** A room or a line as it is laid out, in pixels of the plan. */
export interface Placed {
  width: number;
  height: number;
  bands: { name: string; x: number; y: number; width: number; height: number }[];
  rooms: ReadonlyMap<string, { x: number; y: number; width: number; height: number }>;
  /** From the room that a line begins at, by its key. */
  lines: ReadonlyMap<string, { from: string; points: { x: number; y: number }[] }>;
}

const HEIGHT = 38;
const LETTER = 7.1;

/** Rooms are as wide as their names. */
const widthOf = (name: string) => Math.max(96, Math.min(220, Math.ceil(name.length * LETTER) + 22));

const OPTIONS = {
  'elk.algorithm': 'layered',
  'elk.direction': 'DOWN',
  'elk.hierarchyHandling': 'INCLUDE_CHILDREN',
  'elk.partitioning.activate': 'true',
  'elk.edgeRouting': 'ORTHOGONAL',
  'elk.spacing.nodeNode': '12',
  'elk.layered.spacing.nodeNodeBetweenLayers': '46',
  'elk.spacing.edgeNode': '10',
  'elk.spacing.edgeEdge': '10',
};

const bandId = (at: number) => `storey ${at}`;

/**
 * A plan as a graph for the layout. A line inside a storey belongs to it, others to the whole. Every second line
 * between a hub and a room with one door is turned, so that a corridor’s rooms stand on both its sides.
 */
export function elkGraphOf({ storeys, doors }: Plan): ElkNode {
  const bandOf = new Map<string, number>();
  storeys.forEach(({ rooms }, at) => {
    for (const { room } of rooms) bandOf.set(roomKey(room.name), at);
  });
  const degree = new Map<string, number>();
  for (const { one, two } of doors)
    for (const end of [one, two]) degree.set(end, (degree.get(end) ?? 0) + 1);
  const turned = new Map<string, number>();
  const inside: ElkExtendedEdge[][] = storeys.map(() => []);
  const across: ElkExtendedEdge[] = [];
  for (const { key, one, two } of doors) {
    const [hub, leaf] = (degree.get(one) ?? 0) >= (degree.get(two) ?? 0) ? [one, two] : [two, one];
    const alone = degree.get(leaf) === 1 && (degree.get(hub) ?? 0) > 2;
    const count = turned.get(hub) ?? 0;
    if (alone) turned.set(hub, count + 1);
    const [source, target] = alone && count % 2 === 1 ? [leaf, hub] : [hub, leaf];
    const edge = { id: key, sources: [source], targets: [target] };
    const band = bandOf.get(one);
    if (band !== undefined && band === bandOf.get(two)) inside[band]!.push(edge);
    else across.push(edge);
  }
  return {
    id: 'building',
    layoutOptions: OPTIONS,
    edges: across,
    children: storeys.map(({ name, rooms }, at) => ({
      id: bandId(at),
      layoutOptions: {
        'elk.partitioning.partition': String(at),
        'elk.padding': `[top=${name === NOWHERE ? 12 : 14},left=14,bottom=14,right=14]`,
      },
      edges: inside[at]!,
      children: rooms.map(({ room }) => ({
        id: roomKey(room.name),
        width: widthOf(room.name),
        height: HEIGHT,
      })),
    })),
  };
}

/** Positions out of a laid-out graph; coordinates of lines are relative to what they belong to. */
export function placedOf(graph: ElkNode, plan: Plan): Placed {
  const rooms = new Map<string, { x: number; y: number; width: number; height: number }>();
  const origin = new Map<string, { x: number; y: number }>([[graph.id, { x: 0, y: 0 }]]);
  const bands = (graph.children ?? []).map((band, at) => {
    const { x = 0, y = 0, width = 0, height = 0 } = band;
    origin.set(band.id, { x, y });
    for (const room of band.children ?? [])
      rooms.set(room.id, {
        x: x + (room.x ?? 0),
        y: y + (room.y ?? 0),
        width: room.width ?? 0,
        height: room.height ?? 0,
      });
    return { name: plan.storeys[at]!.name, x, y, width, height };
  });
  const lines = new Map<string, { from: string; points: { x: number; y: number }[] }>();
  const take = (edges: readonly ElkExtendedEdge[] | undefined) => {
    for (const edge of edges ?? []) {
      const { x, y } = origin.get((edge as { container?: string }).container ?? graph.id) ?? {
        x: 0,
        y: 0,
      };
      const section = edge.sections?.[0];
      if (!section) continue;
      lines.set(edge.id, {
        from: edge.sources[0]!,
        points: [section.startPoint, ...(section.bendPoints ?? []), section.endPoint].map(
          (point) => ({ x: x + point.x, y: y + point.y }),
        ),
      });
    }
  };
  take(graph.edges);
  for (const band of graph.children ?? []) take(band.edges);
  return { width: graph.width ?? 0, height: graph.height ?? 0, bands, rooms, lines };
}

/** The middle of a line’s longest straight piece, where its marks stand. */
export function middleOf(points: readonly { x: number; y: number }[]): {
  x: number;
  y: number;
  upright: boolean;
} {
  let best = { x: 0, y: 0, upright: false, long: -1 };
  points.slice(1).forEach((point, at) => {
    const before = points[at]!;
    const long = Math.abs(point.x - before.x) + Math.abs(point.y - before.y);
    if (long > best.long)
      best = {
        x: (point.x + before.x) / 2,
        y: (point.y + before.y) / 2,
        upright: Math.abs(point.y - before.y) > Math.abs(point.x - before.x),
        long,
      };
  });
  return best;
}
