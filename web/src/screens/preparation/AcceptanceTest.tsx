import { Check, X } from 'lucide-react';
import { useMemo } from 'react';
import {
  acceptanceTest,
  exploreLock,
  type FactsPatch,
  type LockSpec,
  type LockTest,
} from '@riegel/core';
import { useSession } from '../../base/session.js';
import { lockName } from '../../lock/stateWords.js';
import { StepWords } from '../../lock/StepWords.js';

/** The acceptance test of the fitted lock: gone through on site, step by step, each as it should be or not. */
export function AcceptanceTest({
  spec,
  tested,
  canEdit,
  onPatch,
}: {
  spec: LockSpec;
  tested: LockTest | undefined;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const { data } = useSession();
  const graph = useMemo(() => exploreLock(spec), [spec]);
  const sheet = useMemo(() => acceptanceTest(spec, graph), [spec, graph]);
  // What was seen of another function says nothing of this one.
  const valid = tested?.function === spec.id ? tested : undefined;
  const seen = valid?.steps ?? {};
  const done = Object.keys(seen).length;
  const faults = Object.values(seen).filter((one) => one === 'fault').length;
  const mark = (step: number, as: 'ok' | 'fault') => {
    const { [String(step)]: before, ...rest } = seen;
    const steps = before === as ? rest : { ...rest, [String(step)]: as };
    onPatch({
      tested:
        Object.keys(steps).length === 0
          ? undefined
          : {
              function: spec.id,
              steps,
              by: data?.person?.name ?? 'somebody',
              at: new Date().toISOString(),
            },
    });
  };
  return (
    <section aria-label="Acceptance test" className="mt-5 break-before-auto">
      <div className="flex items-baseline gap-3 border-b-2 border-ink">
        <h2 className="text-base">Acceptance test</h2>
        <span className="text-soft">{lockName(spec)}</span>
        <span role="status" className="ml-auto text-soft">
          {done} of {sheet.length} gone through
          {faults > 0 && <b className="text-oxide">, {faults} not as it should be</b>}
          {valid && `, last by ${valid.by} on ${valid.at.slice(0, 10)}`}
        </span>
      </div>
      {tested && !valid && (
        <p className="text-ochre">
          The test on record was of another function; it is to be gone through again.
        </p>
      )}
      <ol className="columns-2 gap-6">
        {sheet.map((step, index) => {
          const number = index + 1;
          const as = seen[String(number)];
          return (
            <li
              key={number}
              data-step={number}
              className="flex break-inside-avoid items-center gap-2 border-b border-rule py-0.5 text-[13px]"
            >
              <StepWords spec={spec} graph={graph} step={step} number={number} />
              {(['ok', 'fault'] as const).map((verdict) => (
                <button
                  key={verdict}
                  type="button"
                  disabled={!canEdit}
                  aria-pressed={as === verdict}
                  aria-label={`Step ${number} ${verdict === 'ok' ? 'as it should be' : 'not as it should be'}`}
                  className={`flex size-7 shrink-0 items-center justify-center rounded-xs border ${
                    as === verdict
                      ? verdict === 'ok'
                        ? 'border-verdigris bg-verdigris text-paper'
                        : 'border-oxide bg-oxide text-paper'
                      : 'border-rule text-soft hover:border-brass'
                  }`}
                  onClick={() => mark(number, verdict)}
                >
                  {verdict === 'ok' ? <Check size={16} /> : <X size={16} />}
                </button>
              ))}
            </li>
          );
        })}
      </ol>
      <p className="mt-1 text-xs text-soft">
        Between the steps: the closed leaf does not rattle, and latches without push or pull.
      </p>
    </section>
  );
}
