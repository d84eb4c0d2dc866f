import { useMemo, useState, type ReactNode } from 'react';
import {
  datumsOf,
  heightsDrawing,
  lengthPart,
  lockSection,
  rodEnds,
  strikeFace,
  type DecidedOpening,
  type DrawingModel,
  type Units,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { ModelView } from '../../drawing/ModelView.js';
import { useOpeningPage } from '../../opening/page.js';
import { Figures } from '../../parts/Figure.js';
import { Toggles } from '../../parts/Toggles.js';

/** Why there is nothing to draw. */
function emptyWords({ results: { securing } }: DecidedOpening): string {
  if (securing.kind === undefined) return 'What the door is for is not recorded.';
  return securing.kind === 'none' ? 'No lock here.' : 'Sizes are open.';
}

function Sheet({
  label,
  model,
  title,
  empty,
  children,
}: {
  label: string;
  model: DrawingModel | undefined;
  title: string;
  empty: string;
  children: ReactNode;
}) {
  const { units } = useOpeningPage();
  return (
    <figure className="flex h-full flex-col" aria-label={label}>
      {model ? (
        <div className="min-h-0 flex-1 p-3">
          <ModelView model={model} units={units} title={title} />
        </div>
      ) : (
        <p className="m-auto max-w-60 text-center text-soft">{empty}</p>
      )}
      {children}
    </figure>
  );
}

/** The lock cut through, the leaf closed or ajar. */
export function LockCut() {
  const { decided } = useOpeningPage();
  const [ajar, setAjar] = useState(false);
  const section = useMemo(() => lockSection(decided, ajar), [decided, ajar]);
  const { securing } = decided.results;
  return (
    <Sheet
      label="Cut through the lock"
      model={section}
      title={`Level cut through the lock, leaf ${ajar ? 'ajar' : 'closed'}`}
      empty={emptyWords(decided)}
    >
      <figcaption className="flex items-center gap-3 border-t border-rule px-3 py-1 text-xs text-soft">
        <span className="first-letter:uppercase">
          {securing.kind && termText(`lockKind.${securing.kind}`)}
          {section && ', cut level; the pull side is up'}
        </span>
        {section && (
          <Toggles
            label="Leaf"
            className="ml-auto"
            values={['closed', 'ajar']}
            value={ajar ? 'ajar' : 'closed'}
            onChange={(next) => setAjar(next === 'ajar')}
          />
        )}
      </figcaption>
    </Sheet>
  );
}

/** The strike from its face. */
export function StrikeDrawing() {
  const { decided } = useOpeningPage();
  const strike = useMemo(() => strikeFace(decided) ?? rodEnds(decided), [decided]);
  const { on } = decided.results.securing.strike ?? {};
  return (
    <Sheet
      label="Strike"
      model={strike}
      title={on === 'ends' ? 'Head and floor where the rods end' : 'Strike from the opening'}
      empty={
        on === 'ends'
          ? 'Gaps at head and floor are open.'
          : on === 'face'
            ? 'Its keep stands on the face of the frame: nothing is cut into the jamb.'
            : emptyWords(decided)
      }
    >
      <figcaption className="border-t border-rule px-3 py-1 text-xs text-soft">
        {on === 'ends'
          ? 'Head and floor where the rods end, cut upright; the pull face is left.'
          : strike
            ? `Strike in the ${on === 'leaf' ? 'second leaf' : 'jamb'}; the stop is on the left, the lip on the right.`
            : 'Strike'}
      </figcaption>
    </Sheet>
  );
}

/** What a hand works on the elevation, with the bands of reach and way out. */
export function HeightsDrawing() {
  const { decided, units } = useOpeningPage();
  const heights = useMemo(() => heightsDrawing(decided), [decided]);
  return (
    <Sheet
      label="Heights"
      model={heights}
      title="Heights on the elevation"
      empty={emptyWords(decided)}
    >
      <Datums decided={decided} units={units} />
    </Sheet>
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
