import {
  sealTerm,
  type Assignment,
  type DecidedOpening,
  type Finding,
  type Kept,
  type Message,
  type Units,
  type Constraint,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { DrawingView } from '../../drawing/DrawingView.js';
import { LevelSign, Say } from '../../parts/Say.js';
import type { AlternativesFound } from '../../worker/client.js';

type Alternative = AlternativesFound['alternatives'][number];

const COLUMN = 'row-span-7 grid grid-rows-subgrid gap-y-0 sheet px-3 py-2';

const KEPT: Record<Kept, { word: string; sign: string; tone: string }> = {
  1: { word: 'kept', sign: '●', tone: 'text-verdigris' },
  0.5: { word: 'in part', sign: '◐', tone: 'text-ochre' },
  0: { word: 'lost', sign: '○', tone: 'text-oxide' },
};

function Title({ choice, number }: { choice: Assignment; number?: number }) {
  const { device, closer, seal } = choice;
  return (
    <div className="pb-1">
      <p className="caps">{number === undefined ? 'today' : `alternative ${number}`}</p>
      <h2 className="text-base leading-5 first-letter:uppercase">{termText(`device.${device}`)}</h2>
      <p className="text-[13px] leading-4 text-soft">
        {[
          closer === 'none' ? 'no closer' : `closer ${termText(`closer.${closer}`)}`,
          termText(sealTerm(seal)).replace(/^none$/, 'no bottom seal'),
        ].join(' · ')}
      </p>
    </div>
  );
}

function Pictures({ decided, title }: { decided: DecidedOpening; title: string }) {
  return (
    <div className="grid h-40 grid-cols-[1fr_0.6fr] gap-1 border-y border-rule py-1">
      <DrawingView bare decided={decided} view="elevation-inside" title={`${title}, from inside`} />
      <DrawingView bare decided={decided} view="hinge-edge" title={`${title}, hinge edge`} />
    </div>
  );
}

function List({ title, said, units }: { title: string; said: Message[]; units: Units }) {
  return (
    <div className="py-1">
      <h3 className="caps">{title}</h3>
      {said.length === 0 ? (
        <p className="text-[13px] text-soft">nothing</p>
      ) : (
        <ul className="list-none text-[13px] leading-[17px]">
          {said.map((one, index) => (
            <li key={index} className="py-0.5">
              <Say said={one} units={units} />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Findings({
  title,
  list,
  units,
  gone,
}: {
  title: string;
  list: Finding[];
  units: Units;
  gone?: boolean;
}) {
  if (list.length === 0) return null;
  return (
    <div className="py-1">
      <h3 className="caps">{title}</h3>
      {list.map((finding, index) => (
        <p
          key={index}
          className={`flex gap-1.5 text-[13px] leading-[17px] ${gone ? 'text-soft line-through' : ''}`}
        >
          <LevelSign level={finding.level} />
          <span>
            <Say said={finding} units={units} />
          </span>
        </p>
      ))}
    </div>
  );
}

/** How far each stated wish is kept, and what it costs. */
function Wishes({
  wishes,
  kept,
  cost,
}: {
  wishes: Constraint[];
  kept: Partial<Record<Constraint, Kept>>;
  cost?: number;
}) {
  return (
    <ul className="py-1">
      {wishes.map((wish) => {
        const { word, sign, tone } = KEPT[kept[wish]!];
        return (
          <li key={wish} className="flex gap-1.5 text-[13px] leading-[18px]">
            <span aria-hidden className={tone}>
              {sign}
            </span>
            {termText(`wish.${wish}`)}
            <span className={`ml-auto ${tone}`}>{word}</span>
          </li>
        );
      })}
      {cost !== undefined && (
        <li className="flex gap-1.5 text-[13px] leading-[18px] text-soft">
          Cost class, summed
          <span className="ml-auto">{cost}</span>
        </li>
      )}
    </ul>
  );
}

/** What stands today: its choices, drawing and findings. */
export function TodayColumn({ found, units }: { found: AlternativesFound; units: Units }) {
  const { now, today } = found;
  const stops = now.findings.filter((one) => one.level === 'stop');
  return (
    <article className={`${COLUMN} !bg-transparent`} aria-label="Today">
      <Title choice={today} />
      <Pictures decided={now} title="Today" />
      <Wishes wishes={found.wishes} kept={found.keptToday} />
      <div />
      <div className="row-span-3">
        <Findings title="stops today" list={stops} units={units} />
        {stops.length === 0 && <p className="py-1 text-[13px] text-soft">Nothing stops it.</p>}
      </div>
    </article>
  );
}

/** One alternative: what it keeps, changes and asks for, and the press that takes it. */
export function AlternativeColumn({
  alternative,
  number,
  found,
  units,
  canEdit,
  onTake,
}: {
  alternative: Alternative;
  number: number;
  found: AlternativesFound;
  units: Units;
  canEdit: boolean;
  onTake: () => void;
}) {
  const { changes, asks, gone, fresh } = alternative.consequences;
  const title = `Alternative ${number}`;
  return (
    <article className={COLUMN} aria-label={title} data-device={alternative.choice.device}>
      <Title choice={alternative.choice} number={number} />
      <Pictures decided={alternative.decided} title={title} />
      <Wishes wishes={found.wishes} kept={alternative.kept} cost={alternative.cost} />
      <div>
        <button
          type="button"
          className="button primary w-full"
          disabled={!canEdit}
          onClick={onTake}
        >
          Take this one
        </button>
      </div>
      <List title="changes" said={changes} units={units} />
      <List title="to be asked" said={asks} units={units} />
      <div>
        <Findings title="goes" list={gone} units={units} gone />
        <Findings title="comes" list={fresh} units={units} />
      </div>
    </article>
  );
}
