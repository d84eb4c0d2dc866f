import { wholeDown, type Ticks } from '../measure/index.js';

/** One member of a dimension chain. `times` members of one size stand for equal leaves or jambs. */
export interface Member {
  key: string;
  times: number;
  /** Recorded by a person. */
  fixed?: Ticks | undefined;
  /** What the practice takes when nobody says otherwise. */
  usual?: Ticks | undefined;
}

export type SolvedFrom = 'fixed' | 'usual' | 'chain';

/** A member with its lengths, the larger first where ticks do not divide evenly. */
export interface SolvedMember {
  key: string;
  each: Ticks[];
  from: SolvedFrom;
}

/**
 * A solved chain. `total` = the sum of every `each`, exactly. `missing` names the members that leave
 * it undetermined; `excess` is by how much fixed members exceed a fixed total (0 when it closes).
 */
export type SolvedChain =
  | { solved: true; total: Ticks; totalFrom: SolvedFrom; members: readonly SolvedMember[] }
  | { solved: false; missing: string[]; excess: Ticks };

/** The member of a key; undefined where the chain has none, or is not solved. */
export function memberOf(chain: SolvedChain, key: string): SolvedMember | undefined {
  if (!chain.solved) return undefined;
  for (const member of chain.members) if (member.key === key) return member;
  return undefined;
}

/** Equal shares in whole ticks, what is left over given one by one to the first. */
function split(length: Ticks, times: number): Ticks[] {
  if (times === 1) return [length];
  const share = wholeDown(length / times);
  const over = length - share * times;
  const each: Ticks[] = [];
  for (let index = 0; index < times; index++) each.push(share + (index < over ? 1 : 0));
  return each;
}

/** One length for so many members. */
function repeated(length: Ticks, times: number): Ticks[] {
  if (times === 1) return [length];
  const each: Ticks[] = [];
  for (let index = 0; index < times; index++) each.push(length);
  return each;
}

function valueOf(member: Member): Ticks | undefined {
  return member.fixed ?? member.usual;
}

function sumOf(members: Member[]): Ticks {
  let sum = 0;
  for (const member of members) sum += (valueOf(member) ?? 0) * member.times;
  return sum;
}

/**
 * Solves a chain in whichever direction it is determined: one unknown member from the total, the
 * total from its members, or, with everything fixed or usual, the member named by `gives`.
 * Nothing is rounded: lengths are whole ticks, an odd tick goes to the first of two equal members.
 */
export function solveChain(
  total: Ticks | undefined,
  members: Member[],
  gives: string,
): SolvedChain {
  const undetermined: Member[] = [];
  for (const member of members) if (valueOf(member) === undefined) undetermined.push(member);
  if (total === undefined) {
    if (undetermined.length > 0) {
      return { solved: false, missing: ['total', ...undetermined.map((m) => m.key)], excess: 0 };
    }
    return close(sumOf(members), 'chain', members);
  }
  if (undetermined.length > 1) {
    return { solved: false, missing: undetermined.map((member) => member.key), excess: 0 };
  }
  const rest = total - sumOf(members);
  const giving =
    undetermined[0] ??
    members.find((member) => member.key === gives && member.fixed === undefined) ??
    members.find((member) => member.usual !== undefined && member.fixed === undefined);
  if (!giving) {
    return rest === 0
      ? close(total, 'fixed', members)
      : { solved: false, missing: [], excess: -rest };
  }
  const length = rest + (valueOf(giving) ?? 0) * giving.times;
  return close(total, 'fixed', members, { key: giving.key, length });
}

function close(
  total: Ticks,
  totalFrom: SolvedFrom,
  members: Member[],
  given?: { key: string; length: Ticks },
): SolvedChain {
  const solved: SolvedMember[] = [];
  for (const member of members) {
    if (given?.key === member.key) {
      const usual = (member.usual ?? Number.NaN) * member.times;
      solved.push({
        key: member.key,
        each: split(given.length, member.times),
        from: usual === given.length ? 'usual' : 'chain',
      });
    } else {
      const each = (member.fixed ?? member.usual)!;
      solved.push({
        key: member.key,
        each: repeated(each, member.times),
        from: member.fixed !== undefined ? 'fixed' : 'usual',
      });
    }
  }
  return { solved: true, total, totalFrom, members: solved };
}
