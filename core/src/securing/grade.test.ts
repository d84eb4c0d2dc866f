import { lockSpecsWith } from '../catalogue/index.js';
import { decideOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES, projectBasis } from '../project/index.js';
import type { Role } from '../roles/index.js';
import type { LockKind } from './facts.js';
import { gradeOf } from './grade.js';

const specs = lockSpecsWith([]);
const of = (practice: PracticeId, kind: LockKind, id: string, role?: Role, rated = false) =>
  gradeOf(kind, specs.get(id)!, role, rated, PRACTICES[practice]);

describe('the standard that a lock is ordered by', () => {
  it.each<[PracticeId, LockKind, string, Role | undefined, boolean, string]>([
    ['continental', 'profile', 'passage', undefined, false, 'DIN 18251, class 3'],
    ['continental', 'profile', 'passage', undefined, true, 'DIN 18250, class 3'],
    ['continental', 'profile', 'panic-changeover', undefined, true, 'EN 179'],
    ['continental', 'profile', 'panic-changeover', 'apartment', true, 'DIN 18251, class 4'],
    ['continental', 'profile', 'sash-turn', undefined, false, 'DIN 18251, class 3'],
    ['continental', 'rim-exit', 'exit-only', undefined, true, 'EN 1125'],
    ['continental', 'narrow-stile', 'deadbolt-single', 'entrance', false, 'DIN 18251-2'],
    ['british', 'sash', 'sash-escape', 'apartment', true, 'BS 8621'],
    ['british', 'sash', 'sash-escape', 'garage', true, 'BS 8621'],
    ['british', 'sash', 'sash-escape', 'classroom', true, 'BS EN 12209'],
    ['british', 'sash', 'sash-turn', 'apartment', false, 'BS EN 12209'],
    ['australasian', 'mortise', 'storeroom', undefined, true, 'AS 4145.2'],
    [
      'us-commercial',
      'mortise',
      'mortise-storeroom',
      undefined,
      true,
      'ANSI/BHMA A156.13, grade 1',
    ],
  ])('%s, %s, %s, %s, rated %s: %s', (practice, kind, id, role, rated, grade) => {
    expect(of(practice, kind, id, role, rated)).toBe(grade);
  });
});

describe('what a region does otherwise', () => {
  const decided = (practice: PracticeId, facts: Partial<OpeningFacts>) =>
    decideOpening(
      {
        mark: '1',
        kind: 'single',
        leafWidth: mm(926),
        leafHeight: mm(2040),
        hingeSide: 'left',
        swing: 'in',
        rating: 0,
        ...facts,
      },
      projectBasis(practice),
    );
  const terms = (practice: PracticeId, facts: Partial<OpeningFacts>) =>
    decided(practice, facts).items.map(({ term }) => term);

  it('drives strike screws into studs, and into no masonry', () => {
    const house = { from: 'Street', to: 'Hall', exterior: true, frameMaterial: 'timber' } as const;
    expect(terms('australasian', house)).toContain('item.strikeScrews');
    expect(terms('british', house)).not.toContain('item.strikeScrews');
    expect(terms('continental', house)).not.toContain('item.strikeScrews');
  });
  it('puts handles on accessible routes at 850 mm in Germany, and ways out at 900', () => {
    const height = (practice: PracticeId, facts: Partial<OpeningFacts>) =>
      decided(practice, { from: 'Corridor', to: 'Office', ...facts }).results.securing.height;
    expect(height('continental', { accessible: true })).toBe(mm(850));
    expect(height('continental', { accessible: false })).toBe(mm(1050));
    expect(height('continental', { accessible: true, egress: true })).toBe(mm(900));
    expect(height('australasian', { accessible: true })).toBe(mm(1000));
  });
  it.each<[PracticeId, boolean]>([
    ['continental', true],
    ['british', true],
    ['australasian', false],
    ['us-commercial', false],
  ])('gives children no turn to lock themselves in by: %s', (practice, changed) => {
    const { lockUse } = decided(practice, {
      from: 'Corridor',
      to: 'Kindergarten',
      role: 'classroom',
    }).results.opening.assumed;
    expect(lockUse).toBe(changed ? 'passage' : 'classroom');
    expect(
      decided(practice, { from: 'Corridor', to: 'Classroom 4' }).results.opening.assumed.lockUse,
    ).toBe('classroom');
  });
  it('asks for the sound of a flat’s entrance where its rules do, but beside a smoke seal', () => {
    const sound = (practice: PracticeId, facts: Partial<OpeningFacts> = {}) =>
      decided(practice, { role: 'apartment', ...facts }).results.opening.assumed.sound;
    expect(sound('british')).toBe(29);
    expect(sound('continental')).toBe(27);
    expect(sound('australasian')).toBe(30);
    expect(sound('us-commercial')).toBeUndefined();
    expect(sound('british', { smoke: true })).toBeUndefined();
    expect(sound('british', { rating: 30 })).toBeUndefined();
    expect(sound('british', { sound: 35 })).toBeUndefined();
    const levels = decided('australasian', { role: 'apartment' })
      .findings.filter(({ code }) => code.startsWith('sealing.sound'))
      .map(({ level }) => level);
    expect(new Set(levels)).toEqual(new Set(['note']));
  });
});
