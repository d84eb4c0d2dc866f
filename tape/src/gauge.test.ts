import type { AddressInfo } from 'node:net';
import { seeded, TapeDevice } from './device.js';
import { ForceGauge, USUAL_PUSH } from './gauge.js';
import { ClosingRecorder } from './recorder.js';
import { serveTape } from './server.js';

describe('the simulated force gauge', () => {
  it('reads what the leaf resists with, within its noise, and counts on over what is lost', () => {
    const gauge = new ForceGauge(seeded(4), { newtons: 40, noise: 2, loseIn: 3 });
    const pushes = Array.from({ length: 60 }, () => gauge.push());
    expect(pushes.map(({ sent }) => sent.number)).toEqual(pushes.map((_, at) => at + 1));
    expect(pushes.some(({ lost }) => lost)).toBe(true);
    for (const { sent } of pushes) expect(Math.abs(sent.newtons - 40)).toBeLessThanOrEqual(2.05);
    expect(new Set(pushes.map(({ sent }) => sent.newtons)).size).toBeGreaterThan(5);
  });
  it('streams a push to who listens, and takes no resistance there is none of', async () => {
    const server = serveTape(
      new TapeDevice(seeded(1)),
      new ClosingRecorder(seeded(1)),
      new ForceGauge(seeded(1)),
    );
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    const post = async (path: string, body: object = {}) =>
      (await (await fetch(url + path, { method: 'POST', body: JSON.stringify(body) })).json()) as {
        behaves?: typeof USUAL_PUSH;
      };
    const controller = new AbortController();
    const stream = await fetch(`${url}/force`, { signal: controller.signal });
    const reader = stream.body!.getReader();
    await reader.read();
    expect((await post('/resist', { newtons: 900, noise: 0, loseIn: 0 })).behaves).toEqual({
      ...USUAL_PUSH,
      noise: 0,
      loseIn: 0,
    });
    await post('/resist', { newtons: 55 });
    await post('/push');
    const text = new TextDecoder().decode((await reader.read()).value);
    expect(JSON.parse(text.replace(/^data: /, ''))).toEqual({ number: 1, newtons: 55 });
    expect(await (await fetch(`${url}/gauge`)).text()).toContain('Force gauge');
    controller.abort();
    server.close();
    server.closeAllConnections();
  });
});
