/**
 * The closing of a leaf as a machine: inertia, spring, oil through a valve for each zone, seals, latch and
 * air. SI units and radians inside; degrees, newton metres and seconds outside. A model to learn and tune
 * by; the maker’s instructions and what is measured on the leaf decide.
 */

/** What swings and what stands against it. */
export interface ClosingLeaf {
  /** Metres. */
  width: number;
  height: number;
  /** Kilograms. */
  mass: number;
  /** What seals push back with at the lock edge as it closes, newtons. */
  seal: number;
  /** What the latch pushes back with at its strike, newtons. */
  latch: number;
  /** Pressure that holds it open, pascals; negative where it closes it. */
  pressure: number;
}

/** A closer’s spring and valves as they are set. */
export interface CloserSettings {
  /** Closing moments of its size at 0 and at 90°, N·m, as the leaf feels them. */
  closing: number;
  closingOpen: number;
  /** Turns of the spring from the factory setting; each adds a share of its moment. */
  spring: number;
  /** Turns that each valve is open; 0 is shut. */
  sweep: number;
  latch: number;
  backCheck: number;
}

/** Where the zones begin, and how valves and spring answer to turns; typical, makers’ differ. */
export interface CloserMakeup {
  /** Degrees at which sweep gives way to latch, and from which back-check works. */
  latchFrom: number;
  backCheckFrom: number;
  /** Turns of the valves as they leave the factory. */
  factory: number;
  /** Turns out at which the screw begins to leave its body. */
  most: number;
  /** Share of the moment that a turn of the spring adds, and the turns there are. */
  perTurn: number;
  springTurns: number;
  /** Seconds that sweep and latch take at the factory setting on the leaf the size is made for. */
  sweepSeconds: number;
  latchSeconds: number;
}

/** One instant of a run. */
export interface RunPoint {
  /** Seconds. */
  at: number;
  /** Degrees open. */
  degrees: number;
  /** Speed of the lock edge, metres a second, closing positive. */
  edge: number;
}

/** What a run comes to. */
export interface ClosingRun {
  points: readonly RunPoint[];
  /** Seconds from 90 to 12°, or from where it was let go; undefined where it never got there. */
  sweep: number | undefined;
  /** Seconds of the last zone, to the latch. */
  latch: number | undefined;
  /** Whether it came to 0°. */
  latched: boolean;
  /** Where it stood still, degrees. */
  stalledAt: number | undefined;
  /** Speed of the edge as it came to its stop, m/s. */
  slam: number;
  /** Work in joules: of spring and air, taken by the oil, by seals and latch, left as motion at the end. */
  energy: { given: number; oil: number; seals: number; motion: number };
}

const RADIANS = Math.PI / 180;

/** Inertia of a leaf about its hinges, kg·m²: m w² / 3. */
export function leafInertia({ mass, width }: Pick<ClosingLeaf, 'mass' | 'width'>): number {
  return (mass * width ** 2) / 3;
}

/** The spring’s moment at an angle, N·m: that of 0° to a few degrees, then falling to that of 90°. */
export function springMoment(
  { closing, closingOpen, spring }: CloserSettings,
  { perTurn }: Pick<CloserMakeup, 'perTurn'>,
  degrees: number,
): number {
  const wound = 1 + perTurn * spring;
  const share = Math.min(1, Math.max(0, (degrees - SPRING_FLAT) / (SPRING_LOW - SPRING_FLAT)));
  return wound * (closing + (closingOpen - closing) * share);
}

/** EN 1154 gives the moment from 0 to 4° and about 90°: between 4 and 60° it falls evenly. */
const SPRING_FLAT = 4;
const SPRING_LOW = 60;

/** How much faster the leaf goes as a valve is opened: by the power 1.5 of its turns. */
const VALVE_POWER = 1.5;

/**
 * Damping of a zone, N·m·s: as much as lets the closer’s own moment take the factory’s time over the zone
 * at the factory’s opening, more as the valve is shut.
 */
function damping(
  settings: CloserSettings,
  makeup: CloserMakeup,
  zone: 'sweep' | 'latch' | 'backCheck',
): number {
  const { latchFrom, factory, sweepSeconds, latchSeconds } = makeup;
  const turns = settings[zone];
  if (turns <= 0) return Infinity;
  const [moment, radians, seconds] =
    zone === 'latch'
      ? [settings.closing, latchFrom * RADIANS, latchSeconds]
      : [
          (settings.closing + settings.closingOpen * 2) / 3,
          (90 - latchFrom) * RADIANS,
          sweepSeconds,
        ];
  const atFactory = (moment * seconds) / radians;
  const back = zone === 'backCheck' ? BACK_CHECK : 1;
  return back * atFactory * (factory / turns) ** VALVE_POWER;
}

/** Seconds of a step: halved, a run comes to the same (tested). */
const STEP = 0.004;

/** Radians a second below which a leaf stands. */
const AT_REST = 1e-4;

/** Back-check holds an opening leaf so many times harder than the sweep a closing one. */
const BACK_CHECK = 1.5;

/** Over so many degrees a zone gives way to the next. */
const BLEND = 2;

/** Seals push back over the last degrees, the latch over its lip. */
const SEAL_FROM = 1.5;
const LATCH_FROM = 2.5;
const LATCH_TO = 0.6;

/** Friction of hinges and arm, as a share of the moment; without it a shut valve would creep. */
const FRICTION = 0.05;

/** What a leaf does from where it is let go until it latches, stands still, or the time is up. */
export function closingRun(
  leaf: ClosingLeaf,
  settings: CloserSettings,
  makeup: CloserMakeup,
  {
    from = 90,
    step: whole = STEP,
    most = 25,
  }: { from?: number; step?: number; most?: number } = {},
): ClosingRun {
  const inertia = leafInertia(leaf);
  const swept = 1 / damping(settings, makeup, 'sweep');
  const latching = 1 / damping(settings, makeup, 'latch');
  const air = (leaf.pressure * leaf.width ** 2 * leaf.height) / 2;
  const motive = (angle: number) =>
    springMoment(settings, makeup, angle / RADIANS) * (1 - FRICTION) - air;
  /** How freely the oil passes at an angle: 0 where its valve is shut. */
  const passes = (angle: number) => {
    const share = (angle / RADIANS - makeup.latchFrom) / BLEND + 0.5;
    return share >= 1 ? swept : share <= 0 ? latching : share * swept + (1 - share) * latching;
  };
  const against = (angle: number) => resistanceAt(leaf, angle / RADIANS);
  // Closing is a falling angle: speed is how fast it falls.
  const accelerated = (angle: number, speed: number) =>
    (motive(angle) - (speed > 0 ? against(angle) : 0) - speed / passes(angle)) / inertia;
  const energy = { given: 0, oil: 0, seals: 0, motion: 0 };
  const points: RunPoint[] = [{ at: 0, degrees: from, edge: 0 }];
  const keep = Math.max(1, Math.round(0.02 / whole));
  let angle = from * RADIANS;
  let speed = 0;
  let at = 0;
  let twelve: number | undefined;
  let latched = false;
  let stands = false;
  for (let count = 1; at < most; count++) {
    const free = passes(angle);
    // Shut off, or at rest against more than drives it.
    stands = free <= 0 || (speed <= AT_REST && motive(angle) <= against(angle));
    if (stands) break;
    const before = angle;
    const was = speed;
    // Where a valve nearly shut takes over from an open one, a fast leaf is followed in finer steps.
    const blending = Math.abs(angle / RADIANS - makeup.latchFrom) < BLEND;
    const step = blending && (speed * whole) / RADIANS > BLEND / 20 ? whole / 8 : whole;
    const stiffness = 1 / (free * inertia);
    let oiled: number;
    if (stiffness * step > 1) {
      // So stiff that explicit steps would swing: exact for the drive and damping of this step, by which the
      // speed decays to its steady one.
      const drive = motive(angle) - (speed > 0 ? against(angle) : 0);
      const steady = drive * free;
      const off = speed - steady;
      const left = Math.exp(-stiffness * step);
      angle -= steady * step + (off / stiffness) * (1 - left);
      speed = steady + off * left;
      oiled =
        (steady ** 2 * step +
          (2 * steady * off * (1 - left)) / stiffness +
          (off ** 2 * (1 - left ** 2)) / (2 * stiffness)) /
        free;
    } else {
      const [a1, s1] = [-speed, accelerated(angle, speed)];
      const [a2, s2] = rate(angle + (a1 * step) / 2, speed + (s1 * step) / 2);
      const [a3, s3] = rate(angle + (a2 * step) / 2, speed + (s2 * step) / 2);
      const [a4, s4] = rate(angle + a3 * step, speed + s3 * step);
      angle += (step / 6) * (a1 + 2 * a2 + 2 * a3 + a4);
      speed += (step / 6) * (s1 + 2 * s2 + 2 * s3 + s4);
      // By the same weights: where a shut valve takes over within a step, a middle value is far off.
      oiled =
        (step / 6) *
        (oil(before, was) +
          2 * oil(before + (a1 * step) / 2, -a2) +
          2 * oil(before + (a2 * step) / 2, -a3) +
          oil(before + a3 * step, -a4));
    }
    if (speed < 0) {
      angle = before;
      speed = 0;
    }
    at += step;
    const middle = (before + angle) / 2;
    energy.given += motive(middle) * (before - angle);
    energy.seals += against(middle) * (before - angle);
    energy.oil += oiled;
    if (twelve === undefined && angle <= makeup.latchFrom * RADIANS) twelve = at;
    latched = angle <= 0;
    if (latched || count % keep === 0)
      points.push({ at, degrees: Math.max(0, angle / RADIANS), edge: speed * leaf.width });
    if (latched) break;
  }
  energy.motion = (inertia * speed ** 2) / 2;
  return {
    points,
    sweep: twelve,
    latch: latched && twelve !== undefined ? at - twelve : undefined,
    latched,
    stalledAt: stands ? angle / RADIANS : undefined,
    slam: latched ? speed * leaf.width : 0,
    energy,
  };

  function rate(of: number, moving: number): [number, number] {
    return [-moving, accelerated(of, moving)];
  }
  /** Watts that the oil takes at an angle and a speed. */
  function oil(of: number, moving: number): number {
    return moving ** 2 / passes(of);
  }
}

/** What pushes back over the last degrees: seals, and the latch as it rides over its lip; N·m. */
function resistanceAt({ width, seal, latch }: ClosingLeaf, degrees: number): number {
  const sealed = seal * Math.min(1, Math.max(0, (SEAL_FROM - degrees) / SEAL_FROM));
  const lip = degrees < LATCH_FROM && degrees > LATCH_TO ? latch : 0;
  return (sealed + lip) * width;
}

/**
 * How far a leaf that is thrown open runs against back-check: the angle it stops at, degrees.
 *
 * @param edge speed of the lock edge as it passes `from`, m/s
 */
export function openingRun(
  leaf: ClosingLeaf,
  settings: CloserSettings,
  makeup: CloserMakeup,
  { from = 60, edge = 2, step = 0.002 }: { from?: number; edge?: number; step?: number } = {},
): number {
  const inertia = leafInertia(leaf);
  const check = damping(settings, makeup, 'backCheck');
  let angle = from * RADIANS;
  let speed = edge / leaf.width;
  for (let at = 0; at < 5 && speed > 1e-3 && angle < Math.PI; at += step) {
    const degrees = angle / RADIANS;
    const share = Math.min(1, Math.max(0, (degrees - makeup.backCheckFrom) / BLEND));
    const c = (share * Math.min(check, 1e6)) / inertia;
    const back = springMoment(settings, makeup, degrees) / inertia;
    speed = (speed - back * step) / (1 + c * step);
    angle += speed * step;
  }
  return Math.min(180, angle / RADIANS);
}
