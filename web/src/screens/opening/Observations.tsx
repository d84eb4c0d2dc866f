import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { FactsPatch, Observation, Side } from '@riegel/core';
import { useSession } from '../../app/session.js';

const STOOD: Record<Observation['stood'], string> = {
  outside: 'stood outside',
  inside: 'stood inside',
  'knuckle-side': 'stood where the knuckles show',
  'other-side': 'stood where no knuckles show',
  'in-frame': 'stood in the frame, back to the hinges',
};

/** An observation in words. */
export function observationText(seen: Observation): string {
  if (seen.stood === 'in-frame') {
    const outward =
      seen.opensOutward === undefined
        ? ''
        : seen.opensOutward
          ? ', towards the outside'
          : ', away from the outside';
    return `${STOOD['in-frame']}: it swings to the ${seen.swingsTo}${outward}`;
  }
  const knuckles = seen.knuckles
    ? `, knuckles ${seen.knuckles === 'seen' ? 'seen' : 'not seen'}`
    : '';
  return `${STOOD[seen.stood]}: hinges on the ${seen.hinges}${knuckles}`;
}

/** What people saw and from where: kept as seen, never as a bare word for the hand. */
export function Observations({
  list,
  canEdit,
  onPatch,
}: {
  list: Observation[];
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const session = useSession();
  const [stood, setStood] = useState<Observation['stood']>('outside');
  const [side, setSide] = useState<Side>('left');
  const [extra, setExtra] = useState('');
  const inFrame = stood === 'in-frame';
  const add = () => {
    const who = { by: session.data?.person?.name ?? '', at: new Date().toISOString().slice(0, 10) };
    const seen: Observation = inFrame
      ? { stood, swingsTo: side, ...(extra ? { opensOutward: extra === 'yes' } : {}), ...who }
      : {
          stood,
          hinges: side,
          ...(extra
            ? { knuckles: extra === 'yes' ? ('seen' as const) : ('not-seen' as const) }
            : {}),
          ...who,
        };
    onPatch({ observations: [...list, seen] });
  };
  const asksKnuckles = stood === 'outside' || stood === 'inside';
  return (
    <div className="mt-2">
      {list.map((seen, index) => (
        <p key={index} className="flex items-baseline gap-2 py-0.5">
          <span className="w-4 text-right text-soft">{index + 1}</span>
          <span>{observationText(seen)}</span>
          <span className="text-xs text-soft">{[seen.by, seen.at].filter(Boolean).join(', ')}</span>
          {canEdit && (
            <button
              type="button"
              className="ml-auto text-soft hover:text-oxide"
              aria-label={`Take out observation ${index + 1}`}
              onClick={() =>
                onPatch({
                  observations:
                    list.length > 1 ? list.filter((_, other) => other !== index) : undefined,
                })
              }
            >
              <X size={14} />
            </button>
          )}
        </p>
      ))}
      {canEdit && (
        <details className="mt-1">
          <summary className="cursor-pointer text-[12px] text-soft">
            Record what was seen on site
          </summary>
          <div className="mt-1 flex flex-wrap items-center gap-2">
            <span>I</span>
            <select
              className="field"
              aria-label="Where one stood"
              value={stood}
              onChange={(event) => {
                setStood(event.target.value as Observation['stood']);
                setExtra('');
              }}
            >
              {Object.entries(STOOD).map(([code, words]) => (
                <option key={code} value={code}>
                  {words}
                </option>
              ))}
            </select>
            <span>{inFrame ? 'it swings to the' : 'hinges on the'}</span>
            <select
              className="field"
              aria-label={inFrame ? 'Swings to' : 'Hinges on'}
              value={side}
              onChange={(event) => setSide(event.target.value as Side)}
            >
              <option value="left">left</option>
              <option value="right">right</option>
            </select>
            {(inFrame || asksKnuckles) && (
              <select
                className="field"
                aria-label={inFrame ? 'Opens towards the outside' : 'Knuckles'}
                value={extra}
                onChange={(event) => setExtra(event.target.value)}
              >
                <option value="">
                  {inFrame ? 'direction not looked at' : 'knuckles not looked at'}
                </option>
                <option value="yes">{inFrame ? 'towards the outside' : 'knuckles seen'}</option>
                <option value="no">
                  {inFrame ? 'away from the outside' : 'knuckles not seen'}
                </option>
              </select>
            )}
            <button type="button" className="button" onClick={add}>
              <Plus size={14} /> Record
            </button>
          </div>
        </details>
      )}
    </div>
  );
}
