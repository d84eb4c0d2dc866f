import { narrativeOf, phraseText, termText, wiringOf } from '@riegel/core';
import { useOpeningPage } from '../../opening/page.js';
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

/** Who can enter and leave: normally, in an alarm, without power. */
function Passing() {
  const { decided, units } = useOpeningPage();
  const { passing } = decided.results.powering;
  if (passing.length === 0)
    return <p className="text-soft">Nothing that works by power holds it shut.</p>;
  return (
    <table className="grid-table w-full" aria-label="Who passes">
      <thead>
        <tr>
          <th scope="col" className="text-left">
            State
          </th>
          <th scope="col" className="text-left">
            Can enter
          </th>
          <th scope="col" className="text-left">
            Can leave
          </th>
          <th scope="col" className="text-left">
            Let out by
          </th>
        </tr>
      </thead>
      <tbody>
        {passing.map(({ state, enter, leave, after, by }) => (
          <tr key={state}>
            <th scope="row" className="text-left font-normal">
              {termText(`powerState.${state}`, units.language)}
            </th>
            <td>{termText(`who.${enter}`, units.language)}</td>
            <td className={leave === 'anybody' ? '' : 'text-oxide'}>
              {termText(`who.${leave}`, units.language)}
            </td>
            <td>
              {by ? termText(`releaseBy.${by}`, units.language) : 'its own handle'}
              {after > 0 && <strong className="font-semibold"> {after} s</strong>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
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
    { name: 'Who passes in which state', open: true, Component: Passing },
    { name: 'Wiring list', open: true, Component: Wiring },
  ],
};
