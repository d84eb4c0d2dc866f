import {
  decideOpening,
  generalCautions,
  headingCells,
  draw,
  inches,
  phraseText,
  practiceOf,
  projectBasis,
  scheduleBySet,
  unitsOf,
  withWays,
  type Building,
  type EditedPractice,
  type KnownSet,
  type LockSpec,
  type OpeningFacts,
  type Product,
  type ProjectBasis,
  type Schedule,
} from '@riegel/core';
import { drawInto } from './drawing.js';
import { Sheet, type Column } from './sheet.js';

/** Everything a schedule is made from; plain data, so that it crosses to a worker thread. */
export interface ScheduleJob {
  projectName: string;
  practice: string;
  practices: EditedPractice[];
  building: Building | undefined;
  products: Product[];
  locks: LockSpec[];
  note: string;
  /** Shown on every page, as the server's clock has it. */
  date: string;
  openings: { id: string; facts: OpeningFacts }[];
  known: KnownSet[];
}

/** What the job's openings are decided with. */
export function basisOf(job: ScheduleJob): ProjectBasis {
  return withWays(
    projectBasis(job.practice, job.practices, job.building, job.products, job.locks),
    job.openings.map(({ facts }) => facts),
  );
}

/** Decides and groups a job's openings. */
export function scheduleOf(job: ScheduleJob): Schedule {
  const basis = basisOf(job);
  const openings = job.openings.map(({ id, facts }) => {
    const decided = decideOpening(facts, basis);
    return { id, mark: facts.mark, items: decided.items, decided };
  });
  return scheduleBySet(openings, job.known);
}

const OPENING_COLUMNS: Column[] = [
  { title: 'mark', share: 7 },
  { title: 'from', share: 13 },
  { title: 'to', share: 13 },
  { title: 'role', share: 12 },
  { title: 'kind', share: 10 },
  { title: 'opening', share: 15 },
  { title: 'thick', share: 7 },
  { title: 'leaf', share: 14 },
  { title: 'frame', share: 9 },
  { title: 'hand', share: 9 },
  { title: 'rating', share: 7 },
  { title: 'clear', share: 9 },
];

const LINE_COLUMNS: Column[] = [
  { title: 'quantity', share: 6, align: 'right' },
  { title: 'unit', share: 6 },
  { title: 'description', share: 48 },
  { title: 'size', share: 14 },
  { title: 'finish', share: 8 },
  { title: 'stage', share: 9 },
  { title: 'remarks', share: 12 },
];

/** The printable schedule by set. Open items and stops are printed, never hidden. */
export async function schedulePdf(job: ScheduleJob): Promise<Buffer> {
  const practice = practiceOf(job.practice);
  const schedule = scheduleOf(job);
  const sheet = new Sheet(
    `${job.projectName}: hardware schedule`,
    practice.system === 'inch' ? 'LETTER' : 'A4',
    `${job.projectName} · hardware schedule · ${job.date}`,
  );
  frontPage(sheet, job, schedule);
  for (const set of schedule.sets) {
    const count = set.headings.length;
    sheet.heading(`Set ${set.number}`, `${count} opening${count === 1 ? '' : 's'}`);
    sheet.table(OPENING_COLUMNS, set.headings.map(headingCells));
    sheet.paragraph('Each opening takes:', { size: 8, faint: true });
    sheet.table(
      LINE_COLUMNS,
      set.lines.map((line) => [
        String(line.quantity),
        line.unit,
        line.description,
        line.size,
        line.finish,
        line.stage,
        line.remarks,
      ]),
    );
    sheet.doc.y += 8;
  }
  if (schedule.without.length > 0) {
    sheet.heading('Openings without hardware yet');
    sheet.table(OPENING_COLUMNS, schedule.without.map(headingCells));
  }
  openItems(sheet, schedule);
  assumptions(sheet, schedule);
  return sheet.finish();
}

function frontPage(sheet: Sheet, job: ScheduleJob, schedule: Schedule): void {
  const basis = basisOf(job);
  const { practice } = basis;
  sheet.title(job.projectName);
  const stops = schedule.findings.filter((finding) => finding.level === 'stop').length;
  sheet.paragraph(`Door hardware schedule by set · ${practice.name} practice · ${job.date}`);
  sheet.paragraph(
    `${job.openings.length} openings in ${schedule.sets.length} sets · ${counted(schedule.open.length, 'open question')} · ${counted(stops, 'stop')}`,
  );
  if (job.note) sheet.paragraph(job.note);
  sheet.heading('Hands, as named in this schedule');
  handDiagrams(sheet);
  sheet.heading('Index');
  sheet.table(
    [
      { title: 'set', share: 8 },
      { title: 'openings', share: 92 },
    ],
    schedule.sets.map((set) => [
      `Set ${set.number}`,
      set.headings.map((heading) => heading.mark).join(', '),
    ]),
  );
  sheet.heading('How to read it');
  sheet.paragraph(
    'Outside is the side a door is locked against people. Hands are four-hand codes seen from outside: LH, RH swing away from a person outside; LHR, RHR swing towards them. Opening sizes are frame openings to the finished floor, width first. Leaves to order are rounded down, gaps up, positions to the nearest; hinges are named height × width open.',
  );
  sheet.heading('Care');
  const seen = new Set<string>();
  for (const { facts } of job.openings) {
    const decided = decideOpening(facts, basis);
    for (const caution of decided.cautions) {
      if (
        caution.code === 'care.heavy' ||
        caution.code === 'care.massUnknown' ||
        caution.code === 'care.rated'
      )
        continue;
      seen.add(phraseText(caution, unitsOf(decided)));
    }
  }
  for (const caution of generalCautions(practice)) {
    seen.add(phraseText(caution, { system: practice.system }));
  }
  for (const text of seen) sheet.paragraph(`– ${text}`, { size: 8.5 });
  sheet.doc.addPage();
}

function counted(count: number, noun: string): string {
  return `${count} ${noun}${count === 1 ? '' : 's'}`;
}

/** The four hands drawn by the same drawing model as everything else. */
function handDiagrams(sheet: Sheet): void {
  const { doc } = sheet;
  const { y } = doc;
  const width = (doc.page.width - 80) / 4;
  const hands = [
    ['LH', 'left', 'in'],
    ['RH', 'right', 'in'],
    ['LHR', 'left', 'out'],
    ['RHR', 'right', 'out'],
  ] as const;
  hands.forEach(([code, hingeSide, swing], index) => {
    const facts: OpeningFacts = {
      mark: code,
      kind: 'single',
      hingeSide,
      swing,
      frameMaterial: 'steel',
      frameWidth: inches(36),
      frameHeight: inches(84),
      rating: 0,
      leafConstruction: 'timber-stave',
    };
    const model = draw(decideOpening(facts, practiceOf('us-commercial')), 'plan');
    const plain = {
      ...model,
      elements: model.elements
        .filter((element) => element.kind !== 'dimension')
        .map((element) => (element.kind === 'text' ? { ...element, scale: 1.7 } : element)),
    };
    const x = 40 + index * width;
    drawInto(
      doc,
      plain,
      { system: 'inch' },
      { x: x + 8, y: y + 14, width: width - 16, height: 110 },
    );
    doc
      .font('bold')
      .fontSize(10)
      .fillColor('#1f1b14')
      .text(code, x, y, { width, align: 'center', lineBreak: false });
  });
  doc.x = 40;
  doc.y = y + 132;
  doc.font('plain').fontSize(9);
}

function openItems(sheet: Sheet, schedule: Schedule): void {
  const rank = { stop: 0, check: 1, note: 2 } as Record<string, number>;
  if (schedule.findings.length > 0) {
    sheet.heading('Findings', 'not accepted by anybody');
    const rows = [...schedule.findings]
      .sort((a, b) => rank[a.level]! - rank[b.level]!)
      .map((finding) => [finding.level, finding.mark, finding.text, finding.source]);
    sheet.table(
      [
        { title: 'level', share: 6 },
        { title: 'mark', share: 8 },
        { title: 'finding', share: 60 },
        { title: 'source', share: 24 },
      ],
      rows,
    );
  }
  if (schedule.open.length > 0) {
    sheet.heading('Open questions');
    sheet.table(
      [
        { title: 'mark', share: 8 },
        { title: 'stage', share: 10 },
        { title: 'question', share: 80 },
      ],
      schedule.open.map((open) => [open.mark, open.stage, open.question]),
    );
  }
}

/** What was assumed so that work could go on, and nobody confirmed: told, not hidden. */
function assumptions(sheet: Sheet, { assumed }: Schedule): void {
  if (assumed.length === 0) return;
  sheet.heading('Assumed', 'confirmed by nobody yet');
  sheet.table(
    [
      { title: 'assumed', share: 40 },
      { title: 'openings', share: 60 },
    ],
    assumed.map(({ text, marks }) => [text, marks.join(', ')]),
  );
}
