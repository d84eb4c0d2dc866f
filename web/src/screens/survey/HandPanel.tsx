import {
  ALL_HANDS,
  valueOrUndefined,
  namesOf,
  resolveHand,
  type FactsPatch,
  type Hand,
  type Observation,
  type OpeningFacts,
  type Side,
} from '@riegel/core';
import { useState } from 'react';
import { useSession } from '../../base/session.js';
import { observationText } from '../../opening/Observations.js';

type Stood = Observation['stood'];

const PLACES: { stood: Stood; words: string }[] = [
  { stood: 'outside', words: 'outside, on the keyed side' },
  { stood: 'inside', words: 'inside' },
  { stood: 'knuckle-side', words: 'where the knuckles show' },
  { stood: 'other-side', words: 'where none show' },
  { stood: 'in-frame', words: 'in the frame, back to the hinges' },
];

/** A plan of the doorway with whoever looks: where they stand, and on which hand they see the hinges. */
function StandingPicture({ stood, side }: { stood: Stood; side: Side }) {
  const inFrame = stood === 'in-frame';
  // From within the frame, back to the hinges, what swings to the left swings up in this plan.
  const hinge = inFrame ? 26 : side === 'left' ? 26 : 74;
  const towards = stood === 'knuckle-side' || (inFrame && side === 'right') ? 1 : -1;
  const free = stood === 'outside' || stood === 'inside';
  const end = hinge === 26 ? 74 : 26;
  const tip = { x: hinge + (end - hinge) * 0.5, y: 40 + towards * 34 };
  const person = inFrame ? { x: 36, y: 40 } : { x: 50, y: 74 };
  return (
    <svg viewBox="0 0 100 92" className="h-20 w-full" aria-hidden>
      <path d="M2 36h24v8H2zM74 36h24v8H74z" fill="var(--wall-fill)" stroke="var(--ink)" />
      {free ? (
        <path d={`M${hinge} 40H${end}`} stroke="var(--ink)" strokeWidth="3" />
      ) : (
        <path
          d={`M${hinge} 40L${tip.x} ${tip.y}`}
          stroke="var(--ink)"
          strokeWidth="3"
          fill="none"
        />
      )}
      <circle cx={hinge} cy={40 + (free ? 0 : towards * 3)} r="3.4" fill="var(--brass-solid)" />
      {free && (
        <g transform={`translate(${hinge === 26 ? 66 : 34} ${stood === 'outside' ? 50 : 28})`}>
          <circle r="4" fill="none" stroke="var(--ink)" strokeWidth="1.6" />
          <path d="M4 0h8M9 0v3M12 0v3" stroke="var(--ink)" strokeWidth="1.6" />
        </g>
      )}
      <circle cx={person.x} cy={person.y} r="7" fill="none" stroke="var(--brass)" strokeWidth="2" />
      <path
        d={inFrame ? `M${person.x + 7} 40h10` : `M${person.x} ${person.y - 7}v-10`}
        stroke="var(--brass)"
        strokeWidth="2"
        markerEnd=""
      />
    </svg>
  );
}

const handText = (hand: Hand) => {
  const { code, knuckleSide } = namesOf(hand);
  return `${code} (hinges ${hand.hinges} from outside, swings ${hand.swing}; ${knuckleSide} from the knuckles)`;
};

/** What was seen, by where one stood, with pictures; what it comes to is told at once. */
export function HandPanel({
  facts,
  canEdit,
  onPatch,
}: {
  facts: OpeningFacts;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const session = useSession();
  const [stood, setStood] = useState<Stood>('knuckle-side');
  const list = facts.observations ?? [];
  const hinges = valueOrUndefined(facts.hingeSide);
  const swing = valueOrUndefined(facts.swing);
  const resolved = resolveHand(list, {
    ...(hinges ? { hinges } : {}),
    ...(swing ? { swing } : {}),
  });
  const record = (side: Side, extra?: boolean) => {
    const who = { by: session.data?.person?.name ?? '', at: new Date().toISOString().slice(0, 10) };
    const seen: Observation =
      stood === 'in-frame'
        ? { stood, swingsTo: side, ...(extra === undefined ? {} : { opensOutward: extra }), ...who }
        : {
            stood,
            hinges: side,
            ...(extra === undefined
              ? {}
              : { knuckles: extra ? ('seen' as const) : ('not-seen' as const) }),
            ...who,
          };
    onPatch({ observations: [...list, seen] });
  };
  const asks =
    stood === 'in-frame'
      ? ['opens to the outside', 'opens to the inside']
      : stood === 'outside' || stood === 'inside'
        ? ['knuckles seen', 'knuckles not seen']
        : undefined;
  return (
    <section aria-label="Hand" className="flex flex-col gap-3">
      <h2 className="text-lg">Where are you standing?</h2>
      <div className="grid grid-cols-5 gap-2">
        {PLACES.map((place) => (
          <button
            key={place.stood}
            type="button"
            aria-pressed={stood === place.stood}
            className={`sheet flex min-h-24 flex-col items-center justify-between p-1.5 text-center text-xs ${stood === place.stood ? '!border-2 !border-brass font-semibold' : ''}`}
            onClick={() => setStood(place.stood)}
          >
            <StandingPicture stood={place.stood} side="left" />
            {place.words}
          </button>
        ))}
      </div>
      {canEdit && (
        <>
          <h2 className="text-lg">
            {stood === 'in-frame' ? 'It swings to your' : 'On which hand are the hinges?'}
          </h2>
          <div className="grid grid-cols-2 gap-2">
            {(['left', 'right'] as const).map((side) => (
              <div key={side} className="sheet p-2">
                <StandingPicture stood={stood} side={side} />
                {asks ? (
                  <div className="mt-1 flex flex-col gap-1">
                    {asks.map((words, index) => (
                      <button
                        key={words}
                        type="button"
                        className="button !h-12 justify-center"
                        onClick={() => record(side, index === 0)}
                      >
                        {side}, {words}
                      </button>
                    ))}
                    <button
                      type="button"
                      className="button !h-10 justify-center text-soft"
                      onClick={() => record(side)}
                    >
                      {side}, did not look
                    </button>
                  </div>
                ) : (
                  <button
                    type="button"
                    className="button !h-14 w-full justify-center text-lg"
                    onClick={() => record(side)}
                  >
                    {side}
                  </button>
                )}
              </div>
            ))}
          </div>
        </>
      )}
      <div role="status" className="border-l-4 border-brass pl-3">
        {resolved.state === 'fixed' && (
          <p className="font-semibold">It is {handText(resolved.hand)}.</p>
        )}
        {resolved.state === 'open' && list.length + (hinges ? 1 : 0) === 0 && (
          <p className="text-soft">Nothing was seen yet.</p>
        )}
        {resolved.state === 'open' && resolved.possible.length < ALL_HANDS.length && (
          <p>
            It is {resolved.possible.map((hand) => namesOf(hand).code).join(' or ')}. Look{' '}
            {resolved.ask === 'swing'
              ? 'to which side it opens.'
              : 'on which hand the hinges are, from outside.'}
          </p>
        )}
        {resolved.state === 'contradiction' && (
          <p className="text-oxide">
            These cannot all be true.{' '}
            {resolved.culprits
              .map(
                ({ index, leaves }) =>
                  `Without ${index + 1}: ${leaves.map((hand) => namesOf(hand).code).join(' or ')}.`,
              )
              .join(' ')}
          </p>
        )}
        <ol className="mt-1">
          {list.map((seen, index) => (
            <li key={index} className="flex items-center gap-2">
              <span className="w-4 text-right text-soft">{index + 1}</span>
              {observationText(seen)}
              {canEdit && (
                <button
                  type="button"
                  className="button bare"
                  onClick={() =>
                    onPatch({
                      observations:
                        list.length > 1 ? list.filter((_, other) => other !== index) : undefined,
                    })
                  }
                >
                  Take out
                </button>
              )}
            </li>
          ))}
        </ol>
      </div>
    </section>
  );
}
