import { useQuery } from '@tanstack/react-query';
import { FileSpreadsheet, FileText, Settings2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { NavLink, Outlet, useOutletContext } from 'react-router';
import { toast } from 'sonner';
import { ApiProblem, call, type ScheduleView } from '../../app/api.js';
import { fetchDocument, fileName, save as saveFile } from '../../app/download.js';
import { useProject, useSave } from '../../data/project.js';
import { Message, Waiting } from '../../parts/Message.js';
import { SettingsDialog } from './SettingsDialog.js';

const VIEWS = [
  { path: '', name: 'Sets' },
  { path: 'openings', name: 'By opening' },
  { path: 'rooms', name: 'By room' },
  { path: 'take-off', name: 'Take-off' },
  { path: 'sheets', name: 'Sheets' },
  { path: 'releases', name: 'Releases' },
  { path: 'print', name: 'Print' },
] as const;

const FILES = [
  { kind: 'csv', name: 'CSV', icon: FileSpreadsheet },
  { kind: 'xlsx', name: 'XLSX', icon: FileSpreadsheet },
  { kind: 'pdf', name: 'PDF', icon: FileText },
] as const;

/** The schedule that the pages below show. */
export const useSchedule = () => useOutletContext<ScheduleView>();

/** The schedule as it stands, in several arrangements, and what leaves the office of it. */
export function ScheduleLayout() {
  const { project, canEdit } = useProject();
  const pending = useSave();
  const [making, setMaking] = useState('');
  const [settings, setSettings] = useState(false);
  const schedule = useQuery({
    queryKey: ['schedule', project.id],
    queryFn: () => call<ScheduleView>('GET', `/projects/${project.id}/schedule`),
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
  const { sets, undecided, open, findings } = schedule.data;
  const stops = findings
    .filter(({ level }) => level === 'stop')
    .reduce((sum, { told }) => sum + told.length, 0);
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-rule px-6 py-2.5">
        <h1 className="text-xl">Schedule</h1>
        <nav aria-label="Arrangements" className="flex gap-1">
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
          {sets.length} sets{undecided.length > 0 && `, ${undecided.length} undecided`},{' '}
          {open.length} open question{open.length === 1 ? '' : 's'}, {stops} stop
          {stops === 1 ? '' : 's'}
        </span>
        <div className="ml-auto flex gap-2">
          {canEdit && (
            <button className="button" onClick={() => setSettings(true)}>
              <Settings2 size={16} /> What is printed
            </button>
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
      </div>
      <div className="min-h-0 flex-1">
        <Outlet context={schedule.data} />
      </div>
      {settings && <SettingsDialog onClose={() => setSettings(false)} />}
    </div>
  );
}
