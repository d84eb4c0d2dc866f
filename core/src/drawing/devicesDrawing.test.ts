import { decideOpening } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { devicesDrawing, devicesOf, passagesDrawing } from './index.js';

const decide = (facts: Partial<OpeningFacts>) =>
  decideOpening(
    { ...DOOR, frameWidth: inches(36), frameHeight: inches(84), ...facts },
    PRACTICES['us-commercial'],
  );
const magnet = {
  electricLock: 'sensor-magnet',
  lockKind: 'none',
  access: 'reader',
  hingeSide: 'left',
  swing: 'out',
} as const;

describe('the elevation with what is electric', () => {
  it('has each thing once, numbered, on the side where it is', () => {
    const devices = devicesOf(decide(magnet));
    expect(devices.map(({ number, term, face }) => [number, term, face])).toEqual([
      [1, 'load.reader', 'outside'],
      [2, 'load.exit-button', 'inside'],
      [3, 'load.sensor', 'inside'],
      [4, 'load.magnet', 'inside'],
    ]);
    const told = (from: 'outside' | 'inside') =>
      devicesDrawing(decide(magnet), from)!.elements.flatMap((one) =>
        one.kind === 'text' && one.layer === 'force' ? [one.text] : [],
      );
    expect([told('outside'), told('inside')]).toEqual([['1'], ['2', '3', '4']]);
    expect(devicesOf(decide({ ...magnet, kind: 'pair' })).map(({ term }) => term)).toEqual([
      'load.reader',
      'load.exit-button',
      'load.sensor',
      'load.magnet',
      'load.magnet',
    ]);
  });

  it('puts what a hand works beside the lock edge, at a height that everybody reaches', () => {
    const { values } = PRACTICES['us-commercial'];
    for (const hingeSide of ['left', 'right'] as const) {
      const decided = decide({ ...magnet, hingeSide });
      const [reader, button] = devicesOf(decided);
      for (const one of [reader!, button!])
        expect(hingeSide === 'left' ? one.x[0] > inches(36) : one.x[1] < 0).toBe(true);
      expect(reader!.height).toBe((values.reach.value.from + values.reach.value.to) / 2);
      expect(button!.height).toBeGreaterThanOrEqual(values.exitButtonLow.value);
      expect(button!.height).toBeLessThanOrEqual(values.exitButtonHigh.value);
      // The magnet hangs at the head by the lock edge.
      const hung = devicesOf(decided)[3]!;
      expect(hung.y[1]).toBe(inches(84));
      expect(hingeSide === 'left' ? hung.x[0] > inches(20) : hung.x[1] < inches(16)).toBe(true);
      expect([hung.height, devicesOf(decided)[2]!.height]).toEqual([undefined, undefined]);
    }
  });

  it('from inside is what stands there, mirrored', () => {
    const decided = decide(magnet);
    const at = devicesOf(decided)[1]!;
    const box = devicesDrawing(decided, 'inside')!.elements.find(
      (one) => one.kind === 'line' && one.part === 'device:2',
    );
    const across = box?.kind === 'line' ? box.points.map(({ x }) => x) : [];
    expect([Math.min(...across), Math.max(...across)]).toEqual([
      inches(36) - at.x[1],
      inches(36) - at.x[0],
    ]);
  });

  it('shows what is in the leaf at the lock, and the wire’s way at its hinge', () => {
    const reader = { lockUse: 'reader', role: 'server', access: 'reader' } as const;
    const decided = decide({ ...reader, hingeSide: 'left', swing: 'out' });
    const terms = devicesOf(decided).map(({ term, face }) => [term, face]);
    expect(terms).toEqual([
      ['load.reader', 'outside'],
      ['load.contact', undefined],
      ['load.lock', undefined],
      ['wirePath.hinge', undefined],
    ]);
    const { securing, hanging } = decided.results;
    const [, , lock, hinge] = devicesOf(decided);
    expect((lock!.y[0] + lock!.y[1]) / 2).toBe(securing.height);
    const { positions, hingeHeight, leaf } = hanging.leaves[0]!;
    expect((hinge!.y[0] + hinge!.y[1]) / 2).toBe(
      leaf.bottom! + leaf.height! - positions![1]! - hingeHeight! / 2,
    );
    const strike = decide({
      ...reader,
      choices: { 'securing.function': { value: 'electric-strike', reason: 'x' } },
    });
    expect(devicesOf(strike).map(({ term }) => term)).toContain('load.strike');
    expect(devicesOf(strike).map(({ term }) => term)).not.toContain('wirePath.hinge');
  });

  it('is none where nothing works by power, or the size is open', () => {
    expect(devicesOf(decide({ lockUse: 'store' }))).toEqual([]);
    expect(devicesDrawing(decide({ lockUse: 'store' }), 'outside')).toBeUndefined();
    const open = { ...magnet, frameWidth: undefined, leafWidth: undefined } as const;
    expect(devicesDrawing(decide(open as Partial<OpeningFacts>), 'inside')).toBeUndefined();
  });
});

describe('the picture of who gets through', () => {
  const texts = (facts: Partial<OpeningFacts>) =>
    passagesDrawing(decide(facts))?.elements.flatMap((one) =>
      one.kind === 'text' ? [one.text] : [],
    );
  it('has both rooms, and a line for each condition with who comes from either', () => {
    expect(texts({ from: 'Corridor', to: 'Office', lockUse: 'store' })).toEqual([
      'Corridor',
      'Office',
      'By day',
      'who has a key',
      'anybody',
      'Locked',
      'who has a key',
      'anybody',
    ]);
  });
  it('stands the other way round where the outside is the room named second', () => {
    expect(
      texts({ from: 'Office', to: 'Corridor', lockUse: 'store', outside: 'to' })?.slice(2, 5),
    ).toEqual(['By day', 'anybody', 'who has a key']);
  });
  it('is not there while the lock is not decided', () => {
    expect(passagesDrawing(decide({ secured: true }))).toBeUndefined();
  });
});
