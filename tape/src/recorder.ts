/** One reading of the angle sensor on a closing leaf. */
export interface AngleReading {
  /** Counts the readings, so that a listener can see that some are missing. */
  number: number;
  /** Milliseconds since the leaf was let go. */
  ms: number;
  degrees: number;
}

/** How the leaf that the stand-in hangs on closes, and how its sensor misbehaves. */
export interface LeafManners {
  /** Turns that sweep and latch valve are open. */
  sweep: number;
  latch: number;
  /** Degrees that every reading is off by, at most. */
  noise: number;
  /** One reading in this many is lost. 0 for never. */
  loseIn: number;
}

export const USUAL_LEAF: LeafManners = { sweep: 1.5, latch: 3.5, noise: 0.3, loseIn: 9 };

const OPEN = 90;
const LATCH_FROM = 12;
/** Seconds of each zone with its valve as it left the factory, 2 1/2 turns open. */
const FACTORY = { turns: 2.5, sweep: 6.5, latch: 1.7 };
/** Readings a second. */
const RATE = 50;
/** The sensor reads before the leaf moves, and after it stands. */
const STILL = 300;

const seconds = (zone: 'sweep' | 'latch', turns: number) =>
  FACTORY[zone] * (FACTORY.turns / turns) ** 1.5;

/** The angle of the leaf so many seconds after it was let go: slow at first, quicker towards its latch. */
export function leafAngle({ sweep, latch }: LeafManners, at: number): number {
  if (at <= 0) return OPEN;
  const swept = seconds('sweep', sweep);
  if (at < swept) {
    const share = at / swept;
    return OPEN - (OPEN - LATCH_FROM) * (0.55 * share + 0.45 * share ** 2);
  }
  const share = (at - swept) / seconds('latch', latch);
  return share >= 1 ? 0 : LATCH_FROM * (1 - share);
}

/**
 * A stand-in for a closing recorder: an angle sensor on a leaf. Let go, it gives what it would send until
 * the leaf stands, each reading with its noise, some lost on the way.
 */
export class ClosingRecorder {
  private readings = 0;

  constructor(
    private readonly random: () => number,
    private manners: LeafManners = USUAL_LEAF,
  ) {}

  get behaves(): LeafManners {
    return this.manners;
  }

  behave(manners: Partial<LeafManners>): void {
    this.manners = { ...this.manners, ...manners };
  }

  /** All that arrives of one closing, in its order. */
  letGo(): AngleReading[] {
    const { sweep, latch, noise, loseIn } = this.manners;
    const last = (seconds('sweep', sweep) + seconds('latch', latch)) * 1000 + STILL;
    const sent: AngleReading[] = [];
    for (let ms = -STILL; ms <= last; ms += 1000 / RATE) {
      const number = ++this.readings;
      const off = (this.random() * 2 - 1) * noise;
      const lost = loseIn > 0 && this.random() < 1 / loseIn;
      if (lost) continue;
      const degrees = Math.max(0, leafAngle(this.manners, ms / 1000) + off);
      sent.push({ number, ms: ms + STILL, degrees: Math.round(degrees * 100) / 100 });
    }
    return sent;
  }
}
