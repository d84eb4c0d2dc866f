import {
  length,
  said,
  Settling,
  term,
  type LeafBolts,
  type LockKind,
  type OpeningFacts,
  type Room,
  type StageOutcome,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { measured, type MeasuredLeaf, type Sizes } from '../sizing/index.js';
import { fitExit, type ExitFit } from './exitDevice.js';
import { findCylinder, findExit, findFit, findHeight, findStrike } from './findings.js';
import { fitLock, type LockFit } from './fit.js';
import { decideFunction } from './functions.js';
import { heightRow, lockHeightOf } from './heights.js';
import { securingItems } from './items.js';
import { isExit, LOCK_FORMS } from './lockForms.js';
import type { LockSpec } from '../catalogue/index.js';
import { caseDepth, kindFor, type LockPlace } from './lockType.js';
import { againstBolts, hasSecondLeaf, secondLeaf } from './pair.js';
import { solidWidth } from './stile.js';
import { fitStrike, strikeReuse, type StrikeFit, type StrikeReuse } from './strike.js';
import { throughLengths, type ThroughLengths } from './thickness.js';
import { useOf } from './uses.js';

/** What the stage reads beside facts and practice. */
export interface SecuringBasis {
  sizes: Sizes;
  /** Whether the outside is the pull face; undefined while the hand is open. */
  outsidePull: boolean | undefined;
  /** Whether the lock edge is bevelled. */
  bevelled: boolean;
  rooms: { outside?: Room | undefined; inside?: Room | undefined };
  /** Clear width of the active leaf of a pair alone, and what is wanted. */
  clearActive: number | undefined;
  clearWanted: number | undefined;
  specs: ReadonlyMap<string, LockSpec>;
}

/** What later stages, drawings and sheets read of the lock. */
export interface Securing extends StageOutcome {
  kind: LockKind | undefined;
  spec: LockSpec | undefined;
  /** Of the lock, in ticks; height above the finished floor. Undefined while open or without a lock. */
  backset: number | undefined;
  height: number | undefined;
  /** Of a bored dead bolt above it. */
  secondHeight: number | undefined;
  leaf: MeasuredLeaf | undefined;
  fit: LockFit | undefined;
  strike: StrikeFit | undefined;
  reuse: StrikeReuse | undefined;
  lengths: ThroughLengths;
  exit: ExitFit | undefined;
  bolts: LeafBolts | undefined;
  coordinator: boolean;
  /** Whether the outside is the pull face; taken so while the hand is open. */
  outsidePull: boolean;
}

/** The stage while it is decided; every field is there from the start, so that all have one shape. */
class Deciding extends Settling implements Securing {
  kind: Securing['kind'] = undefined;
  spec: Securing['spec'] = undefined;
  backset: Securing['backset'] = undefined;
  height: Securing['height'] = undefined;
  secondHeight: Securing['secondHeight'] = undefined;
  leaf: Securing['leaf'] = undefined;
  fit: Securing['fit'] = undefined;
  strike: Securing['strike'] = undefined;
  reuse: Securing['reuse'] = undefined;
  lengths: ThroughLengths = {};
  exit: Securing['exit'] = undefined;
  bolts: Securing['bolts'] = undefined;
  coordinator = false;
  outsidePull = true;
}

/**
 * Decides the lock of an opening: kind, function, backset, height, cylinder, strike, the second leaf
 * of a pair, exit devices; each with its reasons and what speaks against the others. While nothing is
 * known of what the door is for, only that is asked.
 */
export function decideSecuring(
  facts: OpeningFacts,
  practice: Practice,
  basis: SecuringBasis,
): Securing {
  const result = new Deciding(facts, 'securing');
  const settling: Settling = result;
  result.outsidePull = basis.outsidePull ?? true;
  const recorded = settling.fact('lockKind');
  const use = useOf(facts, practice, basis.rooms);
  if (recorded === 'none') {
    result.kind = 'none';
    if ((settling.fact('rating') ?? 0) > 0)
      settling.find('stop', 'securing.noLatch', {}, 'NFPA 80', ['lockKind', 'rating']);
  }
  if (recorded === undefined && use === undefined) {
    settling.open('kind', said('ask.secured'), ['secured', 'lockUse', 'lockKind']);
    return result;
  }
  const leaf = lockLeaf(facts, practice, basis.sizes);
  const place: LockPlace = {
    facts,
    practice,
    thickness: leaf && leaf.thickness - Math.min(settling.fact('faceFiller') ?? 0, leaf.thickness),
    stile: undefined,
    use: use?.use ?? 'passage',
  };
  if (leaf) {
    const kind = recorded ?? 'none';
    const { height } = lockHeightOf(facts, practice, kind);
    place.stile = solidWidth(facts, practice, leaf, height - leaf.bottom)?.width;
  }
  const kind = decideKind(settling, place, recorded, use !== undefined);
  result.kind = kind;
  decideSecond(settling, result, basis, kind);
  if (kind !== 'none') {
    if (use) result.spec = decideFunction(settling, kind, use, basis.specs);
    else settling.open('function', said('ask.secured'), ['secured', 'lockUse']);
    decidePlace(settling, result, practice, basis, leaf, kind);
  } else if (settling.fact('secured') === true && facts.leafConstruction === 'glass') {
    settling.find('check', 'securing.glass', {}, 'trade practice', ['securing.kind']);
  }
  if (!facts.written?.some((line) => line.stage === 'securing'))
    result.items.push(
      ...securingItems({
        facts,
        kind,
        spec: result.spec,
        lengths: result.lengths,
        leafHeight: leaf?.height,
        bolts: result.bolts,
        coordinator: result.coordinator,
        secondBolt: result.secondHeight !== undefined,
      }),
    );
  return result;
}

/** The leaf a lock is in: the active one of a pair, of a stable door's the one at its height. */
export function lockLeaf(
  facts: OpeningFacts,
  practice: Practice,
  sizes: Sizes,
): MeasuredLeaf | undefined {
  if (facts.kind !== 'stable') return measured(sizes.leaves[0]!);
  const leaves = sizes.leaves.map(measured);
  const { height } = lockHeightOf(facts, practice, 'sash');
  return (
    leaves.find((leaf) => leaf && height >= leaf.bottom && height <= leaf.bottom + leaf.height) ??
    leaves[leaves.length - 1]
  );
}

function decideKind(
  settling: Settling,
  place: LockPlace,
  recorded: LockKind | undefined,
  known: boolean,
): LockKind {
  const name = (kind: LockKind) => term(`lockKind.${kind}`);
  if (recorded !== undefined || !known) {
    const kind = recorded ?? 'none';
    settling.fix('kind', name(kind), {
      basis: settling.basisOf('lockKind'),
      facts: ['lockKind'],
    });
    return kind;
  }
  const { kind, why, alternatives } = kindFor(place);
  return settling.choose<LockKind>('kind', kind, name, {
    reasons: [why],
    alternatives,
    facts: ['lockKind', 'lockUse', 'leafThickness', 'stileWidth'],
  });
}

/** The second leaf of a pair: what holds it, and whether a coordinator is needed. */
function decideSecond(
  settling: Settling,
  result: Securing,
  basis: SecuringBasis,
  kind: LockKind,
): void {
  const { facts } = settling;
  // Leaves that nothing locks or latches need no bolts, unless somebody recorded some.
  if (!hasSecondLeaf(facts, kind) || (kind === 'none' && facts.bolts === undefined)) return;
  const needed =
    basis.clearWanted !== undefined &&
    basis.clearActive !== undefined &&
    basis.clearActive < basis.clearWanted;
  const second = secondLeaf(facts, needed);
  const bolts = settling.choose<LeafBolts>(
    'bolts',
    second.bolts,
    (value) => term(`bolts.${value}`),
    {
      reasons: [second.why],
      alternatives: second.alternatives,
      facts: ['bolts', 'rating', 'wayOut', 'clearWanted'],
    },
  );
  const coordinator = bolts === second.bolts ? second : secondLeaf({ ...facts, bolts }, needed);
  result.bolts = bolts;
  result.coordinator =
    settling.choose<string>(
      'coordinator',
      coordinator.coordinator ? 'yes' : 'none',
      (value) => term(`coordinator.${value}`),
      {
        reasons: [coordinator.coordinatorWhy],
        alternatives: [
          { value: 'yes' },
          coordinator.coordinator
            ? { value: 'none', against: coordinator.coordinatorWhy }
            : { value: 'none' },
        ],
        facts: ['meetingEdge', 'closer', 'bolts'],
      },
    ) === 'yes';
  if (coordinator.coordinator && !result.coordinator)
    settling.find('stop', 'securing.noCoordinator', {}, 'trade practice', ['securing.coordinator']);
  const against = againstBolts(bolts, facts, needed);
  if (against && facts.meetingEdge !== 'mullion')
    settling.find(
      bolts === 'none' ? 'check' : 'stop',
      against.code,
      against.params,
      'NFPA 80; IBC 1010',
      ['securing.bolts'],
    );
}

function decidePlace(
  settling: Settling,
  result: Securing,
  practice: Practice,
  basis: SecuringBasis,
  leaf: MeasuredLeaf | undefined,
  kind: LockKind,
): void {
  const { facts } = settling;
  const form = LOCK_FORMS[kind];
  const place = lockHeightOf(facts, practice, kind, leaf);
  const height = place.height;
  settling.fix('height', length(height), {
    basis:
      place.from === 'recorded'
        ? settling.basisOf('lockHeight')
        : place.from === 'strike'
          ? 'measured'
          : 'derived',
    reasons:
      place.from === 'practice'
        ? [said('securing.height.practice', { item: { term: `heightItem.${form.height}` } })]
        : place.from === 'strike'
          ? [said('securing.height.strike')]
          : place.from === 'leaf'
            ? [said('securing.height.leaf')]
            : [],
    facts: ['lockHeight', 'strikeAt'],
  });
  result.height = height;
  findHeight(settling, practice, height, heightRow(kind, practice));
  const second = settling.fact('deadBolt') === true && form.sits === 'bore' && kind !== 'deadbolt';
  if (second) {
    const above = practice.values.heights.value.deadbolt.usual;
    result.secondHeight = above > height ? above : undefined;
    settling.fix('secondHeight', length(above), {
      reasons: [said('securing.height.second')],
      facts: ['deadBolt'],
    });
    settling.find(
      facts.wayOut === true ? 'stop' : 'check',
      facts.wayOut === true ? 'securing.secondLockOut' : 'securing.secondLock',
      {},
      'trade practice',
      ['deadBolt', 'securing.secondHeight'],
    );
  }
  const backset = decideBackset(settling, practice, leaf, kind, height);
  result.backset = backset;
  if (!leaf) return;
  result.leaf = leaf;
  const fit = fitLock(
    facts,
    practice,
    basis.sizes,
    leaf,
    kind,
    backset,
    height - leaf.bottom,
    basis.bevelled,
  );
  result.fit = fit;
  findFit(settling, practice, fit);
  result.lengths = throughLengths(kind, leaf.thickness, fit.z, result.outsidePull, practice);
  decideCylinder(settling, practice, result.lengths, result.spec);
  const { spec } = result;
  const strike = fitStrike(facts, practice, basis.sizes, kind, leaf.thickness, fit.z, {
    latch: spec ? spec.latch !== 'none' : form.throws !== 'sliding',
    bolt: spec ? spec.bolt : form.throws === 'sliding',
  });
  result.strike = strike;
  settling.fix('strike', term(`strike.${strike.form}`), {
    reasons: [
      said(`securing.strike.${strike.on}`, {
        flat: { ticks: strike.toFlat },
        play: { ticks: strike.play },
        lip: { ticks: strike.lip ?? 0 },
      }),
    ],
    facts: ['stopSeal', 'rabbetDepth', 'trimProjection'],
  });
  const engaged = strike.latchThrow > 0 ? strike.latchIn : strike.boltIn;
  settling.fix('engagement', length(engaged, 'down'), {
    reasons: [
      said('securing.engagement', {
        throw: { ticks: strike.latchThrow > 0 ? strike.latchThrow : strike.boltThrow },
        gap: { ticks: strike.gap },
      }),
    ],
    facts: ['lockGap', 'meetingGap', 'latchThrow', 'boltThrow'],
  });
  findStrike(settling, practice, strike, result.spec);
  const reuse = strikeReuse(facts, practice, strike, height - strike.below);
  result.reuse = reuse;
  if (reuse)
    settling.fix('oldStrike', term(`oldStrike.${reuse.verdict}`), {
      basis: 'derived',
      reasons: [
        said(reuse.high === 0 ? 'securing.oldStrike.level' : 'securing.oldStrike.off', {
          off: { ticks: Math.abs(reuse.high ?? 0) },
          way: { term: (reuse.high ?? 0) > 0 ? 'way.down' : 'way.up' },
        }),
      ],
      facts: ['strikeAt', 'strikeDepth', 'strikeCutHeight', 'strikeCutWidth'],
    });
  if (isExit(kind)) {
    const exit = fitExit(facts, practice, leaf, kind, fit.y);
    result.exit = exit;
    if (exit.made !== undefined)
      settling.fix('bar', length(exit.bar, 'down'), {
        reasons: [said('securing.bar', { made: { ticks: exit.made }, cut: { ticks: exit.cut } })],
      });
    findExit(settling, practice, exit, fit);
  }
}

/** The backset: as recorded, else the practice's own, else the largest made that the stile takes. */
function decideBackset(
  settling: Settling,
  practice: Practice,
  leaf: MeasuredLeaf | undefined,
  kind: LockKind,
  height: number,
): number {
  const { values } = practice;
  const { facts } = settling;
  const recorded = settling.fact('backset');
  if (recorded !== undefined) {
    settling.fix('backset', length(recorded), {
      basis: settling.basisOf('backset'),
      facts: ['backset'],
    });
    return recorded;
  }
  const narrow = kind === 'narrow-stile';
  const made = [...(narrow ? values.narrowBacksets : values.backsets).value].sort((a, b) => a - b);
  const usual = narrow ? made[Math.min(2, made.length - 1)]! : values.backset.value;
  const limit = leaf && solidWidth(facts, practice, leaf, height - leaf.bottom);
  let taken = usual;
  if (limit) {
    const margin = narrow ? 0 : values.caseMargin.value;
    const fits = (backset: number) => {
      const depth = caseDepth(kind, backset, practice);
      const trim = narrow
        ? 0
        : backset + values.bodies.value.rose.across / 2 + values.trimMargin.value;
      return Math.max(trim, depth === undefined ? 0 : depth + margin) <= limit.width;
    };
    if (!fits(usual)) taken = made.filter((one) => one < usual && fits(one)).pop() ?? usual;
  }
  settling.fix('backset', length(taken), {
    reasons: [
      taken === usual
        ? said('securing.backset.practice')
        : said('securing.backset.narrower', {
            usual: { ticks: usual },
            solid: { ticks: limit!.width },
          }),
    ],
    facts: ['backset', 'stileWidth'],
  });
  return taken;
}

/** Cylinder halves, or the mortise cylinder, where the function has a key. */
function decideCylinder(
  settling: Settling,
  practice: Practice,
  lengths: ThroughLengths,
  spec: LockSpec | undefined,
): void {
  if (!spec || (spec.outsideKey.length === 0 && spec.insideKey.length === 0)) return;
  if (lengths.profile) {
    const { outer, inner } = lengths.profile;
    settling.fix(
      'cylinder',
      { type: 'size', width: outer.length, height: inner.length },
      {
        reasons: [
          said('securing.cylinder.profile', {
            proud: { ticks: Math.max(0, outer.proud) },
          }),
        ],
        facts: ['leafThickness'],
      },
    );
    findCylinder(settling, practice, lengths);
  } else if (lengths.mortise) {
    settling.fix('cylinder', length(lengths.mortise.length), {
      reasons: [
        lengths.mortise.ring === 0
          ? said('securing.cylinder.even')
          : said('securing.cylinder.mortise', { ring: { ticks: lengths.mortise.ring } }),
      ],
      facts: ['leafThickness'],
    });
  }
}
