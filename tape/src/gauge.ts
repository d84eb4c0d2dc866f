/** One reading of the force gauge: the greatest force of one push. */
export interface ForceReading {
  /** Counts the readings, so that a listener can see that some are missing. */
  number: number;
  newtons: number;
}

/** How the leaf that the stand-in pushes resists, and how its sensor misbehaves. */
export interface PushManners {
  /** Newtons that are really needed. */
  newtons: number;
  /** Newtons that every reading is off by, at most. */
  noise: number;
  /** One reading in this many is lost. 0 for never. */
  loseIn: number;
}

export const USUAL_PUSH: PushManners = { newtons: 28, noise: 0.6, loseIn: 12 };

/** A stand-in for a force gauge held against a leaf: each push gives its greatest force, some lost on the way. */
export class ForceGauge {
  private readings = 0;

  constructor(
    private readonly random: () => number,
    private manners: PushManners = USUAL_PUSH,
  ) {}

  get behaves(): PushManners {
    return this.manners;
  }

  behave(manners: Partial<PushManners>): void {
    this.manners = { ...this.manners, ...manners };
  }

  /** One push: what is sent, and whether it is lost. */
  push(): { sent: ForceReading; lost: boolean } {
    const { newtons, noise, loseIn } = this.manners;
    const off = (this.random() * 2 - 1) * noise;
    const lost = loseIn > 0 && this.random() < 1 / loseIn;
    const read = Math.max(0, Math.round((newtons + off) * 10) / 10);
    return { sent: { number: ++this.readings, newtons: read }, lost };
  }
}
