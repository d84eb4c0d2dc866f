import { byMark, HEADING_NAMES } from '../scheduling/index.js';
import type { ReleasedOpening } from './released.js';

/** One thing that is another than before. */
export interface Change {
  what: string;
  from: string;
  to: string;
  /** Why it is so now, where a decision says. */
  why: string;
}

export interface ChangedOpening {
  id: string;
  mark: string;
  changes: Change[];
}

/** What differs between two releases, or between one and now; openings in the order of their marks. */
export interface ReleaseDifference {
  added: { id: string; mark: string }[];
  gone: { id: string; mark: string }[];
  changed: ChangedOpening[];
  same: number;
}

const HEADINGS: Readonly<Record<string, string>> = HEADING_NAMES;

/** Holds two states of a project against each other, opening by opening, by their ids. */
export function compareReleased(
  before: readonly ReleasedOpening[],
  after: readonly ReleasedOpening[],
): ReleaseDifference {
  const old = new Map(before.map((one) => [one.id, one]));
  const now = new Map(after.map((one) => [one.id, one]));
  const named = ({ id, mark }: ReleasedOpening) => ({ id, mark });
  const changed: ChangedOpening[] = [];
  let same = 0;
  for (const one of after) {
    const was = old.get(one.id);
    if (!was) continue;
    const changes = changesOf(was, one);
    if (changes.length > 0) changed.push({ ...named(one), changes });
    else same += 1;
  }
  return {
    added: after.filter(({ id }) => !old.has(id)).map(named),
    gone: before.filter(({ id }) => !now.has(id)).map(named),
    changed: changed.sort((a, b) => byMark.compare(a.mark, b.mark)),
    same,
  };
}

function changesOf(was: ReleasedOpening, is: ReleasedOpening): Change[] {
  const changes: Change[] = [];
  const tell = (what: string, from: string, to: string, why = '') => {
    if (from !== to) changes.push({ what, from, to, why });
  };
  for (const name of new Set([...Object.keys(was.heading), ...Object.keys(is.heading)]))
    tell(HEADINGS[name] ?? name, was.heading[name] ?? '', is.heading[name] ?? '');
  tell('Set', setText(was), setText(is));
  const decided = new Map(was.decisions.map((one) => [one.key, one]));
  for (const { key, name, value, why } of is.decisions) {
    tell(name, decided.get(key)?.value ?? '', value, why);
    decided.delete(key);
  }
  for (const { name, value } of decided.values()) tell(name, value, '');
  const [had, has] = [counted(was.items), counted(is.items)];
  for (const [item, count] of had)
    if (!has.has(item)) for (let at = 0; at < count; at++) tell('Item', item, '');
  for (const [item, count] of has)
    if (!had.has(item)) for (let at = 0; at < count; at++) tell('Item', '', item);
  return changes;
}

const setText = ({ set }: ReleasedOpening) => (set === null ? 'undecided' : String(set));

function counted(items: readonly string[]): Map<string, number> {
  const counts = new Map<string, number>();
  for (const item of items) counts.set(item, (counts.get(item) ?? 0) + 1);
  return counts;
}
