import { useMemo, useState } from 'react';
import {
  acceptanceTest,
  exploreLock,
  propertiesOf,
  type LockProperties,
  type LockSpec,
} from '@riegel/core';
import { termText } from '../../../base/words.js';
import { LockBench } from '../../../lock/LockBench.js';
import { LockComposer } from './LockComposer.js';
import { lockName, stateWords } from '../../../lock/stateWords.js';
import { StepWords } from '../../../lock/StepWords.js';
import { Fold } from '../../../parts/Fold.js';

/** What stands against a function is told in red, what speaks for it in green. */
const GRAVE: readonly (keyof LockProperties)[] = ['canTrap', 'twoMotions', 'canBeSlipped'];

/** One function: a lock to be worked, what follows from it, its states and its acceptance test. */
export function LockPage({
  shipped,
  onKeep,
  onRemove,
}: {
  shipped: LockSpec;
  /** Keeps a changed function in the project, or writes its own anew. */
  onKeep?: ((spec: LockSpec, name: string) => void) | undefined;
  onRemove?: (() => void) | undefined;
}) {
  const [spec, setSpec] = useState(shipped);
  const graph = useMemo(() => exploreLock(spec), [spec]);
  const derived = useMemo(() => propertiesOf(spec, graph), [spec, graph]);
  const sheet = useMemo(() => acceptanceTest(spec, graph), [spec, graph]);
  const changed = spec !== shipped;
  const holds = (Object.keys(derived) as (keyof LockProperties)[]).filter((name) => derived[name]);
  return (
    <div
      className="min-h-0 overflow-auto px-4 py-3"
      tabIndex={0}
      role="region"
      aria-label="The lock"
    >
      <h1 className="text-lg first-letter:uppercase">
        {lockName(shipped)}
        {shipped.number && <span className="ml-2 text-base text-soft">{shipped.number}</span>}
        {changed && <span className="ml-3 text-base text-brass">changed, not kept</span>}
        {onRemove && !changed && (
          <button type="button" className="button bare ml-3 !h-7 text-sm" onClick={onRemove}>
            take it out of the project
          </button>
        )}
      </h1>
      <LockBench key={JSON.stringify(spec)} spec={spec} />
      <div className="mt-3 grid grid-cols-[1fr_1fr] gap-5">
        <section aria-label="What follows">
          <h2 className="border-b-2 border-ink text-base">What follows</h2>
          <ul>
            {holds.map((name) => (
              <li
                key={name}
                data-property={name}
                className={`border-b border-rule py-0.5 ${GRAVE.includes(name) ? 'font-semibold text-oxide' : ''}`}
              >
                {termText(`prop.${name}`)}
              </li>
            ))}
          </ul>
          <p className="mt-1 text-xs text-soft">
            Found by trying every action in each of its {graph.states.size} states. The adopted code
            and the authority decide what may stand on a way out.
          </p>
          <LockComposer
            spec={spec}
            onSpec={setSpec}
            onBack={() => setSpec(shipped)}
            changed={changed}
            onKeep={onKeep && ((name) => onKeep(spec, name))}
          />
        </section>
        <section aria-label="Acceptance test">
          <h2 className="border-b-2 border-ink text-base">Acceptance test, {sheet.length} steps</h2>
          <ol className="max-h-80 list-none overflow-auto" tabIndex={0}>
            {sheet.map((step, index) => (
              <li key={index} className="flex gap-2 border-b border-rule py-0.5 text-[13px]">
                <StepWords spec={spec} graph={graph} step={step} number={index + 1} />
              </li>
            ))}
          </ol>
          <Fold name={`Map of its ${graph.states.size} states`}>
            <table className="mt-1 w-full text-[13px]">
              <tbody>
                {[...graph.states].map(([key, state]) => (
                  <tr key={key} className="border-b border-rule align-baseline">
                    <th className="w-40 py-0.5 text-left font-semibold">
                      {stateWords(spec, state).join(', ')}
                    </th>
                    <td className="py-0.5 text-soft">
                      {graph.transitions
                        .filter((one) => one.from === key && one.to !== key)
                        .map((one) => (
                          <span key={one.action} className="block">
                            {termText(`act.${one.action}`)} →{' '}
                            {stateWords(spec, graph.states.get(one.to)!).join(', ')}
                          </span>
                        ))}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Fold>
        </section>
      </div>
    </div>
  );
}
