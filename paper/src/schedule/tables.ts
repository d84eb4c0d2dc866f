import { headingCells, HEADING_NAMES, type Line, type Schedule } from '@riegel/core';

/** A part of a schedule as a sheet of cells. */
export interface Table {
  name: string;
  head: string[];
  rows: (string | number)[][];
  /** From this column on cells are left to be answered in. */
  answered?: number;
}

const HEADINGS = Object.values(HEADING_NAMES);
const LINE_NAMES = ['Stage', 'Quantity', 'Unit', 'Description', 'Size', 'Finish', 'Remarks'];

const lineCells = (line: Line) => [
  line.stage,
  line.quantity,
  line.unit,
  line.description,
  line.size,
  line.finish,
  line.remarks,
];

const joined = (marks: readonly string[]) => marks.join(', ');

/** A row for each opening and item of its set; what has no set yet or no hardware after them. */
export function setTable({ sets, undecided, without }: Schedule): Table {
  const rows: Table['rows'] = [];
  for (const { number, name, headings, lines } of sets)
    for (const heading of headings)
      for (const line of lines)
        rows.push([number, name, ...headingCells(heading), ...lineCells(line)]);
  const none = (text: string) => ['', '', '', text, '', '', ''];
  for (const { heading, lines } of undecided) {
    for (const line of lines)
      rows.push(['', 'undecided', ...headingCells(heading), ...lineCells(line)]);
    if (lines.length === 0)
      rows.push(['', 'undecided', ...headingCells(heading), ...none('nothing decided yet')]);
  }
  for (const heading of without)
    rows.push(['', '', ...headingCells(heading), ...none('no hardware')]);
  return { name: 'Sets', head: ['Set', 'Set name', ...HEADINGS, ...LINE_NAMES], rows };
}

/** A row an opening, its hardware stage by stage. */
export function openingTable({ matrix }: Schedule): Table {
  return {
    name: 'Openings',
    head: ['Set', ...HEADINGS, ...matrix.stages],
    rows: matrix.rows.map(({ heading, set, stages }) => [
      set ?? '',
      ...headingCells(heading),
      ...stages,
    ]),
  };
}

/** A row a room and door. */
export function roomTable({ rooms }: Schedule): Table {
  return {
    name: 'Rooms',
    head: ['Room', 'Storey', 'Door', 'From', 'Set'],
    rows: rooms.flatMap(({ room, storey, doors }) =>
      doors.map(({ mark, other, set }) => [room, storey, mark, other, set ?? '']),
    ),
  };
}

/** What is found, open, assumed, not checked and accepted, each with its openings. */
export function openTable({ findings, open, assumed, accepted, checked }: Schedule): Table {
  return {
    name: 'Open items',
    head: ['What', 'Text', 'Openings', 'Source, or by whom and why'],
    rows: [
      ...findings.flatMap(({ level, source, told }) =>
        told.map(({ text, marks }) => [level.toUpperCase(), text, joined(marks), source]),
      ),
      ...open.map(({ text, marks, stage }) => ['OPEN', text, joined(marks), stage]),
      ...assumed.map(({ text, marks }) => ['ASSUMED', text, joined(marks), '']),
      ...checked.flatMap(({ text, notChecked }) =>
        notChecked.map(({ lacks, marks }) => [
          'NOT CHECKED',
          text,
          joined(marks),
          `not recorded: ${lacks}`,
        ]),
      ),
      ...accepted.map(({ text, marks, by, reason }) => [
        'ACCEPTED',
        text,
        joined(marks),
        `${by}: ${reason}`,
      ]),
    ],
  };
}
