import { ChevronLeft, ChevronRight, FlipHorizontal2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import {
  namesOf,
  nextReading,
  practiceFor,
  readingKind,
  resolveHand,
  slides,
  surveyDrawing,
  surveyOf,
  surveyOrder,
  withReading,
  type FactsPatch,
  type OpeningFacts,
  type Side,
} from '@riegel/core';
import { useSession } from '../../app/session.js';
import { useOpenings, useProject } from '../../data/project.js';
import { ModelView } from '../../drawing/ModelView.js';
import { IconButton } from '../../parts/IconButton.js';
import { Message } from '../../parts/Message.js';
import { basisOf } from '../../worker/basis.js';
import { HandPanel } from './HandPanel.js';
import { Photos } from './Photos.js';
import { Conflicts, SurveyRecord } from './SurveyRecord.js';
import { TakeReading, type Taken } from './TakeReading.js';

type Tab = 'measure' | 'hand' | 'record';
const TABS: { tab: Tab; title: string }[] = [
  { tab: 'measure', title: 'Measure' },
  { tab: 'hand', title: 'Hand' },
  { tab: 'record', title: 'Readings' },
];

/** On which hand the surveyor sees the hinges from where the knuckles show, if it is known. */
function knuckleSide(facts: OpeningFacts): Side {
  const { hingeSide, swing } = facts;
  if ((hingeSide === 'left' || hingeSide === 'right') && (swing === 'in' || swing === 'out'))
    return namesOf({ hinges: hingeSide, swing }).knuckleSide;
  const seen = facts.observations?.find((one) => one.stood === 'knuckle-side');
  if (seen?.stood === 'knuckle-side') return seen.hinges;
  const resolved = resolveHand(facts.observations ?? []);
  return resolved.state === 'fixed' ? namesOf(resolved.hand).knuckleSide : 'left';
}

/** Survey of one opening on a tablet: drawn large, the reading to take next stretched over it. */
export function SurveyScreen() {
  const { openingId } = useParams();
  return <OneSurvey key={openingId} openingId={openingId!} />;
}

function OneSurvey({ openingId }: { openingId: string }) {
  const { project, basis, canEdit, edit } = useProject();
  const { openings, byId } = useOpenings();
  const session = useSession();
  const navigate = useNavigate();
  const opening = byId.get(openingId);
  const [tab, setTab] = useState<Tab>('measure');
  const [chosen, setChosen] = useState<string | undefined>();
  const [mirrored, setMirrored] = useState(false);
  const facts = opening?.facts;
  const survey = useMemo(() => surveyOf(facts ?? { mark: '', kind: 'single' }), [facts]);
  const order = useMemo(() => surveyOrder(survey.kinds), [survey]);
  const next = nextReading(order, survey.held);
  const current = chosen ? readingKind(chosen) : next;
  const hinges = facts ? knuckleSide(facts) : 'left';
  const seen: Side = mirrored ? (hinges === 'left' ? 'right' : 'left') : hinges;
  const model = useMemo(
    () => surveyDrawing(survey, seen, tab === 'measure' ? current?.name : undefined),
    [survey, seen, current, tab],
  );
  const base = `/projects/${project.id}`;
  if (!facts || !opening)
    return (
      <Message
        title="This opening is not here"
        actions={
          <Link className="button primary" to={`${base}/survey`}>
            To the survey
          </Link>
        }
      >
        It was deleted, or belongs to another project.
      </Message>
    );
  const practice = practiceFor(facts.practice, basisOf(basis));
  const at = openings.findIndex((one) => one.id === opening.id);
  const to = (step: number) => {
    const other = openings[at + step];
    if (other) void navigate(`${base}/survey/${other.id}`);
  };
  const patch = (change: FactsPatch) => edit([{ id: opening.id, patch: change }]);
  const take = (name: string, taken: Taken) => {
    patch({
      readings: withReading(facts.readings ?? [], {
        id: crypto.randomUUID(),
        name,
        by: session.data?.person?.name ?? '',
        at: new Date().toISOString(),
        ...taken,
      }),
    });
    setChosen(undefined);
  };
  const done = order.filter((kind) => survey.held.has(kind.name)).length;
  return (
    <div className="grid h-full grid-rows-[auto_1fr]">
      <div className="flex items-center gap-3 border-b border-rule px-4 py-1.5">
        <IconButton label="Previous opening" disabled={at <= 0} onClick={() => to(-1)}>
          <ChevronLeft size={24} />
        </IconButton>
        <IconButton label="Next opening" disabled={at >= openings.length - 1} onClick={() => to(1)}>
          <ChevronRight size={24} />
        </IconButton>
        <div className="min-w-0">
          <h1 className="text-2xl leading-7">{facts.mark}</h1>
          <p className="max-w-72 truncate text-xs text-soft">
            {[facts.from, facts.to].filter(Boolean).join(' → ') || 'no rooms named'}
          </p>
        </div>
        <progress className="w-40" value={done} max={order.length} aria-label="Readings taken" />
        <span className="text-soft tabular-nums" role="status">
          {done} of {order.length}
        </span>
        <div role="tablist" aria-label="Survey" className="ml-auto flex gap-1">
          {TABS.map(({ tab: one, title }) => (
            <button
              key={one}
              role="tab"
              aria-selected={tab === one}
              className={`h-11 border-b-[3px] px-4 text-base ${tab === one ? 'border-brass font-semibold' : 'border-transparent text-soft'}`}
              onClick={() => setTab(one)}
            >
              {title}
            </button>
          ))}
        </div>
        <Link className="button" to={`${base}/replacement/${opening.id}`}>
          What follows
        </Link>
      </div>
      <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_minmax(420px,0.85fr)]">
        <div className="relative grid min-h-0 grid-rows-[minmax(0,1fr)_auto] bg-sheet">
          <div className="min-h-0 p-2">
            <ModelView
              model={model}
              units={{ system: practice.system, denominator: practice.denominator }}
              title={`${facts.mark}, seen from where the knuckles show`}
              onSelect={(name) => {
                setChosen(name);
                setTab('measure');
              }}
            />
          </div>
          <div className="absolute top-2 right-2">
            <IconButton
              label="Hinges on the other hand"
              title="Draw the hinges on the other hand"
              onClick={() => setMirrored((before) => !before)}
            >
              <FlipHorizontal2 size={22} />
            </IconButton>
          </div>
          <div className="border-t border-rule p-2">
            <Photos
              projectId={project.id}
              openingId={opening.id}
              caption={current && tab === 'measure' ? facts.mark + ', ' + current.name : facts.mark}
              canEdit={canEdit}
            />
          </div>
        </div>
        <div className="min-h-0 overflow-auto border-l border-rule px-4 py-3" tabIndex={0}>
          <Conflicts
            survey={survey}
            practice={practice}
            canEdit={canEdit}
            onSettle={({ name, value, how }) => take(name, { value, how })}
          />
          {slides(facts.kind) && tab === 'measure' && (
            <p className="mb-2 text-soft">A sliding leaf: leave out what it has not got.</p>
          )}
          {tab === 'measure' &&
            (current ? (
              <TakeReading
                kind={current}
                survey={survey}
                practice={practice}
                tapeUrl={session.data?.tape}
                canEdit={canEdit}
                onTake={(taken) => take(current.name, taken)}
              />
            ) : (
              <div className="flex flex-col items-start gap-3 py-8">
                <h2 className="text-2xl">Everything is read.</h2>
                <Link
                  className="button primary !h-14 text-lg"
                  to={`${base}/replacement/${opening.id}`}
                >
                  See what follows
                </Link>
                {at < openings.length - 1 && (
                  <button className="button !h-14 text-lg" onClick={() => to(1)}>
                    Next opening
                  </button>
                )}
              </div>
            ))}
          {tab === 'hand' && <HandPanel facts={facts} canEdit={canEdit} onPatch={patch} />}
          {tab === 'record' && (
            <SurveyRecord
              order={order}
              survey={survey}
              practice={practice}
              current={current?.name}
              onKind={(name) => {
                setChosen(name);
                setTab('measure');
              }}
            />
          )}
        </div>
      </div>
    </div>
  );
}
