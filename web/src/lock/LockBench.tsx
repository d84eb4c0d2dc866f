import { useState, type KeyboardEvent, type ReactNode } from 'react';
import {
  actionsOf,
  lockStep,
  motionsToOpen,
  restingState,
  type LockAction,
  type LockSpec,
  type LockState,
} from '@riegel/core';
import { termText } from '../base/words.js';
import { stateWords } from './stateWords.js';

const OUT: readonly LockAction[] = [
  'inside-handle',
  'inside-push',
  'inside-turn-free',
  'inside-turn-lock',
];
const IN: readonly LockAction[] = ['outside-handle', 'outside-push'];

/** What the state means to somebody on either side, in words. */
function meaning(spec: LockSpec, state: LockState): string {
  if (!state.closed) return 'The leaf stands open.';
  const out = motionsToOpen(spec, state, OUT);
  const inside =
    out === 1
      ? 'Inside: out with one motion.'
      : out === undefined
        ? 'Inside: nobody gets out without a key.'
        : `Inside: out with ${out} motions.`;
  const outside =
    motionsToOpen(spec, state, IN) !== undefined
      ? 'Outside: anybody comes in.'
      : motionsToOpen(spec, state, [...IN, 'outside-key-free', 'outside-card']) !== undefined
        ? 'Outside: only with key or card.'
        : 'Outside: nobody comes in.';
  return `${inside} ${outside}`;
}

/** A drawn lock that is worked with mouse, touch or keys; latch and bolt move, the state is said. */
export function LockBench({ spec }: { spec: LockSpec }) {
  const [state, setState] = useState(() => restingState(spec));
  const [last, setLast] = useState<{ action: LockAction; latch: boolean; opens: boolean }>();
  const actions = actionsOf(spec);
  const act = (action: LockAction) => {
    if (!actions.includes(action)) return;
    const step = lockStep(spec, state, action);
    setState(step.state);
    setLast({ action, latch: step.latch, opens: step.opens });
  };
  const drawn = last?.latch ?? false;
  const shared = { spec, state, drawn, last: last?.action, act };
  return (
    <div>
      <div className="grid grid-cols-[1fr_0.7fr_1fr] gap-2">
        <figure className="sheet">
          <Face {...shared} side="outside" />
          <figcaption className="border-t border-rule px-2 text-xs text-soft">outside</figcaption>
        </figure>
        <figure className="sheet">
          <Edge {...shared} />
          <figcaption className="border-t border-rule px-2 text-xs text-soft">
            edge and strike
          </figcaption>
        </figure>
        <figure className="sheet">
          <Face {...shared} side="inside" />
          <figcaption className="border-t border-rule px-2 text-xs text-soft">inside</figcaption>
        </figure>
      </div>
      <p role="status" className="mt-2 min-h-11 leading-5">
        <b className="first-letter:uppercase">{stateWords(spec, state).join(', ')}.</b>{' '}
        {last &&
          (last.opens
            ? 'It came open. '
            : last.latch
              ? 'The latch drew back. '
              : last.action === 'outside-slip' && state.closed
                ? 'It stays out: ' +
                  (state.bolt ? 'the bolt holds. ' : 'the strike holds its pin in. ')
                : '')}
        {meaning(spec, state)}
      </p>
      <div className="flex flex-wrap gap-1.5" role="group" aria-label="Work the lock">
        {actions.map((action) => (
          <button
            key={action}
            type="button"
            data-act={action}
            className="button !h-7 text-[13px]"
            onClick={() => act(action)}
          >
            {termText(`act.${action}`)}
          </button>
        ))}
      </div>
    </div>
  );
}

interface Shared {
  spec: LockSpec;
  state: LockState;
  drawn: boolean;
  last: LockAction | undefined;
  act: (action: LockAction) => void;
}

/** A part of the drawn lock that is worked by pressing it, or by Enter. */
function Part({ name, onAct, children }: { name: string; onAct: () => void; children: ReactNode }) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      className="cursor-pointer"
      onClick={onAct}
      onKeyDown={(event: KeyboardEvent) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onAct();
      }}
    >
      {children}
    </g>
  );
}

/** One face: handle, key, turn and button as the function has them. */
function Face({ spec, state, last, act, side }: Shared & { side: 'outside' | 'inside' }) {
  const inside = side === 'inside';
  const handle = inside ? spec.insideHandle : spec.outsideHandle;
  const key = inside ? spec.insideKey : spec.outsideKey;
  const turned = last === `${side}-handle`;
  // Handles point away from the lock edge, which is in the middle of the three pictures.
  const away = inside ? 1 : -1;
  const hub = { x: 100, y: 96 };
  return (
    <svg viewBox="0 0 200 190" className="drawing h-52 w-full" role="group" aria-label={side}>
      <path className="layer-leaf" d="M10 4H190V186H10Z" />
      <path className="layer-frame" d="M84 22H116V168H84Z" />
      {handle !== 'none' && (
        <Part name={`${side} handle`} onAct={() => act(`${side}-handle` as LockAction)}>
          <circle className="layer-hardware" cx={hub.x} cy={hub.y} r={11} />
          <path
            className="layer-hardware"
            transform={`rotate(${turned && handle === 'moves' ? away * 28 : 0} ${hub.x} ${hub.y})`}
            d={`M${hub.x} ${hub.y - 5}h${away * 58}v10h${-away * 58}Z`}
          />
          {handle === 'rigid' && (
            <text
              className="layer-label"
              x={hub.x + away * 34}
              y={hub.y + 20}
              fontSize={10}
              textAnchor="middle"
            >
              rigid
            </text>
          )}
        </Part>
      )}
      {key.length > 0 && (
        <g>
          <circle className="layer-hardware" cx={100} cy={140} r={10} />
          <path
            className="layer-leaf"
            d="M98 135h4v10h-4Z"
            transform={`rotate(${last === `${side}-key-lock` ? 40 : last === `${side}-key-free` ? -40 : 0} 100 140)`}
          />
          <Part name={`Key ${side}, to free`} onAct={() => act(`${side}-key-free` as LockAction)}>
            <path className="layer-glass" d="M60 132h24v16h-24Z" />
            <text x={72} y={144} fontSize={10} textAnchor="middle">
              free
            </text>
          </Part>
          <Part name={`Key ${side}, to lock`} onAct={() => act(`${side}-key-lock` as LockAction)}>
            <path className="layer-glass" d="M116 132h24v16h-24Z" />
            <text x={128} y={144} fontSize={10} textAnchor="middle">
              lock
            </text>
          </Part>
        </g>
      )}
      {inside && spec.insideTurn.length > 0 && (
        <Part
          name="Turn inside"
          onAct={() => act(state.bolt || state.outside ? 'inside-turn-free' : 'inside-turn-lock')}
        >
          <circle className="layer-hardware" cx={100} cy={48} r={11} />
          <path
            className="layer-leaf"
            d="M97 36h6v24h-6Z"
            transform={`rotate(${state.bolt ? 90 : 0} 100 48)`}
          />
        </Part>
      )}
      {inside && spec.insideButton && (
        <Part name="Button inside" onAct={() => act('inside-button')}>
          <circle className="layer-hardware" cx={hub.x} cy={hub.y} r={state.outside ? 3 : 5} />
        </Part>
      )}
      {!inside && spec.emergency && (
        <Part name="Emergency tool" onAct={() => act('emergency')}>
          <circle className="layer-leaf" cx={hub.x} cy={hub.y} r={3.5} />
        </Part>
      )}
      {!inside && spec.power !== 'none' && (
        <Part name="Card or code" onAct={() => act('outside-card')}>
          <path className="layer-glass" d="M134 40h34v26h-34Z" />
          <text x={151} y={56} fontSize={10} textAnchor="middle">
            card
          </text>
        </Part>
      )}
    </svg>
  );
}

/** The edge with latch, dead-latch pin, bolt and stops, the strike beside it; open, they stand apart. */
function Edge({ spec, state, drawn, act }: Shared) {
  const gap = state.closed ? 0 : 44;
  const latchOut = spec.latch === 'none' ? 0 : drawn ? 3 : 22;
  const boltOut = state.bolt ? 34 : 2;
  return (
    <svg viewBox="0 0 170 190" className="drawing h-52 w-full" role="group" aria-label="edge">
      <path className="layer-leaf" d="M4 4H62V186H4Z" />
      <g transform={`translate(${gap} 0)`}>
        <path className="layer-frame" d="M66 4H120V186H66Z" />
        {spec.latch !== 'none' && <path className="layer-leaf" d="M66 84h28v24h-28Z" />}
        {spec.bolt && <path className="layer-leaf" d="M66 36h40v20h-40Z" />}
      </g>
      {spec.latch === 'roller' && (
        <circle className="layer-hardware" cx={62} cy={96} r={drawn ? 4 : 10} />
      )}
      {(spec.latch === 'spring' || spec.latch === 'dead-latching') && (
        <Part name="Slip the latch" onAct={() => act('outside-slip')}>
          <path className="layer-hardware" d={`M62 86h${latchOut - 6}l6 20h${-latchOut}Z`} />
          {spec.latch === 'dead-latching' && (
            <path
              className="layer-hardware"
              d={`M62 111h${state.closed ? 4 : 10}v6h${state.closed ? -4 : -10}Z`}
            />
          )}
        </Part>
      )}
      {spec.bolt && <path className="layer-hardware" d={`M62 38h${boltOut}v16h${-boltOut}Z`} />}
      {spec.edgeStops && (
        <>
          <Part name="Stop that blocks" onAct={() => act('stop-lock')}>
            <path className="layer-hardware" d={`M${state.outside ? 56 : 50} 132h10v10h-10Z`} />
          </Part>
          <Part name="Stop that frees" onAct={() => act('stop-free')}>
            <path className="layer-hardware" d={`M${state.outside ? 50 : 56} 148h10v10h-10Z`} />
          </Part>
        </>
      )}
      {!state.closed && (
        <Part name="Close the leaf" onAct={() => act('close')}>
          <path className="layer-glass" d="M66 164h42v18h-42Z" />
          <text x={87} y={177} fontSize={11} textAnchor="middle">
            close
          </text>
        </Part>
      )}
    </svg>
  );
}
