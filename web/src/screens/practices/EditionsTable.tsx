import { adoptedCodes, type Practice } from '@riegel/core';
import { Select } from '../../parts/Select.js';

/** The codes of a practice and which edition of each holds; the country first, where there are several. */
export function EditionsTable({
  practice,
  editable,
  onChange,
}: {
  practice: Practice;
  editable: boolean;
  onChange: (code: string, edition: string) => void;
}) {
  return (
    <section>
      <h2 className="sticky top-0 z-10 border-b-2 border-ink bg-paper pt-3 text-base">
        Codes and editions
      </h2>
      <p className="py-1 text-soft">
        Figures and sections follow the edition. Until an edition is adopted, the usual one is used.
        The authority having jurisdiction says which is in force.
      </p>
      <table className="w-full max-w-3xl">
        <thead className="sr-only">
          <tr>
            <th>Code</th>
            <th>Edition</th>
            <th>Status</th>
          </tr>
        </thead>
        <tbody>
          {adoptedCodes(practice).map(({ code, edition, said }) => (
            <tr key={code.id} className="border-b border-rule">
              <td className="py-1 pr-4">{code.name}</td>
              <td className="w-72 py-1 pr-4">
                {editable && code.editions.length > 1 ? (
                  <Select
                    label={`Edition: ${code.name}`}
                    className="w-full"
                    value={edition.id}
                    options={code.editions.map(({ id, name }) => ({ value: id, text: name }))}
                    onChange={(id) => onChange(code.id, id)}
                  />
                ) : (
                  <span className="tabular-nums">{edition.name}</span>
                )}
              </td>
              <td className="w-32 py-1">
                {said ? (
                  'adopted'
                ) : editable ? (
                  <button
                    type="button"
                    className="button"
                    aria-label={`Adopt ${code.name} ${edition.name}`}
                    onClick={() => onChange(code.id, edition.id)}
                  >
                    Adopt
                  </button>
                ) : (
                  <span className="text-soft">usual</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
