import { Maximize2, ZoomIn, ZoomOut } from 'lucide-react';
import { useState, useSyncExternalStore } from 'react';
import { leastProgress, roomKey, type StageProgress, type Space } from '@riegel/core';
import { Bolts, boltWords } from '../../parts/BoltRow.js';
import { IconButton } from '../../parts/IconButton.js';
import { Message, Waiting } from '../../parts/Message.js';
import { termText } from '../../base/words.js';
import { unpackProgress } from '../../worker/progress.js';
import type { RowStore } from '../../worker/rowStore.js';
import { middleOf, type Placed } from './elkGraph.js';
import { leaves, marksOn, type Plan, type PlanDoors, type PlanRoom } from './plan.js';
import { useLayout } from './useLayout.js';

const LABEL = 15;

/** Bolts under the marks: how wide each is, and how much smaller than elsewhere they are drawn. */
const BOLT = { width: 13, scale: 0.42, height: 9 };

/** Left of the bands their names stand. */
const MARGIN = 92;

/** Scale at which words are as large as the smallest elsewhere, and the width drawn whole at once. */
const READABLE = 0.9;
const WHOLE_TO = 1000;
const SCALES = [0.5, 0.65, 0.8, 0.9, 1, 1.25, 1.6] as const;

/** The plan drawn: bands, rooms, lines with their marks. What is pressed is chosen. */
export function PlanView({
  plan,
  rows,
  chosen,
  onChoose,
}: {
  plan: Plan;
  rows: RowStore;
  chosen: string | undefined;
  onChoose: (key: string | undefined) => void;
}) {
  const { placed, fault } = useLayout(plan);
  // Whole where its words can be read so; a larger plan is moved about in.
  const [asked, setScale] = useState<number | 'whole' | undefined>();
  useSyncExternalStore(rows.subscribe, rows.version);
  if (plan.byKey.size === 0)
    return (
      <Message title="No rooms yet">
        Rooms come with the openings: say between which two each of them stands.
      </Message>
    );
  if (fault) return <Message title="The plan cannot be drawn">{fault}</Message>;
  if (!placed) return <Waiting what="Laying the building out …" />;
  const [width, height] = [placed.width + MARGIN + 8, placed.height + 8];
  const usual = width > WHOLE_TO ? READABLE : 'whole';
  const scale = (asked ?? usual) === 'whole' ? undefined : ((asked ?? usual) as number);
  const step = (by: number) => {
    const at = SCALES.findIndex((one) => one >= (scale ?? READABLE));
    setScale(SCALES[Math.min(SCALES.length - 1, Math.max(0, at + by))]);
  };
  return (
    <div className="relative min-h-0">
      <div className="absolute top-1 right-3 z-10 flex rounded-sm border border-rule bg-sheet">
        <IconButton label="Smaller" onClick={() => step(-1)}>
          <ZoomOut size={15} />
        </IconButton>
        <IconButton label="Larger" onClick={() => step(1)}>
          <ZoomIn size={15} />
        </IconButton>
        <IconButton label="Whole building" onClick={() => setScale('whole')}>
          <Maximize2 size={15} />
        </IconButton>
      </div>
      <div className="h-full overflow-auto px-4 pb-4" onClick={() => onChoose(undefined)}>
        <svg
          role="group"
          aria-label="Plan of the building"
          viewBox={`0 0 ${width} ${height}`}
          width={scale === undefined ? undefined : width * scale}
          height={scale === undefined ? undefined : height * scale}
          className={scale === undefined ? 'mx-auto block max-h-full w-full' : 'block'}
          fontFamily="inherit"
        >
          <defs>
            <marker
              id="leaves"
              viewBox="0 0 8 8"
              refX="7"
              refY="4"
              markerWidth="8"
              markerHeight="8"
              orient="auto-start-reverse"
            >
              <path d="M0 0.5 L8 4 L0 7.5 Z" fill="var(--verdigris)" />
            </marker>
          </defs>
          <g transform={`translate(${MARGIN} 4)`}>
            {placed.bands.map(({ name, x, y, height: tall }) => (
              <g key={name}>
                <rect
                  x={-MARGIN}
                  y={y}
                  width={placed.width + MARGIN}
                  height={tall}
                  fill="var(--sheet)"
                  stroke="var(--rule)"
                />
                <text
                  x={Math.min(0, x) - MARGIN + 10}
                  y={y + 22}
                  fontSize="13"
                  fontWeight="650"
                  fill="var(--ink)"
                >
                  {name === '' ? 'No storey' : name}
                </text>
              </g>
            ))}
            {plan.doors.map((doors) => (
              <Line key={doors.key} doors={doors} placed={placed} chosen={chosen === doors.key} />
            ))}
            {plan.storeys.flatMap(({ rooms }) =>
              rooms.map((place) => (
                <RoomBox
                  key={roomKey(place.room.name)}
                  place={place}
                  placed={placed}
                  chosen={chosen === roomKey(place.room.name)}
                  onChoose={onChoose}
                />
              )),
            )}
            {plan.doors.map((doors) => (
              <Marks
                key={doors.key}
                doors={doors}
                placed={placed}
                rows={rows}
                chosen={chosen === doors.key}
                onChoose={onChoose}
              />
            ))}
          </g>
        </svg>
      </div>
    </div>
  );
}

function Line({ doors, placed, chosen }: { doors: PlanDoors; placed: Placed; chosen: boolean }) {
  const line = placed.lines.get(doors.key);
  if (!line) return null;
  const way = leaves(doors);
  const along = line.from === doors.one;
  const ahead = way === 'both' || (way === 'on') === along;
  const behind = way === 'both' || (way === 'on') !== along;
  return (
    <polyline
      points={line.points.map(({ x, y }) => `${x},${y}`).join(' ')}
      fill="none"
      stroke={chosen ? 'var(--brass)' : way ? 'var(--verdigris)' : 'var(--soft)'}
      strokeWidth={chosen ? 2.5 : 1.3}
      strokeDasharray={way ? undefined : '4 3'}
      markerEnd={way && ahead ? 'url(#leaves)' : undefined}
      markerStart={way && behind ? 'url(#leaves)' : undefined}
    />
  );
}

const FILLS: Readonly<Record<Space, string>> = {
  outdoors: 'var(--glass-fill)',
  entrance: 'var(--frame-fill)',
  corridor: 'var(--frame-fill)',
  stair: 'var(--wall-fill)',
  room: 'var(--leaf)',
};

function RoomBox({
  place,
  placed,
  chosen,
  onChoose,
}: {
  place: PlanRoom;
  placed: Placed;
  chosen: boolean;
  onChoose: (key: string) => void;
}) {
  const { room, listed, egress } = place;
  const key = roomKey(room.name);
  const box = placed.rooms.get(key);
  if (!box) return null;
  const cut = egress !== undefined && egress.distance === Infinity;
  const people = egress?.own === undefined || egress.own === 0 ? '' : ` · ${egress.own} p.`;
  const use = room.use ? termText(`roomUse.${room.use}`) : 'use not known';
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`Room ${room.name}`}
      aria-pressed={chosen}
      data-room-box={room.name}
      className="cursor-pointer outline-offset-2"
      onClick={(event) => {
        event.stopPropagation();
        onChoose(key);
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose(key);
      }}
    >
      <rect
        {...box}
        rx="2"
        fill={FILLS[egress?.space ?? 'room']}
        stroke={chosen ? 'var(--brass)' : cut ? 'var(--oxide)' : 'var(--ink)'}
        strokeWidth={chosen ? 2.5 : 1}
        strokeDasharray={listed ? undefined : '4 3'}
      />
      <text
        x={box.x + box.width / 2}
        y={box.y + 16}
        textAnchor="middle"
        fontSize="12.5"
        fontWeight="600"
        fill="var(--ink)"
      >
        {shortened(room.name, box.width)}
      </text>
      <text
        x={box.x + box.width / 2}
        y={box.y + 30}
        textAnchor="middle"
        fontSize="10.5"
        fill="var(--soft)"
      >
        {use + people}
      </text>
      <title>{[room.number, room.name].filter(Boolean).join(' ')}</title>
    </g>
  );
}

function shortened(name: string, width: number): string {
  const most = Math.floor((width - 12) / 6.4);
  return name.length > most ? `${name.slice(0, most - 1)}…` : name;
}

function Marks({
  doors,
  placed,
  rows,
  chosen,
  onChoose,
}: {
  doors: PlanDoors;
  placed: Placed;
  rows: RowStore;
  chosen: boolean;
  onChoose: (key: string) => void;
}) {
  const line = placed.lines.get(doors.key);
  if (!line) return null;
  const { x, y } = middleOf(line.points);
  const text = marksOn(doors);
  const bolts = boltsOf(doors, rows);
  const row = bolts.length * (BOLT.width + 3) * BOLT.scale;
  const width = Math.max(text.length * 6.3, row) + 8;
  const height = LABEL + (row > 0 ? BOLT.height : 0);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`Openings ${text}`}
      aria-pressed={chosen}
      data-line={doors.openings.map(({ mark }) => mark).join(' ')}
      className="cursor-pointer"
      onClick={(event) => {
        event.stopPropagation();
        onChoose(doors.key);
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose(doors.key);
      }}
    >
      <rect
        x={x - width / 2}
        y={y - height / 2}
        width={width}
        height={height}
        rx="2"
        fill={chosen ? 'var(--brass-wash)' : 'var(--sheet)'}
        stroke={stateOf(doors, rows)}
        strokeWidth={chosen ? 2 : 1}
      />
      <text
        x={x}
        y={y - height / 2 + 11.3}
        textAnchor="middle"
        fontSize="11"
        fontWeight="600"
        fill="var(--ink)"
      >
        {text}
      </text>
      <g
        data-bolts
        transform={`translate(${x - row / 2} ${y + height / 2 - BOLT.height - 1}) scale(${BOLT.scale})`}
      >
        <Bolts bolts={bolts} width={BOLT.width} />
      </g>
      <title>
        {[doors.openings.map(({ mark }) => mark).join(', '), ...bolts.map(boltWords)].join('\n')}
      </title>
    </g>
  );
}

/** The bolts of a line’s openings together; none while one is not decided yet. */
function boltsOf({ openings }: PlanDoors, rows: RowStore): StageProgress[] {
  const all = openings.map(({ id }) => rows.get(id));
  return all.every((row) => row !== undefined)
    ? leastProgress(all.map(({ progress }) => unpackProgress(progress)))
    : [];
}

/** How far the openings of a line are: the worst of them. */
function stateOf({ openings }: PlanDoors, rows: RowStore): string {
  const all = openings.map(({ id }) => rows.get(id));
  if (all.some((row) => (row?.stops ?? 0) > 0)) return 'var(--oxide)';
  if (all.some((row) => row === undefined || row.open > 0)) return 'var(--ochre)';
  return 'var(--verdigris)';
}
