import { FlipHorizontal2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
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
  type OpeningFacts,
  type Side,
} from '@riegel/core';
import { useSession } from '../../base/session.js';
import { useOpenings, useProject } from '../../data/project.js';
import { ModelView } from '../../drawing/ModelView.js';
import { useOpeningPage } from '../../opening/page.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { IconButton } from '../../parts/IconButton.js';
import { openingAddress } from '../../stage/openingPages.js';
import { basisOf } from '../../worker/basis.js';
import { HandPanel } from './HandPanel.js';
import { Photos } from '../../parts/Photos.js';
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
  const { openingId } = useOpeningPage();
  return <OneSurvey key={openingId} />;
}

function OneSurvey() {
  const { openingId, address, facts, canEdit, onPatch: patch } = useOpeningPage();
  const { project, basis } = useProject();
  const { openings } = useOpenings();
  const session = useSession();
  const navigate = useNavigate();
  const [tab, setTab] = useState<Tab>('measure');
  const [chosen, setChosen] = useState<string | undefined>();
  const [mirrored, setMirrored] = useState(false);
  const survey = useMemo(() => surveyOf(facts), [facts]);
  const copies = facts.copyLeaf === true;
  const order = useMemo(() => surveyOrder(survey.kinds(copies)), [survey, copies]);
  const next = nextReading(order, survey.held);
  const current = chosen ? readingKind(chosen) : next;
  const hinges = knuckleSide(facts);
  const seen: Side = mirrored ? (hinges === 'left' ? 'right' : 'left') : hinges;
  const model = useMemo(
    () => surveyDrawing(survey, seen, tab === 'measure' ? current?.name : undefined),
    [survey, seen, current, tab],
  );
  const practice = practiceFor(facts.practice, basisOf(basis));
  const at = openings.findIndex((one) => one.id === openingId);
  const following = openings[at + 1];
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
    <div className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)]">
      <div className="flex flex-wrap items-center gap-x-3 border-b border-rule px-4">
        <progress className="w-40" value={done} max={order.length} aria-label="Readings taken" />
        <span className="text-soft tabular-nums" role="status">
          {done} of {order.length}
        </span>
        {facts.kind === 'single' && (
          <CheckBox
            className="min-h-11"
            checked={copies}
            disabled={!canEdit}
            onChange={(copy) => patch({ copyLeaf: copy || undefined })}
          >
            copy the old leaf: it is read first
          </CheckBox>
        )}
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
      </div>
      <div className="survey-layout grid min-h-0">
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
              openingId={openingId}
              caption={current && tab === 'measure' ? facts.mark + ', ' + current.name : facts.mark}
              canEdit={canEdit}
            />
          </div>
        </div>
        <div
          className="min-h-0 overflow-auto border-rule px-4 py-3"
          tabIndex={0}
          role="region"
          aria-label="Reading"
        >
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
                <Link className="button primary !h-14 text-lg" to={`${address}/replacement`}>
                  See what follows
                </Link>
                {following && (
                  <button
                    className="button !h-14 text-lg"
                    onClick={() =>
                      void navigate(openingAddress(project.id, following.id, 'survey'))
                    }
                  >
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
