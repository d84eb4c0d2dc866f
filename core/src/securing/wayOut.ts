import { valueOrUndefined, roomNamed } from '../model/index.js';
import { spaceOf, type Escape } from '../role/index.js';
import type { SecuringRecord } from './decisions.js';
import type { SecuringInput } from './input.js';
import type { LockKind } from './facts.js';
import { isExit } from './lockForms.js';
import { panicOf } from './panic.js';
import { ROLE } from '../roles/index.js';

/** On which side people push the leaf open: from the room named first, or from the other. */
function pushedFrom({ results: { handing } }: SecuringInput): 'from' | 'to' | undefined {
  if (!handing.hand) return undefined;
  const { outside, hand } = handing;
  const inside = outside === 'from' ? 'to' : 'from';
  return hand.swing === 'in' ? outside : inside;
}

/** Where the people come from that leave one way. */
const comingFrom = (escape: Exclude<Escape, 'both'>) => (escape === 'to' ? 'from' : 'to');

/**
 * The direction of escape held against the swing and against the bar of an exit device, which stands on
 * the push face only (IBC 1010.1.2.1; Approved Document B; ANSI/BHMA A156.3). What rests on a guess of the
 * direction is to be checked; what was recorded stops.
 */
export function findWayOut(record: SecuringRecord, input: SecuringInput, kind: LockKind): void {
  const { facts, practice, results } = input;
  const { escape } = results.opening;
  const panic = panicOf(facts, practice, results.opening.role);
  const parts = ['escape', 'swing', 'securing.kind'];
  const told = valueOrUndefined(record.facts.escape) !== undefined;
  const level = told ? 'stop' : 'check';
  const device = practice.values.lockGrade.value['rim-exit'];
  if (panic.wanted !== 'no' && kind !== 'none' && kind !== 'roller' && !isExit(kind))
    record.report(
      panic.wanted === 'yes' ? 'stop' : 'check',
      'securing.panicMissing',
      { kind: { term: `lockKind.${kind}` } },
      panic.source,
      ['securing.kind', 'occupants', 'occupancy'],
    );
  findElectrical(record, input, kind);
  findStairSide(record, input);
  const pushed = pushedFrom(input);
  if (!pushed || facts.kind === 'double-egress') return;
  if (escape === 'both') {
    if (isExit(kind)) record.report('check', 'securing.escapeBoth', {}, device, parts);
    return;
  }
  if (!escape) {
    // Nobody said which way people leave: a bar on the side the door is locked against is odd.
    if (isExit(kind) && pushed === results.handing.outside)
      record.report('check', 'securing.barOutside', {}, device, parts);
    return;
  }
  if (comingFrom(escape) === pushed) return;
  if (isExit(kind)) {
    record.report(level, 'securing.barOnPull', {}, device, parts);
    return;
  }
  const people = valueOrUndefined(facts.occupants) ?? 0;
  const from = practice.values.panicFrom;
  if (people >= from.value || valueOrUndefined(facts.occupancy) === 'high-hazard')
    record.report(
      level,
      'securing.swingsAgainst',
      { people, from: from.value },
      from.source,
      parts,
    );
}

/** What an electrical room holds decides how its door opens and with what: not known is not little. */
function findElectrical(
  record: SecuringRecord,
  { facts, practice, results }: SecuringInput,
  kind: LockKind,
): void {
  const { value: from, source } = practice.values.electricalPanic;
  const { role } = results.opening;
  const unknown =
    role !== undefined &&
    ROLE[role].escape.amperes &&
    valueOrUndefined(facts.amperes) === undefined;
  if (from > 0 && unknown && !isExit(kind) && facts.egress !== false)
    record.report('note', 'securing.amperesOpen', { from }, source, ['amperes', 'securing.kind']);
}

/** Who is kept out of the storeys stands on the stair: its lock is keyed from there. */
function findStairSide(
  record: SecuringRecord,
  { facts, practice, project, results }: SecuringInput,
): void {
  if (valueOrUndefined(facts.lockUse) !== 'stair-locked') return;
  const isStair = (room: string | undefined) =>
    spaceOf(room, roomNamed(room, project)?.use) === 'stair';
  const inside = results.handing.outside === 'from' ? facts.to : facts.from;
  const outer = results.handing.outside === 'from' ? facts.from : facts.to;
  if (inside !== undefined && isStair(inside) && !isStair(outer))
    record.report(
      'check',
      'securing.stairSide',
      { room: inside },
      practice.language === 'us' ? 'IBC 1010.2.7' : 'trade practice',
      ['outside', 'stairReentry'],
    );
}
