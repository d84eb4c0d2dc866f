import { toast } from 'sonner';
import type { ScheduleSettings } from '@riegel/core';
import { useProject } from '../../data/project.js';

/** What a project keeps of its schedule, and how it is changed: as one event, to be taken back. */
export function useSettings(): {
  settings: ScheduleSettings;
  change: (next: ScheduleSettings) => Promise<boolean>;
} {
  const { project, write } = useProject();
  const { body, version } = project.schedule;
  return {
    settings: body ?? {},
    change: async (next) => {
      try {
        await write({ documents: [{ name: 'schedule', version, body: next }] });
        return true;
      } catch (error) {
        toast.error(error instanceof Error ? error.message : 'Not saved.');
        return false;
      }
    },
  };
}
