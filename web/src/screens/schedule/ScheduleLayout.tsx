import { useQuery } from '@tanstack/react-query';
import { FileSpreadsheet, FileText, Settings2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { NavLink, Outlet, useLocation, useOutletContext } from 'react-router';
import { toast } from 'sonner';
import { ApiProblem, call, type ScheduleView } from '../../base/api.js';
import { fetchDocument, fileName, save as saveFile } from '../../base/download.js';
import { useProject, useSave } from '../../data/project.js';
import { IconButton } from '../../parts/IconButton.js';
import { Message, Waiting } from '../../parts/Message.js';
import { SettingsDialog } from './SettingsDialog.js';

const VIEWS = [
  { path: '', name: 'Sets', printed: true },
  { path: 'openings', name: 'By opening', printed: true },
  { path: 'rooms', name: 'By room', printed: true },
  { path: 'print', name: 'Print', printed: true },
  { path: 'take-off', name: 'Take-off', printed: false },
  { path: 'sheets', name: 'Sheets', printed: false },
  { path: 'releases', name: 'Releases', printed: false },
] as const;

const FILES = [
  { kind: 'csv', name: 'CSV', icon: FileSpreadsheet },
  { kind: 'xlsx', name: 'XLSX', icon: FileSpreadsheet },
  { kind: 'pdf', name: 'PDF', icon: FileText },
] as const;

/** From so many openings on the PDF is made in the background. */
const LONG = 400;

/** The schedule that the pages below show. */
export const useSchedule = () => useOutletContext<ScheduleView>();

/** The schedule as it stands, in several arrangements, and what leaves the office of it. */
export function ScheduleLayout() {
  const { project, canEdit } = useProject();
  const pending = useSave();
  const last = useLocation().pathname.split('/').pop();
  const view = VIEWS.find(({ path }) => path === (last === 'schedule' ? '' : last));
  const [making, setMaking] = useState('');
  const [settings, setSettings] = useState(false);
  const schedule = useQuery({
    queryKey: ['schedule', project.id],
    queryFn: () =>
      call('GET', '/projects/{projectId}/schedule', { path: { projectId: project.id } }),
    staleTime: 0,
  });
  const { refetch } = schedule;
  const saved = pending.state === 'saved';
  useEffect(() => {
    if (saved) void refetch();
  }, [saved, refetch, project.schedule.version]);
  const take = async (kind: string) => {
    setMaking(kind);
    try {
      if (kind === 'pdf' && (schedule.data?.matrix.rows.length ?? 0) > LONG) {
        await call('POST', '/projects/{projectId}/jobs', {
          path: { projectId: project.id },
          body: {
            kind: 'schedule',
            name: fileName(project.name, 'schedule.pdf'),
            openings: [],
          },
        });
        toast('It is long, and made in the background: take it under Sheets.');
        return;
      }
      const blob = await fetchDocument(`/projects/${project.id}/schedule.${kind}`);
      saveFile(blob, fileName(project.name, `schedule.${kind}`));
    } catch (error) {
      toast.error(error instanceof ApiProblem ? error.message : 'The document could not be made.');
    } finally {
      setMaking('');
    }
  };

  if (schedule.isPending) return <Waiting what="Grouping openings into sets …" />;
  if (schedule.error)
    return (
      <Message
        title="The schedule did not load"
        actions={
          <button className="button primary" onClick={() => void schedule.refetch()}>
            Try again
          </button>
        }
      >
        {schedule.error.message}
      </Message>
    );
  const { sets, undecided, findings } = schedule.data;
  const stops = findings
    .filter(({ level }) => level === 'stop')
    .reduce((sum, { told }) => sum + told.length, 0);
  return (
    <div className="flex h-full flex-col">
      <div className="flex min-h-13 flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule px-6 py-2">
        <h1 className="text-xl">Schedule</h1>
        <nav aria-label="Arrangements" className="flex flex-wrap gap-1">
          {VIEWS.map(({ path, name }) => (
            <NavLink
              key={path}
              end
              to={path === '' ? '.' : path}
              className={({ isActive }) =>
                `rounded-sm px-2 py-0.5 ${isActive ? 'bg-brass-wash font-semibold' : 'hover:bg-wash'}`
              }
            >
              {name}
            </NavLink>
          ))}
        </nav>
        <span className="text-soft">
          {sets.length} sets{undecided.length > 0 && `, ${undecided.length} undecided`}, {stops}{' '}
          stop
          {stops === 1 ? '' : 's'}
        </span>
        {view?.printed && (
          <div className="ml-auto flex gap-2">
            {canEdit && (
              <IconButton label="What is printed" onClick={() => setSettings(true)}>
                <Settings2 size={17} />
              </IconButton>
            )}
            {FILES.map(({ kind, name, icon: Icon }) => (
              <button
                key={kind}
                className={kind === 'pdf' ? 'button primary' : 'button'}
                disabled={making !== ''}
                onClick={() => void take(kind)}
              >
                <Icon size={16} /> {making === kind ? 'Making …' : name}
              </button>
            ))}
          </div>
        )}
      </div>
      <div className="min-h-0 flex-1">
        <Outlet context={schedule.data} />
      </div>
      {settings && <SettingsDialog onClose={() => setSettings(false)} />}
    </div>
  );
}
