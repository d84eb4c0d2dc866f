import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import {
  buildPractice,
  PRACTICES,
  type EditedPractice,
  type Editions,
  type PracticeChange,
  type PracticeId,
  type ValueName,
} from '@riegel/core';
import { useQueryClient } from '@tanstack/react-query';
import { ApiProblem, call } from '../../base/api.js';
import { useOpenings, useProject } from '../../data/project.js';
import { Modal } from '../../parts/Modal.js';
import type { BasisData } from '../../worker/basis.js';
import { EditionsTable } from './EditionsTable.js';
import { restOf, VALUE_GROUPS } from './groups.js';
import { ValueEditor } from './ValueEditor.js';
import { WhatChanges } from './WhatChanges.js';

/** What is about to be applied, with the basis it leads to. */
interface Proposal {
  title: string;
  after: BasisData;
  apply: () => Promise<void>;
}

const ownId = (name: string) =>
  `own-${
    name
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 20) || 'practice'
  }-${crypto.randomUUID().slice(0, 8)}`;

/** The practices: shipped ones to look at and copy, the project's own to edit value by value. */
export function PracticesScreen() {
  const { project, practice, ownPractices, basis, canEdit, write } = useProject();
  const { openings } = useOpenings();
  const client = useQueryClient();
  const [selected, setSelected] = useState(practice.id);
  const [drafts, setDrafts] = useState<Record<string, EditedPractice>>({});
  const [proposal, setProposal] = useState<Proposal | undefined>();
  const [busy, setBusy] = useState(false);
  const owner = project.role === 'owner';

  const stored = ownPractices.find((one) => one.id === selected);
  const draft = stored ? (drafts[stored.id] ?? stored) : undefined;
  const shown = useMemo(
    () => (draft ? buildPractice(draft) : PRACTICES[selected as PracticeId]),
    [draft, selected],
  );
  /** What the practice comes to without its own values: the shipped one, under the editions adopted. */
  const shipped = useMemo(
    () => (draft ? buildPractice({ ...draft, changes: {} }) : PRACTICES[selected as PracticeId]),
    [draft, selected],
  );
  const dirty = draft !== undefined && draft !== stored;
  const unsourced = draft
    ? Object.values(draft.changes).some((change) => change.source.trim() === '')
    : false;

  const attempt = async (work: () => Promise<unknown>, done: string) => {
    setBusy(true);
    try {
      await work();
      toast.success(done);
      setProposal(undefined);
    } catch (error) {
      toast.error(
        error instanceof ApiProblem
          ? (error.errors[0]?.message ?? error.message)
          : 'That did not work.',
      );
    } finally {
      setBusy(false);
    }
  };
  const save = (list: EditedPractice[]) =>
    write({ documents: [{ name: 'practices', version: project.practices.version, body: list }] });
  const copy = (editions?: Editions) => {
    const source: EditedPractice = draft ?? {
      id: '',
      name: shipped.name,
      base: selected as PracticeId,
      changes: {},
    };
    const name = `${source.name}, ours`;
    const fresh: EditedPractice = {
      ...source,
      id: ownId(name),
      name,
      ...(editions ? { editions } : {}),
    };
    void attempt(async () => {
      await save([...ownPractices, fresh]);
      setSelected(fresh.id);
    }, `“${name}” is a copy to edit.`);
  };
  const edit = (next: EditedPractice) => setDrafts({ ...drafts, [next.id]: next });
  /** A shipped practice stays as it is: what adopts another edition is a copy. */
  const adopt = (code: string, edition: string) => {
    const editions = { ...draft?.editions, [code]: edition };
    if (draft) edit({ ...draft, editions });
    else copy(editions);
  };
  const change = (name: ValueName, one: PracticeChange | undefined) => {
    if (!draft) return;
    const changes = { ...draft.changes };
    if (one) changes[name] = one;
    else delete changes[name];
    edit({ ...draft, changes });
  };
  const forget = (id: string) => {
    const { [id]: _, ...rest } = drafts;
    setDrafts(rest);
  };
  const propose = () => {
    if (!draft) return;
    const list = ownPractices.map((one) => (one.id === draft.id ? draft : one));
    setProposal({
      title: `${draft.name}, as edited`,
      after: { ...basis, key: `${basis.key}:draft`, practices: list },
      apply: () =>
        attempt(async () => {
          await save(list);
          forget(draft.id);
        }, 'The practice is changed; it can be undone.'),
    });
  };
  const proposeUse = () =>
    setProposal({
      title: `${shown.name} for the whole project`,
      after: { ...basis, key: `${basis.key}:use`, practiceId: shown.id },
      apply: () =>
        attempt(async () => {
          await call('PATCH', '/projects/{projectId}', {
            path: { projectId: project.id },
            body: {
              version: project.version,
              practice: shown.id,
            },
          });
          await client.invalidateQueries({ queryKey: ['project', project.id] });
        }, `The project is decided by ${shown.name} now.`),
    });
  const used = openings.filter(({ facts }) => facts.practice === selected).length;
  const remove = () =>
    void attempt(async () => {
      await save(ownPractices.filter((one) => one.id !== selected));
      setSelected(practice.id);
    }, 'Deleted; undo brings it back.');

  const entry = (id: string, name: string, note: string) => (
    <li key={id}>
      <button
        type="button"
        aria-pressed={selected === id}
        className={`w-full border-l-4 px-3 py-1.5 text-left ${selected === id ? 'border-brass bg-sheet font-semibold' : 'border-transparent hover:bg-sheet'}`}
        onClick={() => setSelected(id)}
      >
        {name}
        <span className="block text-xs font-normal text-soft">{note}</span>
      </button>
    </li>
  );
  return (
    <div className="grid h-full grid-cols-[250px_minmax(0,1fr)]">
      <nav aria-label="Practices" className="overflow-auto border-r border-rule py-3">
        <h2 className="caps px-3">The project’s own</h2>
        <ul>
          {ownPractices.map((one) =>
            entry(
              one.id,
              one.name,
              `${Object.keys(one.changes).length} values differ${one.id === practice.id ? ' · in use' : ''}`,
            ),
          )}
        </ul>
        {ownPractices.length === 0 && (
          <p className="px-3 py-1 text-soft">Copy a shipped practice to change its values.</p>
        )}
        <h2 className="caps mt-3 px-3">Shipped</h2>
        <ul>
          {Object.values(PRACTICES).map((one) =>
            entry(
              one.id,
              one.name,
              `${one.system === 'inch' ? 'inches' : 'millimetres'}${one.id === practice.id ? ' · in use' : ''}`,
            ),
          )}
        </ul>
      </nav>
      <div className="flex min-h-0 flex-col">
        <header className="flex flex-wrap items-center gap-3 border-b border-rule px-4 py-2">
          {draft ? (
            <input
              className="field !h-9 w-72 text-lg font-semibold"
              aria-label="Name of the practice"
              maxLength={80}
              disabled={!canEdit}
              value={draft.name}
              onChange={(event) => edit({ ...draft, name: event.target.value })}
            />
          ) : (
            <h1 className="text-lg">{shown.name}</h1>
          )}
          <span className="text-soft">
            {draft ? `from ${PRACTICES[draft.base].name}` : 'shipped, to look at'}
            {used > 0 && ` · ${used} openings name it`}
          </span>
          <span className="flex-1" />
          {canEdit && (
            <button className="button" disabled={busy} onClick={() => copy()}>
              Copy
            </button>
          )}
          {owner && shown.id !== practice.id && !dirty && (
            <button className="button" onClick={proposeUse}>
              Use for the project …
            </button>
          )}
          {draft && canEdit && draft.id !== practice.id && used === 0 && (
            <button className="button" disabled={busy} onClick={remove}>
              Delete
            </button>
          )}
          {dirty && (
            <>
              <button className="button" onClick={() => forget(draft.id)}>
                Leave as it was
              </button>
              <button
                className="button primary"
                disabled={unsourced || draft.name.trim() === ''}
                title={unsourced ? 'Say where each changed value comes from' : ''}
                onClick={propose}
              >
                See what changes …
              </button>
            </>
          )}
        </header>
        <div
          className="min-h-0 flex-1 overflow-auto px-4 pb-8"
          tabIndex={0}
          role="region"
          aria-label="Values"
        >
          <EditionsTable practice={shown} editable={canEdit && !busy} onChange={adopt} />
          {[...VALUE_GROUPS, { title: 'More figures', names: restOf(shown) }].map(
            ({ title, names }) => (
              <section key={title}>
                <h2 className="sticky top-0 z-10 border-b-2 border-ink bg-paper pt-3 text-base">
                  {title}
                </h2>
                {names.map((name) => (
                  <ValueEditor
                    key={`${selected} ${name}`}
                    name={name}
                    practice={shown}
                    shipped={shipped}
                    change={draft?.changes[name]}
                    editable={canEdit && draft !== undefined}
                    onChange={(one) => change(name, one)}
                  />
                ))}
              </section>
            ),
          )}
        </div>
      </div>
      {proposal && (
        <Modal open wide onClose={() => setProposal(undefined)} title={proposal.title}>
          <WhatChanges after={proposal.after} />
          <div className="mt-4 flex justify-end gap-2">
            <button className="button" onClick={() => setProposal(undefined)}>
              Not now
            </button>
            <button
              className="button primary"
              disabled={busy}
              onClick={() => void proposal.apply()}
            >
              Apply
            </button>
          </div>
        </Modal>
      )}
    </div>
  );
}
