import { ROOM_USE, ROOM_USES } from '../model/index.js';
import { PRACTICE_IDS } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { answers, inPractice, ROLE, ROLES, roleWords, standsInTheOpen } from './index.js';

describe('the record of a role', () => {
  it('is found under its id, and reads names at a place of its own', () => {
    for (const id of ROLES) expect(ROLE[id].id).toBe(id);
    const places = ROLES.map((id) => ROLE[id].readAs.place).sort((a, b) => a - b);
    expect(places).toEqual(ROLES.map((_, index) => index + 1));
  });

  it('says what is usual, and in which practices it is otherwise', () => {
    const closes = ROLE.riser.closing.when;
    expect([inPractice(closes, 'us-commercial'), inPractice(closes, 'british')]).toEqual([
      'rated',
      'locked',
    ]);
    expect(answers('british', ({ closing }) => closing.when).riser).toBe('locked');
  });

  it.each(PRACTICE_IDS)('gives %s every table that the practice holds', (practice) => {
    const { values } = PRACTICES[practice];
    for (const role of ROLES) {
      const { lock, closing, smoke, make, plates, clearWidth } = ROLE[role];
      expect([
        values.roleUse.value[role],
        values.roleClosing.value[role],
        values.roleSmoke.value[role],
        values.leafByRole.value[role],
        values.frameByRole.value[role],
        values.useByRole.value[role],
        values.rolePlates.value[role],
        values.clearByRole.value[role],
      ]).toEqual(
        [
          lock.use,
          closing.when,
          smoke,
          make.leaf,
          make.frame,
          make.frequency,
          plates.fitted,
          clearWidth,
        ].map((answer) => inPractice<unknown>(answer as never, practice)),
      );
    }
  });

  it('reads words beside the usual ones, or in their place', () => {
    const words = (practice: (typeof PRACTICE_IDS)[number], role: (typeof ROLES)[number]) =>
      roleWords(PRACTICES[practice].values.roleWords.value[role]);
    expect(words('continental', 'office')).toEqual(expect.arrayContaining(['office', 'büro']));
    expect(words('british', 'office')).not.toContain('büro');
    // In a dwelling nobody locks a study like an office.
    expect(words('us-residential', 'office')).toEqual([]);
    expect(words('us-residential', 'bedroom')).toEqual(
      expect.arrayContaining(['bedroom', 'study']),
    );
    expect(words('us-commercial', 'classroom')).toContain('nursery');
    expect(words('british', 'classroom')).not.toContain('nursery');
  });

  it('knows which doors keep no weather out', () => {
    expect(ROLES.filter(standsInTheOpen)).toEqual(['gate']);
    expect(standsInTheOpen(undefined)).toBe(false);
  });
});

describe('the record of a use of rooms', () => {
  it('is tried for a name at a place of its own', () => {
    const places = ROOM_USES.map((use) => ROOM_USE[use].tried).sort((a, b) => a - b);
    expect(places).toEqual(ROOM_USES.map((_, index) => index + 1));
  });
  it('is public or private where one side of a door is held against the other', () => {
    const side = (wanted: string) => ROOM_USES.filter((use) => ROOM_USE[use].side === wanted);
    expect(side('public')).toEqual(['outdoors', 'entrance', 'corridor', 'stair']);
    expect(side('private')).toEqual(['sanitary', 'store', 'plant']);
  });
});
