import { said, type OpeningFacts, type Results, type Said } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { Powering } from './result.js';
import type { PowerState } from './passing.js';

/**
 * How an electrified opening works, in sentences from the lock’s own machine and what stands around it:
 * normally, to enter, to leave, without power, in an alarm.
 */
export function narrativeOf(
  facts: OpeningFacts,
  { securing, powering }: Pick<Results, 'securing' | 'powering'>,
  practice: Practice,
): Said[] {
  const { spec } = securing;
  const { loads, release } = powering;
  const held = loads.includes('holder');
  const lock = spec !== undefined && spec.power !== 'none' ? spec : undefined;
  const magnet = release !== undefined && release.magnet !== 'none' ? release.magnet : undefined;
  const { access } = powering;
  const lets = access !== undefined && access !== 'none' ? access : undefined;
  const told: Said[] = [];
  if (held) told.push(said('powering.narrative.held'));
  else if (magnet) told.push(said('powering.narrative.magnet'));
  else if (lock)
    told.push(
      said(
        lock.outsideHandle === 'moves' && !lock.startsBlocked
          ? 'powering.narrative.free'
          : 'powering.narrative.locked',
      ),
    );
  if (lock || magnet)
    told.push(
      lets
        ? said(magnet ? 'powering.narrative.enterMagnet' : 'powering.narrative.enter', {
            access: { term: `access.${lets}` },
          })
        : said(magnet ? 'powering.narrative.enterNobody' : 'powering.narrative.enterKey'),
    );
  if (magnet) tellMagnet(told, powering, practice);
  if (lock) tellLock(told, powering, magnet !== undefined, lock.battery);
  if (held) told.push(said('powering.narrative.alarmHeld'));
  if (facts.operator === true) told.push(said('powering.narrative.operator'));
  return told;
}

function tellMagnet(told: Said[], { release }: Powering, { values }: Practice): void {
  told.push(
    release!.magnet === 'sensor'
      ? said('powering.narrative.leaveSensor', { seconds: values.exitButtonSeconds.value })
      : said('powering.narrative.leaveHardware'),
    said('powering.narrative.lostMagnet'),
    said(release!.alarm ? 'powering.narrative.alarmMagnet' : 'powering.narrative.alarmMagnetStays'),
  );
}

/** What of the lock is told follows from who its machine lets in and out in each state. */
function tellLock(
  told: Said[],
  { release, passing }: Powering,
  byMagnet: boolean,
  battery: boolean,
): void {
  const { delay, alarm, command } = release!;
  const free = (state: PowerState) =>
    passing.some((one) => one.state === state && one.enter === 'anybody');
  if (delay > 0) {
    told.push(
      said('powering.narrative.delayed', { seconds: delay }),
      said('powering.narrative.delayedLost'),
      alarm
        ? said('powering.narrative.delayedAlarm')
        : said('powering.narrative.delayedStays', { seconds: delay }),
    );
    return;
  }
  if (!byMagnet) told.push(said('powering.narrative.leave'));
  told.push(
    said(
      battery
        ? 'powering.narrative.lostBattery'
        : free('power-lost')
          ? 'powering.narrative.lostSafe'
          : 'powering.narrative.lostSecure',
    ),
  );
  if (command) told.push(said('powering.narrative.command'));
  told.push(
    said(free('alarm') ? 'powering.narrative.alarmReleases' : 'powering.narrative.alarmStays'),
  );
}
