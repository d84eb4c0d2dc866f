import { valueOrUndefined, type Finding, type OpeningFacts, type Solid } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { stageOfOwner } from './clashFindings.js';

/** What is screwed to a face and bears load, so that it wants blocking behind it. */
const LOADED: ReadonlySet<string> = new Set([
  'solid.surfaceCloser',
  'solid.exitDevice',
  'solid.surfaceBolt',
]);

/** Loaded surface hardware on a core that holds no screw, unless blocking stands behind it. */
export function fixingFindings(
  facts: OpeningFacts,
  practice: Practice,
  solids: readonly Solid[],
): Finding[] {
  const construction = valueOrUndefined(facts.leafConstruction);
  const { cores } = practice.values;
  if (construction === undefined || cores.value[construction].holdsScrews) return [];
  const blocking = valueOrUndefined(facts.blocking);
  if (blocking === 'all') return [];
  const things = new Map<string, Solid>();
  for (const one of solids)
    if (LOADED.has(one.thing) && !(blocking === 'lock' && one.thing === 'solid.exitDevice'))
      things.set(one.thing, one);
  const found: Finding[] = [];
  for (const one of things.values())
    found.push({
      level: blocking === undefined ? 'note' : 'check',
      stage: stageOfOwner(one.owner),
      code: blocking === undefined ? 'checking.blockingUnknown' : 'checking.noBlocking',
      params: { a: { term: one.thing } },
      source: cores.source,
      parts: [one.owner, 'blocking'],
    });
  return found;
}
