import { useMemo, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import { STAGES, type Stage } from '@riegel/core';
import { useOpenings, useProject } from '../../data/project.js';
import { Message, Waiting } from '../../parts/Message.js';
import { LevelSign, Say } from '../../parts/Say.js';
import { useFindings, useRows } from '../../worker/client.js';
import { countProgress, type StageCount } from '../../worker/progress.js';
import type { RowStore } from '../../worker/rowStore.js';
import type { FoundIn } from '../../worker/findings.js';
import { termText } from '../../base/words.js';
import { countLevels } from '../../worker/findingGroups.js';
import { Lately } from './Lately.js';

/** The project at a glance: its storeys as stacked bolts, what is open, what was found, what to do next. */
export function OverviewScreen() {
  const { project, practice, basis, building } = useProject();
  const { openings } = useOpenings();
  const { rows } = useRows(project.id, openings, basis);
  const found = useFindings(openings, basis);
  const version = useSyncExternalStore(rows.subscribe, rows.version);
  const storeys = useMemo(
    () => (version >= 0 ? byStorey(openings, building.storeys, rows) : []),
    [openings, building.storeys, rows, version],
  );
  const base = `/projects/${project.id}`;
  if (openings.length === 0) return <FirstSteps base={base} />;
  if (!found) return <Waiting what="Going through every opening …" />;
  const counts = countLevels(found.openings, found.across);
  const stages = stagesOf(found.openings);
  const questions = questionsOf(found.openings);
  const kept = found.openings.reduce((sum, one) => sum + one.kept, 0);
  const guessed = found.openings.reduce((sum, { assumed }) => sum + assumed, 0);
  const unchecked = found.openings.reduce((sum, { notChecked }) => sum + notChecked.length, 0);
  return (
    <div className="grid h-full grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-x-8 overflow-auto px-6 py-4 max-lg:grid-cols-1">
      <section aria-label="Storeys">
        <h1 className="text-xl">{project.name}</h1>
        <p className="mb-3 text-soft">
          {openings.length} openings · {practice.name}
        </p>
        <Storeys storeys={storeys} base={base} />
        <h2 className="mt-6 mb-1 text-lg">By stage</h2>
        <table className="w-full" aria-label="Findings and questions by stage">
          <thead>
            <tr className="text-left text-xs text-soft">
              <th scope="col">Stage</th>
              <th scope="col" className="w-16 text-right">
                stops
              </th>
              <th scope="col" className="w-16 text-right">
                checks
              </th>
              <th scope="col" className="w-16 text-right">
                notes
              </th>
              <th scope="col" className="w-20 text-right">
                questions
              </th>
            </tr>
          </thead>
          <tbody>
            {stages.map(({ stage, stop, check, note, open }) => (
              <tr key={stage} className="border-t border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {termText(`stage.${stage}`)}
                </th>
                <td className="text-right">{stop || '–'}</td>
                <td className="text-right">{check || '–'}</td>
                <td className="text-right">{note || '–'}</td>
                <td className="text-right">{open || '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section aria-label="What to do next">
        <h2 className="mb-1 text-lg">What to do next</h2>
        <ol className="list-decimal pl-5 [&>li]:py-1">
          {counts.stop > 0 && (
            <li>
              <Link className="hover:text-brass hover:underline" to={`${base}/findings`}>
                <Sign level="stop" /> {counts.stop} stops: what cannot be made, or may hurt
                somebody.
              </Link>
            </li>
          )}
          {questions.slice(0, 5).map(({ question, stage, ids }) => (
            <li key={`${stage} ${question.code}`}>
              <Link
                className="hover:text-brass hover:underline"
                to={`${base}/openings/${ids[0]}/${stage}`}
              >
                <Say said={question} units={practice} />
              </Link>{' '}
              <span className="text-soft">
                {ids.length} {ids.length === 1 ? 'opening' : 'openings'}
              </span>
            </li>
          ))}
          {guessed > 0 && (
            <li>
              <Link className="hover:text-brass hover:underline" to={`${base}/questions`}>
                {guessed} things are assumed: confirm them, or say otherwise.
              </Link>
            </li>
          )}
          {counts.check > 0 && (
            <li>
              <Link className="hover:text-brass hover:underline" to={`${base}/findings`}>
                <Sign level="check" /> {counts.check} checks: answer or accept them.
              </Link>
            </li>
          )}
          {unchecked > 0 && (
            <li>
              <Link className="hover:text-brass hover:underline" to={`${base}/findings`}>
                {unchecked} things could not be checked, for want of facts.
              </Link>
            </li>
          )}
          {counts.stop + counts.check + questions.length + guessed + unchecked === 0 && (
            <li>
              <Link className="hover:text-brass hover:underline" to={`${base}/schedule`}>
                Nothing is open: read the schedule.
              </Link>
            </li>
          )}
        </ol>
        <p className="mt-2 text-soft">
          {counts.accepted > 0 && `${counts.accepted} findings accepted. `}
          {counts.note} notes. {kept} things were checked and hold.
        </p>
        <h2 className="mt-6 mb-1 text-lg">Changed lately</h2>
        <Lately />
      </section>
    </div>
  );
}

function Sign({ level }: { level: 'stop' | 'check' }) {
  return (
    <span className="inline-block align-[-2px]">
      <LevelSign level={level} />
    </span>
  );
}

/** Each storey a line, each stage a bolt as far thrown as its openings are decided. */
function Storeys({ storeys, base }: { storeys: readonly Storey[]; base: string }) {
  const stages = storeys[0]?.count.map(({ stage }) => stage) ?? [];
  return (
    <table className="w-full table-fixed" aria-label="How far each storey is">
      <thead>
        <tr className="text-left text-[11px] text-soft">
          <th scope="col" className="w-28 font-normal" aria-label="Storey" />
          {stages.map((stage) => (
            <th key={stage} scope="col" className="truncate pr-2 font-normal">
              {termText(`stage.${stage}`)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {storeys.map(({ name, lines, count }) => (
          <tr key={name} className="border-t border-rule">
            <th scope="row" className="py-1.5 pr-4 text-left align-middle font-semibold">
              <Link className="hover:text-brass hover:underline" to={base}>
                {name}
              </Link>
              <span className="block text-xs font-normal text-soft">
                {lines} {lines === 1 ? 'opening' : 'openings'}
              </span>
            </th>
            {count.map(({ stage, decided, none }) => (
              <td key={stage} className="pr-2 align-middle" title={`${decided + none} of ${lines}`}>
                <span className="flex h-2.5 border border-verdigris">
                  <span className="bg-verdigris" style={{ width: `${(decided / lines) * 100}%` }} />
                  <span className="bg-rule" style={{ width: `${(none / lines) * 100}%` }} />
                </span>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function FirstSteps({ base }: { base: string }) {
  return (
    <Message
      title="How to begin"
      actions={
        <>
          <Link className="button primary" to={`${base}/import`}>
            Read a door list
          </Link>
          <Link className="button" to={base}>
            Type the first opening
          </Link>
        </>
      }
    >
      Bring the architect’s door list, paste it into the register, or type the openings one by one.
      Say between which rooms each stands: what a door is decides what it needs. Then answer what is
      asked.
    </Message>
  );
}

interface Storey {
  name: string;
  lines: number;
  count: StageCount[];
}

/** The decided lines of each storey, those of the building first, in their order. */
function byStorey(
  openings: readonly { id: string; facts: { storey?: string | undefined } }[],
  storeys: readonly string[],
  rows: RowStore,
): Storey[] {
  const names = [...storeys].reverse();
  const of = new Map<string, Storey>(names.map((name) => [name, { name, lines: 0, count: [] }]));
  for (const { id, facts } of openings) {
    const row = rows.get(id);
    if (!row) continue;
    const name = facts.storey ?? 'No storey';
    let storey = of.get(name);
    if (!storey) of.set(name, (storey = { name, lines: 0, count: [] }));
    storey.lines += 1;
    countProgress(storey.count, row.progress, 1);
  }
  return [...of.values()].filter(({ lines }) => lines > 0);
}

/** What is found and asked, stage by stage. */
function stagesOf(openings: readonly FoundIn[]) {
  const stages = new Map<
    Stage,
    { stage: Stage; stop: number; check: number; note: number; open: number }
  >();
  const at = (stage: Stage) => {
    let one = stages.get(stage);
    if (!one) stages.set(stage, (one = { stage, stop: 0, check: 0, note: 0, open: 0 }));
    return one;
  };
  for (const { findings, questions } of openings) {
    for (const { stage, level, accepted } of findings) if (!accepted) at(stage)[level] += 1;
    for (const { stage } of questions) at(stage).open += 1;
  }
  return [...stages.values()].sort((a, b) => STAGES.indexOf(a.stage) - STAGES.indexOf(b.stage));
}

/** The questions that stand in most openings first. */
function questionsOf(openings: readonly FoundIn[]) {
  const asked = new Map<
    string,
    { question: FoundIn['questions'][number]['question']; stage: Stage; ids: string[] }
  >();
  for (const { id, questions } of openings)
    for (const { question, stage } of questions) {
      const key = `${stage} ${question.code}`;
      const one = asked.get(key);
      if (one) one.ids.push(id);
      else asked.set(key, { question, stage, ids: [id] });
    }
  return [...asked.values()].sort((a, b) => b.ids.length - a.ids.length);
}
