import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Outlet, useLocation, useNavigate, useParams } from 'react-router';
import {
  BOLT_STAGES,
  unitsOf,
  type FactsPatch,
  type FieldName,
  type OpeningFacts,
} from '@riegel/core';
import { useKeys } from '../base/keys.js';
import { useOpenings, useProject } from '../data/project.js';
import { Waiting } from '../parts/Message.js';
import { boltKey, openingAddress } from '../stage/openingPages.js';
import { SIDE_PAGES } from '../stage/sidePages.js';
import { useDecided } from '../worker/client.js';
import { tellRoleChanges } from './roleChanges.js';
import { FactEditor } from './FactEditor.js';
import { NoOpening } from './NoOpening.js';
import { OpeningHead } from './OpeningHead.js';
import { HighlightContext, OpeningContext, type OpeningPage } from './page.js';

/** The one place for an opening: its head, the way about it, and the page that was asked for. */
export function OpeningFrame() {
  const { openingId } = useParams();
  const { project, basis, canEdit, edit } = useProject();
  const { openings, byId } = useOpenings();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const opening = byId.get(openingId!);
  const decided = useDecided(opening, basis);
  const [highlighted, onHighlight] = useState<string | undefined>();
  const [editing, setEditing] = useState<{ name: FieldName; at: Element } | undefined>();
  const address = openingAddress(project.id, openingId!);
  const below = pathname.slice(address.length + 1);

  // Keys come faster than pages: each step counts from where the last one leads, arrived there or not.
  const ahead = useRef<string[]>([]);
  useEffect(() => {
    const arrived = ahead.current.indexOf(openingId!);
    ahead.current = arrived < 0 ? [] : ahead.current.slice(arrived + 1);
  }, [openingId]);
  const go = (step: number) => {
    const here = ahead.current.at(-1) ?? openingId;
    const from = openings.findIndex((candidate) => candidate.id === here);
    const next = from < 0 ? undefined : openings[from + step];
    if (!next) return;
    ahead.current.push(next.id);
    void navigate(openingAddress(project.id, next.id, below));
  };
  const to = (path: string) => () => void navigate(openingAddress(project.id, openingId!, path));
  useKeys({
    n: () => go(1),
    p: () => go(-1),
    '0': to(''),
    ...Object.fromEntries(BOLT_STAGES.map((stage, index) => [boltKey(index + 1), to(stage)])),
    ...Object.fromEntries(SIDE_PAGES.map(({ key, path }) => [key, to(path)])),
  });
  const facts = opening?.facts;
  const onPatch = useCallback(
    (patch: FactsPatch) => {
      edit([{ id: openingId!, patch }]);
      if ('role' in patch && decided && facts && patch.role !== facts.role)
        tellRoleChanges(decided, { ...facts, ...patch } as OpeningFacts, basis, unitsOf(decided));
    },
    [edit, openingId, basis, decided, facts],
  );
  const editFact = useCallback((name: FieldName, at: Element) => setEditing({ name, at }), []);
  const page = useMemo<OpeningPage | undefined>(
    () =>
      facts && decided
        ? {
            openingId: openingId!,
            address,
            facts,
            decided,
            practice: decided.practice,
            units: unitsOf(decided),
            canEdit,
            onPatch,
            editFact,
          }
        : undefined,
    [openingId, address, facts, decided, canEdit, onPatch, editFact],
  );
  const light = useMemo(() => ({ highlighted, onHighlight }), [highlighted]);
  if (!facts) return <NoOpening base={`/projects/${project.id}`} />;
  const at = openings.findIndex((candidate) => candidate.id === openingId);
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)] print:block print:h-auto">
      <OpeningHead
        facts={facts}
        decided={decided}
        address={address}
        at={at}
        count={openings.length}
        onStep={go}
      />
      {page ? (
        <OpeningContext value={page}>
          <HighlightContext value={light}>
            <Outlet />
            {editing && (
              <FactEditor
                name={editing.name}
                at={editing.at}
                onClose={() => setEditing(undefined)}
              />
            )}
          </HighlightContext>
        </OpeningContext>
      ) : (
        <Waiting what="Deciding …" />
      )}
    </div>
  );
}
