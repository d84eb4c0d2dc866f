import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { Observation, Side } from '@riegel/core';
import { useSession } from '../base/session.js';
import { Select } from '../parts/Select.js';
import { useOpeningPage } from './page.js';
import { Fold } from '../parts/Fold.js';

const STOOD: Record<Observation['stood'], string> = {
  outside: 'stood outside',
  inside: 'stood inside',
  'knuckle-side': 'stood where the knuckles show',
  'other-side': 'stood where no knuckles show',
  'in-frame': 'stood in the frame, back to the hinges',
};

const SIDES = [
  { value: 'left', text: 'left' },
  { value: 'right', text: 'right' },
];
const OUTWARD = [
  { value: '', text: 'direction not looked at' },
  { value: 'yes', text: 'towards the outside' },
  { value: 'no', text: 'away from the outside' },
];
const KNUCKLES = [
  { value: '', text: 'knuckles not looked at' },
  { value: 'yes', text: 'knuckles seen' },
  { value: 'no', text: 'knuckles not seen' },
];

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
export function Observations() {
  const { facts, canEdit, onPatch } = useOpeningPage();
  const list = facts.observations ?? [];
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
        <Fold name="Seen on site">
          <div className="mt-1 flex flex-wrap items-center gap-2">
            <span>I</span>
            <Select
              label="Where one stood"
              value={stood}
              options={Object.entries(STOOD).map(([value, text]) => ({ value, text }))}
              onChange={(next) => {
                setStood(next as Observation['stood']);
                setExtra('');
              }}
            />
            <span>{inFrame ? 'it swings to the' : 'hinges on the'}</span>
            <Select
              label={inFrame ? 'Swings to' : 'Hinges on'}
              value={side}
              options={SIDES}
              onChange={(next) => setSide(next as Side)}
            />
            {(inFrame || asksKnuckles) && (
              <Select
                label={inFrame ? 'Opens towards the outside' : 'Knuckles'}
                value={extra}
                options={inFrame ? OUTWARD : KNUCKLES}
                onChange={setExtra}
              />
            )}
            <button type="button" className="button" onClick={add}>
              <Plus size={14} /> Record
            </button>
          </div>
        </Fold>
      )}
    </div>
  );
}
