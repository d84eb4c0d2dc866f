import type { LockSpec } from '../catalogue/index.js';
import {
  isAssumed,
  closesByItself,
  valueOrUndefined,
  type Finding,
  type OpeningFacts,
  type LevelOf,
  type RuleCode,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { type Role, ROLE } from '../roles/index.js';

/** What the recorded facts are held against beside each other. */
export interface Contradicting {
  facts: OpeningFacts;
  practice: Practice;
  role: Role | undefined;
  lock: LockSpec | undefined;
  /** Thickness of the leaf, ticks. */
  thickness: number | undefined;
}

/**
 * Recorded facts that speak against each other, whichever stage decides them: told at once (handbook,
 * “Power, finish, fire, escape, access”).
 */
export function contradictionFindings({
  facts,
  practice,
  role,
  lock,
  thickness,
}: Contradicting): Finding[] {
  const { values } = practice;
  const findings: Finding[] = [];
  const tell = <Code extends RuleCode>(
    level: LevelOf<Code>,
    stage: Finding['stage'],
    code: Code,
    source: string,
    parts: string[],
    params: Finding['params'] = {},
  ) => findings.push({ level, stage, code, source, parts, params });
  const rating = valueOrUndefined(facts.rating) ?? 0;
  const us = practice.language === 'us';
  if (rating > 0 && closesByItself(facts) === false) {
    const excepted = role !== undefined && ROLE[role].closing.mayStandWithout;
    tell(
      excepted ? 'check' : 'stop',
      'closing',
      excepted ? 'checking.ratedNoCloserWhere' : 'checking.ratedNoCloser',
      values.ratedLatch.source,
      ['closer', 'rating'],
    );
  }
  if (valueOrUndefined(facts.accessible) === true) {
    if (valueOrUndefined(facts.handle) === 'knob')
      tell(
        us && !isAssumed(facts, 'accessible') ? 'stop' : 'check',
        'securing',
        'checking.knob',
        values.reach.source,
        ['handle', 'accessible'],
      );
    const rise = valueOrUndefined(facts.thresholdHeight);
    const { thresholdMost, thresholdSquare } = values;
    if (rise !== undefined && rise > thresholdMost.value)
      tell(
        isAssumed(facts, 'accessible') ? 'check' : 'stop',
        'sizing',
        'checking.threshold',
        thresholdMost.source,
        ['thresholdHeight'],
        { height: { ticks: rise, rounding: 'up' }, most: { ticks: thresholdMost.value } },
      );
    else if (rise !== undefined && rise > thresholdSquare.value)
      tell('note', 'sizing', 'checking.thresholdBevel', thresholdSquare.source, [
        'thresholdHeight',
      ]);
  }
  const { garageStep } = values;
  const step = valueOrUndefined(facts.thresholdHeight) ?? 0;
  if (role && ROLE[role].place.garage && garageStep.value > 0 && step < garageStep.value)
    tell('note', 'sizing', 'checking.garageStep', garageStep.source, ['thresholdHeight', 'role'], {
      step: { ticks: garageStep.value },
    });
  if (rating > 0) {
    const { ratedGlassSide, ratedGlassFrom } = values;
    const width = valueOrUndefined(facts.glassWidth);
    const height = valueOrUndefined(facts.glassHeight);
    if (
      width !== undefined &&
      height !== undefined &&
      rating >= ratedGlassFrom.value &&
      width * height > ratedGlassSide.value ** 2
    )
      tell('check', 'sizing', 'checking.glassRated', ratedGlassSide.source, [
        'glassWidth',
        'glassHeight',
        'rating',
      ]);
    const hole = valueOrUndefined(facts.leafHole);
    if (hole !== undefined && hole !== 'none')
      tell('check', 'protecting', 'checking.holeRated', values.ratedLatch.source, ['leafHole'], {
        hole: { term: `leafHole.${hole}` },
      });
  }
  if (facts.twoLeaves === true) {
    const deep = valueOrUndefined(facts.jambDepth);
    const needed = 2 * (thickness ?? 0) + values.twoLeavesBetween.value;
    if (deep !== undefined && thickness !== undefined && deep < needed)
      tell(
        'stop',
        'sizing',
        'checking.twoLeaves',
        values.twoLeavesBetween.source,
        ['jambDepth', 'twoLeaves'],
        { has: { ticks: deep }, needed: { ticks: needed, rounding: 'up' } },
      );
    tell('note', 'sizing', 'checking.twoLeavesHand', 'trade practice', ['twoLeaves']);
  }
  if ((valueOrUndefined(facts.leadThickness) ?? 0) > 0)
    tell('note', 'sizing', 'checking.lead', 'trade practice', ['leadThickness']);
  const seal = valueOrUndefined(facts.bottomSeal);
  if (
    facts.nothingVisible === true &&
    seal &&
    seal !== 'none' &&
    seal !== 'any' &&
    seal !== 'drop-full'
  )
    tell(
      'check',
      'sealing',
      'checking.sealSeen',
      'trade practice',
      ['bottomSeal', 'nothingVisible'],
      {
        seal: { term: `bottomSeal.${seal}` },
      },
    );
  const inLeaf =
    lock !== undefined &&
    lock.power !== 'none' &&
    !lock.battery &&
    lock.id !== 'electric-strike' &&
    facts.omitted?.securing === undefined &&
    !facts.manualItems?.some(({ stage }) => stage === 'securing');
  if (inLeaf && valueOrUndefined(facts.wireToLeaf) === false)
    tell('stop', 'powering', 'checking.noWire', 'trade practice', ['wireToLeaf']);
  return findings;
}
