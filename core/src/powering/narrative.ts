import { known, said, type OpeningFacts, type Results, type Said } from '../opening/index.js';

/**
 * How an electrified opening works, in sentences from the lock’s own machine and what stands around it:
 * normally, to enter, to leave, without power, in an alarm.
 */
export function narrativeOf(
  facts: OpeningFacts,
  { securing, powering }: Pick<Results, 'securing' | 'powering'>,
): Said[] {
  const { spec } = securing;
  const held = powering.loads.includes('holder');
  const lock = spec !== undefined && spec.power !== 'none' ? spec : undefined;
  const access = known(facts.access);
  const told: Said[] = [];
  if (held) told.push(said('powering.narrative.held'));
  else if (lock)
    told.push(
      said(
        lock.outsideHandle === 'moves' && !lock.startsBlocked
          ? 'powering.narrative.free'
          : 'powering.narrative.locked',
      ),
    );
  if (lock) {
    told.push(
      access === undefined || access === 'none'
        ? said('powering.narrative.enterKey')
        : said('powering.narrative.enter', { access: { term: `access.${access}` } }),
    );
    told.push(said(lock.delayed ? 'powering.narrative.delayed' : 'powering.narrative.leave'));
    const safe = lock.power === 'fail-safe';
    told.push(said(safe ? 'powering.narrative.lostSafe' : 'powering.narrative.lostSecure'));
    told.push(
      said(
        safe && facts.alarmReleases === true
          ? 'powering.narrative.alarmReleases'
          : 'powering.narrative.alarmStays',
      ),
    );
  }
  if (held) told.push(said('powering.narrative.alarmHeld'));
  if (facts.operator === true) told.push(said('powering.narrative.operator'));
  return told;
}
