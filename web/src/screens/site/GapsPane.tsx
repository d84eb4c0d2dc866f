import { Radio, Wrench } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  adjustmentOf,
  EDGE_WORK,
  edgeOf,
  formatLength,
  GAP_PLACES,
  predictionErrors,
  mm,
  oddGap,
  parseLength,
  phraseText,
  explainErrors,
  type GapBench,
  type GapPlace,
  type ReadGaps,
  type Units,
} from '@riegel/core';
import { useSession } from '../../base/session.js';
import type { OpeningSite } from '../../data/useSite.js';
import { useTape } from '../../devices/useTape.js';
import { useOpeningPage } from '../../opening/page.js';
import { Say } from '../../parts/Say.js';
import { termText } from '../../base/words.js';

/** Gaps that feelers have, a press each. */
const FEELERS = {
  metric: ['0', '1', '1.5', '2', '2.5', '3', '3.5', '4', '5', '6', '8', '10'],
  inch: ['0', '1/32', '1/16', '3/32', '1/8', '5/32', '3/16', '7/32', '1/4', '3/8', '1/2', '3/4'],
} as const;

/** Reading the gaps of a leaf, what they tell, and what to do about them. */
export function GapsPane({
  bench,
  site,
  gaps,
  chosen,
  onChoose,
}: {
  bench: GapBench;
  site: OpeningSite;
  gaps: ReadGaps;
  chosen: GapPlace | undefined;
  onChoose: (place: GapPlace | undefined) => void;
}) {
  const { canEdit, units } = useOpeningPage();
  const readings = site.state.gaps.get(bench.leaf) ?? [];
  const moved = site.state.moved.get(bench.leaf);
  const shown = (ticks: number) => gapText(ticks, units);
  const count = Object.keys(gaps).length;
  return (
    <div className="flex flex-col gap-4">
      {canEdit && chosen && (
        <TakeGap
          key={chosen}
          bench={bench}
          place={chosen}
          onTake={(ticks) => {
            site.record('gaps', { leaf: bench.leaf, gaps: { [chosen]: ticks } });
            const read = { ...gaps, [chosen]: ticks };
            onChoose(
              GAP_PLACES.slice(GAP_PLACES.indexOf(chosen)).find((one) => read[one] === undefined) ??
                GAP_PLACES.find((one) => read[one] === undefined),
            );
          }}
        />
      )}
      {moved && (
        <p role="status" className="border-l-4 border-brass bg-wash px-3 py-2">
          What was advised was done by {moved.by}. Read the gaps again: what was foretold is drawn.
        </p>
      )}
      {!moved && count > 0 && <WhatToDo bench={bench} site={site} gaps={gaps} count={count} />}
      {readings.length > 0 && <Foretold bench={bench} readings={readings} shown={shown} />}
      <table className="w-full" aria-label="Gaps">
        <thead>
          <tr className="text-left text-xs text-soft">
            <th scope="col">Place</th>
            <th scope="col" className="text-right">
              wanted
            </th>
            <th scope="col" className="text-right">
              allowed
            </th>
            <th scope="col" className="text-right">
              read
            </th>
          </tr>
        </thead>
        <tbody>
          {GAP_PLACES.map((place) => {
            const { wanted, least, most } = bench.wanted[edgeOf(place)];
            const gap = gaps[place];
            const out = gap !== undefined && (gap < least || gap > most);
            return (
              <tr key={place} data-gap={place} className="border-t border-rule">
                <th scope="row" className="text-left font-normal">
                  <button
                    className="min-h-9 text-left hover:underline"
                    onClick={() => onChoose(place)}
                    disabled={!canEdit}
                  >
                    {termText(`gapPlace.${place}`)}
                  </button>
                </th>
                <td className="text-right tabular-nums">{shown(wanted)}</td>
                <td className="text-right text-soft tabular-nums">
                  {shown(least)} – {shown(most)}
                </td>
                <td
                  className={`text-right text-base tabular-nums ${out ? 'font-semibold text-oxide' : ''}`}
                >
                  {gap === undefined ? '' : shown(gap)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** One gap: by feeler, typed, or from the digital tape; a strange one is asked about. */
function TakeGap({
  bench,
  place,
  onTake,
}: {
  bench: GapBench;
  place: GapPlace;
  onTake: (ticks: number) => void;
}) {
  const { units } = useOpeningPage();
  const { data } = useSession();
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState('');
  const [doubt, setDoubt] = useState<{ ticks: number; said: string } | undefined>();
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.focus({ preventScroll: true }), []);
  const take = useCallback(
    (ticks: number) => {
      const odd = oddGap(place, ticks, bench);
      if (odd && ticks < 0) setFault(phraseText(odd, units));
      else if (odd) setDoubt({ ticks, said: phraseText(odd, units) });
      else onTake(ticks);
    },
    [place, bench, units, onTake],
  );
  const read = (text: string) => {
    const length = parseLength(text, units.system);
    if (!length.ok) setFault(phraseText(length.fault, units));
    else take(length.value);
  };
  const tape = useTape(data?.tape, ({ millimetres }) => take(mm(millimetres)));
  return (
    <section aria-label="Reading">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-xl leading-7" data-reading={place}>
          {termText(`gapPlace.${place}`)}
        </h2>
        {tape === 'here' && (
          <span className="flex items-center gap-1 text-xs text-soft" data-tape="here">
            <Radio size={14} className="text-verdigris" /> the digital tape is here
          </span>
        )}
      </div>
      <div className="mt-1 grid grid-cols-6 gap-1.5 max-[420px]:grid-cols-4">
        {FEELERS[units.system].map((one) => (
          <button
            key={one}
            type="button"
            className="button !h-12 touch-manipulation justify-center text-lg tabular-nums"
            onClick={() => read(one)}
          >
            <span className="frac">{one}</span>
          </button>
        ))}
      </div>
      <form
        className="mt-1.5 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          read(typed);
        }}
      >
        <input
          ref={input}
          inputMode="decimal"
          aria-label={`${termText(`gapPlace.${place}`)}, gap`}
          aria-invalid={fault !== ''}
          className="field !h-12 min-w-0 flex-1 text-right text-xl tabular-nums"
          placeholder={units.system === 'inch' ? 'in' : 'mm'}
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            setFault('');
            setDoubt(undefined);
          }}
        />
        <button className="button primary !h-12 px-6 text-lg" disabled={typed.trim() === ''}>
          Take
        </button>
      </form>
      {fault && (
        <p role="alert" className="text-oxide">
          {fault}
        </p>
      )}
      {doubt && (
        <div role="alert" className="mt-1.5 border-l-4 border-ochre bg-wash px-3 py-2">
          <p>{doubt.said}</p>
          <div className="mt-1.5 grid grid-cols-2 gap-2">
            <button
              type="button"
              className="button !h-12 justify-center"
              onClick={() => onTake(doubt.ticks)}
            >
              It is right
            </button>
            <button
              type="button"
              className="button primary !h-12 justify-center"
              onClick={() => {
                setDoubt(undefined);
                setTyped('');
              }}
            >
              Measure again
            </button>
          </div>
        </div>
      )}
    </section>
  );
}

function WhatToDo({
  bench,
  site,
  gaps,
  count,
}: {
  bench: GapBench;
  site: OpeningSite;
  gaps: ReadGaps;
  count: number;
}) {
  const { canEdit, units } = useOpeningPage();
  const { diagnosis, within, first, hinges, planes, edges, strike, notes, moves, predicted } =
    useMemo(() => adjustmentOf(gaps, bench), [gaps, bench]);
  const shown = (ticks: number) => gapText(ticks, units);
  const moving = planes.length > 0 || hinges.some(({ how }) => how !== 'leave');
  return (
    <section aria-label="What to do" data-within={within}>
      <h2 className="caps mb-1">What it means</h2>
      {count < GAP_PLACES.length && (
        <p className="text-soft">
          {count} of {GAP_PLACES.length} read; what follows goes by these alone.
        </p>
      )}
      {within && <p className="text-verdigris">Every gap read is within what is allowed.</p>}
      {diagnosis.map((one, at) => (
        <p key={at}>
          <Say said={one} units={units} />
        </p>
      ))}
      {!within && (
        <>
          <h2 className="caps mt-3 mb-1">What to do</h2>
          <ul>
            {first && (
              <li className="text-base font-semibold" data-first>
                <Say said={first} units={units} />
              </li>
            )}
            {hinges.map(({ hinge, how, said }) => (
              <li
                key={hinge}
                data-hinge={hinge}
                className={how === 'leave' ? 'text-soft' : 'text-base font-semibold'}
              >
                <Say said={said} units={{ ...units, denominator: 64 }} />
              </li>
            ))}
            {planes.map(({ edge, said }) => (
              <li key={edge} data-plane={edge} className="text-base font-semibold">
                <Say said={said} units={units} />
              </li>
            ))}
            {(['wide', 'cannot'] as const).map((kind) => {
              const list = edges.filter(({ how }) => how === kind);
              return list.length === 0 ? null : (
                <li key={kind} data-edge={kind} className="mt-1">
                  <span className="text-oxide">
                    <Say said={EDGE_WORK[kind]} units={units} />
                  </span>
                  <span className="block tabular-nums">
                    {list
                      .map(
                        ({ place, by }) =>
                          `${termText(`gapPlace.${place}`)} ${shown(Math.abs(by))}`,
                      )
                      .join(' · ')}
                  </span>
                </li>
              );
            })}
            {strike && (
              <li>
                <Say said={strike} units={{ ...units, denominator: 64 }} />
              </li>
            )}
          </ul>
          {notes.map((one) => (
            <p key={one.code} className="text-ochre">
              <Say said={one} units={units} />
            </p>
          ))}
          {canEdit && moving && (
            <button
              className="button primary mt-2 !h-12"
              onClick={() =>
                site.record('moved', {
                  leaf: bench.leaf,
                  moves: whole(moves),
                  predicted: whole(predicted),
                })
              }
            >
              <Wrench size={18} /> It is done so
            </button>
          )}
        </>
      )}
    </section>
  );
}

/** A gap as a feeler tells it: to a sixty-fourth, or a twentieth of a millimetre. */
const gapText = (ticks: number, units: Units) =>
  formatLength(Math.round(ticks), { ...units, denominator: 64, step: 0.05 });

/** Ticks are whole where they are kept. */
const whole = <T extends object>(values: T): T =>
  Object.fromEntries(
    Object.entries(values).map(([key, value]) => [key, Math.round(value as number) || 0]),
  ) as T;

/** The readings after a move against what was foretold for them. */
function Foretold({
  bench,
  readings,
  shown,
}: {
  bench: GapBench;
  readings: readonly { gaps: ReadGaps; predicted: ReadGaps | undefined }[];
  shown: (ticks: number) => string;
}) {
  const { units } = useOpeningPage();
  const last = readings.at(-1)!;
  if (!last.predicted) return null;
  const list = predictionErrors(last.predicted, last.gaps, bench.least);
  return (
    <section aria-label="Foretold" data-missed={list.length}>
      <h2 className="caps mb-1">As foretold?</h2>
      {list.length === 0 ? (
        <p className="text-verdigris">What was read since is as foretold.</p>
      ) : (
        <>
          {explainErrors(list).map((one) => (
            <p key={one.code}>
              <Say said={one} units={units} />
            </p>
          ))}
          <p className="text-soft">
            {list
              .map(
                ({ place, predicted, read }) =>
                  `${termText(`gapPlace.${place}`)}: foretold ${shown(predicted)}, read ${shown(read)}`,
              )
              .join('; ')}
          </p>
        </>
      )}
    </section>
  );
}
