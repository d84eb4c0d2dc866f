import { CloudOff, Keyboard, Redo2, Search, Undo2 } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, NavLink, Outlet, useParams } from 'react-router';
import { ProjectProvider, useProject, useSave } from '../data/project.js';
import { IconButton } from '../parts/IconButton.js';
import { Message, Waiting } from '../parts/Message.js';
import { RoomList } from '../parts/RoomList.js';
import { ProjectDialog } from '../screens/projects/ProjectDialog.js';
import { ApiProblem } from '../base/api.js';
import { Bar } from './Bar.js';
import { STAGE_PARTS } from './stageParts.js';
import { StagePartsContext } from '../stage/stageParts.js';
import { useKeys } from '../base/keys.js';
import { KeySheet } from './KeySheet.js';
import { MergeDialog } from './MergeDialog.js';
import { loadPalette, bringProjectPagesAhead } from './pages.js';
import { PROJECT_PAGES } from './projectPages.js';
import { useSession } from '../base/session.js';

const Palette = lazy(loadPalette);

const tab = ({ isActive }: { isActive: boolean }) =>
  `flex h-12 shrink-0 items-center border-b-[3px] px-1 pt-[3px] max-[1439px]:px-[3px] ${isActive ? 'border-brass font-semibold' : 'border-transparent text-soft hover:text-ink'}`;

/** Tells whether everything is saved, and what to do when it is not. */
function SaveNote() {
  const save = useSave();
  if (save.state === 'saved')
    return (
      <span className="text-xs text-soft" data-save="saved">
        saved
      </span>
    );
  if (save.state === 'saving')
    return (
      <span className="text-xs text-soft" data-save="saving">
        saving …
      </span>
    );
  const count = save.pending.size;
  return (
    <span
      role="status"
      data-save={save.state}
      className="flex max-w-72 items-center gap-1.5 truncate text-xs text-ochre max-lg:max-w-40"
      title={save.message}
    >
      <CloudOff size={14} /> {count} not saved yet,{' '}
      {save.kept ? 'kept on this device.' : 'and this browser cannot keep it: leave the page open.'}{' '}
      {save.message}
    </span>
  );
}

function ProjectFrame() {
  const { project, building, step, canEdit } = useProject();
  const [palette, setPalette] = useState(false);
  const [sheet, setSheet] = useState(false);
  const [about, setAbout] = useState(false);
  useKeys({
    'Ctrl+k': () => setPalette(true),
    '/': () => setPalette(true),
    '?': () => setSheet(true),
    ...(canEdit
      ? {
          'Ctrl+z': () => void step('undo'),
          'Ctrl+Shift+z': () => void step('redo'),
          'Ctrl+y': () => void step('redo'),
        }
      : {}),
  });
  useEffect(bringProjectPagesAhead, []);
  const base = `/projects/${project.id}`;
  return (
    <div className="flex h-full flex-col print:block print:h-auto">
      <Bar>
        <button
          type="button"
          className="max-w-36 shrink-0 truncate max-lg:max-w-36 max-md:hidden font-head font-semibold hover:text-brass"
          title="Name, practice and file of the project"
          onClick={() => setAbout(true)}
        >
          {project.name}
        </button>
        <nav
          aria-label="Project"
          className="flex min-w-0 flex-1 gap-0.5 overflow-x-auto text-[13px] max-[1439px]:gap-0 [scrollbar-width:none]"
        >
          {PROJECT_PAGES.map(({ path, name }) => (
            <NavLink key={path} to={path ? `${base}/${path}` : base} end={!path} className={tab}>
              {name}
            </NavLink>
          ))}
        </nav>
        <div className="flex min-w-0 shrink-0 items-center justify-end gap-1">
          <SaveNote />
          {canEdit && (
            <>
              <IconButton
                label="Undo"
                title="Undo (Ctrl Z)"
                className="button bare !px-1.5 max-sm:hidden"
                onClick={() => void step('undo')}
              >
                <Undo2 size={16} />
              </IconButton>
              <IconButton
                label="Redo"
                title="Redo (Ctrl Shift Z)"
                className="button bare !px-1.5 max-sm:hidden"
                onClick={() => void step('redo')}
              >
                <Redo2 size={16} />
              </IconButton>
            </>
          )}
          <IconButton
            label="Find"
            title="Find an opening or do something (Ctrl K or /)"
            onClick={() => setPalette(true)}
          >
            <Search size={16} />
          </IconButton>
          <IconButton
            label="Keys"
            title="Keys (?)"
            className="button bare !px-1.5 max-lg:hidden"
            onClick={() => setSheet(true)}
          >
            <Keyboard size={16} />
          </IconButton>
        </div>
      </Bar>
      <main className="relative min-h-0 flex-1 overflow-hidden print:overflow-visible">
        <StagePartsContext value={STAGE_PARTS}>
          <Outlet />
        </StagePartsContext>
      </main>
      {palette && (
        <Suspense fallback={null}>
          <Palette onClose={() => setPalette(false)} onKeys={() => setSheet(true)} />
        </Suspense>
      )}
      <KeySheet open={sheet} onClose={() => setSheet(false)} />
      <ProjectDialog open={about} onClose={() => setAbout(false)} />
      <MergeDialog />
      <RoomList building={building} />
    </div>
  );
}

/**
 * Everything below a project: loads it, or says why it cannot.
 *
 * @internal brought by its name in pages.ts
 */
export function ProjectShell() {
  const { projectId } = useParams();
  const session = useSession();
  return (
    <ProjectProvider
      key={projectId}
      id={projectId!}
      person={session.data!.person!}
      waiting={<Waiting what="Opening the project …" />}
      failed={(error, again) =>
        error instanceof ApiProblem && error.status === 404 ? (
          <Message
            title="This project is not here"
            actions={
              <Link className="button primary" to="/">
                To the projects
              </Link>
            }
          >
            It was deleted, or you are not a member of it. Ask its owner for a link.
          </Message>
        ) : (
          <Message
            title="The project did not open"
            actions={
              <button className="button primary" onClick={again}>
                Try again
              </button>
            }
          >
            {error instanceof Error ? error.message : ''}
          </Message>
        )
      }
    >
      <ProjectFrame />
    </ProjectProvider>
  );
}
