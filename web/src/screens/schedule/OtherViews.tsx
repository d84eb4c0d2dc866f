import { Link } from 'react-router';
import { useProject } from '../../data/project.js';
import { WithFractions } from '../../parts/WithFractions.js';
import { OpenItems } from './OpenItems.js';
import { useSchedule } from './ScheduleLayout.js';

const HEAD = 'sticky top-0 z-10 bg-paper px-2 py-1 text-left font-normal';
const CELL = 'px-2 py-1 align-top';

/** The schedule by opening: a row an opening, a column a stage. */
export function OpeningsView() {
  const { project } = useProject();
  const schedule = useSchedule();
  const { stages, rows } = schedule.matrix;
  return (
    <div
      className="h-full overflow-auto px-6 pb-4"
      tabIndex={0}
      role="region"
      aria-label="Schedule by opening"
    >
      <table className="min-w-max text-[12.5px] leading-[17px]">
        <thead>
          <tr className="caps">
            {['Mark', 'Set', 'From', 'To', 'Opening', 'Hand', 'Rating', ...stages].map((title) => (
              <th key={title} className={HEAD}>
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, heading, set, stages: texts }) => (
            <tr key={id} className="border-t border-rule/60" data-row={heading.mark}>
              <td className={CELL}>
                <Link
                  className="font-semibold hover:text-brass hover:underline"
                  to={`/projects/${project.id}/openings/${id}`}
                >
                  {heading.mark}
                </Link>
              </td>
              <td className={`${CELL} ${set === undefined ? 'basis-open' : ''}`}>
                {set ?? 'open'}
              </td>
              <td className={`${CELL} max-w-32`}>{heading.from}</td>
              <td className={`${CELL} max-w-32`}>{heading.to}</td>
              <td className={`${CELL} whitespace-nowrap`}>
                <WithFractions text={heading.size} />
              </td>
              <td className={CELL}>{heading.hand}</td>
              <td className={`${CELL} whitespace-nowrap`}>{heading.rating}</td>
              {texts.map((text, at) => (
                <td
                  key={stages[at]}
                  className={`${CELL} w-56 min-w-40 max-w-64 ${text === '–' ? 'text-soft' : ''}`}
                >
                  <WithFractions text={text} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <div className="max-w-5xl pt-6">
        <OpenItems {...schedule} />
      </div>
    </div>
  );
}

/** The schedule by room: every room with the doors at it. */
export function RoomsView() {
  const { project } = useProject();
  const { rooms } = useSchedule();
  return (
    <div
      className="h-full overflow-auto px-6 pb-4"
      tabIndex={0}
      role="region"
      aria-label="Schedule by room"
    >
      <table className="w-full max-w-4xl">
        <thead>
          <tr className="caps">
            {['Room', 'Storey', 'Door', 'From', 'Set'].map((title) => (
              <th key={title} className={HEAD}>
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rooms.flatMap(({ room, storey, doors }) =>
            doors.map(({ id, mark, other, set }, at) => (
              <tr
                key={`${room} ${id}`}
                className={at === 0 ? 'border-t border-rule' : ''}
                data-room={room}
              >
                <td className={`${CELL} font-semibold`}>{at === 0 ? room : ''}</td>
                <td className={`${CELL} text-soft`}>{at === 0 ? storey : ''}</td>
                <td className={CELL}>
                  <Link
                    className="hover:text-brass hover:underline"
                    to={`/projects/${project.id}/openings/${id}`}
                  >
                    {mark}
                  </Link>
                </td>
                <td className={`${CELL} text-soft`}>{other || '–'}</td>
                <td className={`${CELL} ${set === undefined ? 'basis-open' : ''}`}>
                  {set ?? 'open'}
                </td>
              </tr>
            )),
          )}
        </tbody>
      </table>
    </div>
  );
}
