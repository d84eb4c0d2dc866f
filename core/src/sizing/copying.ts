import { message, valueOrUndefined, type Message } from '../model/index.js';
import type { Gaps, Practice } from '../practice/index.js';
import type { Survey } from '../survey/index.js';
import { copiedLeaf, type CopiedLeaf, type RecordedLeaf } from './copiedLeaf.js';
import type { EdgeName } from './cutPlan.js';
import type { SizingRecord } from './decisions.js';
import { isDrawn, type AroundLeaf } from './neededLeaf.js';
import { wantedAround } from './stacks.js';

/** A leaf copied from the old one, with the gaps it was copied for. */
export interface Copy {
  leaf: CopiedLeaf;
  wanted: AroundLeaf;
  /** Of the old leaf what was recorded, not read: a fact that is then not the new leaf's. */
  given: RecordedLeaf;
}

/** Copies the old leaf for the gaps that are wanted; undefined while it was not read. */
export function copyOf(
  record: SizingRecord,
  practice: Practice,
  usual: Partial<Gaps>,
  survey: Survey,
): Copy | undefined {
  const wanted = wantedAround(record, practice, usual);
  const finish = valueOrUndefined(record.facts.floorFinish) ?? 0;
  const has = (...names: string[]) => names.some((name) => survey.number(name) !== undefined);
  const given: RecordedLeaf = {
    width: has('leafWidthTop', 'leafWidth', 'leafWidthBottom')
      ? undefined
      : valueOrUndefined(record.facts.leafWidth),
    height: has('leafHeightHinge', 'leafHeight')
      ? undefined
      : valueOrUndefined(record.facts.leafHeight),
  };
  const leaf = copiedLeaf(survey, wanted, finish, given);
  return leaf && isDrawn(leaf.needed) ? { leaf, wanted, given } : undefined;
}

/** Why a copied leaf is as large as it is: what each edge gains or loses. */
export function copyReasons({ leaf: { gains, unread } }: Copy): Message[] {
  return (Object.keys(gains) as EdgeName[]).flatMap((edge) => {
    const [first, second] = gains[edge];
    if (unread.includes(edge) || (first === 0 && second === 0)) return [];
    const by = (gain: number) => ({ ticks: Math.abs(Math.round(gain)), fine: true });
    const way = (gain: number) => ({ term: gain < 0 ? 'copy.loses' : 'copy.gains' });
    const name = { term: `edge.${edge}` };
    const [from, to] = edge === 'hinge' || edge === 'lock' ? ['top', 'foot'] : ['hinge', 'lock'];
    return first === second
      ? [message('sizing.copied.edge', { edge: name, way: way(first), by: by(first) })]
      : [
          message('sizing.copied.taper', {
            edge: name,
            way: way(first),
            first: by(first),
            from: { term: `copyEnd.${from!}` },
            other: way(second),
            second: by(second),
            to: { term: `copyEnd.${to!}` },
          }),
        ];
  });
}

/** What of the old leaf speaks against copying it as it was read. */
export function findCopied(
  record: SizingRecord,
  practice: Practice,
  { leaf, wanted }: Copy,
  survey: Survey,
): void {
  const { secondOpinion } = practice.values;
  const open = leaf.unread.filter((edge) => edge !== 'hinge');
  if (open.length > 0 && survey.text('hangs') !== 'well')
    record.report('check', 'sizing.copyUnread', { edges: open.length }, secondOpinion.source, [
      'readings',
    ]);
  if (leaf.squareEnd === undefined)
    record.report('check', 'sizing.copyTaper', {}, secondOpinion.source, ['readings']);
  const hinge = Math.max(...leaf.gains.hinge.map(Math.abs));
  if (hinge > 0 && !leaf.unread.includes('hinge'))
    record.report(
      'note',
      'sizing.copyHinge',
      {
        by: { ticks: hinge, fine: true },
        gap: { ticks: wanted.hinge, fine: true },
        way: { term: Math.max(...leaf.gains.hinge) > 0 ? 'recess.deeper' : 'recess.packed' },
      },
      secondOpinion.source,
      ['readings', 'hingeGap'],
    );
  const off = againstFrame(survey);
  if (Math.abs(off) > secondOpinion.value)
    record.report(
      'check',
      'sizing.leafAgainstFrame',
      {
        by: { ticks: Math.abs(off), fine: true },
        most: { ticks: secondOpinion.value, fine: true },
      },
      secondOpinion.source,
      ['readings'],
    );
}

/** Where a frame was read beside the leaf: each of its lengths, and the leaf with the gaps beside it. */
const OPINIONS: readonly (readonly [frame: string, ...leafAndGaps: string[]])[] = [
  ['widthTop', 'leafWidthTop', 'gapHingeTop', 'gapLockTop'],
  ['widthBottom', 'leafWidthBottom', 'gapHingeBottom', 'gapLockBottom'],
  ['heightHinge', 'leafHeightHinge', 'headGapNow', 'gapFloorHinge'],
  ['heightLock', 'leafHeight', 'gapHeadLock', 'gapFloorLock'],
];

/** The worst that a frame as read is off the leaf and its gaps; 0 where not both were read. */
function againstFrame(survey: Survey): number {
  let worst = 0;
  for (const [frame, ...parts] of OPINIONS) {
    const read = survey.number(frame);
    const sum = parts.map((name) => survey.number(name));
    if (read === undefined || sum.some((one) => one === undefined)) continue;
    const off = read - sum.reduce<number>((all, one) => all + one!, 0);
    if (Math.abs(off) > Math.abs(worst)) worst = off;
  }
  return worst;
}
