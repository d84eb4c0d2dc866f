import writeExcelFile from 'write-excel-file/node';

/** A list as an XLSX workbook of text cells, its headings bold and kept in sight. */
export function writeWorkbook(cells: string[][]): Promise<Buffer> {
  const [heading = [], ...rows] = cells;
  const text = (value: string) => (value === '' ? null : { value, type: String });
  return writeExcelFile(
    [
      heading.map((value) => ({ value, type: String, fontWeight: 'bold' as const })),
      ...rows.map((row) => row.map(text)),
    ],
    { sheet: 'Openings', stickyRowsCount: 1 },
  ).toBuffer();
}
