/** One press of the button, as it leaves the device. */
interface Sent {
  /** Counts the presses, so that a listener can see that one is missing. */
  number: number;
  millimetres: number;
}

/** What came of a press: sent, or lost on the way. */
export type Pressed = { sent: Sent; lost: false } | { sent: Sent; lost: true };

/** How the stand-in misbehaves, as real ones do. */
export interface Manners {
  /** Every reading is off by up to this, in mm. */
  jitter: number;
  /** One press in this many reads an inch wrong: the hook slipped. 0 for never. */
  slipIn: number;
  /** One press in this many is lost on the way. 0 for never. */
  loseIn: number;
}

const USUAL_MANNERS: Manners = { jitter: 0.2, slipIn: 13, loseIn: 9 };

const SLIP = 25.4;
const LONGEST = 8000;

/** Numbers that look random and are the same for the same seed (mulberry32). */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A stand-in for a digital tape: pulled to a length, it sends a reading when its button is pressed. */
export class TapeDevice {
  private pulled = 838;
  private presses = 0;

  constructor(
    private readonly random: () => number,
    private manners: Manners = USUAL_MANNERS,
  ) {}

  get millimetres(): number {
    return this.pulled;
  }

  get behaves(): Manners {
    return this.manners;
  }

  /** Pulls the tape to a length in mm; refuses what no tape reaches. */
  pull(millimetres: number): boolean {
    if (!Number.isFinite(millimetres) || millimetres < 0 || millimetres > LONGEST) return false;
    this.pulled = millimetres;
    return true;
  }

  behave(manners: Partial<Manners>): void {
    this.manners = { ...this.manners, ...manners };
  }

  press(): Pressed {
    const number = ++this.presses;
    const { jitter, slipIn, loseIn } = this.manners;
    const off = (this.random() * 2 - 1) * jitter;
    const slipped = slipIn > 0 && this.random() < 1 / slipIn;
    const lost = loseIn > 0 && this.random() < 1 / loseIn;
    const read = Math.max(0, this.pulled + off + (slipped ? SLIP : 0));
    return { sent: { number, millimetres: Math.round(read * 10) / 10 }, lost };
  }
}
