import fc from 'fast-check';
import { memoize } from './memoize.js';

const plain = fc.oneof(fc.string(), fc.integer(), fc.boolean(), fc.constant(undefined));

describe('what is worked out once', () => {
  it('is what the work gives, for any arguments of any thing', () => {
    const things = [{ name: 'a' }, { name: 'b' }];
    const work = (of: { name: string }, ...args: unknown[]) =>
      JSON.stringify([of.name, args.map((one) => [typeof one, one ?? null])]);
    const kept = memoize(
      (
        of: { name: string },
        a: string | number | boolean | undefined,
        b: string | number | boolean | undefined,
      ) => work(of, a, b),
    );
    fc.assert(
      fc.property(fc.constantFrom(...things), plain, plain, (of, a, b) => {
        expect(kept(of, a, b)).toBe(work(of, a, b));
        expect(kept(of, a, b)).toBe(kept(of, a, b));
      }),
      { numRuns: 300 },
    );
  });

  it('is worked out once for each case, nothing among them', () => {
    let asked = 0;
    const kept = memoize((_: object, what: string, often?: boolean) => {
      asked += 1;
      return what === 'none' ? undefined : `${what} ${String(often)}`;
    });
    const [one, other] = [{}, {}];
    for (let turn = 0; turn < 3; turn++) {
      expect(kept(one, 'none')).toBeUndefined();
      expect(kept(one, 'some', true)).toBe('some true');
      expect(kept(one, 'some', false)).toBe('some false');
      expect(kept(other, 'some', false)).toBe('some false');
    }
    expect(asked).toBe(4);
  });

  it('is let go where there are more cases than are kept, and then worked out anew', () => {
    let asked = 0;
    const kept = memoize((_: object, at: number) => {
      asked += 1;
      return at * 2;
    });
    const thing = {};
    const MANY = 20_050;
    for (let at = 0; at < MANY; at++) expect(kept(thing, at) === at * 2).toBe(true);
    expect(asked).toBe(MANY);
    expect([kept(thing, MANY - 1), asked]).toEqual([2 * (MANY - 1), MANY]);
    expect([kept(thing, 0), asked]).toEqual([0, MANY + 1]);
  });

  it('of a thing alone', () => {
    let asked = 0;
    const kept = memoize((of: { n: number }) => {
      asked += 1;
      return of.n;
    });
    const thing = { n: 7 };
    expect([kept(thing), kept(thing), kept({ n: 8 }), asked]).toEqual([7, 7, 8, 2]);
  });
});
