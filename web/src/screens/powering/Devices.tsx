import { useMemo, useState } from 'react';
import { devicesDrawing, devicesOf, lengthPart, type Face } from '@riegel/core';
import { ModelView } from '../../drawing/ModelView.js';
import { useOpeningPage } from '../../opening/page.js';
import { Figures } from '../../parts/Figure.js';
import { Toggles } from '../../parts/Toggles.js';
import { termText } from '../../base/words.js';

const FACES: readonly Face[] = ['outside', 'inside'];

/** Everything electric on the elevation, from one side, each with its number and height. */
export function Devices() {
  const { decided, units } = useOpeningPage();
  const [from, setFrom] = useState<Face>('outside');
  const devices = useMemo(() => devicesOf(decided), [decided]);
  const model = useMemo(() => devicesDrawing(decided, from), [decided, from]);
  if (devices.length === 0)
    return (
      <p className="m-auto p-6 text-center text-soft">
        Nothing of it works by power, or its size is open.
      </p>
    );
  return (
    <figure className="flex h-full flex-col" aria-label="Devices">
      {model ? (
        <div className="min-h-0 flex-1 p-3">
          <ModelView model={model} units={units} title={`Devices, from ${from}`} />
        </div>
      ) : (
        <p className="m-auto p-6 text-center text-soft">Nothing stands on this side.</p>
      )}
      <figcaption className="border-t border-rule px-3 py-2 text-[13px]">
        <Toggles
          label="Seen from"
          className="float-right ml-3"
          values={FACES}
          value={from}
          onChange={setFrom}
        />
        <ol aria-label="Devices by number">
          {devices.map(({ number, term, face, height }) => (
            <li key={number} className={face && face !== from ? 'text-soft' : ''}>
              <b className="inline-block w-5">{number}</b>
              {termText(term)}
              {face && `, ${face}`}
              {height !== undefined && (
                <>
                  , <Figures parts={[lengthPart(Math.round(height), units)]} /> above the floor
                </>
              )}
            </li>
          ))}
        </ol>
      </figcaption>
    </figure>
  );
}
