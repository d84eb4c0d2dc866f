import {
  readingKind,
  readingText,
  type Practice,
  type Reading,
  type ReadingKind,
  type Survey,
} from '@riegel/core';
import { readingName } from './readingNames.js';

const when = (at: string) => at.slice(0, 16).replace('T', ' ');

/** Every reading with who, when and how; a press takes it again. */
export function SurveyRecord({
  order,
  survey,
  practice,
  current,
  onKind,
}: {
  order: ReadingKind[];
  survey: Survey;
  practice: Practice;
  current: string | undefined;
  onKind: (name: string) => void;
}) {
  return (
    <table className="w-full" aria-label="Readings">
      <tbody>
        {order.map((kind) => {
          const reading = survey.held.get(kind.name);
          return (
            <tr
              key={kind.name}
              className={`border-b border-rule/60 ${current === kind.name ? 'bg-brass-wash' : ''}`}
            >
              <td className="py-1">
                <button
                  type="button"
                  className="w-full text-left hover:text-brass"
                  onClick={() => onKind(kind.name)}
                >
                  {readingName(kind)}
                </button>
              </td>
              <td
                className={`px-2 text-right tabular-nums ${reading?.skipped ? 'text-soft italic' : 'basis-measured'}`}
              >
                {reading && readingText(reading, practice)}
              </td>
              <td className="w-40 text-right text-xs text-soft">
                {reading && `${reading.by}, ${when(reading.at)}`}
                {reading?.how === 'digital' && ', digital'}
                {reading?.how === 'told' && ', told'}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** Two people measured the same thing apart: which reading holds is decided by a third one. */
export function Conflicts({
  survey,
  practice,
  canEdit,
  onSettle,
}: {
  survey: Survey;
  practice: Practice;
  canEdit: boolean;
  onSettle: (reading: Reading) => void;
}) {
  return survey.conflicts.map(({ name, readings }) => (
    <div key={name} role="alert" className="mb-2 border-l-4 border-oxide bg-wash px-3 py-2">
      <p>
        <strong>{readingName(readingKind(name)!)}</strong> was read twice, apart from each other.
        Which holds?
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {readings.map((reading) => (
          <button
            key={reading.id}
            type="button"
            className="button !h-12"
            disabled={!canEdit}
            onClick={() => onSettle(reading)}
          >
            {readingText(reading, practice)}, {reading.by}, {when(reading.at)}
          </button>
        ))}
      </div>
    </div>
  ));
}
