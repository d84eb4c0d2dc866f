import { message, type OpeningFacts, type Results, type Message } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { Powering } from './result.js';
import type { PowerState } from '../machines/index.js';

/**
 * How an electrified opening works, in sentences from the lock’s own machine and what stands around it:
 * normally, to enter, to leave, without power, in an alarm.
 */
export function narrativeOf(
  facts: OpeningFacts,
  { securing, powering }: Pick<Results, 'securing' | 'powering'>,
  practice: Practice,
): Message[] {
  const { spec } = securing;
  const { loads, release } = powering;
  const held = loads.includes('holder');
  const lock = spec !== undefined && spec.power !== 'none' ? spec : undefined;
  const magnet = release !== undefined && release.magnet !== 'none' ? release.magnet : undefined;
  const { access } = powering;
  const lets = access !== undefined && access !== 'none' ? access : undefined;
  const told: Message[] = [];
  if (held) told.push(message('powering.narrative.held'));
  else if (magnet) told.push(message('powering.narrative.magnet'));
  else if (lock)
    told.push(
      message(
        lock.outsideHandle === 'moves' && !lock.startsBlocked
          ? 'powering.narrative.free'
          : 'powering.narrative.locked',
      ),
    );
  if (lock || magnet)
    told.push(
      lets
        ? message(magnet ? 'powering.narrative.enterMagnet' : 'powering.narrative.enter', {
            access: { term: `access.${lets}` },
          })
        : message(magnet ? 'powering.narrative.enterNobody' : 'powering.narrative.enterKey'),
    );
  if (magnet) tellMagnet(told, powering, practice);
  if (lock) tellLock(told, powering, magnet !== undefined, lock.battery);
  if (held) told.push(message('powering.narrative.alarmHeld'));
  if (facts.operator === true) told.push(message('powering.narrative.operator'));
  return told;
}

function tellMagnet(told: Message[], { release }: Powering, { values }: Practice): void {
  told.push(
    release!.magnet === 'sensor'
      ? message('powering.narrative.leaveSensor', { seconds: values.exitButtonSeconds.value })
      : message('powering.narrative.leaveHardware'),
    message('powering.narrative.lostMagnet'),
    message(
      release!.alarm ? 'powering.narrative.alarmMagnet' : 'powering.narrative.alarmMagnetStays',
    ),
  );
}

/** What of the lock is told follows from who its machine lets in and out in each state. */
function tellLock(
  told: Message[],
  { release, passing }: Powering,
  byMagnet: boolean,
  battery: boolean,
): void {
  const { delay, alarm, command } = release!;
  const free = (state: PowerState) =>
    passing.some((one) => one.state === state && one.enter === 'anybody');
  if (delay > 0) {
    told.push(
      message('powering.narrative.delayed', { seconds: delay }),
      message('powering.narrative.delayedLost'),
      alarm
        ? message('powering.narrative.delayedAlarm')
        : message('powering.narrative.delayedStays', { seconds: delay }),
    );
    return;
  }
  if (!byMagnet) told.push(message('powering.narrative.leave'));
  told.push(
    message(
      battery
        ? 'powering.narrative.lostBattery'
        : free('power-lost')
          ? 'powering.narrative.lostSafe'
          : 'powering.narrative.lostSecure',
    ),
  );
  if (command) told.push(message('powering.narrative.command'));
  told.push(
    message(free('alarm') ? 'powering.narrative.alarmReleases' : 'powering.narrative.alarmStays'),
  );
}
