import type { Ticks } from '../measure/index.js';
import type { ReplacingRecord } from './decisions.js';
import {
  valueOrUndefined,
  message,
  type OpeningFacts,
  type Param,
  type Message,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { CUT_TO_SURVEY, type Hanging } from '../hanging/index.js';
import type { Sizes } from '../sizing/index.js';
import type { Survey } from '../survey/index.js';

const VERDICTS = ['keep', 'move', 'renew'] as const;
export type Verdict = (typeof VERDICTS)[number];
const PARTS = ['frame', 'leaf', 'hinges', 'lock', 'strike', 'closer'] as const;
export type ExistingPart = (typeof PARTS)[number];

interface Judged {
  verdict: Verdict | undefined;
  reasons: Message[];
}

const STATE: Record<ExistingPart, string | undefined> = {
  frame: 'frameState',
  leaf: 'leafState',
  hinges: 'hingeState',
  lock: 'lockState',
  strike: undefined,
  closer: undefined,
};

/** Keep, move or renew each existing part, each a decision a person may take otherwise. */
export function decideParts(
  record: ReplacingRecord,
  practice: Practice,
  survey: Survey,
  sizes: Sizes,
  hanging: Hanging,
): Record<ExistingPart, Verdict | undefined> {
  const verdicts = {} as Record<ExistingPart, Verdict | undefined>;
  for (const part of PARTS) {
    const judged = judge(part, { record, practice, survey, sizes, hanging, verdicts });
    if (!judged) continue;
    if (judged.verdict === undefined) {
      record.ask(part, `ask.state.${part}`, ['readings']);
      continue;
    }
    const { verdict, reasons } = judged;
    verdicts[part] = record.propose(part, verdict, {
      reasons: () => reasons,
      alternatives: () =>
        VERDICTS.map((value) =>
          value === 'keep' && verdict === 'renew' ? { value, against: reasons[0]! } : { value },
        ),
      facts: ['readings'],
    });
  }
  return verdicts;
}

interface Given {
  record: ReplacingRecord;
  practice: Practice;
  survey: Survey;
  sizes: Sizes;
  hanging: Hanging;
  verdicts: Record<ExistingPart, Verdict | undefined>;
}

function judge(part: ExistingPart, given: Given): Judged | undefined {
  const state = STATE[part] ? given.survey.text(STATE[part]) : undefined;
  switch (part) {
    case 'frame':
      return judgeFrame(given, state);
    case 'leaf':
      return judgeLeaf(given, state);
    case 'hinges':
      return judgeHinges(given, state);
    case 'lock':
      return judgeLock(given, state);
    case 'strike':
      return judgeStrike(given);
    case 'closer':
      return judgeCloser(given);
  }
}

const stated = (state: string) => message('replacing.state', { state });

function judgeFrame({ record }: Given, state: string | undefined): Judged {
  if (!state) return { verdict: undefined, reasons: [] };
  if (state === 'rusted' || state === 'split')
    return { verdict: 'renew', reasons: [message('replacing.frame.renew', { state })] };
  if (state === 'sound') return { verdict: 'keep', reasons: [stated(state)] };
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  return {
    verdict: 'keep',
    reasons: [
      message(state === 'loose' ? 'replacing.frame.refix' : 'replacing.frame.repair'),
      ...(rated ? [message('replacing.listing')] : []),
    ],
  };
}

function judgeLeaf({ record, survey, sizes, practice }: Given, state: string | undefined): Judged {
  if (!state) return { verdict: undefined, reasons: [] };
  if (state === 'rusted' || state === 'split' || state === 'warped')
    return { verdict: 'renew', reasons: [message('replacing.leaf.state', { state })] };
  const gap = widestGap(record.facts, survey, sizes);
  const limit =
    (valueOrUndefined(record.facts.rating) ?? 0) > 0
      ? practice.values.ratedGapLimitTimber.value
      : practice.values.gapsTimber.value.lock + 2 * practice.values.surveyTolerance.value;
  if (gap !== undefined && gap > limit) {
    return {
      verdict: 'renew',
      reasons: [message('replacing.leaf.gap', { gap: { ticks: gap }, limit: { ticks: limit } })],
    };
  }
  return {
    verdict: 'keep',
    reasons: [state === 'sound' ? stated(state) : message('replacing.leaf.repair', { state })],
  };
}

/** What the widest part of the opening leaves beside the old leaf, over its hinge gap. */
function widestGap(facts: OpeningFacts, survey: Survey, sizes: Sizes): Ticks | undefined {
  const leaf = survey.number('leafWidth');
  const widths = ['widthTop', 'widthMiddle', 'widthBottom'].flatMap(
    (name) => survey.number(name) ?? [],
  );
  if (leaf === undefined || widths.length === 0 || facts.kind !== 'single') return undefined;
  return Math.max(...widths) - leaf - (sizes.hingeGap ?? 0);
}

function judgeHinges({ record, hanging, verdicts }: Given, state: string | undefined): Judged {
  if (!state) return { verdict: undefined, reasons: [] };
  if (verdicts.frame === 'renew')
    return { verdict: 'renew', reasons: [message('replacing.withFrame')] };
  if (state !== 'sound')
    return { verdict: 'renew', reasons: [message('replacing.hinges.state', { state })] };
  const { patternId } = hanging.leaves[0]!;
  if (patternId !== undefined && patternId !== CUT_TO_SURVEY && hanging.existing)
    return { verdict: 'move', reasons: [message('replacing.hinges.move')] };
  return {
    verdict: 'keep',
    reasons: [
      stated(state),
      ...((valueOrUndefined(record.facts.rating) ?? 0) > 0
        ? [message('replacing.hinges.rated')]
        : []),
    ],
  };
}

function judgeLock({ verdicts, survey }: Given, state: string | undefined): Judged | undefined {
  if (survey.number('lockHeight') === undefined && !state) return undefined;
  if (!state) return { verdict: undefined, reasons: [] };
  if (state !== 'sound')
    return { verdict: 'renew', reasons: [message('replacing.lock.state', { state })] };
  return verdicts.leaf === 'renew'
    ? { verdict: 'move', reasons: [message('replacing.lock.move', lockFigures(survey))] }
    : { verdict: 'keep', reasons: [stated(state)] };
}

function lockFigures(survey: Survey): { height: Param; backset: Param } {
  const figure = (name: string): Param => {
    const ticks = survey.number(name);
    return ticks === undefined ? '?' : { ticks };
  };
  return { height: figure('lockHeight'), backset: figure('backset') };
}

function judgeStrike({ survey, practice, verdicts }: Given): Judged | undefined {
  const strike = survey.number('strikeHeight');
  const lock = survey.number('lockHeight');
  if (strike === undefined || lock === undefined) return undefined;
  if (verdicts.frame === 'renew')
    return { verdict: 'renew', reasons: [message('replacing.withFrame')] };
  const off = Math.abs(strike - lock);
  if (off <= practice.values.hingeEase.value)
    return { verdict: 'keep', reasons: [message('replacing.strike.keep')] };
  return {
    verdict: 'move',
    reasons: [
      message('replacing.strike.move', {
        off: { ticks: off },
        way: { term: strike > lock ? 'way.down' : 'way.up' },
      }),
    ],
  };
}

function judgeCloser({ record, survey, verdicts }: Given): Judged | undefined {
  const place = survey.text('closerPlace');
  if (!place) return undefined;
  if (place === 'none') {
    const needed = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
    return needed
      ? { verdict: 'renew', reasons: [message('replacing.closer.missing')] }
      : undefined;
  }
  return verdicts.leaf === 'renew'
    ? { verdict: 'move', reasons: [message('replacing.closer.move', { place })] }
    : { verdict: 'keep', reasons: [message('replacing.closer.keep', { place })] };
}
