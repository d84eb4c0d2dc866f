import { valueOrUndefined, slides } from '../model/index.js';
import type { SealingInput, Sealing } from './result.js';
import type { SealingRecord } from './decisions.js';

const DROPS: ReadonlySet<string> = new Set(['drop-surface', 'drop-half', 'drop-full']);

/** What speaks against the seals that were decided. */
export function findSealing(
  record: SealingRecord,
  { facts, practice, results }: SealingInput,
  { perimeter, bottom }: Sealing,
): void {
  if (slides(facts.kind)) return;
  const { values } = practice;
  const tight = perimeter !== 'none' && perimeter !== 'silencers';
  const drops = DROPS.has(bottom);
  const { undercut } = results.sizing;
  const uneven = valueOrUndefined(facts.floorUneven) ?? 0;
  if (drops && undercut !== undefined && undercut + uneven > values.sealDrop.value)
    record.report(
      'check',
      'sealing.dropShort',
      {
        drop: { ticks: values.sealDrop.value },
        gap: { ticks: undercut },
        uneven: { ticks: uneven },
      },
      values.sealDrop.source,
      ['sealing.bottom', 'undercut', 'floorUneven'],
    );
  if (drops) record.report('note', 'sealing.plunger', {}, 'trade practice', ['sealing.bottom']);
  if (facts.airUnder === true && bottom !== 'none')
    record.report('check', 'sealing.airUnder', {}, 'recorded facts', [
      'airUnder',
      'sealing.bottom',
    ]);
  if (facts.airUnder === true && (valueOrUndefined(facts.rating) ?? 0) > 0)
    record.report(
      'check',
      'sealing.airRated',
      { most: { ticks: values.ratedUndercutLimit.value } },
      values.ratedUndercutLimit.source,
      ['airUnder', 'rating'],
    );
  const shoe = results.closing.device === 'parallel' || results.closing.device === 'track-push';
  if (tight && (perimeter === 'sound' || perimeter === 'smoke')) {
    if (shoe)
      record.report(
        'note',
        'sealing.corners',
        { what: { term: 'sealCut.shoe' } },
        'trade practice: seals continuous',
        ['sealing.perimeter', 'closing.device'],
      );
    if (results.securing.coordinator)
      record.report(
        'note',
        'sealing.corners',
        { what: { term: 'sealCut.coordinator' } },
        'trade practice: seals continuous',
        ['sealing.perimeter', 'securing.coordinator'],
      );
  }
  const floor = valueOrUndefined(facts.floorTexture);
  if (
    perimeter === 'sound' &&
    (floor === 'carpet' || floor === 'rough') &&
    facts.threshold !== 'plain'
  )
    record.report(
      'check',
      'sealing.soundFloor',
      { floor: { term: `floorTexture.${floor}` } },
      'trade practice',
      ['floorTexture', 'threshold', 'sound'],
    );
  if (perimeter === 'sound' && results.closing.closes === false)
    record.report('note', 'sealing.closes', {}, 'trade practice', ['closer', 'sound']);
  if (
    results.closing.closes === true &&
    (perimeter === 'sound' || (perimeter === 'smoke' && facts.accessible === true))
  )
    record.report(
      'note',
      'sealing.force',
      { push: { newtons: values.sealPush.value[perimeter] } },
      values.sealPush.source,
      ['sealing.perimeter', 'closing.size'],
    );
}
