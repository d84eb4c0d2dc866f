import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import {
  BOLT_STAGES,
  FIELDS,
  SET_STAGES,
  STAGES,
  unitsOf,
  VIEWS,
  type FactsPatch,
  type SetStage,
  type Stage,
  type View,
} from '@riegel/core';
import { useKeys } from '../../app/keys.js';
import { useOpenings, useProject } from '../../data/project.js';
import { BoltButtons } from '../../parts/BoltRow.js';
import { IconButton } from '../../parts/IconButton.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Say } from '../../parts/Say.js';
import { useDecided } from '../../worker/client.js';
import { Drawings } from './Drawings.js';
import { History } from './History.js';
import { StageSection } from './StageSection.js';
import { WrittenStage } from './WrittenStage.js';

/** Stages of this page, in working order: those of the bolt row, and what has facts beside them. */
const PAGE_STAGES = STAGES.filter(
  (stage) => BOLT_STAGES.includes(stage) || FIELDS.some((field) => field.stage === stage),
);

/** The number key of a stage: its place in the bolt row. */
function keyOf(stage: Stage): number | undefined {
  const at = BOLT_STAGES.indexOf(stage);
  return at < 0 ? undefined : at + 1;
}

/** Whether a stage's hardware may be written by hand; that of the hanging is decided whole. */
function isWritten(stage: Stage): stage is SetStage {
  return stage !== 'hanging' && SET_STAGES.includes(stage as SetStage);
}

/** One opening: drawn, decided, reasoned, and every fact edited in place. */
export function OpeningScreen() {
  const { openingId } = useParams();
  const { project, basis, canEdit, edit } = useProject();
  const { openings, byId } = useOpenings();
  const navigate = useNavigate();
  const opening = byId.get(openingId!);
  const decided = useDecided(opening, basis);
  const [view, setView] = useState<View>('elevation-outside');
  const [highlighted, setHighlighted] = useState<string | undefined>();

  const at = openings.findIndex((candidate) => candidate.id === openingId);
  const base = `/projects/${project.id}`;
  // Keys come faster than pages: each step counts from where the last one led.
  const target = useRef(openingId);
  useEffect(() => {
    target.current = openingId;
  }, [openingId]);
  const go = (step: number) => {
    const from = openings.findIndex((candidate) => candidate.id === target.current);
    const next = openings[from + step];
    if (!next) return;
    target.current = next.id;
    void navigate(`${base}/openings/${next.id}`);
  };
  const toStage = useCallback((stage: Stage) => {
    const section = document.getElementById(`stage-${stage}`);
    section?.scrollIntoView({ block: 'start' });
    section?.querySelector<HTMLElement>('h2')?.focus({ preventScroll: true });
  }, []);
  // An address may name a stage of the opening.
  const { hash } = useLocation();
  const there = decided !== undefined;
  useEffect(() => {
    const stage = hash.replace(/^#stage-/, '') as Stage;
    if (there && STAGES.includes(stage)) toStage(stage);
  }, [hash, there, openingId, toStage]);
  const toDecision = useCallback((part: string) => {
    const row = document.querySelector<HTMLElement>(
      `[data-decision="${CSS.escape(part)}"], [data-fact="${CSS.escape(part)}"]`,
    );
    row?.scrollIntoView({ block: 'center' });
    row?.focus({ preventScroll: true });
    setHighlighted(part);
  }, []);
  useKeys({
    n: () => go(1),
    p: () => go(-1),
    d: () => setView((before) => VIEWS[(VIEWS.indexOf(before) + 1) % VIEWS.length]!),
    ...Object.fromEntries(
      BOLT_STAGES.map((stage, index) => [String(index + 1), () => toStage(stage)]),
    ),
  });
  const onPatch = useCallback(
    (patch: FactsPatch) => edit([{ id: openingId!, patch }]),
    [edit, openingId],
  );
  const units = useMemo(() => (decided ? unitsOf(decided) : undefined), [decided]);

  if (!opening) {
    return (
      <Message
        title="This opening is not here"
        actions={
          <Link className="button primary" to={base}>
            To the register
          </Link>
        }
      >
        It was deleted, or belongs to another project.
      </Message>
    );
  }
  if (!decided || !units) return <Waiting what="Deciding …" />;
  const { facts } = opening;
  const shared = {
    facts,
    decided,
    practice: decided.practice,
    units,
    canEdit,
    onPatch,
    highlighted,
    onHighlight: setHighlighted,
  };
  return (
    <div className="grid h-full grid-rows-[auto_1fr]">
      <div className="flex items-center gap-4 border-b border-rule px-4 py-1.5">
        <div className="flex items-center">
          <IconButton
            label="Previous opening"
            title="Previous (p)"
            disabled={at <= 0}
            onClick={() => go(-1)}
          >
            <ChevronLeft size={18} />
          </IconButton>
          <IconButton
            label="Next opening"
            title="Next (n)"
            disabled={at >= openings.length - 1}
            onClick={() => go(1)}
          >
            <ChevronRight size={18} />
          </IconButton>
        </div>
        <div className="min-w-0">
          <h1 className="text-2xl leading-7">{facts.mark}</h1>
          <p
            className="max-w-72 truncate text-xs leading-4 text-soft"
            title={`${facts.from ?? ''} → ${facts.to ?? ''}`}
          >
            {[facts.from, facts.to].filter(Boolean).join(' → ') || 'no rooms named'}
          </p>
        </div>
        <Link className="button" to={`${base}/survey/${opening.id}`}>
          Survey
        </Link>
        <Link className="button" to={`${base}/hanging/${opening.id}`}>
          Hanging
        </Link>
        <Link className="button" to={`${base}/securing/${opening.id}`}>
          Securing
        </Link>
        <Link
          className={`button ${decided.clashes.length > 0 ? '!border-oxide text-oxide' : ''}`}
          to={`${base}/alternatives/${opening.id}`}
        >
          Alternatives
        </Link>
        {decided.results.replacing && (
          <Link className="button" to={`${base}/replacement/${opening.id}`}>
            Replacement
          </Link>
        )}
        <div className="ml-auto">
          <BoltButtons bolts={decided.progress} onStage={toStage} />
        </div>
      </div>
      <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_minmax(0,1.08fr)] max-[1100px]:grid-cols-[minmax(0,0.8fr)_minmax(0,1fr)]">
        <Drawings
          decided={decided}
          view={view}
          onView={setView}
          highlighted={highlighted}
          onHighlight={setHighlighted}
          onSelect={toDecision}
          canEdit={canEdit}
          onPatch={onPatch}
        />
        <div
          className="relative overflow-auto border-l border-rule px-4 pb-12"
          tabIndex={0}
          role="region"
          aria-label="Stages"
        >
          {PAGE_STAGES.map((stage) =>
            isWritten(stage) ? (
              <WrittenStage key={stage} {...shared} stage={stage} number={keyOf(stage)!} />
            ) : (
              <StageSection
                key={stage}
                {...shared}
                stage={stage}
                {...(keyOf(stage) ? { number: keyOf(stage)! } : {})}
              />
            ),
          )}
          <section aria-label="Care" className="mt-6 border-l-4 border-ochre bg-wash/60 px-4 py-3">
            <h2 className="caps mb-1">Care</h2>
            {decided.cautions.map((caution) => (
              <p key={caution.code} className="py-0.5">
                <Say said={caution} units={units} />
              </p>
            ))}
          </section>
          <History projectId={project.id} openingId={opening.id} system={decided.practice.system} />
        </div>
      </div>
    </div>
  );
}
