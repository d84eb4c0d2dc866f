import { useMemo, useState, type KeyboardEvent } from 'react';
import { Link, useSearchParams } from 'react-router';
import {
  accepting,
  phraseText,
  whoAnswers,
  withdrawing,
  type Finding,
  type OpeningFacts,
  type Units,
} from '@riegel/core';
import { useSession } from '../../base/session.js';
import { useOpenings, useProject } from '../../data/project.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { Fold } from '../../parts/Fold.js';
import { Message, Waiting } from '../../parts/Message.js';
import { ReasonDialog } from '../../parts/ReasonDialog.js';
import { LevelSign, Say } from '../../parts/Say.js';
import { useFindings } from '../../worker/client.js';
import { termText } from '../../base/words.js';
import { Marks } from './Marks.js';
import { NotChecked } from './NotChecked.js';
import {
  countLevels,
  groupFindings,
  GROUPINGS,
  type FindingGroup,
  type FoundOne,
  type Grouping,
} from '../../worker/findingGroups.js';

const NAMES: Readonly<Record<Grouping, string>> = {
  rule: 'By rule',
  opening: 'By opening',
  answers: 'By who must answer',
};
const LEVELS: readonly Finding['level'][] = ['stop', 'check', 'note'];

/** Everything found in a project: by rule, by opening, by who must answer; accepted with a reason and a name. */
export function FindingsScreen() {
  const { project, practice, basis, canEdit, edit } = useProject();
  const { openings, byId } = useOpenings();
  const found = useFindings(openings, basis);
  const session = useSession();
  const [search, setSearch] = useSearchParams();
  const [levels, setLevels] = useState<ReadonlySet<Finding['level']>>(new Set(['stop', 'check']));
  const [accepted, setAccepted] = useState(false);
  const [text, setText] = useState('');
  const [accept, setAccept] = useState<readonly FoundOne[] | undefined>();
  const asked = search.get('by');
  const by = GROUPINGS.find((one) => one === asked) ?? 'rule';
  const units: Units = practice;
  const groups = useMemo(
    () =>
      found
        ? groupFindings(found, by, { levels, accepted, text }, (one) => phraseText(one, practice))
        : [],
    [found, by, levels, accepted, text, practice],
  );
  if (!found) return <Waiting what="Going through every opening …" />;
  const counts = countLevels(found.openings, found.across);
  const base = `/projects/${project.id}`;
  const toggle = (level: Finding['level']) =>
    setLevels((held) => {
      const next = new Set(held);
      if (!next.delete(level)) next.add(level);
      return next;
    });
  const write = (
    ones: readonly FoundOne[],
    next: (finding: Finding, facts: OpeningFacts) => NonNullable<OpeningFacts['accepted']>,
  ) => {
    const changed = new Map<string, OpeningFacts>();
    for (const { id, finding } of ones) {
      const facts = changed.get(id) ?? byId.get(id)?.facts;
      if (facts) changed.set(id, { ...facts, accepted: next(finding, facts) });
    }
    edit(
      [...changed].map(([id, { accepted: list }]) => ({
        id,
        patch: { accepted: list && list.length > 0 ? list : undefined },
      })),
    );
  };
  return (
    <div className="flex h-full flex-col overflow-auto px-6 py-4">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h1 className="text-xl">Findings</h1>
        <div role="tablist" aria-label="Put together" className="flex gap-1">
          {GROUPINGS.map((one) => (
            <button
              key={one}
              type="button"
              role="tab"
              aria-selected={by === one}
              className={`button !h-8 ${by === one ? 'primary' : ''}`}
              onClick={() => setSearch(one === 'rule' ? {} : { by: one })}
            >
              {NAMES[one]}
            </button>
          ))}
        </div>
        {LEVELS.map((level) => (
          <CheckBox key={level} checked={levels.has(level)} onChange={() => toggle(level)}>
            <span className="inline-flex items-center gap-1">
              <LevelSign level={level} /> {level}s {counts[level]}
            </span>
          </CheckBox>
        ))}
        <CheckBox checked={accepted} onChange={setAccepted}>
          Accepted {counts.accepted}
        </CheckBox>
        <input
          type="search"
          className="field w-52"
          aria-label="Find in findings"
          placeholder="Find a word or a mark"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      {!accepted && found.across.length > 0 && (
        <section aria-label="Among openings" className="mt-3">
          <h2 className="caps mb-1">Among openings</h2>
          {found.across.map((one, index) => (
            <div key={index} className="flex gap-2 py-1">
              <span className="pt-[3px]">
                <LevelSign level={one.level} />
              </span>
              <p>
                <Say said={one} units={units} />{' '}
                <Marks
                  ones={one.openings.map((id) => ({ id, mark: byId.get(id)?.facts.mark ?? '?' }))}
                  base={base}
                />
                <span className="block text-xs leading-4 text-soft">{one.source}</span>
              </p>
            </div>
          ))}
        </section>
      )}
      {groups.length === 0 ? (
        <Message title={accepted ? 'Nothing was accepted' : 'Nothing is found'}>
          {accepted
            ? 'A finding that was accepted stands here, with the reason and who accepted it, while its facts stay.'
            : 'No opening has a finding of these levels. What could not be checked stands below.'}
        </Message>
      ) : (
        <ul className="mt-3" aria-label="Findings" onKeyDown={stepThrough}>
          {groups.map((group) => (
            <li key={group.key}>
              <Group
                group={group}
                by={by}
                base={base}
                units={units}
                onAccept={canEdit && !accepted ? () => setAccept(group.all) : undefined}
                onWithdraw={canEdit && accepted ? () => write(group.all, withdrawing) : undefined}
              />
            </li>
          ))}
        </ul>
      )}
      {!accepted && <NotChecked found={found} base={base} />}
      <p className="mt-6 max-w-3xl text-xs text-soft">
        An aid to preparation: the adopted code, the authority having jurisdiction, the listing and
        the makers’ instructions decide. Nothing here says that an opening complies.
      </p>
      {accept && (
        <ReasonDialog
          title={accept.length === 1 ? 'Accept the finding' : `Accept ${accept.length} findings`}
          description="It stays on record with your name and the reason, and stands again when the facts it rests on change."
          act="Accept"
          onClose={() => setAccept(undefined)}
          onDone={(reason) => {
            const of = {
              reason,
              by: session.data?.person?.name ?? '',
              at: new Date().toISOString(),
            };
            write(accept, (finding, facts) => accepting(finding, facts, of));
            setAccept(undefined);
          }}
        />
      )}
    </div>
  );
}

/** Arrows go from line to line, as in a list; Enter unfolds. */
function stepThrough(event: KeyboardEvent<HTMLUListElement>): void {
  const way = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  if (way === 0) return;
  const lines = [...event.currentTarget.querySelectorAll<HTMLElement>('button[aria-expanded]')];
  const at = lines.indexOf(document.activeElement as HTMLElement);
  const next = lines[at + way];
  if (!next) return;
  event.preventDefault();
  next.focus();
}

/** Of one line no more marks than these are shown before it is unfolded. */
const FEW = 12;

function Group({
  group,
  by,
  base,
  units,
  onAccept,
  onWithdraw,
}: {
  group: FindingGroup;
  by: Grouping;
  base: string;
  units: Units;
  onAccept: (() => void) | undefined;
  onWithdraw: (() => void) | undefined;
}) {
  const { all, first, level, heading } = group;
  const same = all.every(
    ({ finding }) => JSON.stringify(finding.params) === JSON.stringify(first.params),
  );
  const accepted = first.accepted;
  return (
    <Fold
      name={
        <span className="flex min-w-0 flex-1 items-baseline gap-2">
          <span className="self-center">
            <LevelSign level={level} />
          </span>
          <span className="min-w-0 flex-1 truncate">
            {by === 'rule' ? (
              <Say said={first} units={units} />
            ) : by === 'opening' ? (
              <b>{heading}</b>
            ) : (
              <b>{termText(`answerer.${heading}`)}</b>
            )}
          </span>
          <span className="shrink-0 text-soft">{all.length}</span>
        </span>
      }
    >
      <div className="mb-2 ml-6">
        {by === 'rule' && (
          <>
            <p className="text-xs text-soft">
              {termText(`stage.${first.stage}`)} · {first.source} ·{' '}
              {termText(`answerer.${whoAnswers(first)}`)}
            </p>
            {same ? (
              <p>
                <Marks ones={all.slice(0, FEW * 4)} base={base} />
                {all.length > FEW * 4 && ` and ${all.length - FEW * 4} more`}
              </p>
            ) : (
              all.map((one, index) => <OneLine key={index} one={one} base={base} units={units} />)
            )}
          </>
        )}
        {by !== 'rule' &&
          all.map((one, index) => <OneLine key={index} one={one} base={base} units={units} />)}
        {accepted && (
          <p className="text-soft">
            Accepted by {accepted.by}, {accepted.at.slice(0, 10)}: “{accepted.reason}”
          </p>
        )}
        {onAccept && (
          <button type="button" className="button mt-1 !h-7 text-[13px]" onClick={onAccept}>
            Accept {all.length > 1 ? `all ${all.length}` : 'it'} …
          </button>
        )}
        {onWithdraw && (
          <button type="button" className="button mt-1 !h-7 text-[13px]" onClick={onWithdraw}>
            Take the acceptance back
          </button>
        )}
      </div>
    </Fold>
  );
}

function OneLine({ one, base, units }: { one: FoundOne; base: string; units: Units }) {
  return (
    <p className="flex gap-2 py-0.5">
      <Link
        className="w-20 shrink-0 font-semibold hover:text-brass hover:underline"
        to={`${base}/openings/${one.id}/${one.finding.stage}`}
      >
        {one.mark}
      </Link>
      <span className="pt-[3px]">
        <LevelSign level={one.finding.level} />
      </span>
      <span>
        <Say said={one.finding} units={units} />
      </span>
    </p>
  );
}
