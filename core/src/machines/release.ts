/** What lets go a magnet that holds a leaf shut: a sensor with a button beside it, or a switch in the hardware. */
export type Magnet = 'none' | 'sensor' | 'hardware';

/**
 * How an electric lock is let go beside by its own handle and key: a magnet on the frame, a device that
 * waits before it lets out, a command that lets go all locks of a stair, the fire alarm.
 */
export interface Release {
  readonly magnet: Magnet;
  /** Seconds that a device waits after it was pushed; 0 where it does not wait. */
  readonly delay: number;
  /** Whether one command unlocks it with all others of its stair. */
  readonly command: boolean;
  /** Whether the fire alarm reaches it. */
  readonly alarm: boolean;
}

/** What happens to the opening, or what somebody does at it. */
export type ReleaseEvent =
  'approach' | 'button' | 'handle' | 'wait' | 'card' | 'alarm' | 'command' | 'power-off' | 'blind';

/** How the release stands. */
export interface ReleaseState {
  readonly powered: boolean;
  readonly alarmed: boolean;
  readonly commanded: boolean;
  /** Whether the sensor sees who comes. */
  readonly sensing: boolean;
  /** Whether its current is broken: by sensor, button, hardware or a card. */
  readonly cut: boolean;
  /** A device that waits: not pushed, counting, or done; what has begun does not stop. */
  readonly count: 'none' | 'running' | 'done';
}

/** As it stands from day to day. */
export const RESTING_RELEASE: ReleaseState = {
  powered: true,
  alarmed: false,
  commanded: false,
  sensing: true,
  cut: false,
  count: 'none',
};

/** What an event makes of a state. */
export function releaseStep(
  { magnet, delay }: Release,
  state: ReleaseState,
  event: ReleaseEvent,
): ReleaseState {
  switch (event) {
    case 'approach':
      return magnet === 'sensor' && state.sensing ? { ...state, cut: true } : state;
    case 'button':
      // It breaks the current itself, whatever the sensor or the electronics do.
      return magnet === 'sensor' ? { ...state, cut: true } : state;
    case 'handle':
      if (magnet === 'hardware') return { ...state, cut: true };
      return delay > 0 && state.count === 'none' ? { ...state, count: 'running' } : state;
    case 'wait':
      return state.count === 'running' ? { ...state, count: 'done' } : state;
    case 'card':
      return { ...state, cut: true };
    case 'alarm':
      return { ...state, alarmed: true };
    case 'command':
      return { ...state, commanded: true };
    case 'power-off':
      return { ...state, powered: false };
    case 'blind':
      return { ...state, sensing: false };
  }
}

/** Whether the alarm or the want of power has let everything go. */
export const isLetGo = ({ alarm }: Release, { powered, alarmed }: ReleaseState): boolean =>
  !powered || (alarm && alarmed);

/** Whether its magnet holds the leaf. */
export function isHeld(release: Release, state: ReleaseState): boolean {
  return release.magnet !== 'none' && !state.cut && !isLetGo(release, state);
}

/** Whether a device that waits still keeps people in. */
function isWaiting(release: Release, state: ReleaseState): boolean {
  return release.delay > 0 && state.count !== 'done' && !state.cut && !isLetGo(release, state);
}

/** What somebody inside can do. */
const INSIDE: readonly ReleaseEvent[] = ['approach', 'handle', 'button', 'wait'];

/** A way out of what holds: what is done for it, in order, and how long it takes. */
export interface UnlockDelay {
  readonly by: readonly ReleaseEvent[];
  readonly seconds: number;
}

/** The fewest things somebody inside does until nothing electric holds him; undefined where nothing helps. */
export function unlockDelay(release: Release, from: ReleaseState): UnlockDelay | undefined {
  let front: { state: ReleaseState; by: readonly ReleaseEvent[] }[] = [{ state: from, by: [] }];
  for (let step = 0; step <= INSIDE.length; step++) {
    const free = front.find(({ state }) => !isHeld(release, state) && !isWaiting(release, state));
    if (free) return { by: free.by, seconds: free.by.includes('wait') ? release.delay : 0 };
    front = front.flatMap(({ state, by }) =>
      INSIDE.map((event) => ({ state: releaseStep(release, state, event), by: [...by, event] })),
    );
  }
  return undefined;
}
