import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inches, readSiteRecord, type OpeningFacts, type SiteRecord } from '@riegel/core';
import { houseJob } from '../testing/houseJob.js';
import { handoverPdf, recordPdf, type RecordJob } from '../index.js';

const FACTS: OpeningFacts = {
  mark: '101',
  kind: 'single',
  from: 'Corridor',
  to: 'Stair',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafThickness: inches(1.75),
  hingeSide: 'left',
  swing: 'in',
  leafConstruction: 'steel-honeycomb-18',
  rating: 90,
  frequency: 'medium',
};
let number = 0;
const record = (more: Record<string, unknown>): SiteRecord =>
  readSiteRecord({
    id: `r${number}`,
    openingId: '0',
    by: 'Tom Reed',
    at: `2026-11-27T08:${String(number++).padStart(2, '0')}:00Z`,
    ...more,
  })!;
const RECORDS = [
  record({ kind: 'test', round: 'acceptance', test: 'whole.labels', outcome: 'right' }),
  record({
    kind: 'test',
    round: 'acceptance',
    test: 'closing.sweep',
    outcome: 'fault',
    value: 3.25,
    note: 'valve open too far',
  }),
  record({ kind: 'test', round: 'acceptance', test: 'force.release', outcome: 'right', value: 40 }),
  record({
    kind: 'gaps',
    leaf: 'leaf',
    gaps: { 'lock-top': inches(1 / 4), 'head-middle': inches(1 / 8) },
  }),
  record({
    kind: 'defect',
    defect: 'd1',
    what: 'Label painted',
    who: 'Painter',
    until: '2026-12-24',
  }),
  record({ kind: 'defect', defect: 'd2', what: 'Screw missing' }),
  record({ kind: 'settled', defect: 'd2', note: 'put in' }),
  record({ kind: 'deviation', what: 'Closer on the other face', why: 'a duct stood there' }),
  record({ kind: 'installed', part: 'closing 0', words: 'Closer as made', setting: 'sweep 1 ½' }),
  record({ kind: 'note', text: 'Seal exchanged' }),
  record({
    kind: 'signed',
    round: 'acceptance',
    of: 'acceptance',
    name: 'Ines Okafor',
    signature: 'M0 0L40 20L80 4M90 9L99 12',
    right: 2,
    faults: 1,
    untried: 9,
    due: '2027-11-27',
  }),
];
const job = (more: Partial<RecordJob> = {}): RecordJob => ({
  ...houseJob([FACTS]),
  date: '2026-12-01',
  wanted: '0',
  records: RECORDS,
  round: undefined,
  ...more,
});
const textOf = (bytes: Uint8Array) => {
  const path = join(mkdtempSync(join(tmpdir(), 'riegel-record-')), 'record.pdf');
  writeFileSync(path, bytes);
  return execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' }).replace(
    / +/g,
    ' ',
  );
};

describe('the record of a round', () => {
  it('says what was seen, measured, by whom, what is wrong, and never that it is enough', async () => {
    const text = textOf(await recordPdf(job()));
    expect(text).toContain('101 Acceptance record');
    expect(text).toMatch(/Time from 90° to 12°\. 5\.0 s to 7\.0 s 3\.3 s fault Tom Reed/);
    expect(text).toMatch(/Force at the handle.*at most 15 lbf 9 lbf/s);
    expect(text).toContain('2 as they should be, 1 with a fault');
    expect(text).toContain('1⁄4 in');
    expect(text).toMatch(/Label painted Painter 2026-12-24 .* open/);
    expect(text).toMatch(/Screw missing .* put in \(Tom Reed/);
    expect(text).toContain('Closer on the other face');
    expect(text).toContain('To be looked at again by 2027-11-27.');
    expect(text).toContain('Whether it is enough');
    expect(text.toLowerCase()).not.toContain('compliant');
  });
  it('of an inspection has the list of inspections, unsigned as it is', async () => {
    const text = textOf(await recordPdf(job({ round: 'inspection-2027-11-20' })));
    expect(text).toContain('101 Inspection record');
    expect(text).toContain('No open holes or breaks');
    expect(text).toContain('Nobody has signed this round.');
  });
  it('of an opening that is gone is a page all the same', async () => {
    expect(textOf(await recordPdf(job({ wanted: 'gone', records: [] })))).toContain(
      'Acceptance record',
    );
  });
});

describe('the hand-over pack', () => {
  it('tells in plain words what to do, what stands where, what is open, when to look again', async () => {
    const text = textOf(await handoverPdf(job()));
    expect(text).toContain('Every month');
    expect(text).toContain('Never wedge a leaf open');
    expect(text).toContain('Closers');
    expect(text).not.toContain('Exit devices');
    expect(text).toMatch(/Still to be put right/);
    expect(text).toContain('Label painted');
    expect(text).not.toContain('Screw missing');
    expect(text).toContain('Closer as made, sweep 1 ½.');
    expect(text).toContain('Next by 2027-11-27.');
    expect(text).toContain('2026-11-27: Seal exchanged');
    expect(text).toContain('What there is of each');
  });
  it('says of what nobody proved that nobody did, with the set as decided', async () => {
    const text = textOf(await handoverPdf(job({ records: [] })));
    expect(text).toContain('Not proved yet.');
    expect(text).toMatch(/3 Butt hinge/);
  });
});
