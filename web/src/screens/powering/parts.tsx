import { narrativeOf, phraseText, termText, wiringOf } from '@riegel/core';
import { useOpeningPage } from '../../opening/page.js';
import { PassagesPicture } from '../../opening/PassagesPicture.js';
import type { StageParts } from '../../stage/stageParts.js';
import { Devices } from './Devices.js';
import { Riser } from './Riser.js';

/** How it works, in sentences from the lock's machine and the chain. */
function Narrative() {
  const { decided, units, practice } = useOpeningPage();
  const told = narrativeOf(decided.facts, decided.results, practice);
  if (told.length === 0) return <p className="text-soft">Nothing of it works by power.</p>;
  return (
    <ol className="list-decimal pl-5">
      {told.map((said) => (
        <li key={said.code} className="py-0.5">
          {phraseText(said, units)}
        </li>
      ))}
    </ol>
  );
}

/** Every run of cable: what hangs on it, how it gets there, with how many conductors. */
function Wiring() {
  const { decided, units, practice } = useOpeningPage();
  const runs = wiringOf(decided.results.powering, practice);
  if (runs.length === 0) return <p className="text-soft">Nothing of it draws current.</p>;
  const word = (code: string) => termText(code, units.language);
  return (
    <table className="grid-table w-full" aria-label="Wiring list">
      <thead>
        <tr>
          {['From the supply to', 'Where', 'Conductors', 'Wire', 'Held', 'Inrush'].map((name) => (
            <th key={name} scope="col" className="text-left">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {runs.map(({ load, count, at, through, conductors, wire, hold, inrush }) => (
          <tr key={load}>
            <th scope="row" className="text-left font-normal">
              {count > 1 && `${count} × `}
              {word(`load.${load}`)}
            </th>
            <td>
              {word(`wireAt.${at}`)}
              {through && `, ${word(`wirePath.${through}`)}`}
            </td>
            <td>{conductors}</td>
            <td>{wire ?? <span className="text-soft">open</span>}</td>
            <td>{hold > 0 ? `${hold} A` : '–'}</td>
            <td>{inrush > 0 ? `${inrush} A` : '–'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What powering has beside what every stage's page shows. */
export const POWERING: StageParts = {
  benches: [
    { value: 'devices', name: 'Devices', Component: Devices },
    { value: 'riser', name: 'Riser', Component: Riser },
  ],
  sections: [
    { name: 'How it works', open: true, Component: Narrative },
    { name: 'Who gets through', open: true, Component: PassagesPicture },
    { name: 'Wiring list', open: true, Component: Wiring },
  ],
};
