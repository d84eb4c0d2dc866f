import fc from 'fast-check';
import { packWrites, unpackWrites } from './packedWrites.js';
import type { Write } from './write.js';

const text = fc.string();
const facts = fc.record({
  text,
  columns: fc.record({ mark: text, kind: text, fromRoom: text, toRoom: text, storey: text }),
});
const version = fc.integer({ min: 1 });
const write: fc.Arbitrary<Write> = fc.oneof(
  fc.record({ op: fc.constant('create' as const), facts }),
  fc.record({ op: fc.constant('create' as const), id: fc.uuid(), facts }),
  fc.record({ op: fc.constant('update' as const), id: fc.uuid(), version, facts }),
  fc.record({ op: fc.constant('delete' as const), id: fc.uuid(), version }),
);

it('writes packed and unpacked are the same, also over a thread’s border', () => {
  fc.assert(
    fc.property(fc.array(write), (writes) => {
      expect(unpackWrites(structuredClone(packWrites(writes)))).toEqual(writes);
    }),
  );
});
