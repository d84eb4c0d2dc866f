import {
  basisOfFile,
  decideOpening,
  faultPlace,
  phraseText,
  readProject,
  setNumbers,
  summaryOf,
  summaryText,
  withWays,
} from '@riegel/core';

/** What a run printed and how it ended. */
export interface Outcome {
  code: 0 | 2;
  out: string;
  err: string;
}

const USAGE = `Usage: riegel decide [project.json] [--opening MARK] [--text]

Reads a project file (standard input without a name, or with -) and prints every opening's
decisions, their basis, reasons and findings as JSON.

  --opening MARK   only the opening of that mark
  --text           for people instead of scripts

Exit 0 when read, 2 when the file or the call could not be understood.
`;

function failed(sentences: string[]): Outcome {
  return { code: 2, out: '', err: sentences.map((sentence) => `${sentence}\n`).join('') };
}

/** Runs the command line. `read` gives the text of a file, or of standard input for `-`. */
export function run(args: string[], read: (path: string) => string): Outcome {
  const [command, ...rest] = args;
  if (command === undefined || command === '--help' || command === 'help') {
    return {
      code: command === undefined ? 2 : 0,
      out: command === undefined ? '' : USAGE,
      err: command === undefined ? USAGE : '',
    };
  }
  if (command !== 'decide')
    return failed([`riegel: “${command}” is not a command; try riegel --help.`]);
  let path = '-';
  let mark: string | undefined;
  let text = false;
  for (let index = 0; index < rest.length; index++) {
    const arg = rest[index]!;
    if (arg === '--text') text = true;
    else if (arg === '--help') return { code: 0, out: USAGE, err: '' };
    else if (arg === '--opening') {
      mark = rest[++index];
      if (mark === undefined) return failed(['riegel: --opening needs a mark.']);
    } else if (arg.startsWith('--opening=')) mark = arg.slice('--opening='.length);
    else if (arg.startsWith('--'))
      return failed([`riegel: “${arg}” is not an option; try riegel --help.`]);
    else path = arg;
  }
  let content: string;
  try {
    content = read(path);
  } catch (error) {
    return failed([
      `riegel: “${path}” cannot be read (${(error as NodeJS.ErrnoException).code ?? 'error'}).`,
    ]);
  }
  return decide(content, mark, text);
}

function decide(content: string, mark: string | undefined, text: boolean): Outcome {
  const result = readProject(content);
  if (!result.ok) {
    const units = { system: 'inch' as const };
    return failed(result.faults.map((fault) => faultPlace(fault) + phraseText(fault.fault, units)));
  }
  const { project } = result;
  const basis = withWays(basisOfFile(project), project.openings);
  const decided = project.openings.map((facts, index) => ({
    id: String(index),
    decided: decideOpening(facts, basis),
  }));
  const numbers = setNumbers(decided);
  const wanted =
    mark === undefined ? decided : decided.filter((entry) => entry.decided.facts.mark === mark);
  if (mark !== undefined && wanted.length === 0)
    return failed([`riegel: there is no opening “${mark}” in the file.`]);
  if (text)
    return {
      code: 0,
      out: `${wanted.map((entry) => summaryText(entry.decided)).join('\n\n')}\n`,
      err: '',
    };
  const openings = wanted.map((entry) => ({
    ...summaryOf(entry.decided),
    set: numbers.get(entry.id) ?? null,
  }));
  const output = { project: project.name, practice: basis.practice.id, openings };
  return { code: 0, out: `${JSON.stringify(output, null, 2)}\n`, err: '' };
}
