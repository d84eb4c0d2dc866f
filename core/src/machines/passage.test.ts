import { LOCK_SPECS } from '../catalogue/index.js';
import { passageMatrix, passageOf, type Holding, type Release } from './index.js';

const spec = (id: string) => LOCK_SPECS.find((one) => one.id === id)!;
const holding = (id: string, release?: Partial<Release>): Holding => ({
  locks: [spec(id)],
  release: release && { magnet: 'none', delay: 0, command: false, alarm: false, ...release },
});
const told = (of: Holding, letIn = false) =>
  passageMatrix(of, letIn).map(
    ({ condition, inside, outside }) =>
      `${condition}: out ${inside.who} ${inside.motions} ${inside.after}, in ${outside.who}`,
  );

describe('who gets through', () => {
  it('a passage latch, anybody; a storeroom lock, out by its lever and in by key', () => {
    expect(told(holding('passage'))).toEqual([
      'day: out anybody 1 0, in anybody',
      'locked: out anybody 1 0, in anybody',
    ]);
    expect(told(holding('storeroom'))).toEqual([
      'day: out anybody 1 0, in key',
      'locked: out anybody 1 0, in key',
    ]);
  });
  it('a classroom by day and locked: the worst that it can be left in', () => {
    expect(told(holding('classroom'))).toEqual([
      'day: out anybody 1 0, in anybody',
      'locked: out anybody 1 0, in key',
    ]);
  });
  it('a dead bolt keyed on both sides keeps everybody in once it is thrown', () => {
    expect(told(holding('deadbolt-double'))).toEqual([
      'day: out anybody 1 0, in anybody',
      'locked: out key 1 0, in key',
    ]);
  });
  it('a dead bolt above a latch: two motions, and none of its own while it is drawn', () => {
    const both = { locks: [spec('passage'), spec('deadbolt-single')], release: undefined };
    expect(told(both)).toEqual([
      'day: out anybody 1 0, in anybody',
      'locked: out anybody 2 0, in key',
    ]);
  });
  it('without power: what fails secure is keyed, what fails safe is free', () => {
    const of = (id: string) =>
      passageMatrix(holding(id), true).map(
        ({ condition, outside }) => `${condition} ${outside.who}`,
      );
    expect(of('electric-fail-secure')).toEqual([
      'day released',
      'locked released',
      'alarm released',
      'no-power key',
      'alarm-no-power key',
    ]);
    expect(of('electric-fail-safe').slice(3)).toEqual([
      'no-power anybody',
      'alarm-no-power anybody',
    ]);
  });
  it('an alarm that reaches it lets go what fails safe, and nothing that fails secure', () => {
    const inAlarm = (id: string, alarm: boolean) =>
      passageOf(holding(id, { alarm }), 'outside', 'alarm', false).who;
    expect([inAlarm('electric-fail-safe', true), inAlarm('electric-fail-safe', false)]).toEqual([
      'anybody',
      'key',
    ]);
    expect(inAlarm('electric-fail-secure', true)).toBe('key');
  });
  it('a magnet: out by sensor, by button where it sees nobody, in for who is let in', () => {
    const magnet = holding('passage', { magnet: 'sensor', alarm: true });
    const rows = passageMatrix(magnet, true).map(
      ({ condition, inside, outside }) => `${condition}: ${inside.by ?? '–'}, ${outside.who}`,
    );
    expect(rows).toEqual([
      'day: approach, released',
      'locked: approach, released',
      'alarm: –, anybody',
      'no-power: –, anybody',
      'alarm-no-power: –, anybody',
      'sensor-blind: button, released',
    ]);
    expect(passageOf(magnet, 'outside', 'day', false).who).toBe('nobody');
  });
  it('a device that waits: seconds, and none in an alarm that reaches it', () => {
    const waits = holding('exit-delayed', { delay: 15, alarm: true });
    const after = (condition: 'day' | 'alarm') =>
      passageOf(waits, 'inside', condition, false).after;
    expect([after('day'), after('alarm')]).toEqual([15, 0]);
  });
  it('a stair unlocked by command is free from both sides', () => {
    const stair = holding('electric-fail-safe', { command: true });
    expect(passageMatrix(stair, false).at(-1)).toMatchObject({
      condition: 'command',
      inside: { who: 'anybody' },
      outside: { who: 'anybody' },
    });
  });
});
