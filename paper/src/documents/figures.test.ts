import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  decideOpening,
  basisOfFile,
  headingOf,
  partsText,
  projectBasis,
  readProject,
  termText,
  unitsOf,
  valueParts,
  withWays,
  type DecidedOpening,
  type OpeningFacts,
  type ProjectBasis,
} from '@riegel/core';
import { madeOpening, numbersFrom } from '../../../core/src/testing/madeOpening.js';
import { houseJob } from '../testing/houseJob.js';
import { documentOf, makeDocument } from '../index.js';
import type { DocumentJob } from './document.js';
import type { DocumentId } from './list.js';

interface Project {
  name: string;
  job: DocumentJob;
  decided: DecidedOpening[];
}

const paper = { address: 'https://riegel.example/openings/', records: [] };

function shipped(name: string): Project {
  const read = readProject(readFileSync(join(__dirname, '../../../demo', `${name}.json`), 'utf8'));
  if (!read.ok) throw new Error(name);
  const { project } = read;
  const basis = withWays(basisOfFile(project), project.openings);
  const base = houseJob(project.openings, project.practice);
  return {
    name,
    job: {
      ...base,
      ...paper,
      wanted: base.openings.map(({ id }) => id),
      practices: project.practices ?? [],
      building: project.building,
      products: project.products ?? [],
      locks: project.locks ?? [],
    },
    decided: project.openings.map((facts) => decideOpening(facts, basis)),
  };
}

/** Two hundred openings as somebody in a hurry would give them, each practice a project. */
function made(): Project[] {
  const numbers = numbersFrom(47);
  const byPractice = new Map<string, OpeningFacts[]>();
  for (let at = 0; at < 200; at++) {
    const { facts, practice } = madeOpening(numbers, (id) => projectBasis(id));
    const before = byPractice.get(practice) ?? [];
    byPractice.set(practice, [...before, { ...facts, mark: `M${at}` }]);
  }
  return [...byPractice].map(([practice, facts]) => {
    const base = houseJob(facts, practice);
    const basis: ProjectBasis = withWays(projectBasis(practice as 'british'), facts);
    return {
      name: practice,
      job: { ...base, ...paper, wanted: base.openings.map(({ id }) => id) },
      decided: facts.map((one) => decideOpening(one, basis)),
    };
  });
}

const PROJECTS = [
  ...[
    'larkhollow-playhouse',
    'tamsin-terrace',
    'wendelmoor-mill-studios',
    'wattlebrook-primary',
    'quellmoor-7',
  ].map(shipped),
  ...made(),
];

const folder = mkdtempSync(join(tmpdir(), 'riegel-figures-'));

const readBefore = new Map<string, string[]>();

/** A document’s text, its pages apart; each is made once. */
async function pagesOf(id: DocumentId, { name, job }: Project): Promise<string[]> {
  const key = `${name} ${id}`;
  const pages = readBefore.get(key) ?? (await readPages(id, job));
  readBefore.set(key, pages);
  return pages;
}

async function readPages(id: DocumentId, job: DocumentJob): Promise<string[]> {
  const { file } = documentOf(id)!;
  const bytes = await makeDocument(id, job);
  if (!file.endsWith('.pdf')) return [new TextDecoder().decode(bytes)];
  const path = join(folder, file);
  writeFileSync(path, bytes);
  const text = execFileSync('pdftotext', ['-layout', path, '-'], {
    encoding: 'utf8',
    maxBuffer: 2 ** 28,
  });
  return text
    .replace(/⁄/g, '/')
    .replace(/\u00a0/g, ' ')
    .split('\f');
}

/** What an opening’s figures are called where they are told with their names. */
const NAMES = [
  ['Leaf width', 'sizing.leafWidth'],
  ['Leaf height', 'sizing.leafHeight'],
  ['Undercut', 'sizing.undercut'],
  ['Backset', 'securing.backset'],
  ['Height above finished floor', 'securing.height'],
  ['Middle above the finished floor', 'securing.height'],
  ['Backset, at the middle of the edge', 'securing.backset'],
  ['Bolt engagement', 'securing.engagement'],
  ['Bolt engagement, closed', 'securing.engagement'],
] as const;

const LENGTH = String.raw`(?:(?:\d+ )?\d+/\d+|\d+(?:\.\d+)?)\s(?:in|mm)`;
const spaced = (text: string) => text.replace(/\s+/g, ' ').trim();

describe('figures in documents, read as text', () => {
  it('have no more digits than a tape and a rule', async () => {
    for (const project of PROJECTS)
      for (const id of ['schedule', 'schedule-rows', 'questions', 'handover', 'sheets'] as const) {
        const text = (await pagesOf(id, project)).join('\n');
        const long = text.match(/\d+\.\d{2,}\s(?:mm|in|kg|lb)\b|\d+\/(?:128|256|512)/g) ?? [];
        // A twentieth of a millimetre, where a comparison is told as finely as it was made.
        expect([project.name, id, long.filter((one) => !/\.\d5\smm$/.test(one))]).toEqual([
          project.name,
          id,
          [],
        ]);
      }
  }, 600_000);

  it('are the decided ones on the schedule, on its rows and in the hand-over', async () => {
    let compared = 0;
    for (const project of PROJECTS) {
      const { name, decided } = project;
      const [rows] = await pagesOf('schedule-rows', project);
      const lines = (await pagesOf('schedule', project)).join('\n').split('\n');
      const handover = spaced((await pagesOf('handover', project)).join('\n'));
      for (const one of decided) {
        const { mark, size, thickness, clearWidth } = headingOf(one);
        const told = [size, thickness, clearWidth].filter(Boolean);
        const row = rows!.split('\r\n').find((cells) => cells.includes(`,${mark},`));
        for (const figure of told) {
          compared++;
          expect([name, mark, row?.replace(/"/g, ''), figure]).toEqual([
            name,
            mark,
            expect.stringContaining(figure),
            figure,
          ]);
        }
        const printed = lines.find(
          (line) => line.startsWith(`${mark} `) && /\d (in|mm)/.test(line),
        );
        if (printed === undefined) continue;
        const lengths = spaced(printed).match(new RegExp(LENGTH, 'g')) ?? [];
        compared++;
        expect([name, mark, lengths.filter((length) => !told.join(' ').includes(length))]).toEqual([
          name,
          mark,
          [],
        ]);
        if (handover.includes(`${mark} ${one.facts.from} – ${one.facts.to}`))
          expect(handover).toContain(size);
      }
    }
    expect(compared).toBeGreaterThan(600);
  }, 600_000);

  it('are the decided ones on every sheet, wherever they are named', async () => {
    let compared = 0;
    for (const project of PROJECTS) {
      const { name, decided } = project;
      const pages = await pagesOf('sheets', project);
      for (const one of decided.filter(({ results }) => results.hanging.leaves.length === 1)) {
        const units = unitsOf(one);
        const text = pages
          .filter((page) => page.trimStart().split('\n')[0]!.trim() === one.facts.mark)
          .join('\n');
        for (const [called, key] of NAMES) {
          const value = one.decisions.find((decision) => decision.key === key)?.value;
          if (!value) continue;
          const told = partsText(valueParts(value, units));
          for (const [, printed] of text.matchAll(
            new RegExp(`(?:^|[·\\s])${called}\\s+(${LENGTH})`, 'gm'),
          )) {
            compared++;
            expect([name, one.facts.mark, called, spaced(printed!)]).toEqual([
              name,
              one.facts.mark,
              called,
              told,
            ]);
          }
        }
      }
    }
    expect(compared).toBeGreaterThan(300);
    expect(termText('prep.backset')).toBe('Backset, at the middle of the edge');
  }, 600_000);
});
