import {
  adoptedCodes,
  draw,
  decideOpening,
  generalCautions,
  inches,
  practiceOf,
  phraseText,
  unitsOf,
  type DecidedOpening,
  type OpeningFacts,
  type Practice,
  type Schedule,
  type ScheduleSettings,
} from '@riegel/core';
import { drawInto } from '../pdf/drawing.js';
import { FAINT, INK, MARGIN, type Sheet } from '../pdf/sheet.js';

/** A release as it is told on the front page. */
export interface Revision {
  number: number;
  date: string;
  what: string;
}

/** What the front pages say. */
export interface Front {
  projectName: string;
  /** What the document is: `Door hardware schedule by set`. */
  what: string;
  date: string;
  note: string;
  settings: ScheduleSettings;
  practice: Practice;
  decided: readonly DecidedOpening[];
  schedule: Schedule;
  revisions: readonly Revision[];
}

/** Abbreviations as schedules use them; those that occur are told. */
const ABBREVIATIONS: readonly (readonly [string, string])[] = [
  ['LH', 'left hand: hinges left seen from outside, leaf swings in'],
  ['RH', 'right hand: hinges right seen from outside, leaf swings in'],
  ['LHR', 'left hand reverse: hinges left seen from outside, leaf swings out'],
  ['RHR', 'right hand reverse: hinges right seen from outside, leaf swings out'],
  ['min', 'minutes of fire resistance'],
  ['ea', 'each'],
  ['pr', 'pair'],
  ['NRP', 'non-removable pin'],
  ['min.', 'least'],
];

const counted = (count: number, noun: string) => `${count} ${noun}${count === 1 ? '' : 's'}`;

/** Project, parties, counts, then how to read the schedule, hands, notes and cautions. */
export function frontPages(sheet: Sheet, front: Front): void {
  const { schedule, settings, practice } = front;
  sheet.part('Front page');
  sheet.title(front.projectName);
  sheet.paragraph(`${front.what} · ${practice.name} practice · ${front.date}`, { size: 11 });
  const stops = schedule.findings.filter(({ level }) => level === 'stop');
  const stopped = stops.reduce((sum, { told }) => sum + told.length, 0);
  sheet.paragraph(
    [
      `${counted(schedule.matrix.rows.length, 'opening')} in ${counted(schedule.sets.length, 'set')}`,
      ...(schedule.undecided.length > 0 ? [`${schedule.undecided.length} undecided`] : []),
      counted(schedule.open.length, 'open question'),
      counted(stopped, 'stop'),
      ...(schedule.assumed.length > 0
        ? [counted(schedule.assumed.length, 'unconfirmed assumption')]
        : []),
    ].join(' · '),
  );
  if (front.note) sheet.paragraph(front.note);
  if (front.revisions.length > 0) {
    sheet.heading('Releases', 'a bar marks what changed since the one before');
    sheet.table(
      [
        { title: 'number', share: 8 },
        { title: 'date', share: 14 },
        { title: 'reason', share: 78 },
      ],
      front.revisions.map(({ number, date, what }) => [String(number), date, what]),
    );
  }
  editions(sheet, practice);
  if (settings.parties?.length) {
    sheet.heading('Parties');
    sheet.table(
      [
        { title: '', share: 20 },
        { title: '', share: 80 },
      ],
      settings.parties.map(({ what, who }) => [what, who]),
    );
  }
  if (settings.notes?.trim()) {
    sheet.heading('General notes');
    for (const line of settings.notes.split(/\n+/)) if (line.trim()) sheet.paragraph(line.trim());
  }
  sheet.heading('Hands, as named in this schedule');
  handDiagrams(sheet);
  sheet.heading('How to read it');
  sheet.paragraph(
    'Outside is the side a door is locked against people. Hands are four-hand codes seen from outside: LH, RH swing away from a person outside; LHR, RHR swing towards them. Opening sizes are frame openings to the finished floor, width first. Leaves to order are rounded down, gaps up, positions to the nearest; hinges are named height × width open. A question mark follows what is assumed and nobody confirmed; what is open is listed at the end.',
  );
  abbreviations(sheet, schedule);
  cautions(sheet, front);
}

/** The codes that govern, each with the edition that was adopted or is taken until one is. */
function editions(sheet: Sheet, practice: Practice): void {
  sheet.heading('Codes and editions', 'the authority having jurisdiction says which is in force');
  sheet.table(
    [
      { title: 'code', share: 50 },
      { title: 'edition', share: 32 },
      { title: '', share: 18 },
    ],
    adoptedCodes(practice).map(({ code, edition, said }) => [
      code.name,
      edition.name,
      said ? 'adopted' : 'usual, to be confirmed',
    ]),
  );
}

function abbreviations(sheet: Sheet, { sets, matrix }: Schedule): void {
  const words = new Set(
    [
      ...matrix.rows.flatMap(({ heading }) => [heading.hand, heading.rating]),
      ...sets.flatMap(({ lines }) => lines.flatMap((line) => [line.unit, line.description])),
    ].flatMap((text) => text.split(/[\s,;()]+/)),
  );
  const used = ABBREVIATIONS.filter(([short]) => words.has(short));
  if (used.length === 0) return;
  sheet.heading('Abbreviations');
  sheet.table(
    [
      { title: '', share: 8 },
      { title: '', share: 92 },
    ],
    used.map(([short, long]) => [short, long]),
  );
}

/** What hangs on one opening alone is told on its own sheets. */
const OWN_SHEET: ReadonlySet<string> = new Set(['care.heavy', 'care.massUnknown', 'care.rated']);

function cautions(sheet: Sheet, { decided, practice }: Front): void {
  sheet.heading('Care');
  const seen = new Set<string>();
  for (const one of decided)
    for (const caution of one.cautions)
      if (!OWN_SHEET.has(caution.code)) seen.add(phraseText(caution, unitsOf(one)));
  for (const caution of generalCautions(practice))
    seen.add(phraseText(caution, { system: practice.system }));
  for (const text of seen) sheet.paragraph(`– ${text}`, { size: 8.5 });
}

/** The four hands drawn by the same drawing model as everything else. */
function handDiagrams(sheet: Sheet): void {
  const { doc } = sheet;
  sheet.room(136);
  const { y } = doc;
  const width = sheet.width / 4;
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
    const x = MARGIN + index * width;
    sheet.mark(
      'Figure',
      () => {
        drawInto(
          doc,
          plain,
          { system: 'inch' },
          { x: x + 8, y: y + 14, width: width - 16, height: 104 },
        );
        sheet.at(code, x, y, { face: 'bold', size: 10, width, align: 'center', colour: INK });
      },
      `Plan of a ${code} door`,
    );
  });
  doc.x = MARGIN;
  doc.y = y + 126;
  doc.font('plain').fontSize(9).fillColor(FAINT);
}
