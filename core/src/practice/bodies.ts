import { inches, mm, type Ticks } from '../measure/index.js';
import type { Body, BodyName } from './types.js';

type Row = [name: BodyName, across: number, up: number, through: number, keep: number];

function table(rows: Row[], unit: (value: number) => Ticks): Record<BodyName, Body> {
  return Object.fromEntries(
    rows.map(([name, across, up, through, keep]) => [
      name,
      { across: unit(across), up: unit(up), through: unit(through), keep: unit(keep) },
    ]),
  ) as Record<BodyName, Body>;
}

/** Usual bodies in inches: across the leaf, up it, through it, material kept around it. */
export const US_BODIES = table(
  [
    ['lockCase', 4.125, 6, 1, 0.25],
    ['lockBore', 2.125, 2.125, 0, 0.25],
    ['latchBore', 0, 1, 1, 0.125],
    ['rimCase', 8, 3, 2.75, 0],
    ['rod', 1, 0, 1, 0],
    ['concealedRod', 1, 0, 0.75, 0.125],
    ['flushBolt', 1, 6.75, 0.75, 0.125],
    ['surfaceBolt', 1, 8, 0.75, 0],
    ['surfaceCloser', 12, 2.5, 2.25, 0],
    ['concealedCloser', 11.5, 2, 1.25, 0.125],
    ['headCloserArm', 6, 1, 0.75, 0.125],
    ['floorCloserArm', 10, 1.25, 1, 0.125],
    ['pivotFoot', 10, 1.25, 1, 0.125],
    ['pivotHead', 5, 1.25, 0.875, 0.125],
    ['offsetFoot', 5, 1.25, 0.875, 0.125],
    ['offsetHead', 5, 1.25, 0.875, 0.125],
    ['jambPivot', 0.1875, 4, 1.25, 0.125],
    ['intermediatePivot', 0.1875, 4, 1.25, 0.125],
    ['concealedHinge', 1.125, 4.625, 1.125, 0.125],
    ['concealedHingeFrame', 1.125, 4.625, 1.125, 0.125],
    ['adjustableHinge', 1.375, 6.3125, 1.25, 0.125],
    ['adjustableHingeFrame', 1.5, 6.3125, 1.25, 0.125],
    ['sweep', 0, 1.5, 0.375, 0],
    ['dropSurface', 0, 1.75, 0.625, 0],
    ['dropHalf', 0, 1.375, 0.5, 0.125],
    ['dropFull', 0, 1.375, 0.5625, 0.125],
    ['kickPlate', 0, 10, 0.05, 0],
    ['wire', 0, 0.375, 0.375, 0.125],
  ],
  inches,
);

/** Usual bodies in millimetres, in the same order. */
export const METRIC_BODIES = table(
  [
    ['lockCase', 90, 165, 16, 6],
    ['lockBore', 54, 54, 0, 6],
    ['latchBore', 0, 25, 25, 3],
    ['rimCase', 200, 80, 70, 0],
    ['rod', 25, 0, 25, 0],
    ['concealedRod', 25, 0, 18, 3],
    ['flushBolt', 20, 200, 18, 3],
    ['surfaceBolt', 25, 200, 18, 0],
    ['surfaceCloser', 250, 60, 60, 0],
    ['concealedCloser', 290, 46, 32, 3],
    ['headCloserArm', 150, 26, 20, 3],
    ['floorCloserArm', 250, 32, 25, 3],
    ['pivotFoot', 250, 32, 25, 3],
    ['pivotHead', 130, 32, 22, 3],
    ['offsetFoot', 130, 32, 22, 3],
    ['offsetHead', 130, 32, 22, 3],
    ['jambPivot', 5, 100, 32, 3],
    ['intermediatePivot', 5, 100, 32, 3],
    ['concealedHinge', 28.5, 117, 28, 3],
    ['concealedHingeFrame', 28.5, 117, 28, 3],
    ['adjustableHinge', 35, 160, 32, 3],
    ['adjustableHingeFrame', 38, 160, 32, 3],
    ['sweep', 0, 40, 10, 0],
    ['dropSurface', 0, 45, 16, 0],
    ['dropHalf', 0, 35, 13, 3],
    ['dropFull', 0, 35, 14, 3],
    ['kickPlate', 0, 250, 1.5, 0],
    ['wire', 0, 10, 10, 3],
  ],
  mm,
);
