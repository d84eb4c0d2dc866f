import type { Ticks } from '../measure/index.js';
import type { ReplacingRecord } from './decisions.js';
import { known, said, type OpeningFacts, type Param, type Said } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { CUT_TO_SURVEY, type Hanging } from '../hanging/index.js';
import type { Sizes } from '../sizing/index.js';
import type { Survey } from '../survey/index.js';

export const VERDICTS = ['keep', 'move', 'renew'] as const;
export type Verdict = (typeof VERDICTS)[number];
export const PARTS = ['frame', 'leaf', 'hinges', 'lock', 'strike', 'closer'] as const;
export type ExistingPart = (typeof PARTS)[number];

interface Judged {
  verdict: Verdict | undefined;
  reasons: Said[];
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

const stated = (state: string) => said('replacing.state', { state });

function judgeFrame({ record }: Given, state: string | undefined): Judged {
  if (!state) return { verdict: undefined, reasons: [] };
  if (state === 'rusted' || state === 'split')
    return { verdict: 'renew', reasons: [said('replacing.frame.renew', { state })] };
  if (state === 'sound') return { verdict: 'keep', reasons: [stated(state)] };
  const rated = (known(record.facts.rating) ?? 0) > 0;
  return {
    verdict: 'keep',
    reasons: [
      said(state === 'loose' ? 'replacing.frame.refix' : 'replacing.frame.repair'),
      ...(rated ? [said('replacing.listing')] : []),
    ],
  };
}

function judgeLeaf({ record, survey, sizes, practice }: Given, state: string | undefined): Judged {
  if (!state) return { verdict: undefined, reasons: [] };
  if (state === 'rusted' || state === 'split' || state === 'warped')
    return { verdict: 'renew', reasons: [said('replacing.leaf.state', { state })] };
  const gap = widestGap(record.facts, survey, sizes);
  const limit =
    (known(record.facts.rating) ?? 0) > 0
      ? practice.values.ratedGapLimitTimber.value
      : practice.values.gapsTimber.value.lock + 2 * practice.values.surveyTolerance.value;
  if (gap !== undefined && gap > limit) {
    return {
      verdict: 'renew',
      reasons: [said('replacing.leaf.gap', { gap: { ticks: gap }, limit: { ticks: limit } })],
    };
  }
  return {
    verdict: 'keep',
    reasons: [state === 'sound' ? stated(state) : said('replacing.leaf.repair', { state })],
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
    return { verdict: 'renew', reasons: [said('replacing.withFrame')] };
  if (state !== 'sound')
    return { verdict: 'renew', reasons: [said('replacing.hinges.state', { state })] };
  const { patternId } = hanging.leaves[0]!;
  if (patternId !== undefined && patternId !== CUT_TO_SURVEY && hanging.existing)
    return { verdict: 'move', reasons: [said('replacing.hinges.move')] };
  return {
    verdict: 'keep',
    reasons: [
      stated(state),
      ...((known(record.facts.rating) ?? 0) > 0 ? [said('replacing.hinges.rated')] : []),
    ],
  };
}

function judgeLock({ verdicts, survey }: Given, state: string | undefined): Judged | undefined {
  if (survey.number('lockHeight') === undefined && !state) return undefined;
  if (!state) return { verdict: undefined, reasons: [] };
  if (state !== 'sound')
    return { verdict: 'renew', reasons: [said('replacing.lock.state', { state })] };
  return verdicts.leaf === 'renew'
    ? { verdict: 'move', reasons: [said('replacing.lock.move', lockFigures(survey))] }
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
    return { verdict: 'renew', reasons: [said('replacing.withFrame')] };
  const off = Math.abs(strike - lock);
  if (off <= practice.values.hingeEase.value)
    return { verdict: 'keep', reasons: [said('replacing.strike.keep')] };
  return {
    verdict: 'move',
    reasons: [
      said('replacing.strike.move', {
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
    const needed = (known(record.facts.rating) ?? 0) > 0;
    return needed ? { verdict: 'renew', reasons: [said('replacing.closer.missing')] } : undefined;
  }
  return verdicts.leaf === 'renew'
    ? { verdict: 'move', reasons: [said('replacing.closer.move', { place })] }
    : { verdict: 'keep', reasons: [said('replacing.closer.keep', { place })] };
}
