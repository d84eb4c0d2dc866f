import { itemOf, meetsInMiddle, termKeyBuilder, type Item } from '../model/index.js';
import type { SealingInput, Sealing } from './result.js';

const sealItem = termKeyBuilder('item.seal.');
const bottomItem = termKeyBuilder('item.bottom.');

/** Adds silencers, seals, strips, sweeps and thresholds to the set. */
export function sealingItems(
  items: Item[],
  { facts, practice, results }: Pick<SealingInput, 'facts' | 'practice' | 'results'>,
  {
    perimeter,
    perimeterLength,
    strip,
    bottom,
    material,
    bottomLengths,
    threshold,
    meeting,
  }: Sealing,
): void {
  const pair = meetsInMiddle(facts.kind);
  const push = (term: string, quantity: number, more?: Partial<Item>) =>
    items.push(itemOf('sealing', term, quantity, more));
  const long = (length: number | undefined): Partial<Item> => ({ unit: 'length', length });
  const { single, pair: ofPair } = practice.values.silencers.value;
  if (perimeter === 'silencers') push('item.silencer', pair ? ofPair : single);
  else if (perimeter !== 'none') push(sealItem(perimeter), 1, long(perimeterLength));
  const { frameHeight: height, frameWidth: width } = results.sizing;
  if (strip) {
    const section = { width: strip.width, height: strip.thickness };
    push('item.strip', strip.count, {
      ...long(height !== undefined && width !== undefined ? 2 * height + width : undefined),
      ...section,
    });
    // Fire works at the joint between the leaves as it does at the frame.
    if (pair && facts.meetingEdge !== 'mullion')
      push('item.stripMeeting', strip.count, {
        ...long(results.sizing.leaves[0]!.height),
        ...section,
      });
  }
  if (bottom === 'threshold')
    push(
      'item.thresholdSeal',
      1,
      threshold ? { width: threshold.width, height: threshold.height } : {},
    );
  else
    for (const { quantity, length } of bottomLengths)
      push(bottomItem(bottom), quantity, {
        unit: 'length',
        length,
        traits: material ? [`sealMaterial.${material}`] : [],
      });
  if (threshold && bottom !== 'threshold')
    push('item.threshold', 1, { width: threshold.width, height: threshold.height });
  const leafHeight = results.sizing.leaves[0]!.height;
  if (meeting !== 'none') push('item.meetingSeal', 2, long(leafHeight));
}
