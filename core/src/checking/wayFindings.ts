import { inches, mm, type Ticks } from '../measure/index.js';
import type { Decision, Finding, OpeningFacts, EgressFlow } from '../model/index.js';
import type { Practice } from '../practice/index.js';

/**
 * Clear width that so many people need (IBC 1005.3.2 and 1010.1.1; Approved Document B, table 2.3): the step
 * they fall in, above the last one so much a person.
 */
export function widthNeeded(people: number, { values, system }: Practice): Ticks {
  const unit = system === 'inch' ? inches : mm;
  const steps = values.widthSteps.value;
  const step = steps.find((one) => people <= one.people);
  if (step) return unit(step.clear);
  const least = steps.length === 1 ? steps[0]!.clear : 0;
  return unit(Math.max(least, Math.ceil(people * values.widthPerPerson.value - 1e-9)));
}

/** Whether the people who leave by an opening find it wide enough with all its leaves open. */
export function wayFindings(
  way: EgressFlow | undefined,
  facts: OpeningFacts,
  practice: Practice,
  decisions: readonly Decision[],
): Finding[] {
  if (!way?.escape || way.share === 0 || facts.egress === false) return [];
  const clear = decisions.find(({ key }) => key === 'hanging.clearWidth')?.value;
  if (clear?.type !== 'length') return [];
  const needed = widthNeeded(way.share, practice);
  if (clear.ticks >= needed) return [];
  return [
    {
      level: 'check',
      code: 'checking.way.narrow',
      params: {
        people: way.share,
        needed: { ticks: needed },
        clear: { ticks: clear.ticks, rounding: 'down' },
      },
      source: practice.values.widthSteps.source,
      parts: ['hanging.clearWidth', 'frameWidth', 'occupants'],
      stage: 'opening',
    },
  ];
}
