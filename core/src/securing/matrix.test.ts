import { decideOpening, decisionOf, needsOf } from '../deciding/index.js';
import { SHIPPED_PRODUCTS } from '../catalogue/index.js';
import { inches, mm } from '../measure/index.js';
import { OPENING_KINDS, type OpeningFacts, type OpeningKind } from '../model/index.js';
import { LOCK_USES, PRACTICE_IDS, type LockUse, type PracticeId } from '../practice/index.js';
import { bareBasis, PRACTICES } from '../project/index.js';
import { candidates } from '../stageContract/index.js';
import { DOOR } from '../testing/door.js';
import { LOCK_KINDS, type LockKind } from './facts.js';
import { findLocks } from './finder.js';
import { derivedProperties, wishesFor } from './functions.js';
import { lockKindsFor } from './lockType.js';
import { ROLES } from '../roles/index.js';

/** A complete opening of a kind, in a leaf that the practice's usual locks fit. */
function opening(kind: OpeningKind, id: PracticeId, more: Partial<OpeningFacts>): OpeningFacts {
  const metric = PRACTICES[id].system === 'metric';
  return {
    ...DOOR,
    kind,
    active: 'left',
    slideTo: 'left',
    frameWidth: inches(36) * (kind === 'pair' || kind === 'double-egress' ? 2 : 1),
    ...(metric ? { frameMaterial: 'timber', leafThickness: mm(44) } : {}),
    ...more,
  } as OpeningFacts;
}

/** What is decided of the function, held against what its use asks for. */
function holds(facts: OpeningFacts, id: PracticeId, use: LockUse): string {
  const decided = decideOpening(facts, PRACTICES[id]);
  const codes = decided.findings.map((one) => one.code);
  const { kind, spec } = decided.results.securing;
  if (codes.includes('securing.traps')) return 'traps';
  if (kind === undefined) return 'no kind';
  const decision = decisionOf(decided, 'securing.function');
  if (kind === 'none') return decision ? 'a function of no lock' : 'fits';
  if (decision?.status === 'open')
    return codes.includes('securing.notMet') ? 'told' : 'open without a word';
  if (!spec) return 'no function';
  if (derivedProperties(spec).canTrap || spec.delayed) return 'proposed what traps or delays';
  const oneMotion = PRACTICES[id].values.oneMotion.value === 'always';
  const wishes =
    facts.kind === 'double-egress'
      ? { egress: true, locksItself: true, keyless: true }
      : wishesFor(kind, use, undefined, oneMotion);
  const [match] = findLocks(wishes, [spec], derivedProperties);
  if (match!.breaks.length === 0) return 'fits';
  return codes.includes('securing.notMet') ? 'told' : `breaks ${match!.breaks.join(', ')}`;
}

describe('every use in every practice and kind of opening', () => {
  it.each(PRACTICE_IDS)('%s: what is proposed does what its reason says, or is told', (id) => {
    const wrong: unknown[] = [];
    for (const kind of OPENING_KINDS)
      for (const lockUse of LOCK_USES) {
        const verdict = holds(opening(kind, id, { lockUse }), id, lockUse);
        if (verdict !== 'fits' && verdict !== 'told') wrong.push([kind, lockUse, verdict]);
        // A plain swinging door takes a lock for everything there is.
        if (kind === 'single' && verdict !== 'fits') wrong.push([kind, lockUse, verdict]);
      }
    expect(wrong).toEqual([]);
  });

  it.each(PRACTICE_IDS)('%s: a recorded lock keeps its word or says that it does not', (id) => {
    const wrong: unknown[] = [];
    for (const lockKind of LOCK_KINDS)
      for (const lockUse of LOCK_USES) {
        const verdict = holds(opening('single', id, { lockUse, lockKind }), id, lockUse);
        if (verdict !== 'fits' && verdict !== 'told') wrong.push([lockKind, lockUse, verdict]);
      }
    expect(wrong).toEqual([]);
  });

  it('takes a choice of any function of the kind, and never drops another without a word', () => {
    for (const id of PRACTICE_IDS)
      for (const lockUse of LOCK_USES)
        for (const value of ['institution', 'exit-only', 'sash-turn', 'passage', 'no-such']) {
          const facts = opening('single', id, {
            lockUse,
            choices: { 'securing.function': { value, reason: 'asked for' } },
          });
          const decided = decideOpening(facts, PRACTICES[id]);
          const taken = decisionOf(decided, 'securing.function')?.basis === 'chosen';
          const told = decided.findings.some(({ code }) => code.startsWith('choice.'));
          expect([id, lockUse, value, taken !== told]).toEqual([id, lockUse, value, true]);
        }
  });
});

describe('every role in every practice', () => {
  it.each(PRACTICE_IDS)('%s: gets a lock that there is, for what it is', (id) => {
    const basis = bareBasis(PRACTICES[id]);
    const wrong: unknown[] = [];
    for (const role of ROLES) {
      const facts = opening('single', id, { role });
      const decided = decideOpening(facts, PRACTICES[id]);
      const { kind, spec } = decided.results.securing;
      const use = PRACTICES[id].values.roleUse.value[role];
      if (holds(facts, id, use) !== 'fits') wrong.push([role, holds(facts, id, use)]);
      if (decisionOf(decided, 'opening.role')?.basis !== 'given') wrong.push([role, 'basis']);
      if (kind === 'none' || !spec) continue;
      const need = needsOf(decided, basis).find(({ slot }) => slot === 'securing.product')!;
      const found = candidates(need, SHIPPED_PRODUCTS).some(({ missing }) => missing.length === 0);
      if (!found) wrong.push([role, kind, spec.id, 'no product']);
    }
    expect(wrong).toEqual([]);
  });
});

it('kinds of lock that an opening takes are those its leaves can hold', () => {
  const kinds = (facts: Partial<OpeningFacts>) =>
    lockKindsFor({ ...DOOR, ...facts } as OpeningFacts) as LockKind[];
  expect(kinds({ kind: 'double-egress' })).toEqual(['none', 'rods-surface', 'rods-concealed']);
  expect(kinds({ kind: 'pocket' })).toEqual(['none', 'sliding', 'deadbolt']);
  expect(kinds({ kind: 'sliding' })).toEqual(['none', 'sliding']);
  expect(kinds({ leafConstruction: 'glass' })).toEqual(['none', 'patch']);
  expect(kinds({})).toContain('mortise');
});
