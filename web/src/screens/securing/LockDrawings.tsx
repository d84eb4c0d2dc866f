import { useMemo, useState } from 'react';
import {
  datumsOf,
  heightsDrawing,
  lengthPart,
  lockSection,
  strikeFace,
  termText,
  type DecidedOpening,
  type Units,
} from '@riegel/core';
import { ModelView } from '../../drawing/ModelView.js';
import { Figures } from '../../parts/Figure.js';

/** The lock drawn: a cut through it closed or ajar, its strike from the face, its heights. */
export function LockDrawings({ decided, units }: { decided: DecidedOpening; units: Units }) {
  const [ajar, setAjar] = useState(false);
  const section = useMemo(() => lockSection(decided, ajar), [decided, ajar]);
  const strike = useMemo(() => strikeFace(decided), [decided]);
  const heights = useMemo(() => heightsDrawing(decided), [decided]);
  const { securing } = decided.results;
  const empty =
    securing.kind === undefined
      ? 'What the door is for is not recorded.'
      : securing.kind === 'none'
        ? 'No lock here.'
        : 'Sizes are open.';
  return (
    <div
      className="grid min-h-0 grid-rows-[minmax(0,1fr)_minmax(0,1.05fr)] gap-3 overflow-auto px-4 py-3"
      tabIndex={0}
      role="region"
      aria-label="Lock, strike and heights"
    >
      <figure className="sheet flex min-h-[250px] flex-col" aria-label="Cut through the lock">
        {section ? (
          <div className="min-h-0 flex-1 p-1">
            <ModelView
              model={section}
              units={units}
              title={`Level cut through the lock, leaf ${ajar ? 'ajar' : 'closed'}`}
            />
          </div>
        ) : (
          <p className="m-auto text-soft">{empty}</p>
        )}
        <figcaption className="flex items-center gap-3 border-t border-rule px-2 py-1 text-xs text-soft">
          <span className="first-letter:uppercase">
            {securing.kind && termText(`lockKind.${securing.kind}`)}
            {section && ', cut level; the pull side is up'}
          </span>
          {section && (
            <span className="ml-auto flex gap-1" role="group" aria-label="Leaf">
              {[false, true].map((one) => (
                <button
                  key={String(one)}
                  type="button"
                  className={`button !h-6 !px-2 text-xs ${ajar === one ? '!border-brass font-semibold' : ''}`}
                  aria-pressed={ajar === one}
                  onClick={() => setAjar(one)}
                >
                  {one ? 'ajar' : 'closed'}
                </button>
              ))}
            </span>
          )}
        </figcaption>
      </figure>
      <div className="grid min-h-[260px] grid-cols-[minmax(0,0.72fr)_minmax(0,1fr)] gap-3">
        <figure className="sheet flex min-h-0 flex-col" aria-label="Strike">
          {strike ? (
            <div className="min-h-0 flex-1 p-1">
              <ModelView model={strike} units={units} title="Strike from the opening" />
            </div>
          ) : (
            <p className="m-auto max-w-52 text-center text-soft">
              {securing.strike?.on === 'ends'
                ? 'Its rods latch in head and floor: nothing is cut at the lock’s height.'
                : securing.strike?.on === 'face'
                  ? 'Its keep stands on the face of the frame: nothing is cut into the jamb.'
                  : empty}
            </p>
          )}
          <figcaption className="border-t border-rule px-2 py-1 text-xs text-soft">
            {strike
              ? `Strike in the ${securing.strike?.on === 'leaf' ? 'second leaf' : 'jamb'}; the stop is on the left, the lip on the right.`
              : 'Strike'}
          </figcaption>
        </figure>
        <figure className="sheet flex min-h-0 flex-col" aria-label="Heights">
          {heights ? (
            <div className="min-h-0 flex-1 p-1">
              <ModelView model={heights} units={units} title="Heights on the elevation" />
            </div>
          ) : (
            <p className="m-auto text-soft">{empty}</p>
          )}
          <Datums decided={decided} units={units} />
        </figure>
      </div>
    </div>
  );
}

/** The height of the lock from every datum a person measures from. */
function Datums({ decided, units }: { decided: DecidedOpening; units: Units }) {
  const { securing, sizing: sizes } = decided.results;
  if (securing.height === undefined) return null;
  const at = datumsOf(securing.height, sizes, securing.leaf);
  const list = [
    ['floor', at.floor, 'above the finished floor'],
    ['bottom', at.leafBottom, 'from the leaf’s bottom'],
    ['top', at.leafTop, 'from the leaf’s top'],
    ['head', at.frameHead, 'from the frame’s head'],
  ] as const;
  return (
    <figcaption
      className="grid grid-cols-4 border-t border-rule text-xs"
      aria-label="Height of the lock"
    >
      {list.map(([name, ticks, title]) => (
        <span key={name} title={title} className="border-r border-rule px-2 py-0.5 last:border-r-0">
          <span className="block text-soft">from {name}</span>
          <b className="text-[13px]">
            {ticks === undefined ? 'open' : <Figures parts={[lengthPart(ticks, units)]} />}
          </b>
        </span>
      ))}
    </figcaption>
  );
}
