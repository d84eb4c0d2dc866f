import { dueList, type Due } from './inspections.js';

/** Octets of a line of a calendar file, at most, without its end. */
const LINE = 75;

const bytes = (text: string) => {
  let count = 0;
  for (const sign of text) {
    const code = sign.codePointAt(0)!;
    count += code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4;
  }
  return count;
};

/** A content line folded as RFC 5545 3.1 has it: at most 75 octets, going on after a blank. */
function folded(line: string): string[] {
  const parts: string[] = [];
  let part = '';
  for (const sign of line) {
    if (bytes(part + sign) > LINE) {
      parts.push(part);
      part = ' ';
    }
    part += sign;
  }
  return [...parts, part];
}

const escaped = (text: string) =>
  text.replace(/[\\;,]/g, (sign) => `\\${sign}`).replace(/\r?\n/g, '\\n');
const compact = (day: string) => day.replaceAll('-', '');

/** The day after, as a day-long entry ends. */
function dayAfter(day: string): string {
  const [year, month, of] = day.split('-').map(Number) as [number, number, number];
  const leap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  const last = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][month - 1]!;
  const [y, m, d] =
    of < last ? [year, month, of + 1] : month < 12 ? [year, month + 1, 1] : [year + 1, 1, 1];
  return `${String(y).padStart(4, '0')}${String(m).padStart(2, '0')}${String(d).padStart(2, '0')}`;
}

/**
 * Inspections as a calendar file (RFC 5545): an entry a day and project, with the marks that are due.
 *
 * @param stamp when it is written, ISO 8601 in UTC
 */
export function calendarOf(all: readonly Due[], stamp: string): string {
  const days = new Map<string, Due[]>();
  for (const due of dueList(all, '').list) {
    const key = `${due.due} ${due.projectId}`;
    const list = days.get(key);
    if (list) list.push(due);
    else days.set(key, [due]);
  }
  const at = `${stamp.slice(0, 19).replace(/[-:]/g, '')}Z`;
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Riegel//Inspections//EN',
    'CALSCALE:GREGORIAN',
    ...[...days.values()].flatMap((list) => {
      const { due, projectId, project } = list[0]!;
      return [
        'BEGIN:VEVENT',
        `UID:${due}-${projectId}@riegel`,
        `DTSTAMP:${at}`,
        `DTSTART;VALUE=DATE:${compact(due)}`,
        `DTEND;VALUE=DATE:${dayAfter(due)}`,
        `SUMMARY:${escaped(`${project}: inspect ${list.length === 1 ? `opening ${list[0]!.mark}` : `${list.length} openings`}`)}`,
        `DESCRIPTION:${escaped(list.map(({ mark, from, to }) => [mark, [from, to].filter(Boolean).join(' – ')].filter(Boolean).join('  ')).join('\n'))}`,
        'TRANSP:TRANSPARENT',
        'END:VEVENT',
      ];
    }),
    'END:VCALENDAR',
  ];
  return lines.flatMap(folded).join('\r\n') + '\r\n';
}
