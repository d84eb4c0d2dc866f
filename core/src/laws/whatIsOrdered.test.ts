import { LOCK_SPECS } from '../catalogue/index.js';
import { decideOpening, type DecidedOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICE_IDS, type PracticeId } from '../practice/index.js';
import { projectBasis } from '../project/index.js';
import { madeOpening, numbersFrom } from '../testing/madeOpening.js';

const COUNT = 2_500;
const BASES = Object.fromEntries(PRACTICE_IDS.map((id) => [id, projectBasis(id)]));
const basisOf = (practice: PracticeId) => BASES[practice]!;

type Numbers = ReturnType<typeof numbersFrom>;

/** What a schedule says of edges, glass, plates and wires, likely or not. */
function withEdges(facts: OpeningFacts, { below, one, chance }: Numbers): OpeningFacts {
  const some = <T>(share: number, value: () => T) => (chance(share) ? value() : undefined);
  return {
    ...facts,
    lockGap: some(0.2, () => mm(2 + below(6))),
    headGap: some(0.2, () => mm(2 + below(6))),
    undercut: some(0.3, () => mm(4 + below(24))),
    leafHole: some(0.2, () => one(['none', 'viewer', 'letter-plate', 'vent'] as const)),
    glassWidth: some(0.3, () => inches(below(24))),
    glassHeight: some(0.3, () => inches(below(24))),
    frameRating: some(0.3, () => one([0, 20, 30, 60, 90])),
    kickPlate: some(0.3, () => inches(below(40))),
    besideLock: some(0.3, () => mm(200 + below(500))),
    wireToLeaf: some(0.6, () => chance(0.4)),
    fingerGuard: some(0.2, () => chance(0.5)),
  };
}

const SLIDES = /^(?:sliding|pocket|bi-fold|bypass|folding)/;

/** What a person with the schedule in hand would write beside an opening, by the code of the finding. */
function faultsIn(decided: DecidedOpening): Set<string> {
  const { facts, practice, decisions, items, results } = decided;
  const { values } = practice;
  const recorded = Object.fromEntries(
    Object.entries(facts).filter(([, value]) => value !== undefined),
  );
  const told: Partial<OpeningFacts> = { ...results.opening.assumed, ...recorded };
  const number = (value: unknown) => (typeof value === 'number' ? value : 0);
  const length = (key: string) => {
    const value = decisions.find((one) => one.key === key)?.value;
    return value?.type === 'length' ? value.ticks : undefined;
  };
  const faults = new Set<string>();
  const rating = number(facts.rating);
  const has = (...terms: string[]) => items.some(({ term }) => terms.includes(term ?? ''));
  const slides = SLIDES.test(facts.kind);
  if (rating > 0) {
    const timber = told.leafConstruction
      ? String(told.leafConstruction).startsWith('timber')
      : told.frameMaterial === 'timber';
    const most = timber ? values.ratedGapLimitTimber.value : values.ratedGapLimitSteel.value;
    const { hingeGap, lockGap, headGap, meetingGap } = results.sizing;
    if ([hingeGap, lockGap, headGap, meetingGap].some((gap) => number(gap) > most))
      faults.add('sizing.ratedGap');
    if (number(length('sizing.undercut')) > values.ratedUndercutLimit.value)
      faults.add('sizing.ratedUndercut');
  }
  if (rating > 0) {
    if (['viewer', 'letter-plate', 'vent', 'flap'].includes(String(facts.leafHole)))
      faults.add('checking.holeRated');
    const area = number(told.glassWidth) * number(told.glassHeight);
    if (rating >= values.ratedGlassFrom.value && area > values.ratedGlassSide.value ** 2)
      faults.add('checking.glassRated');
    if (facts.frameRating !== undefined && number(facts.frameRating) < rating)
      faults.add('law.frameRated');
    if (told.leafConstruction === 'timber-hollow') faults.add('law.leafNeverRated');
    const plates = items.filter(({ term }) => /kickPlate|armorPlate/.test(term ?? ''));
    if (plates.some(({ height }) => number(height) > values.plateUnlabelled.value))
      faults.add('protecting.label');
  }
  const pulled = !slides && !facts.kind.startsWith('double-acting') && facts.operator !== true;
  if (
    pulled &&
    told.accessible === true &&
    facts.besideLock !== undefined &&
    number(facts.besideLock) < values.besideLock.value
  )
    faults.add('law.approach');
  const child = [facts.from, facts.to].includes('Nursery');
  if (child && !slides && !has('item.fingerGuard')) faults.add('law.fingers');
  const lock = decisions.find(({ key }) => key === 'securing.function')?.value;
  const spec =
    lock?.type === 'term' ? LOCK_SPECS.find(({ id }) => `lock.${id}` === lock.term) : undefined;
  const wired = spec && spec.power !== 'none' && !spec.battery && spec.id !== 'electric-strike';
  const replaced = Boolean(facts.manualItems ?? facts.omitted);
  if (wired && !replaced) {
    const hinge = results.hanging.wireHinge !== undefined;
    if (facts.wireToLeaf === false) faults.add('checking.noWire');
    else if (!hinge && !has('item.power.transfer', 'item.power.hinge', 'item.power.loop'))
      faults.add('law.unwired');
  }
  return faults;
}

const CODES = [
  'sizing.ratedGap',
  'sizing.ratedUndercut',
  'checking.holeRated',
  'checking.glassRated',
  'law.frameRated',
  'law.leafNeverRated',
  'protecting.label',
  'law.approach',
  'law.fingers',
  'checking.noWire',
  'law.unwired',
];

describe('what is ordered, read with the schedule in hand', () => {
  it(`${COUNT} made openings: no fault without its finding, no finding without its fault`, () => {
    const numbers = numbersFrom(20_261_202);
    const seen = new Map<string, number>();
    const wrong: unknown[] = [];
    for (let at = 0; at < COUNT; at++) {
      const made = madeOpening(numbers, basisOf);
      const facts = withEdges(made.facts, numbers);
      const { practice } = made;
      const decided = decideOpening(facts, basisOf(practice));
      const faults = faultsIn(decided);
      const found = new Set(decided.findings.map(({ code }) => code as string));
      for (const code of CODES) {
        if (faults.has(code)) seen.set(code, (seen.get(code) ?? 0) + 1);
        if (faults.has(code) !== found.has(code))
          wrong.push(
            `${code} ${faults.has(code) ? 'missed' : 'untrue'}: ${practice} ${JSON.stringify(facts)}`,
          );
      }
    }
    expect(wrong.slice(0, 3)).toEqual([]);
    const rare = CODES.filter((code) => code !== 'law.unwired' && (seen.get(code) ?? 0) < 10);
    expect(rare).toEqual([]);
  });
});
