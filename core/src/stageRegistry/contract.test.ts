import fc from 'fast-check';
import { decideOpening, needsOf, preparationOf } from '../deciding/index.js';
import { projectFileSchema, readFacts, readProject, writeProject } from '../exchange/index.js';
import { PRODUCT_TYPES } from '../catalogue/index.js';
import { FACTS_VERSION, type DecisionSpec } from '../model/index.js';
import { SENTENCES, TERMS } from '../phrasing/index.js';
import { bareBasis, PRACTICES } from '../project/index.js';
import { PRACTICE_IDS } from '../practice/index.js';
import { anyFacts, soundFacts } from '../testing/arbitrary.js';
import {
  BOLT_STAGES,
  FIELDS,
  normalizeFacts,
  placeOf,
  PRODUCT_SLOTS,
  RECORDS,
  SET_STAGES,
  STAGE_LIST,
  STAGES,
  stageOfType,
} from './index.js';

const practiceOf = fc.constantFrom(...PRACTICE_IDS).map((id) => PRACTICES[id]);
const openings = fc.oneof({ weight: 3, arbitrary: anyFacts }, { weight: 1, arbitrary: soundFacts });

/** Facts that give themselves away when a field is set or taken out. */
function frozen<T>(value: T): T {
  if (value && typeof value === 'object' && !Object.isFrozen(value)) {
    Object.freeze(value);
    Object.values(value).forEach(frozen);
  }
  return value;
}

describe('every stage', () => {
  it('is total on any facts, deterministic, and changes nothing it is handed', () => {
    fc.assert(
      fc.property(openings, practiceOf, (facts, practice) => {
        const first = decideOpening(frozen(structuredClone(facts)), practice);
        const second = decideOpening(structuredClone(facts), practice);
        expect(JSON.stringify(second)).toBe(JSON.stringify(first));
      }),
      { numRuns: 200 },
    );
  });

  it('decides in the order of the work, what it says it decides, each key once', () => {
    const described = new Map(
      STAGE_LIST.map(({ id, decisions }) => [id as string, decisions?.byName]),
    );
    fc.assert(
      fc.property(openings, practiceOf, (facts, practice) => {
        const { decisions } = decideOpening(facts, practice);
        const places = decisions.map(({ stage }) => placeOf(stage));
        expect(places).toEqual([...places].sort((a, b) => a - b));
        expect(new Set(decisions.map(({ key }) => key)).size).toBe(decisions.length);
        for (const { stage, name, key, leaf, value, status } of decisions) {
          if (PRODUCT_SLOTS.includes(key)) continue;
          const entry = described.get(stage)?.get(name);
          expect([key, entry?.keys[leaf ?? 'leaf']]).toEqual([key, key]);
          if (status === 'open') expect(value).toBeUndefined();
          else if (entry!.spec.type === 'size') expect(['size', 'length']).toContain(value!.type);
          else expect(value!.type).toBe(entry!.spec.type);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('comes to the same without explanations, but for the explanations', () => {
    fc.assert(
      fc.property(openings, practiceOf, (facts, practice) => {
        const told = decideOpening(facts, practice);
        const brief = decideOpening(facts, practice, { explain: false });
        const bare = (decided: typeof told) => ({
          ...decided,
          results: { ...decided.results, opening: { ...decided.results.opening, because: {} } },
          decisions: decided.decisions.map((one) => ({
            ...one,
            reasons: [],
            alternatives: [],
            question: undefined,
          })),
        });
        expect(JSON.stringify(bare(brief))).toBe(JSON.stringify(bare(told)));
        expect(brief.results.opening.because).toEqual({});
        for (const one of brief.decisions)
          expect([one.reasons, one.alternatives, one.question]).toEqual([[], [], undefined]);
        for (const one of told.decisions)
          expect(one.question !== undefined).toBe(one.status === 'open');
      }),
      { numRuns: 150 },
    );
  });

  it('bounds every number that may be chosen otherwise, and takes every alternative it names', () => {
    fc.assert(
      fc.property(soundFacts, practiceOf, fc.nat(), (facts, practice, pick) => {
        const { decisions } = decideOpening(facts, practice);
        const open = decisions.filter(({ alternatives }) => alternatives.length > 0);
        const one = open[pick % open.length]!;
        const other = one.alternatives[pick % one.alternatives.length]!;
        const choose = (value: string | number) =>
          decideOpening(
            { ...facts, choices: { [one.key]: { value, reason: 'as agreed' } } },
            practice,
          );
        const taken = choose(other.value);
        const found = taken.decisions.find(({ key }) => key === one.key);
        expect([one.key, other.value, found?.basis]).toEqual([one.key, other.value, 'chosen']);
        if (typeof other.value !== 'number') return;
        for (const value of [-1, 1e9, other.value + 0.5]) {
          const refused = choose(value);
          expect(refused.decisions.find(({ key }) => key === one.key)?.basis).not.toBe('chosen');
          expect(refused.findings.some(({ code }) => code === 'choice.notTaken')).toBe(true);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('needs only stages before it, and its results are there when they are needed', () => {
    for (const { id, needs } of STAGE_LIST)
      for (const needed of needs) expect(placeOf(needed)).toBeLessThan(placeOf(id as string));
    const { results } = decideOpening({ mark: '1', kind: 'single' }, PRACTICES.british);
    for (const { id, decide } of STAGE_LIST)
      if (decide) expect(results).toHaveProperty(id as string);
  });

  it('reads no result that it does not say it needs', () => {
    fc.assert(
      fc.property(openings, practiceOf, (facts, practice) => {
        const decided = decideOpening(facts, practice);
        const project = bareBasis(practice);
        for (const stage of STAGE_LIST) {
          const allowed = new Set<string>([...stage.needs, stage.id]);
          const results = new Proxy(decided.results, {
            get(target, name) {
              if (!allowed.has(String(name)))
                throw new Error(`${String(stage.id)} reads ${String(name)}`);
              return Reflect.get(target, name) as unknown;
            },
          });
          const input = {
            facts: normalizeFacts(decided.facts),
            practice: decided.practice,
            project,
            survey: decided.survey,
            results,
          };
          const leaf = {
            id: 'leaf',
            quantity: 1,
            width: 3e5,
            height: 6e5,
            thickness: 14e3,
            bottom: 0,
          };
          stage.solids?.(input, leaf as never);
          stage.prepare?.(input);
          for (const slot of stage.slots ?? []) slot.need(input);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('has words for itself, its facts, their options, and what it decides', () => {
    const missing = STAGE_LIST.flatMap(({ id, facts, records = {}, values = {}, decisions }) => [
      `stage.${String(id)}`,
      ...Object.entries(facts).flatMap(([name, { options, terms }]) => [
        `fact.${name}`,
        ...(options && terms !== 'practice' && terms !== 'outside'
          ? options.map((option) => `${terms}.${option}`)
          : []),
      ]),
      ...Object.keys(records).map((name) => `fact.${name}`),
      ...Object.keys(values).map((name) => `value.${name}`),
      ...[...(decisions?.byName.keys() ?? [])].map((name) => `name.${String(id)}.${name}`),
    ]).filter((term) => TERMS[term] === undefined);
    expect(missing).toEqual([]);
    for (const slot of PRODUCT_SLOTS) expect(TERMS[`name.${slot}`]).toBeDefined();
  });

  it('brings figures with a source, for every practice', () => {
    for (const { values = {} } of STAGE_LIST)
      for (const [name, by] of Object.entries(values))
        for (const practice of PRACTICE_IDS) {
          expect([name, by[practice].source.trim().length > 0]).toEqual([name, true]);
          expect(PRACTICES[practice].values).toHaveProperty(name, by[practice]);
        }
  });
});

describe('every fact', () => {
  const schema = projectFileSchema() as {
    properties: { openings: { items: { properties: Record<string, unknown> } } };
  };
  const names = [...FIELDS.map(({ name }) => name as string), ...Object.keys(RECORDS)];

  it('stands once, in the JSON Schema, in the one shape', () => {
    expect(new Set(names).size).toBe(names.length);
    for (const name of names)
      expect(schema.properties.openings.items.properties).toHaveProperty(name);
    const shape = Object.keys(normalizeFacts({ mark: '1', kind: 'single' })).sort();
    expect(shape).toEqual([...names, 'version'].sort());
  });

  it('goes over the wire and into the file, and comes back', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        expect(readFacts(JSON.parse(JSON.stringify(facts)))).toEqual({ ok: true, value: facts });
        const file = writeProject({ name: 'P', practice: 'british', openings: [facts] });
        const read = readProject(file);
        expect(read.ok && read.project.openings).toEqual([
          { ...facts, mark: facts.mark.trim(), version: FACTS_VERSION },
        ]);
      }),
      { numRuns: 200 },
    );
  });

  it('is refused where it is not of its shape, by its name', () => {
    const wrong: unknown[] = [
      {},
      [],
      1.5,
      -1,
      Infinity,
      'no such word',
      true,
      1e300,
      [[1]],
      { a: 1 },
    ];
    for (const { name, shape } of FIELDS)
      for (const value of wrong) {
        if (shape.read(value) !== undefined) continue;
        const facts = { mark: '1', kind: 'single', version: FACTS_VERSION, [name]: value };
        expect(readFacts(facts)).toEqual({
          ok: false,
          fault: { code: 'facts.value', params: { field: name } },
        });
      }
  });
});

it('a decided opening works the same once it has crossed from another thread', () => {
  fc.assert(
    fc.property(openings, practiceOf, (facts, practice) => {
      const decided = decideOpening(facts, practice);
      const { practice: own, ...rest } = decided;
      const crossed = { ...structuredClone(rest), practice: own } as typeof decided;
      const project = bareBasis(practice);
      expect(preparationOf(crossed, project)).toEqual(preparationOf(decided, project));
      expect(needsOf(crossed, project)).toEqual(needsOf(decided, project));
    }),
    { numRuns: 100 },
  );
});

describe('lines written by hand', () => {
  it.each(SET_STAGES)(
    'of %s stand in place of what the stage decided, and only of that',
    (stage) => {
      const line = {
        stage,
        description: 'as the client has it',
        quantity: 3,
        unit: 'each' as const,
      };
      fc.assert(
        fc.property(openings, practiceOf, (facts, practice) => {
          const plain = { ...facts, manualItems: undefined, omitted: undefined };
          const before = decideOpening(plain, practice).items;
          const { items } = decideOpening({ ...plain, manualItems: [line] }, practice);
          const own = items.filter((item) => item.stage === stage);
          expect(own.map(({ written, quantity }) => [written, quantity])).toEqual([
            [line.description, line.quantity],
          ]);
          expect(items.filter((item) => item.stage !== stage).map(({ term }) => term)).toEqual(
            before.filter((item) => item.stage !== stage).map(({ term }) => term),
          );
        }),
        { numRuns: 25 },
      );
    },
  );
});

describe('the registries', () => {
  it('follow the list', () => {
    expect(STAGES).toEqual(STAGE_LIST.map(({ id }) => id));
    expect(SET_STAGES).toEqual(STAGES.filter((id) => SET_STAGES.includes(id as never)));
    expect(BOLT_STAGES.filter((id) => !SET_STAGES.includes(id as never))).toEqual([
      'sizing',
      'handing',
      'finishing',
    ]);
    for (const { id, products = [] } of STAGE_LIST)
      for (const type of products) expect(stageOfType(type)).toBe(id);
    const taken = STAGE_LIST.flatMap(({ products = [] }) => products);
    expect([...taken].sort()).toEqual([...PRODUCT_TYPES].sort());
    for (const slot of PRODUCT_SLOTS) expect(SET_STAGES).toContain(slot.split('.')[0]);
  });

  it('say every message with the parameters it names', () => {
    fc.assert(
      fc.property(openings, practiceOf, (facts, practice) => {
        const decided = decideOpening(facts, practice);
        const sheet = preparationOf(decided, bareBasis(practice));
        const said = [
          ...decided.findings,
          ...decided.cautions,
          ...(sheet?.notes ?? []),
          ...decided.decisions.flatMap(({ reasons, question, alternatives }) => [
            ...reasons,
            ...(question ? [question] : []),
            ...alternatives.flatMap(({ against, also = [] }) => [
              ...(against ? [against] : []),
              ...also,
            ]),
          ]),
        ];
        for (const { code, params } of said) {
          if (code.startsWith('sizing.chain.')) continue;
          const named = [...SENTENCES[code]!.matchAll(/\{(\w+)\}/g)].map(([, name]) => name!);
          expect([code, named.filter((name) => !Object.hasOwn(params, name))]).toEqual([code, []]);
        }
        for (const { types } of needsOf(decided, bareBasis(practice)))
          expect(types.length).toBeGreaterThan(0);
      }),
      { numRuns: 150 },
    );
  });
});

it('a decision is described for each of its values', () => {
  const samples: Record<string, unknown> = {
    length: 8128,
    positions: [1, 2],
    size: { width: 1, height: 2 },
    mass: 1000,
    force: 10,
    angle: 90,
    area: 5,
    count: 3,
    term: 'butt',
  };
  for (const { decisions } of STAGE_LIST)
    for (const [, { spec }] of decisions?.byName ?? []) {
      const value = (spec as DecisionSpec<unknown>).toValue(samples[spec.type]);
      expect(value.type).toBe(spec.type);
      if (spec.within) expect(spec.within[0]).toBeLessThan(spec.within[1]);
    }
});
