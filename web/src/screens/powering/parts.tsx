import { narrativeOf, phraseText, termText } from '@riegel/core';
import { useOpeningPage } from '../../opening/page.js';
import type { StageParts } from '../../stage/parts.js';
import { Riser } from './Riser.js';

/** How it works, in sentences from the lock's machine and the chain. */
function Narrative() {
  const { decided, units } = useOpeningPage();
  const told = narrativeOf(decided.facts, decided.results);
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
  if (passing.length === 0) return <p className="text-soft">Its lock does not work by power.</p>;
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
        </tr>
      </thead>
      <tbody>
        {passing.map(({ state, enter, leave }) => (
          <tr key={state}>
            <th scope="row" className="text-left font-normal">
              {termText(`powerState.${state}`, units.language)}
            </th>
            <td>{termText(`who.${enter}`, units.language)}</td>
            <td className={leave === 'anybody' ? '' : 'text-oxide'}>
              {termText(`who.${leave}`, units.language)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What powering has beside what every stage's page shows. */
export const POWERING: StageParts = {
  benches: [{ value: 'riser', name: 'Riser', Component: Riser }],
  sections: [
    { name: 'How it works', open: true, Component: Narrative },
    { name: 'Who passes in which state', open: true, Component: Passing },
  ],
};
