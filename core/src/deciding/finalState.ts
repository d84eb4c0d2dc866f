import { wholeUp } from '../measure/index.js';
import type { LockSpec } from '../catalogue/index.js';
import type { Crowd, FinalSide, FinalState, SecondLeafHeld, SideName } from '../laws/index.js';
import type { Holding } from '../machines/index.js';
import {
  hasActiveLeaf,
  placeNamed,
  roomNamed,
  valueOrUndefined,
  wayBetween,
  type Decision,
  type FieldName,
  type HangingDevice,
  type Item,
  type OpeningFacts,
  type Place,
  type SetStage,
} from '../model/index.js';
import { hasRods, isExit, LOCK_FORMS, writtenFunction } from '../securing/index.js';
import { measured } from '../sizing/index.js';
import type { DecisionContext } from './context.js';

/** Nothing, shared by all openings that have none. */
const NO_STAGES: ReadonlySet<SetStage> = new Set();
const NOTHING_OPEN: ReadonlyMap<string, readonly FieldName[]> = new Map();

/**
 * Puts together how an opening will stand: what laws are held against. Of roles, reasons and rules nothing goes in.
 *
 * @param at the opening, decided
 * @param items what is ordered for it
 */
export function finalStateOf(at: DecisionContext, items: readonly Item[]): FinalState {
  const { facts, practice, results } = at.input;
  const { recorded } = at;
  const { securing, closing, sealing, hanging, handing, sizing, powering } = results;
  const rods = securing.kind !== undefined && hasRods(securing.kind);
  const [from, to] = sidesOf(at);
  const clear = clearOf(at.record.decisions);
  return {
    facts,
    recorded,
    practice,
    from,
    to,
    outside: handing.outside,
    opensInto: opensInto(at),
    crowd: crowdOf(at),
    clear,
    clearActive: hanging.clearWidthActive ?? clear,
    holding: holdingOf(at),
    release: powering.release,
    lock: securing.spec,
    bar: securing.kind !== undefined && isExit(securing.kind),
    rods,
    letIn: powering.access !== undefined && LETS_IN.has(powering.access),
    second: secondLeafOf(at),
    coordinator: securing.coordinator,
    closes: closing.closes,
    heldOpen:
      closing.holdOpen === 'none' ? 'no' : closing.holdOpen === 'magnet' ? 'released' : 'stays',
    smokeAround: sealedBy(facts, sealing.perimeter === 'smoke' || sealing.perimeter === 'sound'),
    smokeUnder: practice.region === 'us' || sealedBy(facts, sealing.bottom !== 'none'),
    force: closing.force,
    mass: heaviest(hanging.leaves),
    gaps: sizing,
    access: powering.access,
    strike: isPlaced(at) ? hasStrike(at.record.decisions) : undefined,
    wireHinge: hanging.wireHinge !== undefined,
    leaves: sizing.leaves.reduce((sum, { quantity }) => sum + quantity, 0),
    items,
    openFor: openFor(at.record.open),
    prepared: preparedOf(at),
    writtenStages: facts.manualItems
      ? new Set(facts.manualItems.map(({ stage }) => stage))
      : NO_STAGES,
    omittedStages: facts.omitted ? new Set(Object.keys(facts.omitted) as SetStage[]) : NO_STAGES,
    found: at.record.findings,
  };
}

/** Mass of the heaviest of the leaves; undefined while that of one is not known. */
function heaviest(leaves: readonly { readonly mass: number | undefined }[]): number | undefined {
  let most = 0;
  for (const { mass } of leaves) {
    if (mass === undefined) return undefined;
    most = Math.max(most, mass);
  }
  return leaves.length > 0 ? most : undefined;
}

/** Whether what is ordered seals: as decided, not where it is left out; unknown where somebody wrote it. */
function sealedBy({ omitted, manualItems }: OpeningFacts, decided: boolean): boolean | undefined {
  if (omitted?.sealing !== undefined) return false;
  return manualItems?.some(({ stage }) => stage === 'sealing') ? undefined : decided;
}

const LETS_IN: ReadonlySet<unknown> = new Set(['keypad', 'reader', 'intercom']);

/** Whether a person said something, and did not mark it as taken for granted. */
function isRecorded(recorded: OpeningFacts, name: FieldName): boolean {
  return (
    valueOrUndefined(recorded[name]) !== undefined && recorded.provenance?.[name] !== 'assumed'
  );
}

const OTHER: Readonly<Record<SideName, SideName>> = { from: 'to', to: 'from' };
const PASSED = ['passage', 'stair', 'open'] as const;
const isPassed = (place: Place) => PASSED.some((trait) => place.has(trait));

/** Both rooms, and how surely people leave coming from each. */
function sidesOf({ input, recorded }: DecisionContext): [FinalSide, FinalSide] {
  const { facts, project, results } = input;
  const places: Record<SideName, Place> = {
    from: placeNamed(facts.from, roomNamed(facts.from, project)?.use),
    to: placeNamed(facts.to, roomNamed(facts.to, project)?.use),
  };
  const side = (name: SideName, leaves: FinalSide['leaves']): FinalSide => ({
    name: facts[name],
    place: places[name],
    leaves,
  });
  const both = (leaves: (name: SideName) => FinalSide['leaves']): [FinalSide, FinalSide] => [
    side('from', leaves('from')),
    side('to', leaves('to')),
  ];
  if (facts.egress === false) return both(() => undefined);
  // Who leaves “to” comes “from”.
  const comes = (escape: 'from' | 'to' | 'both', name: SideName) =>
    escape === 'both' || escape === OTHER[name];
  const escape = valueOrUndefined(recorded.escape);
  if (escape && isRecorded(recorded, 'escape'))
    return both((name) => (comes(escape, name) ? 'recorded' : undefined));
  const told = recorded.egress === true;
  if (told && recorded.exterior === true && facts.kind !== 'double-egress') {
    const open: SideName = places[OTHER[results.handing.outside]].has('open')
      ? OTHER[results.handing.outside]
      : results.handing.outside;
    return both((name) => (name === open ? undefined : 'recorded'));
  }
  const guessed = results.opening.escape;
  if (guessed) return both((name) => (comes(guessed, name) ? 'guessed' : undefined));
  if (facts.egress === true)
    return both((name) => (places[name].has('open') ? undefined : 'plausible'));
  // Whoever is in a room leaves it by what is passed through.
  const [one, two] = [isPassed(places.from), isPassed(places.to)];
  if (one === two || facts.from === undefined || facts.to === undefined)
    return both(() => undefined);
  return both((name) =>
    isPassed(places[name]) || places[name].has('garage') || places[name].has('pool')
      ? undefined
      : 'guessed',
  );
}

/** The room that a leaf swinging one way opens into. */
function opensInto({ input }: DecisionContext): SideName | undefined {
  const { hand, outside } = input.results.handing;
  if (!hand || input.facts.kind === 'double-egress') return undefined;
  return hand.swing === 'out' ? outside : OTHER[outside];
}

/** How many people count: recorded at the opening, else counted from the rooms. */
function crowdOf({ input, recorded }: DecisionContext): Crowd | undefined {
  const { facts, project } = input;
  const way = wayBetween(facts.from, facts.to, project);
  const said = isRecorded(recorded, 'occupants') ? valueOrUndefined(recorded.occupants) : undefined;
  if (said !== undefined) {
    const ways = way?.escape ? Math.max(1, way.ways) : 1;
    return { people: said, share: wholeUp(said / ways), recorded: true };
  }
  if (!way?.escape) return undefined;
  return { people: way.people, share: way.share, recorded: false };
}

/** Whether its lock has a place on a leaf of known size. */
const isPlaced = ({ input: { results } }: DecisionContext): boolean =>
  results.securing.height !== undefined &&
  results.sizing.leaves[0] !== undefined &&
  measured(results.sizing.leaves[0]) !== undefined;

const hasStrike = (decisions: readonly Decision[]): boolean =>
  decisions.some(({ key }) => key === 'securing.strike');

function clearOf(decisions: readonly Decision[]): number | undefined {
  for (const { key, value } of decisions)
    if (key === 'hanging.clearWidth') return value?.type === 'length' ? value.ticks : undefined;
  return undefined;
}

/** What holds the leaf: its locks by their machines, or those of a written line. */
function holdingOf({ input }: DecisionContext): Holding | undefined {
  const { facts, project, results } = input;
  const { kind, spec, secondHeight } = results.securing;
  const { release } = results.powering;
  if (facts.omitted?.securing !== undefined) return { locks: [], release };
  const lines = facts.manualItems?.filter(({ stage }) => stage === 'securing') ?? [];
  if (lines.length > 0) {
    const written = writtenFunction(
      lines.map(({ description }) => description),
      kind,
      spec,
      project.locks,
    );
    return written && { locks: written, release };
  }
  if (kind === undefined) return undefined;
  if (kind === 'none') return { locks: [], release };
  if (!spec) return undefined;
  const locks: LockSpec[] = [spec];
  const above = secondHeight === undefined ? undefined : project.locks.get('deadbolt-single');
  if (above) locks.push(above);
  return { locks, release };
}

function secondLeafOf({ input }: DecisionContext): SecondLeafHeld | undefined {
  const { facts, results } = input;
  const { kind, bolts, secondSpec } = results.securing;
  if (!hasActiveLeaf(facts.kind)) return undefined;
  if (secondSpec) return 'device';
  if (kind === undefined) return undefined;
  if (bolts === undefined) return kind === 'none' ? 'free' : undefined;
  if (bolts === 'none') return 'free';
  return bolts === 'automatic' || bolts === 'constant' ? 'byItself' : 'byHand';
}

/** Facts that the first open decision of each stage waits for. */
function openFor(open: readonly Decision[]): FinalState['openFor'] {
  if (open.length === 0) return NOTHING_OPEN;
  const waits = new Map<string, readonly FieldName[]>();
  for (const { stage, facts } of open)
    if (!waits.has(stage)) waits.set(stage, facts as readonly FieldName[]);
  return waits;
}

const SITS = {
  pocket: 'pocket',
  bore: 'bore',
  notch: 'notch',
  'inside-face': 'face',
  'push-face': 'face',
  patch: 'patch',
  none: 'none',
} as const;

const HANGS: Readonly<Partial<Record<HangingDevice, string>>> = {
  butt: 'hinges',
  'spring-hinge': 'hinges',
  continuous: 'continuous',
  concealed: 'concealed',
  'adjustable-concealed': 'concealed',
  'spring-concealed': 'concealed',
  'offset-pivot': 'pivots',
  'centre-pivot': 'pivots',
  'sliding-gear': 'track',
  'folding-gear': 'track',
};

const SHUTS: Readonly<Record<string, string>> = {
  floor: 'floor',
  concealed: 'concealed',
  regular: 'surface',
  parallel: 'surface',
  'track-pull': 'surface',
  'track-push': 'surface',
  'top-jamb': 'surface',
};

/** How leaf and frame are prepared, in words that written lines are held against. */
function preparedOf({ input }: DecisionContext): FinalState['prepared'] {
  const { facts, results } = input;
  // Without written lines nothing is held against it.
  if (!facts.manualItems) return NOT_PREPARED;
  const { kind } = results.securing;
  return {
    securing: kind && kind !== 'none' ? SITS[LOCK_FORMS[kind].sits] : undefined,
    hanging: HANGS[results.hanging.device],
    closing: results.closing.device && SHUTS[results.closing.device],
  } as FinalState['prepared'];
}

const NOT_PREPARED: FinalState['prepared'] = {};
