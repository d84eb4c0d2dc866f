import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inches, type OpeningFacts } from '@riegel/core';
import { basisOf, openingsOf } from '../schedule/schedulePdf.js';
import { houseJob } from '../testing/houseJob.js';
import { wiringPdf } from './wiringPdf.js';

const DOOR: OpeningFacts = {
  mark: '101',
  kind: 'single',
  from: 'Corridor',
  to: 'Suite',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  hingeSide: 'left',
  swing: 'out',
  leafConstruction: 'timber-particle',
};
const textOf = async (facts: OpeningFacts[]) => {
  const job = houseJob(facts);
  const bytes = await wiringPdf(job, basisOf(job), openingsOf(job));
  const path = join(mkdtempSync(join(tmpdir(), 'riegel-wiring-')), 'w.pdf');
  writeFileSync(path, bytes);
  return execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' }).replace(
    /\s+/g,
    ' ',
  );
};

describe('wiring and operation', () => {
  it('tells how it works, each run of cable, and where each thing stands', async () => {
    const text = await textOf([
      {
        ...DOOR,
        electricLock: 'sensor-magnet',
        access: 'reader',
        lockUse: 'passage',
        alarmReleases: true,
        cableRun: 60,
      },
      { ...DOOR, mark: '102', lockUse: 'store' },
    ]);
    expect(text).toContain('Normally: closed and held shut by its magnet.');
    expect(text).toContain('1 × magnetic lock, on the frame · 4 conductors, AWG 18 · 0.5 A');
    expect(text).toContain('1 × exit button, on the wall · 4 conductors');
    expect(text).toMatch(
      /1 card reader, outside, 41 in above the floor; 2 exit button, inside, 44/,
    );
    // What has no power is left out.
    expect(text).not.toContain('102');
  });
  it('tells a wire through the hinge and an inrush that is more than what is held', async () => {
    const text = await textOf([{ ...DOOR, role: 'server', lockUse: 'reader', access: 'reader' }]);
    expect(text).toMatch(
      /1 × electrified lock, in the leaf · electric hinge · 8 conductors · 0.35 A held, 0.6 A as/,
    );
  });
  it('says so where nothing has power', async () => {
    expect(await textOf([{ ...DOOR, lockUse: 'store' }])).toContain('No opening has power.');
  });
});
