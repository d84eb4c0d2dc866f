import { REENTRY } from '../practice/index.js';
import { hasHand, valueOrUndefined, roomNamed } from '../model/index.js';
import { spaceOf } from '../role/index.js';
import type { SecuringRecord } from './decisions.js';
import type { SecuringInput } from './input.js';
import type { LockKind } from './facts.js';
import { isExit } from './lockForms.js';
import { panicOf } from './panic.js';
import { ROLE } from '../roles/index.js';

/**
 * Whether those who leave come against the leaf, by what a person recorded: the bar of a device stands on its push
 * face, so that none is proposed there.
 */
export function meetsLeaf(
  { facts, practice, results }: SecuringInput,
  record: SecuringRecord,
): boolean {
  if (!hasHand(facts.kind) || facts.kind === 'double-egress') return false;
  const { hand, outside } = results.handing;
  if (!hand) return false;
  const inside = outside === 'from' ? 'to' : 'from';
  const { provenance } = record.facts;
  const said = <K extends 'escape' | 'egress' | 'exterior'>(name: K) =>
    provenance?.[name] === 'assumed' ? undefined : valueOrUndefined(record.facts[name]);
  // Out of a building people leave to the open.
  const open = said('egress') === true && said('exterior') === true ? outside : undefined;
  // What arcs in a room is fled from, whoever else comes by.
  const limit = practice.values.electricalPanic.value;
  const arcs = limit > 0 && (valueOrUndefined(record.facts.amperes) ?? 0) >= limit;
  const towards = said('escape') ?? open ?? (arcs ? outside : undefined);
  return (
    towards !== undefined &&
    towards !== 'both' &&
    towards !== (hand.swing === 'out' ? outside : inside)
  );
}

/** On which side people push the leaf open: from the room named first, or from the other. */
function pushedFrom({ results: { handing } }: SecuringInput): 'from' | 'to' | undefined {
  if (!handing.hand) return undefined;
  const { outside, hand } = handing;
  const inside = outside === 'from' ? 'to' : 'from';
  return hand.swing === 'in' ? outside : inside;
}

/**
 * What people who leave in a number want of the lock (IBC 1010.2.9; Approved Document B), and what of its side is
 * odd. Direction and swing are held by the laws.
 */
export function findWayOut(record: SecuringRecord, input: SecuringInput, kind: LockKind): void {
  const { facts, practice, results } = input;
  const { escape } = results.opening;
  const panic = panicOf(facts, practice, results.opening.role);
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
  // Nobody said which way people leave: a bar on the side the door is locked against is odd.
  if (
    !escape &&
    isExit(kind) &&
    facts.kind !== 'double-egress' &&
    pushedFrom(input) === results.handing.outside
  )
    record.report('check', 'securing.barOutside', {}, practice.values.lockGrade.value['rim-exit'], [
      'escape',
      'swing',
      'securing.kind',
    ]);
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
function findStairSide(record: SecuringRecord, { facts, project, results }: SecuringInput): void {
  if (valueOrUndefined(facts.lockUse) !== 'stair-locked') return;
  const isStair = (room: string | undefined) =>
    spaceOf(room, roomNamed(room, project)?.use) === 'stair';
  const inside = results.handing.outside === 'from' ? facts.to : facts.from;
  const outer = results.handing.outside === 'from' ? facts.from : facts.to;
  if (inside !== undefined && isStair(inside) && !isStair(outer))
    record.report('check', 'securing.stairSide', { room: inside }, REENTRY, [
      'outside',
      'stairReentry',
    ]);
}
