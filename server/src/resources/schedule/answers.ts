import { coreShape, roughly } from '../../base/http/shapes.js';

export const scheduleView = coreShape(
  'ScheduleView',
  roughly('The schedule by set, the matrix by opening, everything that is open or was assumed.', [
    'sets',
    'undecided',
    'without',
    'matrix',
    'rooms',
    'near',
    'open',
    'findings',
    'accepted',
    'assumed',
  ]),
  "Omit<Schedule, 'known'>",
);
