import { type LockGraph, type LockSpec, type TestStep } from '@riegel/core';
import { termText } from '../base/words.js';
import { stateWords } from './stateWords.js';

/** A step of an acceptance test: do this, see that. */
export function StepWords({
  spec,
  graph,
  step,
  number,
}: {
  spec: LockSpec;
  graph: LockGraph;
  step: TestStep;
  number: number;
}) {
  return (
    <>
      <span className="w-6 shrink-0 text-right text-soft">{number}</span>
      <span className="w-36 shrink-0 font-semibold">{termText(`act.${step.action}`)}</span>
      <span className="min-w-0 flex-1 text-soft">
        {step.refused
          ? 'nothing moves; '
          : step.opens
            ? 'it opens; '
            : step.latch
              ? 'the latch draws back; '
              : ''}
        {stateWords(spec, graph.states.get(step.to)!).join(', ')}
      </span>
    </>
  );
}
