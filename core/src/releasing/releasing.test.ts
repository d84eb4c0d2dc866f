import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { projectBasis } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { soundFacts } from '../testing/arbitrary.js';
import { compareReleased, CORE_VERSION, releasedOf, type ReleasedOpening } from './index.js';

const basis = projectBasis('us-commercial');
const released = (list: OpeningFacts[], ids?: string[]): ReleasedOpening[] =>
  releasedOf(
    list.map((facts, at) => {
      const decided = decideOpening(facts, basis);
      return { id: ids?.[at] ?? facts.mark, mark: facts.mark, items: decided.items, decided };
    }),
    new Map(),
  );
const FACTS: OpeningFacts = {
  ...DOOR,
  hingeSide: 'left',
  swing: 'in',
  frameWidth: inches(36),
  frameHeight: inches(84),
};

describe('two releases held against each other', () => {
  const old = released([
    { ...FACTS, mark: '1' },
    { ...FACTS, mark: '2' },
    { ...FACTS, mark: '9' },
  ]);
  it('tell what came, went and changed, each change with its reason', () => {
    const now = released([
      { ...FACTS, mark: '1' },
      { ...FACTS, mark: '2', frameWidth: inches(48) },
      { ...FACTS, mark: '10' },
    ]);
    const { added, gone, changed, same } = compareReleased(old, now);
    expect([added, gone, same]).toEqual([[{ id: '10', mark: '10' }], [{ id: '9', mark: '9' }], 1]);
    expect(changed.map(({ mark }) => mark)).toEqual(['2']);
    const { changes } = changed[0]!;
    expect(changes[0]).toEqual({
      what: 'Opening',
      from: '36 in × 84 in',
      to: '48 in × 84 in',
      why: '',
    });
    const width = changes.find(({ what }) => what.startsWith('Sizing, leaf width'))!;
    expect(width.from).not.toBe(width.to);
    expect(width.why).not.toBe('');
  });
  it('know an opening by itself, not by its mark', () => {
    const renamed = released([{ ...FACTS, mark: '1A' }], ['1']);
    expect(compareReleased(released([{ ...FACTS, mark: '1' }]), renamed)).toMatchObject({
      added: [],
      gone: [],
      changed: [{ changes: [{ what: 'Mark', from: '1', to: '1A' }] }],
    });
  });
  it('are the same against themselves, and the other way round exactly the other way round', () => {
    fc.assert(
      fc.property(
        fc.array(soundFacts, { maxLength: 4 }),
        fc.array(soundFacts, { maxLength: 4 }),
        (a, b) => {
          const [one, two] = [a, b].map((list) =>
            released(
              list,
              list.map((_, at) => `id ${at}`),
            ),
          );
          expect(compareReleased(one!, one!)).toMatchObject({
            added: [],
            gone: [],
            changed: [],
            same: a.length,
          });
          const [there, back] = [compareReleased(one!, two!), compareReleased(two!, one!)];
          expect(there.added.length).toBe(back.gone.length);
          expect(there.same).toBe(back.same);
          const turned = back.changed.map(({ id, changes }) => [
            id,
            changes.map(({ what, from, to }) => [what, to, from].join()).sort(),
          ]);
          expect(
            there.changed
              .map(({ id, changes }) => [
                id,
                changes.map(({ what, from, to }) => [what, from, to].join()).sort(),
              ])
              .sort(),
          ).toEqual(turned.sort());
        },
      ),
      { numRuns: 25 },
    );
  });
  it('keep the version of the core as its package has it', () => {
    const { version } = JSON.parse(readFileSync(join(__dirname, '../../package.json'), 'utf8')) as {
      version: string;
    };
    expect(CORE_VERSION).toBe(version);
  });
});
