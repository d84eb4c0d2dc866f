import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { readFacts, readProject, readProjectObject } from '../exchange/index.js';
import { decideOpening } from '../deciding/index.js';
import { PRACTICES } from '../project/index.js';
import { anyFacts } from '../testing/arbitrary.js';
import {
  currentFacts,
  FACTS_VERSION,
  renamedRecords,
  retiredFacts,
  type FactsUpgrade,
  type StoredFacts,
} from './upgrades.js';

const bare = { mark: '1', kind: 'single' };
const upgraded = (more: StoredFacts) => {
  const { mark, kind, version, ...rest } = currentFacts({ ...bare, ...more });
  expect([mark, kind, version]).toEqual(['1', 'single', FACTS_VERSION]);
  return rest;
};

describe('facts of the first version', () => {
  it.each([
    [{ closer: 'none', closerKind: 'floor' }, { closer: 'none' }],
    [{ closer: 'closer', closerKind: 'floor' }, { closer: 'floor' }],
    [{ closer: 'closer' }, { closer: 'any' }],
    [{ closer: 'closer', closerKind: 'unknown' }, { closer: 'any' }],
    [
      { closer: 'back-check', closerKind: 'head' },
      { closer: 'head', backCheck: true },
    ],
    [{ closer: 'back-check' }, { closer: 'any', backCheck: true }],
    [{ closer: 'unknown' }, { closer: 'unknown' }],
    [{ closer: 'unknown', closerKind: 'surface-pull' }, { closer: 'surface-pull' }],
    [{ closerKind: 'surface-push' }, { closer: 'surface-push' }],
    [{ closerKind: 'unknown' }, { closer: 'unknown' }],
  ])('closer and its kind %j are %j', (before, after) => {
    expect(upgraded(before)).toEqual(after);
  });

  it.each([
    [{ threshold: 'present' }, { threshold: 'plain' }],
    [{ threshold: 'none' }, { threshold: 'none' }],
    [{ bottomSeal: 'threshold' }, { threshold: 'sealing' }],
    [{ bottomSeal: 'threshold', threshold: 'present' }, { threshold: 'sealing' }],
    [{ bottomSeal: 'sweep', bottomSealed: false }, { bottomSeal: 'sweep' }],
    [{ bottomSeal: 'none', bottomSealed: true }, { bottomSeal: 'any' }],
    [{ bottomSealed: true }, { bottomSeal: 'any' }],
    [{ bottomSealed: false }, { bottomSeal: 'none' }],
    [{ bottomSealed: 'unknown' }, { bottomSeal: 'unknown' }],
    [{ bottomSeal: 'unknown', bottomSealed: true }, { bottomSeal: 'any' }],
  ])('threshold and seals %j are %j', (before, after) => {
    expect(upgraded(before)).toEqual(after);
  });

  it('have names of one meaning, and what was found goes with them', () => {
    expect(
      upgraded({
        use: 'high',
        wayOut: true,
        how: { closerKind: 'measured', frameWidth: 'given', use: 'given' },
        written: [],
        none: { powering: 'none here' },
      }),
    ).toEqual({
      frequency: 'high',
      egress: true,
      provenance: { closer: 'measured', frameWidth: 'given', frequency: 'given' },
      manualItems: [],
      omitted: { powering: 'none here' },
    });
  });

  it('keep what was chosen, unless it was chosen under today’s name too', () => {
    const old = { value: 'keep', reason: 'old' };
    const fresh = { value: 'renew', reason: 'new' };
    expect(upgraded({ choices: { 'preparing.frame': old, 'hanging.count': old } })).toEqual({
      choices: { 'replacing.frame': old, 'hanging.count': old },
    });
    expect(upgraded({ choices: { 'preparing.frame': old, 'replacing.frame': fresh } })).toEqual({
      choices: { 'replacing.frame': fresh },
    });
  });
});

describe('a chain of steps', () => {
  const rename = (from: string, to: string): FactsUpgrade => ({
    retired: {},
    renamed: { [from]: to },
    upgrade: ({ [from]: value, ...rest }) =>
      value === undefined ? rest : { ...rest, [to]: value },
  });
  const CHAIN = [rename('a', 'b'), rename('b', 'c')];

  it('takes each from its own version, and nothing twice', () => {
    expect(currentFacts({ a: 1 }, CHAIN)).toEqual({ c: 1, version: 3 });
    expect(currentFacts({ a: 1, version: 2 }, CHAIN)).toEqual({ a: 1, version: 3 });
    expect(currentFacts({ b: 1, version: 2 }, CHAIN)).toEqual({ c: 1, version: 3 });
    const now = { b: 1, version: 3 };
    expect(currentFacts(now, CHAIN)).toBe(now);
    expect(renamedRecords(1, CHAIN)).toEqual({ a: 'b', b: 'c' });
    expect(renamedRecords(3, CHAIN)).toEqual({});
  });

  it('leaves facts of today alone, whatever they are', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        expect(currentFacts(facts)).toBe(facts);
        const { version, ...unversioned } = facts;
        expect(version).toBe(FACTS_VERSION);
        // Today's words mean the same to the steps, so that files written by hand without a version open.
        expect(currentFacts(unversioned)).toEqual(facts);
      }),
    );
  });
});

describe('what was stored under the first version opens', () => {
  const text = readFileSync(join(__dirname, '../testing/versions/project-1.json'), 'utf8');

  it('a project file', () => {
    const read = readProject(text);
    expect(read.ok).toBe(true);
    if (!read.ok) return;
    const { openings } = read.project;
    expect(openings).toHaveLength(9);
    expect(openings.every(({ version }) => version === FACTS_VERSION)).toBe(true);
    const old = (JSON.parse(text) as { openings: Record<string, unknown>[] }).openings;
    for (const [index, facts] of openings.entries()) {
      expect(facts.manualItems?.length).toBe((old[index]!['written'] as unknown[]).length);
      expect(facts.omitted).toEqual(old[index]!['none']);
      expect(facts.closer).toBe(
        { none: 'none', closer: 'any', 'back-check': 'any' }[old[index]!['closer'] as 'none'],
      );
      const { findings } = decideOpening(facts, PRACTICES.british);
      expect(findings.some(({ code }) => code.startsWith('choice.'))).toBe(false);
    }
  });

  it('a row of the database', () => {
    const row = JSON.parse(
      readFileSync(join(__dirname, '../testing/versions/facts-1.json'), 'utf8'),
    ) as StoredFacts;
    expect(row['version']).toBeUndefined();
    const read = readFacts(row);
    expect(read).toMatchObject({
      ok: true,
      value: {
        version: FACTS_VERSION,
        closer: 'floor',
        backCheck: true,
        threshold: 'plain',
        bottomSeal: 'any',
        frequency: 'high',
        egress: false,
        provenance: { frameWidth: 'measured', closer: 'given' },
        choices: { 'replacing.frame': { value: 'keep', reason: 'sound enough' } },
      },
    });
    expect(read.ok && currentFacts(row)).toEqual(read.ok && read.value);
  });

  it('and what is of no version there is does not', () => {
    for (const version of [0, -1, 1.5, FACTS_VERSION + 1, '2', null]) {
      const refused = readProjectObject({ version, openings: [] });
      if (version === null) expect(refused.ok).toBe(true);
      else
        expect(refused).toMatchObject({ ok: false, faults: [{ fault: { code: 'file.version' } }] });
      if (version !== null)
        expect(readFacts({ ...bare, version })).toEqual({
          ok: false,
          fault: { code: 'facts.value', params: { field: 'version' } },
        });
    }
  });

  it('under today’s version old names are refused', () => {
    for (const name of Object.keys(retiredFacts(1)).filter(
      (one) => !/^(closer|threshold|bottomSeal)$/.test(one),
    ))
      expect(readFacts({ ...bare, version: FACTS_VERSION, [name]: 'none' })).toMatchObject({
        ok: false,
        fault: { code: 'facts.unknownField' },
      });
  });
});
