import { inches, mm } from '../../../measure/index.js';
import type { Product } from '../../product.js';
import { METRIC_FINISHES, product, US_FINISHES } from '../make.js';

/** Rim locks, night latches, unit locks, gate locks. */
export function faceLocks(): Product[] {
  const rim = (
    [
      ['R 100', 100, 'sash-lock'],
      ['R 150', 150, 'sash-lock'],
      ['R 100D', 100, 'rim-deadlock'],
      ['R 150D', 150, 'rim-deadlock'],
      ['R 100L', 100, 'mortise-passage'],
    ] as const
  ).map(([model, across, of]) =>
    product('Tarnhollow', model, 'rim-lock', {
      backset: mm(across - 30),
      latchThrow: mm(14),
      boltThrow: mm(20),
      recessAcross: mm(across),
      recessUp: mm(75),
      recessThrough: mm(25),
      functions: [of],
      strikeHeight: mm(75),
      strikeWidth: mm(25),
      finishes: ['black', 'polished brass'],
      handed: true,
      cost: 2,
      note: 'on leaves too thin for a case',
    }),
  );
  const night = [40, 60].flatMap((backset) =>
    (['', 'D', 'X'] as const).map((letter) =>
      product('Quillstead', `NL ${backset}${letter}`, 'night-latch', {
        backset: mm(backset),
        latchThrow: mm(16),
        recessAcross: mm(backset + 30),
        recessUp: mm(66),
        recessThrough: mm(letter === 'X' ? 34 : 30),
        leastLeaf: mm(35),
        mostLeaf: mm(60),
        functions: ['rim-night-latch'],
        cylinders: ['rim cylinder'],
        strikeHeight: mm(66),
        strikeWidth: mm(25),
        finishes: METRIC_FINISHES,
        handed: false,
        cost: letter === 'X' ? 3 : 2,
        ...(letter ? { note: letter === 'D' ? 'deadlocks by itself' : 'five levers' } : {}),
      }),
    ),
  );
  const unit = ['passage', 'privacy', 'office', 'storeroom'].map((of, index) =>
    product('Marrowby', `U${index + 1}`, 'unit', {
      backset: inches(2.75),
      latchThrow: inches(0.5),
      recessAcross: inches(3.5),
      recessUp: inches(3.5),
      leastLeaf: inches(1.75),
      mostLeaf: inches(1.75),
      functions: [of],
      strikeHeight: inches(4.875),
      strikeWidth: inches(1.25),
      finishes: US_FINISHES,
      listed: 90,
      handed: true,
      cost: 4,
      note: 'for notches that are there',
    }),
  );
  const gate = (
    [
      ['G 1', 'mortise-passage'],
      ['G 2', 'sash-lock'],
      ['G 3', 'deadbolt-single'],
      ['G 4', 'rim-night-latch'],
      ['G 5', 'gate-latch'],
    ] as const
  ).map(([model, of]) =>
    product('Osk & Penn', model, 'gate', {
      backset: mm(70),
      latchThrow: mm(18),
      boltThrow: mm(30),
      recessAcross: mm(115),
      recessUp: mm(100),
      recessThrough: mm(40),
      functions: [of],
      strikeHeight: mm(75),
      strikeWidth: mm(30),
      metals: ['stainless'],
      finishes: ['zinc', 'black'],
      handed: true,
      cost: 2,
    }),
  );
  const patch = (
    [
      ['V 10', ['deadbolt-single', 'deadbolt-double', 'deadbolt-classroom']],
      ['V 20', ['mortise-passage', 'mortise-storeroom', 'sash-escape', 'electric-strike']],
      ['V 30', ['privacy-bathroom', 'sash-turn']],
    ] as const
  ).map(([model, functions]) =>
    product('Quillstead', model, 'patch', {
      leastLeaf: mm(8),
      mostLeaf: mm(13),
      functions: [...functions],
      metals: ['stainless'],
      finishes: ['satin-stainless', 'bright-stainless'],
      handed: true,
      cost: 5,
      note: 'holes drilled before toughening, to its template',
    }),
  );
  const cold = (
    [
      ['Frost 60', mm(40), mm(100)],
      ['Frost 100', mm(100), mm(150)],
    ] as const
  ).map(([model, leastLeaf, mostLeaf]) =>
    product('Tarnhollow', model, 'cold-room', {
      leastLeaf,
      mostLeaf,
      functions: ['cold-room'],
      finishes: ['satin-stainless'],
      handed: true,
      cost: 4,
      note: 'push rod inside glows, works with the key turned',
    }),
  );
  return [...rim, ...night, ...unit, ...gate, ...patch, ...cold];
}
