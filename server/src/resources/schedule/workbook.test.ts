import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { basisOfFile, decideOpening, readProject, scheduleOf, withWays } from '@riegel/core';
import { openingTable, openTable, roomTable, setTable, workbook } from '@riegel/paper';
import { readWorkbook } from '../lists/readWorkbook.js';

/** The schedule of a demo project. */
function demoSchedule() {
  const text = readFileSync(
    join(__dirname, '../../../../demo/wendelmoor-mill-studios.json'),
    'utf8',
  );
  const read = readProject(text);
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  const { openings } = read.project;
  const basis = withWays(basisOfFile(read.project), openings);
  return scheduleOf(
    openings.map((facts, at) => {
      const decided = decideOpening(facts, basis);
      return { id: String(at), mark: facts.mark, items: decided.items, decided };
    }),
  );
}

describe('the schedule as a workbook', () => {
  it('has a sheet a part, heads and rows', async () => {
    const schedule = demoSchedule();
    const tables = [
      setTable(schedule),
      openingTable(schedule),
      roomTable(schedule),
      openTable(schedule),
    ];
    const read = await readWorkbook(await workbook(tables));
    expect(read.map(({ name }) => name)).toEqual(['Sets', 'Openings', 'Rooms', 'Open items']);
    tables.forEach(({ head, rows }, at) => {
      expect(read[at]!.cells[0]).toEqual(head);
      expect(read[at]!.cells).toHaveLength(rows.length + 1);
      expect(read[at]!.cells[1]!.slice(0, 3)).toEqual(rows[0]!.slice(0, 3).map(String));
    });
  });
});
