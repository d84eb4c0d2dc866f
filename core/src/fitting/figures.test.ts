import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { decideOpening, preparationOf, type DecidedOpening } from '../deciding/index.js';
import { withWays } from '../egress/index.js';
import { basisOfFile, readProject, summaryText } from '../exchange/index.js';
import { parseLength } from '../measure/index.js';
import type { ProjectBasis } from '../model/index.js';
import { partsText, phraseText, termText, valueParts } from '../phrasing/index.js';
import { projectBasis } from '../project/index.js';
import { unitsOf } from '../scheduling/index.js';
import { madeOpening, numbersFrom } from '../testing/madeOpening.js';
import { fittingSteps } from './fittingSteps.js';

const demo = join(__dirname, '../../../demo');

/** Two hundred openings as somebody in a hurry would give them. */
const numbers = numbersFrom(31);
const MADE = Array.from({ length: 200 }, (_, at) => {
  const { facts, practice } = madeOpening(numbers, (id) => projectBasis(id));
  const basis = projectBasis(practice);
  return { name: `made ${at}`, basis, decided: decideOpening(facts, basis) };
});

/** Every opening of the projects that ship, as it is decided. */
const SHIPPED = ['larkhollow-playhouse', 'tamsin-terrace', 'wendelmoor-mill-studios'].flatMap(
  (name) => {
    const read = readProject(readFileSync(join(demo, `${name}.json`), 'utf8'));
    if (!read.ok) throw new Error(name);
    const basis = withWays(basisOfFile(read.project), read.project.openings);
    return read.project.openings.map((facts) => ({
      name: `${name} ${facts.mark}`,
      basis,
      decided: decideOpening(facts, basis),
    }));
  },
);

const OPENINGS = [...SHIPPED, ...MADE];

/** What is one quantity though it is called otherwise: a line of the preparation, and the decision. */
const SAME: Readonly<Record<string, string>> = {
  'prep.backset': 'securing.backset',
  'prep.fromFloor': 'securing.height',
  'prep.engaged': 'securing.engagement',
};

/** Each quantity of an opening with all the texts it is printed as: page, site, sheet. */
function printed(decided: DecidedOpening, basis: ProjectBasis): Map<string, Set<string>> {
  const units = unitsOf(decided);
  const texts = new Map<string, Set<string>>();
  const note = (name: string, text: string) => {
    const known = texts.get(name) ?? new Set();
    texts.set(name, known.add(text));
  };
  for (const { stage, name, leaf, value } of decided.decisions)
    if (value && leaf !== 'inactive' && leaf !== 'lower')
      note(`${stage}.${name}`, partsText(valueParts(value, units)));
  for (const step of fittingSteps(decided))
    for (const { name, value } of step.figures) {
      const text = partsText(valueParts(value, units));
      const key = name.replace(/^name\./, '');
      if (decided.results.hanging.leaves.length === 1) note(key, text);
    }
  for (const { name: group, lines } of preparationOf(decided, basis)?.groups ?? [])
    for (const { name, values } of lines) {
      const same = SAME[name];
      // A dead bolt above has a height of its own.
      if (same && group !== 'prepGroup.secondBolt')
        note(same, values.map((value) => partsText(valueParts(value, units))).join(' × '));
    }
  return texts;
}

/** The figures of a chain of sizes as they are printed, with what is made of them. */
function sumOf(text: string, system: 'inch' | 'metric'): number | undefined {
  const divided = /^\((.*)\) ÷ (\d+)\.$/.exec(text);
  const body = divided ? divided[1]! : text.replace(/\.$/, '');
  const parts = body.split(/ (?=[−+] )/);
  let sum = 0;
  for (const part of parts) {
    const read = /^([−+] )?((?:\d+ )?\d+(?:[./]\d+)? (?:in|mm))/.exec(part);
    if (!read) return undefined;
    const length = parseLength(read[2]!, system);
    if (!length.ok) return undefined;
    sum += read[1]?.startsWith('−') ? -length.value : length.value;
  }
  return divided ? sum / Number(divided[2]) : sum;
}

describe('what is cut', () => {
  it('never takes the same wood twice unless that is told', () => {
    let pairs = 0;
    let told = 0;
    for (const { name, decided } of OPENINGS) {
      const cuts = decided.solids.filter(({ how }) => how === 'in');
      for (const [at, a] of cuts.entries())
        for (const b of cuts.slice(at + 1)) {
          if (a.leaf !== b.leaf || a.on !== b.on || a.owner === b.owner) continue;
          pairs++;
          const shared = (['x', 'y', 'z'] as const).every(
            (axis) => Math.min(a[axis][1], b[axis][1]) > Math.max(a[axis][0], b[axis][0]),
          );
          if (!shared) continue;
          told++;
          const clash = decided.clashes.some(
            (one) =>
              one.kind === 'overlap' &&
              [one.a, one.b].every((solid) => solid?.owner === a.owner || solid?.owner === b.owner),
          );
          expect([name, a.thing, b.thing, clash]).toEqual([name, a.thing, b.thing, true]);
        }
    }
    expect(pairs).toBeGreaterThan(500);
    expect(told).toBeGreaterThan(0);
  });
});

describe('figures as they are printed', () => {
  it('are one number wherever one quantity is told: page, site and sheet', () => {
    let compared = 0;
    for (const { name, decided, basis } of OPENINGS)
      for (const [quantity, texts] of printed(decided, basis)) {
        if (texts.size > 0) compared++;
        expect([name, quantity, [...texts]]).toEqual([name, quantity, [[...texts][0]]]);
      }
    expect(compared).toBeGreaterThan(2000);
  });

  it('add up where a sum is printed', () => {
    let sums = 0;
    for (const { name, decided } of OPENINGS) {
      const units = unitsOf(decided);
      for (const { value, reasons, key } of decided.decisions)
        for (const reason of reasons) {
          if (!reason.code.startsWith('sizing.chain.') || value?.type !== 'length') continue;
          const said = phraseText(reason, units);
          const sum = sumOf(said, units.system);
          const told = parseLength(partsText(valueParts(value, units)), units.system);
          if (sum === undefined || !told.ok) throw new Error(`${name} ${key}: ${said}`);
          sums++;
          // Halves of an odd sixty-fourth are told to the practice's step.
          const rounds = /÷/.test(said) ? 8128 / 16 : 0;
          expect([name, key, said, Math.abs(sum - told.value) <= rounds]).toEqual([
            name,
            key,
            said,
            true,
          ]);
        }
    }
    expect(sums).toBeGreaterThan(150);
  });

  it('have no more digits than a tape and a rule', () => {
    for (const { name, decided } of OPENINGS) {
      const long = summaryText(decided).match(/\d+\.\d{2,} mm|\d+\/(?:128|256|512)/g) ?? [];
      // A twentieth of a millimetre, where a comparison is told as finely as it was made.
      expect([name, long.filter((one) => !/\.\d5 mm$/.test(one))]).toEqual([name, []]);
    }
    expect(termText('prep.backset')).not.toBe('prep.backset');
  });
});
