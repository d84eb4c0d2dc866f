import { CloudOff, Keyboard, LogOut, Moon, Redo2, Search, Sun, Undo2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Link, NavLink, Outlet, useParams } from 'react-router';
import { ProjectProvider, useProject } from '../data/project.js';
import { IconButton } from '../parts/IconButton.js';
import { Message, Waiting } from '../parts/Message.js';
import { RoomList } from '../parts/RoomList.js';
import { ProjectDialog } from '../screens/projects/ProjectDialog.js';
import { SignInScreen } from '../screens/signIn/SignInScreen.js';
import { ApiProblem } from './api.js';
import { useKeys } from './keys.js';
import { KeySheet } from './KeySheet.js';
import { Mark } from './Mark.js';
import { MergeDialog } from './MergeDialog.js';
import { Palette } from './Palette.js';
import { useSession, useSignOut } from './session.js';
import { setTheme, useTheme } from './theme.js';

function PersonBar() {
  const { data } = useSession();
  const theme = useTheme();
  const signOut = useSignOut();
  return (
    <div className="flex items-center gap-1">
      <IconButton
        label={theme === 'dark' ? 'Light theme' : 'Dark theme'}
        onClick={() => setTheme(theme === 'dark' ? 'light' : 'dark')}
      >
        {theme === 'dark' ? <Sun size={16} /> : <Moon size={16} />}
      </IconButton>
      <Link
        to="/account"
        className="px-1 text-soft hover:text-ink hover:underline"
        title="Your account: password, second factor, where you are signed in"
      >
        {data?.person?.name}
      </Link>
      <IconButton label="Sign out" onClick={() => void signOut()}>
        <LogOut size={16} />
      </IconButton>
    </div>
  );
}

function Bar({ children }: { children?: ReactNode }) {
  return (
    <header className="flex h-12 shrink-0 print:hidden items-center gap-4 border-b-2 border-ink bg-paper px-4">
      <Link
        to="/"
        className="flex items-center gap-2 font-head text-lg font-bold"
        title="All projects"
      >
        <Mark /> Riegel
      </Link>
      <div className="flex min-w-0 flex-1 items-center gap-4">{children}</div>
      <PersonBar />
    </header>
  );
}

/** Asks for a sign-in where there is none, else shows the page that was asked for. */
export function Shell() {
  const session = useSession();
  const { projectId } = useParams();
  if (session.isPending) return <Waiting what="One moment …" />;
  if (session.error) {
    return (
      <Message
        title="Riegel does not answer"
        actions={
          <button className="button primary" onClick={() => void session.refetch()}>
            Try again
          </button>
        }
      >
        {session.error.message}
      </Message>
    );
  }
  if (!session.data.person) return <SignInScreen session={session.data} />;
  if (projectId) return <Outlet />;
  return (
    <div className="flex h-full flex-col">
      <Bar />
      <main className="relative min-h-0 flex-1 overflow-auto print:overflow-visible">
        <Outlet />
      </main>
    </div>
  );
}

const tab = ({ isActive }: { isActive: boolean }) =>
  `flex h-12 items-center border-b-[3px] px-1 pt-[3px] ${isActive ? 'border-brass font-semibold' : 'border-transparent text-soft hover:text-ink'}`;

/** Tells whether everything is saved, and what to do when it is not. */
function SaveNote() {
  const { save } = useProject();
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
      className="flex items-center gap-1.5 truncate text-xs text-ochre"
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
  const base = `/projects/${project.id}`;
  return (
    <div className="flex h-full flex-col print:block print:h-auto">
      <Bar>
        <button
          type="button"
          className="max-w-64 truncate font-head font-semibold hover:text-brass"
          title="Name, practice and file of the project"
          onClick={() => setAbout(true)}
        >
          {project.name}
        </button>
        <nav aria-label="Project" className="flex gap-4">
          <NavLink to={base} end className={tab}>
            Register
          </NavLink>
          <NavLink to={`${base}/survey`} className={tab}>
            Survey
          </NavLink>
          <NavLink to={`${base}/building`} className={tab}>
            Building
          </NavLink>
          <NavLink to={`${base}/keys`} className={tab}>
            Keys
          </NavLink>
          <NavLink to={`${base}/schedule`} className={tab}>
            Schedule
          </NavLink>
          <NavLink to={`${base}/library`} className={tab}>
            Library
          </NavLink>
          <NavLink to={`${base}/practices`} className={tab}>
            Practices
          </NavLink>
          <NavLink to={`${base}/people`} className={tab}>
            People
          </NavLink>
        </nav>
        <div className="flex min-w-0 flex-1 items-center justify-end gap-1">
          <SaveNote />
          {canEdit && (
            <>
              <IconButton label="Undo" title="Undo (Ctrl Z)" onClick={() => void step('undo')}>
                <Undo2 size={16} />
              </IconButton>
              <IconButton
                label="Redo"
                title="Redo (Ctrl Shift Z)"
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
          <IconButton label="Keys" title="Keys (?)" onClick={() => setSheet(true)}>
            <Keyboard size={16} />
          </IconButton>
        </div>
      </Bar>
      <main className="relative min-h-0 flex-1 overflow-hidden print:overflow-visible">
        <Outlet />
      </main>
      <Palette open={palette} onClose={() => setPalette(false)} onKeys={() => setSheet(true)} />
      <KeySheet open={sheet} onClose={() => setSheet(false)} />
      <ProjectDialog open={about} onClose={() => setAbout(false)} />
      <MergeDialog />
      <RoomList building={building} />
    </div>
  );
}

/** Everything below a project: loads it, or says why it cannot. */
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
