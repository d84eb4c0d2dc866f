import { roomKey } from '../model/index.js';
import type { Egress } from '../egress/index.js';
import type { Practice } from '../practice/index.js';
import { spaceOf } from '../role/index.js';
import { strikeFindings } from './acrossStrike.js';
import { waysOutFindings } from './acrossWays.js';
import type { AcrossFinding, ComparisonKey } from './acrossFinding.js';

/** So many look-alikes make one that differs odd. */
const ODD_FROM = 5;

/**
 * What is odd among openings: marks that stand twice, one of many look-alikes that differs, one on a corridor
 * that is keyed from the other side, neighbours whose leaves strike each other, rooms with no way out or too few.
 */
export function acrossFindings(
  openings: readonly ComparisonKey[],
  egress: Egress,
  practice: Practice,
): AcrossFinding[] {
  return [
    ...marksTwice(openings),
    ...oddOnes(openings),
    ...keyedOtherwise(openings),
    ...strikeFindings(openings),
    ...waysOutFindings(openings, egress, practice),
  ];
}

function groupBy<T>(list: readonly T[], keyOf: (one: T) => string | undefined): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const one of list) {
    const key = keyOf(one);
    if (key === undefined) continue;
    const group = groups.get(key);
    if (group) group.push(one);
    else groups.set(key, [one]);
  }
  return groups;
}

function marksTwice(openings: readonly ComparisonKey[]): AcrossFinding[] {
  return [...groupBy(openings, ({ mark }) => mark.trim().toLowerCase()).values()]
    .filter((group) => group.length > 1)
    .map((group) => ({
      level: 'check',
      code: saysSame(group) ? 'checking.across.mark' : 'checking.across.markDiffers',
      params: { mark: group[0]!.mark, count: group.length },
      source: 'one mark, one opening',
      openings: group.map(({ id }) => id),
    }));
}

/** Who differs from all others of a group, where it is one. */
function oddIn<T>(
  group: readonly T[],
  valueOf: (one: T) => string | undefined,
): { odd: T } | undefined {
  const by = groupBy(group, (one) => valueOf(one) ?? '');
  if (by.size !== 2) return undefined;
  const [a, b] = [...by] as [[string, T[]], [string, T[]]];
  const [few] = a[1].length < b[1].length ? [a] : [b];
  return few[1].length === 1 && group.length >= ODD_FROM ? { odd: few[1][0]! } : undefined;
}

/** Whether openings of one mark say the same of themselves: rooms, kind, and size, rating and role where all are known. */
function saysSame(group: readonly ComparisonKey[]): boolean {
  const said = group.map(({ id, alike, facts: { from, to, kind } }) =>
    [from, to, kind, alike === id ? '' : alike].join('|').toLowerCase(),
  );
  return new Set(said).size === 1;
}

function oddOnes(openings: readonly ComparisonKey[]): AcrossFinding[] {
  return [...groupBy(openings, ({ alike }) => alike).values()].flatMap((group) =>
    group.length < ODD_FROM
      ? []
      : Object.keys(group[0]!.shared).flatMap((name): AcrossFinding[] => {
          const found = oddIn(group, (one) => JSON.stringify(one.shared[name]));
          const value = found?.odd.shared[name];
          const usual = group.find((one) => one !== found?.odd)?.shared[name];
          if (!found || value === undefined || usual === undefined) return [];
          return [
            {
              level: 'check',
              code: 'checking.across.odd',
              params: {
                mark: found.odd.mark,
                what: { term: `across.${name}` },
                value,
                usual,
                count: group.length,
              },
              source: 'openings alike in role, kind, size and rating',
              openings: [found.odd.id],
            },
          ];
        }),
  );
}

/** Of the rooms of one role along a corridor one is keyed from inside. */
function keyedOtherwise(openings: readonly ComparisonKey[]): AcrossFinding[] {
  const locked = openings.filter(({ outside }) => outside !== undefined);
  const corridors = groupBy(
    locked.flatMap((one) => {
      const ends = [one.facts.from, one.facts.to].filter((name) => name !== undefined);
      const corridor = ends.find((name) => spaceOf(name, undefined) === 'corridor');
      return corridor ? [{ ...one, corridor: roomKey(corridor) }] : [];
    }),
    ({ corridor, role }) => (role ? `${corridor} ${role}` : undefined),
  );
  return [...corridors.values()].flatMap((group): AcrossFinding[] => {
    const found = oddIn(group, (one) =>
      roomKey(one.outside ?? '') === one.corridor ? 'corridor' : 'room',
    );
    return found
      ? [
          {
            level: 'check',
            code: 'checking.across.keyed',
            params: { mark: found.odd.mark, count: group.length },
            source: 'doors of one role along one corridor',
            openings: [found.odd.id],
          },
        ]
      : [];
  });
}
