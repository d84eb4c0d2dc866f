import {
  phraseText,
  summaryOf,
  summaryText,
  termText,
  unitsOf,
  type DecidedOpening,
} from '@riegel/core';
import { readArguments, type Arguments } from './arguments.js';
import { cutsText, preparationText, surveyText, workText } from './bench.js';
import { EXPORTS } from './export.js';
import { openProject, type Opened } from './project.js';

/** What a run printed and how it ended. */
export interface Outcome {
  /** 0 done, 1 something stops, 2 not understood. */
  code: 0 | 1 | 2;
  out: string | Uint8Array;
  err: string;
}

/** The world outside: files and the date. */
export interface Outside {
  /** The text of a file, or of standard input for `-`. */
  read(path: string): string;
  write(path: string, content: string | Uint8Array): void;
  /** ISO, of today. */
  today(): string;
}

const USAGE = `Usage: riegel COMMAND [project.json] [options]

Reads a project file (standard input without a name, or with -); no server, no database.

  decide [--opening MARK] [--text]   every opening's decisions, basis, reasons and findings
  check [--level stop|check|note]    what is found and what could not be checked, a line each; ends with 1
                                     where something stops
  sets [--text]                      the hardware sets with their openings
  survey [--opening MARK]            what was read on site, in the order it is read
  cuts [--opening MARK]              the leaf to order, the cut plan, and what a copied leaf gains
  prepare [--opening MARK]           hinges, lock and strike in the workshop's numbers, bits and saws
  work [--opening MARK]              the order of work, step by step
  export FORMAT [--out FILE] [--date YYYY-MM-DD]

Formats:
${Object.entries(EXPORTS)
  .map(([name, { what }]) => `  ${name.padEnd(17)}${what}`)
  .join('\n')}

Exit 0 when done, 1 when check finds a stop, 2 when the file or the call could not be understood.
`;

const failed = (sentences: readonly string[]): Outcome => ({
  code: 2,
  out: '',
  err: sentences.map((sentence) => `${sentence}\n`).join(''),
});
const done = (out: string | Uint8Array, code: 0 | 1 = 0): Outcome => ({ code, out, err: '' });
const json = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`;

interface Command {
  valued: readonly string[];
  flags: readonly string[];
  words?: number;
  run(opened: Opened, args: Arguments, outside: Outside): Outcome | Promise<Outcome>;
}

const LEVELS = ['stop', 'check', 'note'];

/** The openings that are asked for; undefined where there is none of that mark. */
function wantedOf(openings: Opened['openings'], mark: string | undefined) {
  const wanted = openings.filter((one) => mark === undefined || one.mark === mark);
  return mark !== undefined && wanted.length === 0 ? undefined : wanted;
}

const noOpening = (mark: string | undefined) =>
  failed([`riegel: there is no opening “${mark}” in the file.`]);

/** A command that prints some lines of every opening, each under its mark. */
const ofOpenings = (lines: (decided: DecidedOpening, opened: Opened) => string[]): Command => ({
  valued: ['opening'],
  flags: [],
  run: (opened, { options }) => {
    const mark = options.get('opening');
    const wanted = wantedOf(opened.openings, mark);
    if (!wanted) return noOpening(mark);
    const texts = wanted.map((one) => [one.mark, ...lines(one.decided, opened)].join('\n'));
    return done(`${texts.join('\n\n')}\n`);
  },
});

const COMMANDS: Record<string, Command> = {
  decide: {
    valued: ['opening'],
    flags: ['text'],
    run: ({ project, basis, openings, schedule }, { options }) => {
      const mark = options.get('opening');
      const wanted = wantedOf(openings, mark);
      if (!wanted) return noOpening(mark);
      if (options.has('text'))
        return done(`${wanted.map(({ decided }) => summaryText(decided)).join('\n\n')}\n`);
      const sets = new Map(schedule.matrix.rows.map(({ id, set }) => [id, set ?? null]));
      return done(
        json({
          project: project.name,
          practice: basis.practice.id,
          openings: wanted.map(({ id, decided }) => ({
            ...summaryOf(decided),
            set: sets.get(id) ?? null,
          })),
        }),
      );
    },
  },
  check: {
    valued: ['level'],
    flags: [],
    run: ({ openings }, { options }) => {
      const level = options.get('level') ?? 'check';
      if (!LEVELS.includes(level))
        return failed([`riegel: “${level}” is no level; it is stop, check or note.`]);
      const told = new Set(LEVELS.slice(0, LEVELS.indexOf(level) + 1));
      const found = openings.flatMap(({ mark, decided }) =>
        decided.findings.map((finding) => ({ mark, finding, units: unitsOf(decided) })),
      );
      const lines = found
        .filter(({ finding }) => told.has(finding.level) && !finding.accepted)
        .map(
          ({ mark, finding, units }) =>
            `${finding.level}\t${mark}\t${finding.code}\t${phraseText(finding, units)}\n`,
        );
      // No finding means checked only where it was: what could not be is said, unless stops alone are asked for.
      const asked = level === 'stop' ? [] : openings;
      const open = asked.flatMap(({ mark, decided }) =>
        decided.laws.notChecked.map(({ law, lacks }) => {
          const { language } = unitsOf(decided);
          const wants = lacks.map((name) => termText(`fact.${name}`, language)).join(' or ');
          const code = `law.${law}`;
          return `not checked\t${mark}\t${code}\t${termText(code, language)}; not recorded: ${wants}\n`;
        }),
      );
      const stops = found.some(({ finding }) => finding.level === 'stop' && !finding.accepted);
      return done([...lines, ...open].join(''), stops ? 1 : 0);
    },
  },
  survey: ofOpenings((decided) => surveyText(decided)),
  cuts: ofOpenings((decided) => cutsText(decided)),
  prepare: ofOpenings((decided, { basis }) => preparationText(decided, basis)),
  work: ofOpenings((decided) => workText(decided)),
  sets: {
    valued: [],
    flags: ['text'],
    run: ({ schedule }, { options }) => {
      const { sets, undecided, without } = schedule;
      if (!options.has('text'))
        return done(
          json({
            sets: sets.map(({ number, name, headings, lines }) => ({
              number,
              name,
              openings: headings.map(({ mark }) => mark),
              lines,
            })),
            undecided: undecided.map(({ heading, open }) => ({ mark: heading.mark, open })),
            without: without.map(({ mark }) => mark),
          }),
        );
      const text = sets.map(({ number, name, headings, lines }) =>
        [
          `Set ${number}  ${name}: ${headings.map(({ mark }) => mark).join(', ')}`,
          ...lines.map(
            ({ quantity, unit, description, size, finish }) =>
              `  ${quantity} ${unit}  ${[description, size, finish].filter(Boolean).join(', ')}`,
          ),
        ].join('\n'),
      );
      const open = undecided.map(
        ({ heading, open: questions }) => `${heading.mark}: ${questions.join(' ')}`,
      );
      return done(
        `${[...text, ...(open.length > 0 ? [`Undecided\n${open.map((line) => `  ${line}`).join('\n')}`] : [])].join('\n\n')}\n`,
      );
    },
  },
  export: {
    valued: ['out', 'date'],
    flags: [],
    words: 1,
    run: async (opened, { words: [format = ''], options }, outside) => {
      const kind = Object.hasOwn(EXPORTS, format) ? EXPORTS[format] : undefined;
      if (!kind) return failed([`riegel: “${format}” is no format; try riegel --help.`]);
      const date = options.get('date') ?? outside.today();
      if (!/^\d{4}-\d\d-\d\d$/.test(date))
        return failed([`riegel: “${date}” is no date; write it as 2026-01-31.`]);
      const made = await kind.make(opened, date);
      const path = options.get('out');
      if (path === undefined || path === '-') return done(made);
      try {
        outside.write(path, made);
      } catch (error) {
        return failed([`riegel: “${path}” cannot be written (${codeOf(error)}).`]);
      }
      return done('');
    },
  },
};

const codeOf = (error: unknown) => (error as NodeJS.ErrnoException).code ?? 'error';

/** Runs the command line. */
export async function run(args: readonly string[], outside: Outside): Promise<Outcome> {
  const [name, ...rest] = args;
  if (name === undefined) return { code: 2, out: '', err: USAGE };
  if (name === '--help' || name === 'help' || rest.includes('--help')) return done(USAGE);
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (!command) return failed([`riegel: “${name}” is not a command; try riegel --help.`]);
  const read = readArguments(rest, command.valued, command.flags, command.words);
  if (typeof read === 'string') return failed([`riegel: ${read}`]);
  let content: string;
  try {
    content = outside.read(read.path);
  } catch (error) {
    return failed([`riegel: “${read.path}” cannot be read (${codeOf(error)}).`]);
  }
  const opened = openProject(content);
  return 'faults' in opened ? failed(opened.faults) : command.run(opened, read, outside);
}
