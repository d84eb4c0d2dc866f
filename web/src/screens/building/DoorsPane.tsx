import { useSyncExternalStore } from 'react';
import { Link, useParams } from 'react-router';
import { formatExact, roomKey, widthNeeded, type FactsPatch } from '@riegel/core';
import { useProject } from '../../data/project.js';
import { BoltRow } from '../../parts/BoltRow.js';
import { Select } from '../../parts/Select.js';
import { termText } from '../../base/words.js';
import { unpackProgress } from '../../worker/progress.js';
import type { RowStore } from '../../worker/rowStore.js';
import type { Plan, PlanDoors } from './plan.js';

const ANSWERS = ['', 'on', 'back', 'both', 'none'] as const;
type Answer = (typeof ANSWERS)[number];

/** The openings between two rooms: which way people leave by them, how many, and what somebody says of it. */
export function DoorsPane({ doors, plan, rows }: { doors: PlanDoors; plan: Plan; rows: RowStore }) {
  useSyncExternalStore(rows.subscribe, rows.version);
  const { practice, canEdit, edit } = useProject();
  const { projectId } = useParams();
  const name = (key: string) => plan.byKey.get(key)?.room.name ?? key;
  const [one, two] = [name(doors.one), name(doors.two)];
  const words: Record<Answer, string> = {
    '': 'by the ways out of the building',
    on: `from ${one} to ${two}`,
    back: `from ${two} to ${one}`,
    both: 'both ways',
    none: 'nobody',
  };
  const { egress } = doors;
  const shortest = egress?.escape;
  const computed =
    shortest === undefined
      ? 'nobody needs to'
      : shortest === 'both'
        ? 'both ways'
        : words[(shortest === 'to') === (roomKey(egress!.one) === doors.one) ? 'on' : 'back'];
  const needed = egress && egress.share > 0 ? widthNeeded(egress.share, practice) : undefined;
  return (
    <div data-doors={doors.key}>
      <h2 className="text-lg">
        {one} – {two}
      </h2>
      <dl className="mt-2 grid grid-cols-[7rem_minmax(0,1fr)] gap-x-2 gap-y-1">
        <dt className="text-soft">People leave</dt>
        <dd>{computed}</dd>
        {egress && (egress.people > 0 || egress.whole) && (
          <>
            <dt className="text-soft">People</dt>
            <dd>
              {egress.whole ? '' : 'at least '}
              {egress.people}, {egress.share} for each door
            </dd>
          </>
        )}
        {needed !== undefined && (
          <>
            <dt className="text-soft">Clear width</dt>
            <dd>{formatExact(needed, practice.system)} needed</dd>
          </>
        )}
      </dl>
      <h3 className="caps mt-4 mb-1">Openings</h3>
      <ul className="flex flex-col gap-2">
        {doors.openings.map(({ id, mark, facts }) => {
          const value = answerOf(doors, facts);
          const row = rows.get(id);
          return (
            <li key={id} className="border-t border-rule/60 pt-1">
              <Link
                className="font-semibold hover:text-brass hover:underline"
                to={`/projects/${projectId}/openings/${id}`}
              >
                {mark}
              </Link>{' '}
              <span className="text-soft">{termText(`kind.${facts.kind}`)}</span>
              {row && <BoltRow bolts={unpackProgress(row.progress)} width={13} />}
              <Select
                label={`People leave by ${mark}`}
                className="mt-1 w-full"
                value={value}
                disabled={!canEdit}
                options={ANSWERS.map((one) => ({ value: one, text: words[one] }))}
                onChange={(next) => edit([{ id, patch: patchFor(next as Answer, doors, facts) }])}
              />
            </li>
          );
        })}
      </ul>
    </div>
  );
}

type Facts = PlanDoors['openings'][number]['facts'];

const runsOn = ({ one }: PlanDoors, { from }: Facts) => from !== undefined && roomKey(from) === one;

function answerOf(doors: PlanDoors, facts: Facts): Answer {
  if (facts.egress === false) return 'none';
  if (facts.escape === 'both') return 'both';
  if (facts.escape !== 'to' && facts.escape !== 'from') return '';
  return (facts.escape === 'to') === runsOn(doors, facts) ? 'on' : 'back';
}

function patchFor(answer: Answer, doors: PlanDoors, facts: Facts): FactsPatch {
  switch (answer) {
    case '':
      return { escape: undefined, egress: undefined };
    case 'none':
      return { escape: undefined, egress: false };
    case 'both':
      return { escape: 'both', egress: true };
    default:
      return { escape: (answer === 'on') === runsOn(doors, facts) ? 'to' : 'from', egress: true };
  }
}
