import {
  boundText,
  countRound,
  figureText,
  gapBenchesOf,
  gapDrawing,
  headingOf,
  phraseText,
  siteState,
  termText,
  testsOf,
  unitsOf,
  type DecidedOpening,
  type SiteRecord,
  type SiteState,
} from '@riegel/core';
import { drawInto } from '../pdf/drawing.js';
import { FAINT, INK, MARGIN, type Sheet } from '../pdf/sheet.js';

const OUTCOME = { right: 'as it should be', fault: 'fault', 'not-tried': 'not tried' } as const;

/** A time as it is written beside a record: day and minute, UTC. */
const when = (at: string) => `${at.slice(0, 10)} ${at.slice(11, 16)}`;

/** What was found at an opening in one round, by whom, with figures, gaps, defects and signatures. */
export function roundPages(
  sheet: Sheet,
  decided: DecidedOpening,
  records: readonly SiteRecord[],
  round: string,
  projectName: string,
): void {
  const state = siteState(records);
  const heading = headingOf(decided);
  const tests = testsOf(round, decided);
  const found = state.tests.get(round);
  const signed = state.signed.filter((one) => one.round === round);
  sheet.part(heading.mark);
  sheet.title(`${heading.mark}  ${round === 'acceptance' ? 'Acceptance' : 'Inspection'} record`);
  sheet.paragraph(
    [
      [heading.from, heading.to].filter(Boolean).join(' – '),
      heading.size,
      heading.hand || 'hand open',
      heading.rating === 'none' ? 'not rated' : heading.rating,
      projectName,
    ]
      .filter(Boolean)
      .join(' · '),
    { size: 10 },
  );
  sheet.paragraph(
    'A record of what was seen, measured and by whom. Whether it is enough, the adopted code, the authority, the listing and the makers’ instructions say.',
    { face: 'bold' },
  );
  const { right, faults, untried } = countRound(tests, found);
  sheet.paragraph(
    `${tests.length} things to try: ${right} as they should be, ${faults} with a fault, ${untried} not tried.`,
  );
  const units = unitsOf(decided);
  sheet.heading('What was tried');
  sheet.table(
    [
      { title: '', share: 12 },
      { title: 'what', share: 44 },
      { title: 'shall be', share: 17 },
      { title: 'measured', share: 12 },
      { title: 'found', share: 15 },
      { title: 'by, when (UTC)', share: 22 },
      { title: 'note', share: 20 },
    ],
    tests.map((test) => {
      const one = found?.get(test.id);
      return [
        termText(`prove.part.${test.part}`),
        phraseText(test.say, units),
        test.measured ? boundText(test.measured, units) : '',
        one?.value !== undefined && test.measured
          ? figureText(one.value, test.measured.unit, units)
          : '',
        one ? OUTCOME[one.outcome] : 'not tried',
        one ? `${one.by}, ${when(one.at)}` : '',
        one?.note ?? '',
      ];
    }),
  );
  gaps(sheet, decided, state);
  defects(sheet, state);
  deviations(sheet, state);
  sheet.heading('Signed');
  if (signed.length === 0) sheet.paragraph('Nobody has signed this round.');
  for (const one of signed) signature(sheet, one);
}

function gaps(sheet: Sheet, decided: DecidedOpening, state: SiteState): void {
  for (const bench of gapBenchesOf(decided)) {
    const read = state.gaps.get(bench.leaf)?.at(-1);
    if (!read) continue;
    sheet.room(230);
    sheet.heading(
      bench.leaf === 'leaf' ? 'Gaps' : `Gaps, ${termText(`leaf.${bench.leaf}`)}`,
      `read by ${read.by}, ${when(read.at)}`,
    );
    const { doc } = sheet;
    const { y } = doc;
    sheet.mark(
      'Figure',
      () =>
        drawInto(
          doc,
          gapDrawing(bench.geometry, bench.wanted, read.gaps, decided.practice.system),
          unitsOf(decided),
          { x: MARGIN, y, width: sheet.width, height: 200 },
        ),
      'The gaps all round, from the pull side',
    );
    doc.x = MARGIN;
    doc.y = y + 206;
  }
}

function defects(sheet: Sheet, { defects: list }: SiteState): void {
  if (list.length === 0) return;
  sheet.heading('Defects');
  sheet.table(
    [
      { title: 'what', share: 40 },
      { title: 'who puts it right', share: 20 },
      { title: 'by', share: 12 },
      { title: 'reported', share: 20 },
      { title: 'put right', share: 28 },
    ],
    list.map(({ reported, settled }) => [
      reported.what,
      reported.who ?? '',
      reported.until ?? '',
      `${reported.by}, ${when(reported.at)}`,
      settled ? `${settled.note} (${settled.by}, ${when(settled.at)})` : 'open',
    ]),
  );
}

function deviations(sheet: Sheet, { deviations: list }: SiteState): void {
  if (list.length === 0) return;
  sheet.heading('Done otherwise than planned');
  sheet.table(
    [
      { title: 'what', share: 40 },
      { title: 'why', share: 40 },
      { title: 'by, when (UTC)', share: 24 },
    ],
    list.map(({ what, why, by, at }) => [what, why, `${by}, ${when(at)}`]),
  );
}

/** A signature as it was drawn, with who and when. */
function signature(sheet: Sheet, one: SiteState['signed'][number]): void {
  sheet.room(90);
  const { doc } = sheet;
  const { y } = doc;
  const points = [...one.signature.matchAll(/([ML])(-?[\d.]+) (-?[\d.]+)/g)].map(
    ([, move, x, down]) => ({ move: move === 'M', x: Number(x), y: Number(down) }),
  );
  if (points.length > 0) {
    const [left, top] = [
      points.reduce((least, { x }) => Math.min(least, x), Infinity),
      points.reduce((least, { y: one }) => Math.min(least, one), Infinity),
    ];
    const [wide, tall] = [
      Math.max(1, points.reduce((most, { x }) => Math.max(most, x), -Infinity) - left),
      Math.max(1, points.reduce((most, { y: one }) => Math.max(most, one), -Infinity) - top),
    ];
    const scale = Math.min(180 / wide, 48 / tall);
    sheet.mark(
      'Figure',
      () => {
        doc.lineWidth(1).strokeColor(INK).undash();
        for (const { move, x, y: down } of points) {
          const at = [MARGIN + (x - left) * scale, y + (down - top) * scale] as const;
          if (move) doc.moveTo(...at);
          else doc.lineTo(...at);
        }
        doc.stroke();
      },
      `Signature of ${one.name}`,
    );
  }
  doc.y = y + 52;
  sheet.rule(0.6, FAINT, MARGIN, 200);
  doc.y += 3;
  sheet.paragraph(
    `${one.name}, ${when(one.at)} UTC: ${one.right} as they should be, ${one.faults} with a fault, ${one.untried} not tried.${one.due ? ` To be looked at again by ${one.due}.` : ''}${one.note ? ` ${one.note}` : ''}`,
  );
}
