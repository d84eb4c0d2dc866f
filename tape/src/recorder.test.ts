import type { AddressInfo } from 'node:net';
import { seeded, TapeDevice } from './device.js';
import { ClosingRecorder, leafAngle, USUAL_LEAF } from './recorder.js';
import { serveTape } from './server.js';

describe('the simulated closing recorder', () => {
  it('closes from 90° to nothing, never back, slower with a valve further in', () => {
    let before = 90;
    for (let at = 0; at < 30; at += 0.05) {
      const now = leafAngle(USUAL_LEAF, at);
      expect(now).toBeLessThanOrEqual(before);
      before = now;
    }
    expect(before).toBe(0);
    const halfway = (sweep: number) => leafAngle({ ...USUAL_LEAF, sweep }, 4);
    expect(halfway(1)).toBeGreaterThan(halfway(3));
  });
  it('is noisy and loses readings as it is told to, the same for the same seed', () => {
    const quiet = new ClosingRecorder(seeded(3), { ...USUAL_LEAF, noise: 0, loseIn: 0 }).letGo();
    expect(quiet.map(({ number }) => number)).toEqual(quiet.map((_, index) => index + 1));
    expect(quiet[0]).toEqual({ number: 1, ms: 0, degrees: 90 });
    expect(quiet[quiet.length - 1]!.degrees).toBe(0);
    const noisy = new ClosingRecorder(seeded(3)).letGo();
    expect(noisy).toEqual(new ClosingRecorder(seeded(3)).letGo());
    expect(noisy.length).toBeLessThan(quiet.length);
  });
  it('streams a closing to who listens, and refuses valves that there are none of', async () => {
    const server = serveTape(new TapeDevice(seeded(1)), new ClosingRecorder(seeded(1)));
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    const post = async (path: string, body: object) =>
      (await (await fetch(url + path, { method: 'POST', body: JSON.stringify(body) })).json()) as {
        behaves: typeof USUAL_LEAF;
        readings?: number;
      };
    const controller = new AbortController();
    const stream = await fetch(`${url}/swing`, { signal: controller.signal });
    const reader = stream.body!.getReader();
    const told = await post('/leaf', { sweep: 2, latch: 99, noise: 0, loseIn: 0 });
    expect(told.behaves).toMatchObject({ sweep: 2, latch: USUAL_LEAF.latch });
    const { readings } = await post('/let-go', { quick: true });
    let text = '';
    while (!/data: .*\n\n/.test(text))
      text += new TextDecoder().decode((await reader.read()).value);
    const sent = JSON.parse(/data: (.*)\n\n/.exec(text)![1]!) as unknown[];
    expect(sent).toHaveLength(readings!);
    expect((await fetch(`${url}/recorder`)).headers.get('content-type')).toContain('text/html');
    controller.abort();
    server.close();
    server.closeAllConnections();
  });
});
