import { WorkerFailed, WorkerLine, type Answering } from './line.js';

interface Adder {
  add(a: number, b: number): Promise<number>;
}

/** Workers that answer, stay silent, or die, in the order given. */
function workers(...kinds: ('answers' | 'silent')[]) {
  const made: { die: () => void; ended: boolean }[] = [];
  const line = new WorkerLine<Adder>((): Answering<Adder> => {
    const kind = kinds[made.length] ?? 'silent';
    const own = { die: () => undefined as void, ended: false };
    made.push(own);
    return {
      remote: {
        add: (a, b) => (kind === 'answers' ? Promise.resolve(a + b) : new Promise(() => undefined)),
      },
      end: () => (own.ended = true),
      died: (listener) => (own.die = listener),
    };
  });
  return { line, made };
}
const soon = () => new Promise((resolve) => setTimeout(resolve, 0));

it('one worker answers every question', async () => {
  const { line, made } = workers('answers');
  expect(await Promise.all([1, 2, 3].map((n) => line.ask((remote) => remote.add(n, 1))))).toEqual([
    2, 3, 4,
  ]);
  expect(made).toHaveLength(1);
});

it('one that dies is replaced, and all who waited are answered by the next', async () => {
  const { line, made } = workers('silent', 'answers');
  const asked = [1, 2].map((n) => line.ask((remote) => remote.add(n, n)));
  await soon();
  made[0]!.die();
  expect(await Promise.all(asked)).toEqual([2, 4]);
  expect(made).toHaveLength(2);
  expect(made[0]!.ended).toBe(true);
});

it('a second breakdown is told, and the next question begins afresh', async () => {
  const { line, made } = workers('silent', 'silent', 'answers');
  const asked = line.ask((remote) => remote.add(1, 1));
  await soon();
  made[0]!.die();
  await soon();
  made[1]!.die();
  await expect(asked).rejects.toBeInstanceOf(WorkerFailed);
  expect(await line.ask((remote) => remote.add(2, 2))).toBe(4);
});

it('what the work itself throws is thrown, and the worker stays', async () => {
  const { line, made } = workers('answers');
  await expect(line.ask(() => Promise.reject(new Error('no')))).rejects.toThrow('no');
  expect(await line.ask((remote) => remote.add(1, 1))).toBe(2);
  expect(made).toHaveLength(1);
});
