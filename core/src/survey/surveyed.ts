import type { Provenance, OpeningFacts } from '../model/index.js';
import type { Survey } from './current.js';

type Filled = Partial<
  Pick<
    OpeningFacts,
    | 'frameWidth'
    | 'frameHeight'
    | 'leafThickness'
    | 'floorRise'
    | 'floorFinish'
    | 'wallThickness'
    | 'strikeAt'
    | 'strikeCutHeight'
    | 'backset'
    | 'lockHeight'
    | 'lockFromTop'
    | 'closer'
    | 'work'
  >
>;

/** The closer that stays or goes over to the new leaf, by where it was found; none there says nothing of what is wanted. */
const CLOSERS: Readonly<Record<string, OpeningFacts['closer']>> = {
  'pull side': 'surface-pull',
  'push side': 'surface-push',
  'in the floor': 'floor',
  concealed: 'concealed-overhead',
};

/** The readings that a fact is filled in from. */
const OF_READINGS: Readonly<Record<keyof Filled, readonly string[]>> = {
  frameWidth: ['widthTop', 'widthMiddle', 'widthBottom'],
  frameHeight: ['heightHinge', 'heightLock'],
  leafThickness: ['leafThickness'],
  floorRise: ['floorRise'],
  floorFinish: ['coveringNow', 'coveringLater'],
  wallThickness: ['wallThickness'],
  strikeAt: ['strikeHeight'],
  strikeCutHeight: ['strikeLength'],
  backset: ['backset'],
  lockHeight: ['lockHeight'],
  lockFromTop: ['lockFromTop'],
  closer: ['closerPlace'],
  work: [],
};

const told = (survey: Survey, reading: string) => survey.held.get(reading)?.how === 'told';

const least = (...values: (number | undefined)[]): number | undefined => {
  const known = values.filter((value) => value !== undefined);
  return known.length > 0 ? Math.min(...known) : undefined;
};

/**
 * Facts with what a survey measured filled in where nobody recorded a figure: the frame opening is the
 * smallest of its widths and heights, a floor finish to come is the covering later less the covering
 * now. A lock keeps its backset, and its place where no strike says it. What was recorded by hand stands. An opening with readings is existing work.
 */
export function surveyed(facts: OpeningFacts, survey: Survey): OpeningFacts {
  if (survey.empty) return facts;
  const later = survey.number('coveringLater');
  const rise =
    later === undefined ? undefined : Math.max(0, later - (survey.number('coveringNow') ?? 0));
  const strike = survey.number('strikeHeight');
  // The frame's strike stays where it is: the lock is brought to it. Without one it stays where it was.
  const lock = (name: string) => (strike === undefined ? survey.number(name) : undefined);
  const above = lock('lockHeight');
  // A leaf that is copied has its gaps from the old one: what was read of the frame is the second opinion.
  const frame = (...names: string[]) =>
    facts.copyLeaf === true ? undefined : least(...names.map((name) => survey.number(name)));
  const measured: Filled = {
    frameWidth: frame('widthTop', 'widthMiddle', 'widthBottom'),
    frameHeight: frame('heightHinge', 'heightLock'),
    leafThickness: survey.number('leafThickness'),
    floorRise: survey.number('floorRise'),
    floorFinish: rise,
    wallThickness: survey.number('wallThickness'),
    // Measured above today's floor; told above the finished one.
    strikeAt: strike === undefined ? undefined : Math.max(0, strike - (rise ?? 0)),
    strikeCutHeight: survey.number('strikeLength'),
    backset: survey.number('backset'),
    lockHeight: above === undefined ? undefined : Math.max(0, above - (rise ?? 0)),
    lockFromTop: lock('lockFromTop'),
    closer: CLOSERS[survey.text('closerPlace') ?? ''],
  };
  const filled: OpeningFacts = { ...facts, work: facts.work ?? 'replacement' };
  const how: Partial<Record<string, Provenance>> = { ...facts.provenance };
  for (const [name, value] of Object.entries(measured)) {
    const fact = name as keyof Filled;
    if (value === undefined || facts[fact] !== undefined) continue;
    (filled as unknown as Record<string, unknown>)[fact] = value;
    // What was told and not measured is given, as any fact is.
    if (!OF_READINGS[fact].some((reading) => told(survey, reading))) how[fact] = 'measured';
  }
  return { ...filled, provenance: how };
}
