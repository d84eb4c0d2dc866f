import type { Write } from './write.js';

/**
 * Writes as columns: between threads a few long lists cross in a quarter of the time that thousands of
 * objects take, and the thread that answers everybody unfolds them.
 */
export interface PackedWrites {
  op: Write['op'][];
  id: (string | undefined)[];
  version: (number | undefined)[];
  text: (string | undefined)[];
  mark: string[];
  kind: string[];
  fromRoom: string[];
  toRoom: string[];
  storey: string[];
}

export function packWrites(writes: readonly Write[]): PackedWrites {
  const facts = writes.map((one) => (one.op === 'delete' ? undefined : one.facts));
  const column = (name: keyof NonNullable<(typeof facts)[number]>['columns']) =>
    facts.map((one) => one?.columns[name] ?? '');
  return {
    op: writes.map(({ op }) => op),
    id: writes.map(({ id }) => id),
    version: writes.map((one) => (one.op === 'create' ? undefined : one.version)),
    text: facts.map((one) => one?.text),
    mark: column('mark'),
    kind: column('kind'),
    fromRoom: column('fromRoom'),
    toRoom: column('toRoom'),
    storey: column('storey'),
  };
}

export function unpackWrites(packed: PackedWrites): Write[] {
  return packed.op.map((op, at): Write => {
    const id = packed.id[at];
    const version = packed.version[at]!;
    if (op === 'delete') return { op, id: id!, version };
    const columns = {
      mark: packed.mark[at]!,
      kind: packed.kind[at]!,
      fromRoom: packed.fromRoom[at]!,
      toRoom: packed.toRoom[at]!,
      storey: packed.storey[at]!,
    };
    const facts = { text: packed.text[at]!, columns };
    if (op === 'update') return { op, id: id!, version, facts };
    return id === undefined ? { op, facts } : { op, id, facts };
  });
}
