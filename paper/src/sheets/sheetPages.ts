import QRCode from 'qrcode';
import {
  acceptanceTest,
  fittingSteps,
  formatLength,
  headingOf,
  lockSection,
  partsText,
  phraseText,
  preparationOf,
  prepSheets,
  strikeFace,
  templateOpening,
  termText,
  toBring,
  unitsOf,
  valueParts,
  type DecidedOpening,
  type DrawingModel,
  type PrepBit,
  type PrepSheet,
  type ProjectBasis,
  type Router,
  type Units,
} from '@riegel/core';
import { drawInto } from '../pdf/drawing.js';
import { FAINT, INK, MARGIN, type Sheet } from '../pdf/sheet.js';

/** Signs of the code to scan, in points a side. */
const CODE = 58;

/** What a set of sheets is made with. */
export interface SheetsFrame {
  projectName: string;
  basis: ProjectBasis;
  /** Address of an opening, for the code to scan. */
  addressOf: (id: string) => string;
  /** The set of an opening, if it has one. */
  setOf: ReadonlyMap<string, number>;
  /** The bit and collar that templates are told for. */
  router: Router;
}

/**
 * The sheets of one opening: each leaf and the frame set out from one datum, then the numbers, details at a larger
 * scale, bits, order of work, acceptance test and cautions. Undecided things are told, not drawn.
 */
export function openingSheets(
  sheet: Sheet,
  frame: SheetsFrame,
  id: string,
  decided: DecidedOpening,
  first: boolean,
): void {
  if (!first) sheet.doc.addPage();
  sheet.part(decided.facts.mark);
  const sheets = prepSheets(decided);
  head(sheet, frame, id, decided);
  warn(sheet, decided, sheets.length === 0);
  sheets.forEach((one, at) => {
    if (at > 0) {
      sheet.doc.addPage();
      head(sheet, frame, id, decided);
    }
    member(sheet, one, decided);
  });
  if (sheets.length > 0) {
    sheet.doc.addPage();
    head(sheet, frame, id, decided);
  }
  details(sheet, decided);
  numbers(sheet, frame, decided);
  if (sheets.length > 0) orderOfWork(sheet, decided);
  acceptance(sheet, decided);
  sheet.heading('Care');
  const units = unitsOf(decided);
  for (const caution of decided.cautions)
    sheet.paragraph(`– ${phraseText(caution, units)}`, { size: 8.5 });
}

/** Mark, rooms, size, hand, set; and the code that opens the opening on a telephone. */
function head(sheet: Sheet, frame: SheetsFrame, id: string, decided: DecidedOpening): void {
  const heading = headingOf(decided);
  const { doc, width } = sheet;
  const y = MARGIN;
  const set = frame.setOf.get(id);
  sheet.mark('H2', () => sheet.at(heading.mark, MARGIN, y, { face: 'title', size: 26 }));
  sheet.mark('P', () => {
    sheet.at([heading.from, heading.to].filter(Boolean).join(' – '), MARGIN, y + 31, { size: 10 });
    sheet.at(
      [
        heading.size,
        heading.hand || 'hand open',
        heading.rating === 'none' ? '' : heading.rating,
        set === undefined ? 'undecided' : `set ${set}`,
        frame.projectName,
      ]
        .filter(Boolean)
        .join(' · '),
      MARGIN,
      y + 45,
      { size: 9, colour: FAINT },
    );
  });
  code(sheet, frame.addressOf(id), MARGIN + width - CODE, y, heading.mark);
  doc.y = y + CODE + 4;
  sheet.rule(1.2, INK);
  doc.y += 6;
  doc.x = MARGIN;
}

function code(sheet: Sheet, address: string, x: number, y: number, mark: string): void {
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' });
  const side = CODE / modules.size;
  sheet.mark(
    'Figure',
    () => {
      sheet.doc.fillColor('#000000');
      for (let row = 0; row < modules.size; row++)
        for (let column = 0; column < modules.size; column++)
          if (modules.get(row, column))
            sheet.doc.rect(x + column * side, y + row * side, side + 0.02, side + 0.02);
      sheet.doc.fill();
    },
    `Code that opens ${mark}: ${address}`,
  );
}

function warn(sheet: Sheet, decided: DecidedOpening, nothing: boolean): void {
  const units = unitsOf(decided);
  const stops = decided.findings.filter(({ level, accepted }) => level === 'stop' && !accepted);
  if (stops.length > 0) {
    sheet.paragraph(`Do not cut yet: ${stops.length} to be settled.`, { face: 'bold', size: 10 });
    for (const stop of stops) sheet.paragraph(`– ${phraseText(stop, units)}`, { size: 8.5 });
  }
  if (!nothing) return;
  sheet.paragraph('Nothing is set out yet: size, hand or swing is open.', {
    face: 'bold',
    size: 10,
  });
  for (const { status, question } of decided.decisions)
    if (status === 'open' && question)
      sheet.paragraph(`– ${phraseText(question, units)}`, { size: 8.5 });
}

/** A leaf or a frame set out, and its cuts in words beside it. */
function member(sheet: Sheet, one: PrepSheet, decided: DecidedOpening): void {
  const { doc } = sheet;
  sheet.heading(one.title, `measured from the ${one.datum}`);
  const y = doc.y;
  const table = cutRows(one, decided);
  const measured = sheet.measure(
    [
      { title: 'member', share: 14 },
      { title: 'what', share: 22 },
      { title: 'from datum', share: 22 },
      { title: 'high × across × deep', share: 34 },
    ],
    table,
  );
  const height = Math.max(200, sheet.bottom - y - measured.height - 12);
  sheet.mark(
    'Figure',
    () =>
      drawInto(doc, one.drawing, unitsOf(decided), { x: MARGIN, y, width: sheet.width, height }),
    `${one.title}, set out from the ${one.datum}`,
  );
  doc.x = MARGIN;
  doc.y = y + height + 6;
  sheet.draw(measured);
}

function cutRows({ cuts }: PrepSheet, decided: DecidedOpening): string[][] {
  const { system, denominator } = decided.practice;
  const shown = (ticks: number) => formatLength(ticks, { system, denominator });
  return cuts.map((cut) => [
    termText(`member.${cut.member}`),
    termText(cut.thing),
    `${shown(cut.down[0])} – ${shown(cut.down[1])}`,
    [cut.down[1] - cut.down[0], cut.across[1] - cut.across[0], cut.depth].map(shown).join(' × '),
  ]);
}

/** The lock cut through and its strike, larger than the whole. */
function details(sheet: Sheet, decided: DecidedOpening): void {
  const models: [string, DrawingModel | undefined][] = [
    ['Cut through the lock', lockSection(decided)],
    ['Strike from the opening', strikeFace(decided)],
  ];
  const there = models.filter((one): one is [string, DrawingModel] => one[1] !== undefined);
  if (there.length === 0) return;
  const { doc } = sheet;
  sheet.heading('Details');
  const units = unitsOf(decided);
  const width = (sheet.width - 16) / 2;
  const { y } = doc;
  there.forEach(([name, model], at) => {
    const x = MARGIN + at * (width + 16);
    sheet.mark(
      'Figure',
      () => {
        sheet.at(name, x, y, { size: 8, colour: FAINT });
        drawInto(doc, model, units, { x, y: y + 12, width, height: 176 });
      },
      name,
    );
  });
  doc.x = MARGIN;
  doc.y = y + 196;
}

/** What the stage of preparing has for the workshop: groups of numbers, bits, notes; and templates for a router. */
function numbers(sheet: Sheet, frame: SheetsFrame, decided: DecidedOpening): void {
  const units = unitsOf(decided);
  const preparation = preparationOf(decided, frame.basis);
  if (preparation) {
    sheet.heading('Hinges, lock and strike');
    sheet.table(
      [
        { title: '', share: 46 },
        { title: '', share: 30 },
        { title: '', share: 24 },
      ],
      preparation.groups.flatMap(({ name, lines }) =>
        lines.map((line, at) => [
          termText(line.name),
          line.values.map((value) => partsText(valueParts(value, units))).join(' × '),
          at === 0 ? termText(name) : '',
        ]),
      ),
    );
    sheet.heading('Bits and saws');
    bitTable(sheet, preparation.bits, units);
    for (const note of preparation.notes)
      sheet.paragraph(`– ${phraseText(note, units)}`, { size: 8.5 });
  }
  templates(sheet, frame.router, decided);
}

function templates(sheet: Sheet, router: Router, decided: DecidedOpening): void {
  const units = unitsOf(decided);
  const shown = (ticks: number) => formatLength(ticks, units);
  const recesses = new Map<string, { thing: string; height: number; width: number }>();
  for (const { cuts } of prepSheets(decided))
    for (const { thing, down, across, member, how } of cuts)
      if (how === 'in' && /edge|jamb/.test(member)) {
        const [height, width] = [down[1] - down[0], across[1] - across[0]];
        recesses.set(`${thing} ${height} ${width}`, { thing, height, width });
      }
  const rows = [...recesses.values()].flatMap(({ thing, height, width }) => {
    const opening = templateOpening({ width, height }, router);
    return opening
      ? [
          [
            termText(thing),
            `${shown(height)} × ${shown(width)}`,
            `${shown(opening.height)} × ${shown(opening.width)}`,
            shown(opening.offset),
          ],
        ]
      : [];
  });
  if (rows.length === 0) return;
  sheet.heading(
    'Templates for the router',
    `bit ${shown(router.bit)}, collar ${shown(router.collar)}`,
  );
  sheet.table(
    [
      { title: 'recess', share: 24 },
      { title: 'is', share: 26 },
      { title: 'opening of the template', share: 30 },
      { title: 'fence off the line by', share: 20 },
    ],
    rows,
  );
}

/** The steps of the work in their order, with the numbers of this opening: the same that the site ticks. */
function orderOfWork(sheet: Sheet, decided: DecidedOpening): void {
  const steps = fittingSteps(decided);
  const units = unitsOf(decided);
  sheet.heading('Order of work');
  steps.forEach(({ leaf, say, figures }, at) => {
    const text = phraseText(say, units);
    const numbers = figures.map(
      ({ name, value }) => `${termText(name)} ${partsText(valueParts(value, units))}`,
    );
    sheet.paragraph(
      [`${at + 1}  ${leaf ? `${termText(leaf)}: ` : ''}${text}`, ...numbers].join(' · '),
      { size: 8.8 },
    );
  });
}

/** What to bring for these openings: a page before the first of them. */
export function bringPage(
  sheet: Sheet,
  frame: SheetsFrame,
  openings: readonly { id: string; decided: DecidedOpening }[],
): void {
  const { doc } = sheet;
  const { tools, bits, people, lifter } = toBring(
    openings.map(({ decided }) => decided),
    frame.basis,
  );
  sheet.part('What to bring');
  sheet.mark('H2', () => sheet.at('What to bring', MARGIN, MARGIN, { face: 'title', size: 26 }));
  doc.y = MARGIN + 40;
  doc.x = MARGIN;
  const hands = people === 1 ? '1 person' : `${people} people`;
  sheet.paragraph(`${hands} for the heaviest leaf${lifter ? ', and a lifter' : ''}.`, { size: 10 });
  sheet.heading('Openings');
  sheet.table(
    [
      { title: 'mark', share: 12 },
      { title: 'rooms', share: 36 },
      { title: 'size', share: 24 },
      { title: 'hand', share: 16 },
      { title: 'set', share: 12 },
    ],
    openings.map(({ id, decided }) => {
      const { mark, from, to, size, hand } = headingOf(decided);
      const set = frame.setOf.get(id);
      return [
        mark,
        [from, to].filter(Boolean).join(' – '),
        size,
        hand || 'open',
        set === undefined ? 'undecided' : String(set),
      ];
    }),
  );
  sheet.heading('Tools');
  sheet.paragraph(tools.map((tool) => termText(tool)).join('; '), { size: 9 });
  if (bits.length > 0) {
    sheet.heading('Bits and saws');
    const units = unitsOf(openings[0]!.decided);
    bitTable(sheet, bits, units);
  }
}

function bitTable(sheet: Sheet, bits: readonly PrepBit[], units: Units): void {
  sheet.table(
    [
      { title: '', share: 22 },
      { title: '', share: 18 },
      { title: '', share: 60 },
    ],
    bits.map((bit) => [
      termText(`prepTool.${bit.kind}`),
      formatLength(bit.size, units),
      bit.makes.map((make) => termText(make).split(',')[0]).join('; '),
    ]),
  );
}

function acceptance(sheet: Sheet, { results }: DecidedOpening): void {
  const { spec } = results.securing;
  const steps = spec ? acceptanceTest(spec) : [];
  if (steps.length === 0) return;
  sheet.heading('Acceptance test', 'tick what is as it stands here');
  sheet.table(
    [
      { title: '', share: 5 },
      { title: '', share: 55 },
      { title: '', share: 40 },
    ],
    steps.map(({ action, refused, opens, latch }, at) => [
      String(at + 1),
      termText(`act.${action}`),
      refused
        ? 'nothing moves'
        : opens
          ? 'it opens'
          : latch
            ? 'the latch draws back'
            : 'it stays shut',
    ]),
  );
}
