import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { decideOpening, type DecidedOpening } from '../deciding/index.js';
import { readProject } from '../exchange/index.js';
import { CLOSER_KINDS } from '../closing/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { projectBasis } from '../project/index.js';
import { LOCK_KINDS } from '../securing/index.js';
import { unitsOf } from '../scheduling/index.js';
import { soundFacts } from '../testing/arbitrary.js';
import {
  devicesDrawing,
  draw,
  heightsDrawing,
  layout,
  lockSection,
  rodEnds,
  strikeFace,
  VIEWS,
  type DrawingModel,
} from './index.js';
import { crosses, grown, overlap, textBoxes } from './textBoxes.js';

/** Lines that a figure or a word must stand clear of; what is dashed or quiet may pass behind it. */
const SOLID = new Set(['leaf', 'frame', 'hardware', 'dimension', 'floor']);

/** What lies on each other in a drawing, in words. */
function faults(model: DrawingModel | undefined, decided: DecidedOpening): string[] {
  if (!model) return [];
  const drawn = layout(model, unitsOf(decided));
  const boxes = textBoxes(drawn.primitives);
  const hair = drawn.textHeight * 0.1;
  const found: string[] = [];
  boxes.forEach((a, index) => {
    for (const b of boxes.slice(index + 1))
      if (overlap(grown(a, -hair), b)) found.push(`“${a.text}” on “${b.text}”`);
    const inner = grown(a, -hair);
    for (const one of drawn.primitives) {
      if (one.kind !== 'path' || !SOLID.has(one.layer)) continue;
      const points = one.closed ? [...one.points, one.points[0]!] : one.points;
      for (let at = 1; at < points.length; at++)
        if (crosses(points[at - 1]!, points[at]!, inner)) {
          found.push(`“${a.text}” (${a.part}) on a line of ${one.layer} (${one.part})`);
          break;
        }
    }
  });
  const [left, top, width, height] = drawn.box;
  for (const box of boxes)
    if (box.left < left || box.right > left + width || box.top < top || box.bottom > top + height)
      found.push(`“${box.text}” leaves the sheet`);
  return found;
}

/** Hardware of every kind, on whatever leaf. */
const HARDWARE: fc.Arbitrary<Partial<OpeningFacts>> = fc.record({
  lockKind: fc.constantFrom(...LOCK_KINDS),
  handle: fc.constantFrom('lever' as const, 'knob' as const),
  closer: fc.constantFrom('none' as const, ...CLOSER_KINDS),
  kickPlate: fc.constantFrom(undefined, inches(10), inches(34)),
  electricLock: fc.constantFrom(
    undefined,
    'none' as const,
    'sensor-magnet' as const,
    'hardware-magnet' as const,
  ),
  access: fc.constantFrom(undefined, 'reader' as const, 'intercom' as const, 'button' as const),
  bottomSeal: fc.constantFrom('none' as const, 'sweep' as const, 'drop-surface' as const),
  threshold: fc.constantFrom('none' as const, 'plain' as const),
});

function allFaults(decided: DecidedOpening): string[] {
  return [
    ...VIEWS.flatMap((view) =>
      faults(draw(decided, view), decided).map((one) => `${view}: ${one}`),
    ),
    ...faults(lockSection(decided), decided).map((one) => `cut: ${one}`),
    ...faults(strikeFace(decided), decided).map((one) => `strike: ${one}`),
    ...faults(rodEnds(decided), decided).map((one) => `ends: ${one}`),
    ...faults(heightsDrawing(decided), decided).map((one) => `heights: ${one}`),
    ...(['outside', 'inside'] as const).flatMap((from) =>
      faults(devicesDrawing(decided, from), decided).map((one) => `devices ${from}: ${one}`),
    ),
  ];
}

describe('words and figures on a drawing', () => {
  const folder = join(__dirname, '../../../demo');
  it.each(readdirSync(folder).filter((name) => name.endsWith('.json')))(
    'stand clear of each other and of every line: %s',
    (name) => {
      const read = readProject(readFileSync(join(folder, name), 'utf8'));
      if (!read.ok) throw new Error(name);
      const { practice, building, openings } = read.project;
      const basis = projectBasis(practice, [], building);
      expect(
        openings.flatMap((facts) =>
          allFaults(decideOpening(facts, basis)).map((one) => `${facts.mark} ${one}`),
        ),
      ).toEqual([]);
    },
  );
  it('stand clear on whatever is recorded', () => {
    const basis = projectBasis('us-commercial');
    fc.assert(
      fc.property(soundFacts, HARDWARE, (facts, hardware) => {
        expect(allFaults(decideOpening({ ...facts, ...hardware }, basis))).toEqual([]);
      }),
      { numRuns: 300 },
    );
  });
});
