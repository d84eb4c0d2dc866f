import {
  draw,
  headingOf,
  itemText,
  siteState,
  quantityTakeoff,
  unitsOf,
  type ProjectBasis,
  type ScheduledOpening,
  type SiteRecord,
  type SiteState,
} from '@riegel/core';
import { drawInto } from '../pdf/drawing.js';
import { MARGIN, Sheet } from '../pdf/sheet.js';
import { basisOf, openingsOf, paperOf, type ScheduleJob } from '../schedule/schedulePdf.js';

/** A project with what is kept of its openings. */
export interface HandoverJob extends ScheduleJob {
  records: readonly SiteRecord[];
}

/** What a caretaker does, in plain words (handbook, “Keeping”); each where some opening has what it is about. */
const WORK: {
  title: string;
  has: (openings: readonly ScheduledOpening[]) => boolean;
  words: string[];
}[] = [
  {
    title: 'Every month',
    has: () => true,
    words: [
      'Open every rated leaf wide and let it go: it shuts and latches by itself. If not, report it the same day.',
      'Look for wedges, hooks and things that stand in the way; take them away. Never wedge a leaf open.',
      'Push every leaf on a way out from inside: one motion, no key.',
      'Look for loose screws, dragging leaves, damaged seals and glass; report what you find with the mark of the opening.',
    ],
  },
  {
    title: 'Closers',
    has: (openings) => openings.some(({ decided }) => decided.results.closing.closes === true),
    words: [
      'One valve governs the way from wide open, one the last bit. Clockwise slows. Turn a quarter at a time and try.',
      'Never open a valve more than two or three turns: oil comes out, and the closer is lost. Never take an arm off under load.',
    ],
  },
  {
    title: 'Exit devices',
    has: (openings) =>
      openings.some(({ decided }) => (decided.results.securing.spec?.heldBackBy.length ?? 0) > 0),
    words: [
      'To leave a leaf unlocked by day, hold its bar in with the dogging key; to lock it, let it go again and try from outside.',
      'Rated leaves have no dogging: their latch must hold at all times.',
    ],
  },
  {
    title: 'In an emergency',
    has: (openings) =>
      openings.some(({ decided }) => decided.results.securing.spec?.emergency === true),
    words: [
      'Rooms that are bolted from inside open from outside with the emergency tool: keep one at hand, and know where.',
    ],
  },
  {
    title: 'Power',
    has: (openings) => openings.some(({ decided }) => decided.results.powering.loads.length > 0),
    words: [
      'On fire alarm and without power held leaves shut and locks do what their page says. Work on wires is for those who may.',
    ],
  },
  {
    title: 'Cleaning',
    has: () => true,
    words: [
      'A soft damp cloth and a mild soap. No abrasives, no acids, no bleach on metal; no oil into a cylinder: graphite or what its maker names.',
      'Never paint labels, seals, strips, hinges or latches.',
    ],
  },
];

/**
 * The pack a caretaker is handed: what to do and when in plain words, then each opening with its drawing, what stands
 * there and how it is set, when it is looked at next, and what is still open; spare parts last.
 */
export function handoverPdf(job: HandoverJob): Promise<Buffer> {
  const basis = basisOf(job);
  const openings = openingsOf(job);
  const paper = paperOf(job, basis);
  const byOpening = new Map<string, SiteRecord[]>();
  for (const record of job.records) {
    const list = byOpening.get(record.openingId);
    if (list) list.push(record);
    else byOpening.set(record.openingId, [record]);
  }
  const sheet = new Sheet({
    title: `${job.projectName}: hand-over`,
    paper: paper === 'Tabloid' ? 'Letter' : paper === 'A3' ? 'A4' : paper,
    layout: 'portrait',
    footer: `${job.projectName} · hand-over · ${job.date}`,
  });
  sheet.part('What to do');
  sheet.title(`${job.projectName}: doors, for who keeps them`);
  sheet.paragraph(
    'Plain words for every day. The makers’ instructions, the listing, the fire strategy and the authority go before them.',
  );
  for (const { title, has, words } of WORK) {
    if (!has(openings)) continue;
    sheet.heading(title);
    for (const one of words) sheet.paragraph(`– ${one}`);
  }
  const states = new Map(
    openings.map(({ id }) => [id, siteState(byOpening.get(id) ?? [])] as const),
  );
  open(sheet, openings, states);
  sheet.doc.addPage();
  sheet.part('Openings');
  sheet.heading('Openings', `${openings.length}`);
  for (const one of openings) opening(sheet, one, states.get(one.id)!);
  spares(sheet, openings, basis);
  return sheet.finish();
}

function open(
  sheet: Sheet,
  openings: readonly ScheduledOpening[],
  states: ReadonlyMap<string, SiteState>,
): void {
  const rows = openings.flatMap(({ id, decided }) =>
    states
      .get(id)!
      .defects.filter(({ settled }) => !settled)
      .map(({ reported }) => [
        decided.facts.mark,
        reported.what,
        reported.who ?? '',
        reported.until ?? '',
      ]),
  );
  if (rows.length === 0) return;
  sheet.heading('Still to be put right', `${rows.length}`);
  sheet.table(
    [
      { title: 'opening', share: 12 },
      { title: 'what', share: 52 },
      { title: 'who', share: 20 },
      { title: 'by', share: 14 },
    ],
    rows,
  );
}

/** How tall the drawing of an opening stands in its block, in points. */
const TALL = 104;

function opening(sheet: Sheet, { decided }: ScheduledOpening, state: SiteState): void {
  const heading = headingOf(decided);
  const { doc } = sheet;
  sheet.room(TALL + 34);
  const top = doc.y;
  const model = draw(decided, 'elevation-outside');
  if (model)
    sheet.mark(
      'Figure',
      () =>
        drawInto(
          doc,
          { ...model, elements: model.elements.filter(({ kind }) => kind !== 'dimension') },
          unitsOf(decided),
          {
            x: MARGIN + sheet.width - 92,
            y: top + 2,
            width: 90,
            height: TALL,
          },
        ),
      `${heading.mark} from outside`,
    );
  const installed = [...state.installed.values()];
  const lines =
    installed.length > 0
      ? installed.map(({ words, batch, setting }) =>
          [words, batch && `batch ${batch}`, setting].filter(Boolean).join(', '),
        )
      : decided.items.map((item) => `${item.quantity} ${item.product ?? itemText(item)}`);
  const last = state.signed.at(-1);
  sheet.mark('H3', () =>
    sheet.at(
      [heading.mark, [heading.from, heading.to].filter(Boolean).join(' – ')].join('   '),
      MARGIN,
      top,
      { face: 'bold', size: 10.5, width: sheet.width - 100 },
    ),
  );
  doc.x = MARGIN;
  doc.y = top + 15;
  const words = [
    [heading.size, heading.rating === 'none' ? '' : heading.rating, heading.hand]
      .filter(Boolean)
      .join(', '),
    lines.join('; ') + '.',
    last
      ? `Last looked at ${last.at.slice(0, 10)} by ${last.name}.${last.due ? ` Next by ${last.due}.` : ''}`
      : 'Not proved yet.',
    ...state.notes.map(({ text, at }) => `${at.slice(0, 10)}: ${text}`),
  ];
  for (const one of words)
    sheet.mark('P', () =>
      doc
        .font('plain')
        .fontSize(8.3)
        .text(one, MARGIN, doc.y, { width: sheet.width - 104 }),
    );
  doc.y = Math.max(doc.y, top + TALL) + 6;
  sheet.rule();
  doc.y += 5;
}

function spares(
  sheet: Sheet,
  openings: readonly ScheduledOpening[],
  { practice }: ProjectBasis,
): void {
  const { lines } = quantityTakeoff(openings, practice, {
    by: 'all',
    spares: 0,
    pairs: false,
  })[0] ?? {
    lines: [],
  };
  if (lines.length === 0) return;
  sheet.doc.addPage();
  sheet.part('Spare parts');
  sheet.heading('What there is of each, for spare parts');
  sheet.table(
    [
      { title: '', share: 10, align: 'right' },
      { title: '', share: 60 },
      { title: '', share: 20 },
      { title: '', share: 20 },
    ],
    lines.map((line) => [String(line.quantity), line.description, line.size, line.finish]),
  );
}
