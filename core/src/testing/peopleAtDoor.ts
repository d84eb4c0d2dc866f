import type { LockSpec } from '../catalogue/index.js';
import type { DecidedOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';

/**
 * People at a door, as somebody would walk through it in thought: written for the tests, with nothing of the
 * checker, the machines or the rules in it. Every way a lock may have been left is tried by hand.
 */

/** How a lock may have been left by whoever came by before. */
interface Left {
  bolt: boolean;
  outsideBlocked: boolean;
  insideBlocked: boolean;
}

const works = (spec: LockSpec, what: 'bolt' | 'outside' | 'inside') =>
  [spec.outsideKey, spec.insideKey, spec.insideTurn, spec.outsideTurn].some((list) =>
    list.includes(what),
  );

/** Every way it may have been left. */
function waysLeft(spec: LockSpec): Left[] {
  const yesNo = (may: boolean) => (may ? [false, true] : [false]);
  const bolts = yesNo(spec.bolt && (works(spec, 'bolt') || spec.boltsOnClosing));
  const outside = yesNo(
    spec.startsBlocked || works(spec, 'outside') || spec.insideButton || spec.edgeStops,
  );
  const inside = yesNo(works(spec, 'inside'));
  return bolts.flatMap((bolt) =>
    outside.flatMap((outsideBlocked) =>
      inside.map((insideBlocked) => ({ bolt, outsideBlocked, insideBlocked })),
    ),
  );
}

/** Whether somebody at a face comes through with bare hands, as it was left; without power where `dark`. */
function comesThrough(
  spec: LockSpec,
  left: Left,
  face: 'inside' | 'outside',
  dark: boolean,
): boolean {
  const inside = face === 'inside';
  const turn = inside ? spec.insideTurn : spec.outsideTurn;
  const handle = inside ? spec.insideHandle : spec.outsideHandle;
  let blocked = inside ? left.insideBlocked : left.outsideBlocked;
  if (turn.includes(inside ? 'inside' : 'outside')) blocked = false;
  // Without power the handle outside falls to its side, whatever blocked it.
  if (!inside && dark && spec.power !== 'none') blocked = spec.power === 'fail-secure';
  const grips = handle === 'moves' && !blocked;
  const boltBack = !left.bolt || turn.includes('bolt') || (inside && grips && spec.handleDrawsBolt);
  if (!boltBack) return false;
  const latched = spec.latch === 'spring' || spec.latch === 'dead-latching';
  return !latched || grips || turn.includes('latch');
}

/** Whether somebody at a face is shut in, in some way it may have been left. */
export function isShutIn(spec: LockSpec, face: 'inside' | 'outside', dark = false): boolean {
  return waysLeft(spec).some((left) => !comesThrough(spec, left, face, dark));
}

/** On which face people push: worked out from the recorded hand alone. */
function pushFace({ facts, results }: DecidedOpening): 'from' | 'to' | undefined {
  const { outside, hand } = results.handing;
  if (!hand || facts.kind === 'double-egress') return undefined;
  // Seen from outside it swings out towards me: I pull, and whoever is inside pushes.
  const inside = outside === 'from' ? 'to' : 'from';
  return hand.swing === 'out' ? inside : outside;
}

const IN_THE_OPEN = /street|yard|roof|balcony/i;

/** Where the people come from by what a person recorded, and by nothing else. */
function comingFrom({ facts, results }: DecidedOpening): ('from' | 'to')[] {
  if (facts.egress === false) return [];
  if (facts.escape === 'to') return ['from'];
  if (facts.escape === 'from') return ['to'];
  if (facts.escape === 'both') return ['from', 'to'];
  // A way out that stands to the open is left from the room behind it.
  if (facts.egress !== true || facts.exterior !== true || facts.kind === 'double-egress') return [];
  const { outside } = results.handing;
  const inside = outside === 'from' ? 'to' : 'from';
  return IN_THE_OPEN.test(facts[inside] ?? '') ? [outside] : [inside];
}

/** A danger that the model sees, by the name it is compared by. */
type Danger =
  | 'shut in'
  | 'swings against'
  | 'too narrow'
  | 'no latch'
  | 'stands open'
  | 'never rated'
  | 'no smoke seal';

const number = (value: unknown): number | undefined =>
  typeof value === 'number' ? value : undefined;

/** So many people at once want a leaf that opens with them: by the practice’s figure, written out. */
const MANY = { us: 50, british: 61, continental: 61, australasian: 61 } as const;

/** Clear width for people, in the units of the code, written out. */
function wideEnough(people: number, { practice }: DecidedOpening): number {
  if (practice.region === 'us') return inches(Math.max(32, Math.ceil(people * 0.2 - 1e-9)));
  if (practice.region === 'continental') {
    if (people > 400) return mm(Math.ceil(people * 6 - 1e-9));
    return mm(
      people <= 5
        ? 800
        : people <= 50
          ? 900
          : people <= 100
            ? 1000
            : people <= 200
              ? 1050
              : people <= 300
                ? 1650
                : 2250,
    );
  }
  if (practice.region === 'australasian') {
    if (people > 200) return mm(Math.ceil(people * 8.75 - 1e-9));
    return mm(people <= 100 ? 750 : 750 + 250 * Math.ceil((people - 100) / 25));
  }
  if (people <= 60) return mm(750);
  if (people <= 110) return mm(850);
  if (people <= 220) return mm(1050);
  return mm(Math.ceil(people * 5 - 1e-9));
}

/** Every danger there is at a door, by what a person recorded and what will stand there. */
export function dangersAt(decided: DecidedOpening): Set<Danger> {
  const { facts, results, practice, decisions } = decided;
  const { securing, closing, sealing } = results;
  const dangers = new Set<Danger>();
  const from = comingFrom(decided);
  const push = pushFace(decided);
  const rating = number(facts.rating) ?? 0;
  const exit = securing.kind !== undefined && /exit|rods/.test(securing.kind);
  const people = number(facts.occupants);
  const { outside } = results.handing;
  const written = facts.manualItems?.map(({ description }) => description).join() ?? '';
  const plain = written === '' && facts.omitted === undefined;
  const magnet = results.powering.release?.magnet ?? 'none';

  for (const side of from) {
    const inside = exit && push ? side === push : side !== outside;
    const eachWay = exit && facts.kind === 'double-egress';
    const face = inside || eachWay ? 'inside' : 'outside';
    // A magnet is let go from inside; from outside only for whoever is let in.
    if (face === 'outside' && magnet !== 'none') dangers.add('shut in');
    if (written !== '' && facts.omitted === undefined) {
      if (face === 'outside' && /storeroom|classroom|night latch/i.test(written))
        dangers.add('shut in');
    } else if (plain && securing.spec) {
      const { spec } = securing;
      const dark = !spec.battery && spec.power !== 'none';
      // A dead bolt above it is turned from inside only.
      const above = securing.secondHeight !== undefined && face === 'outside';
      if (isShutIn(spec, face) || (dark && isShutIn(spec, face, true)) || above)
        dangers.add('shut in');
    }
  }
  if (push && from.length === 1 && from[0] !== push && people !== undefined)
    if (people >= MANY[practice.region] && facts.occupancy !== 'high-hazard')
      dangers.add('swings against');
  const clear = decisions.find(({ key }) => key === 'hanging.clearWidth')?.value;
  if (people !== undefined && people > 0 && facts.egress !== false && clear?.type === 'length')
    if (!facts.provenance?.['occupants'] && clear.ticks < wideEnough(people, decided))
      dangers.add('too narrow');
  const slides = ['sliding', 'pocket', 'bi-fold'].includes(facts.kind);
  if (rating > 0 && !slides && plain && securing.kind !== undefined) {
    const { spec } = securing;
    const rods = /rods/.test(securing.kind);
    const latches = spec && (spec.latch === 'spring' || spec.latch === 'dead-latching');
    const known = securing.kind === 'none' || spec !== undefined;
    const both = facts.kind.startsWith('double-acting');
    if (known && ((!rods && !latches) || both)) dangers.add('no latch');
  }
  if (
    (rating > 0 || facts.smoke === true) &&
    ['arm', 'closer', 'kick-down'].includes(closing.holdOpen)
  )
    dangers.add('stands open');
  if (rating > 0 && facts.leafConstruction === 'timber-hollow') dangers.add('never rated');
  const smoke = facts.smoke ?? results.opening.assumed.smoke;
  if (smoke === true && !['smoke', 'sound'].includes(sealing.perimeter))
    dangers.add('no smoke seal');
  return dangers;
}

/** The rules that tell of each danger. */
const TOLD_BY: Readonly<Record<Danger, readonly string[]>> = {
  'shut in': [
    'law.shutIn',
    'securing.traps',
    'powering.stair',
    'securing.barOnPull',
    'securing.escapeBoth',
    'law.barAsked',
  ],
  'swings against': ['securing.swingsAgainst'],
  'too narrow': ['checking.way.narrow'],
  'no latch': [
    'securing.noLatch',
    'securing.noLatchTested',
    'securing.smokeBarrier',
    'powering.magnetLatch',
  ],
  'stands open': ['closing.heldRated'],
  'never rated': ['law.leafNeverRated'],
  'no smoke seal': ['law.smokeAround'],
};

/** Rules that tell of one danger and nothing else: where one speaks, the model sees it. */
const TELLS_ONLY: Readonly<Record<string, Danger>> = {
  'law.shutIn': 'shut in',
  'securing.swingsAgainst': 'swings against',
  'law.leafNeverRated': 'never rated',
  'law.smokeAround': 'no smoke seal',
  'checking.way.narrow': 'too narrow',
};

export const DANGERS = Object.keys(TOLD_BY) as readonly Danger[];

/** Dangers that nothing tells of, and what tells of a danger that is not there. */
export function compared(decided: DecidedOpening): { missed: string[]; untrue: string[] } {
  const codes = new Set<string>(decided.findings.map(({ code }) => code));
  const dangers = dangersAt(decided);
  return {
    missed: [...dangers].filter((danger) => !TOLD_BY[danger].some((code) => codes.has(code))),
    untrue: Object.entries(TELLS_ONLY).flatMap(([code, danger]) =>
      codes.has(code) && !dangers.has(danger) ? [code] : [],
    ),
  };
}
