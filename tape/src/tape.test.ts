import type { AddressInfo } from 'node:net';
import { seeded, TapeDevice } from './device.js';
import { ClosingRecorder } from './recorder.js';
import { serveTape } from './server.js';

describe('the simulated tape', () => {
  const press = (times: number, device: TapeDevice) =>
    Array.from({ length: times }, () => device.press());

  it('reads what it is pulled to, within its jitter, when it behaves', () => {
    const device = new TapeDevice(seeded(1), { jitter: 0.2, slipIn: 0, loseIn: 0 });
    expect(device.pull(1981)).toBe(true);
    for (const { sent, lost } of press(200, device)) {
      expect(Math.abs(sent.millimetres - 1981)).toBeLessThanOrEqual(0.25);
      expect(lost).toBe(false);
    }
    expect(device.press().sent.number).toBe(201);
    expect(device.pull(-1)).toBe(false);
    expect(device.pull(Number.NaN)).toBe(false);
    expect(device.millimetres).toBe(1981);
  });

  it('slips and loses about as often as it says, the same for the same seed', () => {
    const run = (seed: number) => press(2000, new TapeDevice(seeded(seed)));
    const first = run(7);
    expect(run(7)).toEqual(first);
    const slipped = first.filter(({ sent }) => sent.millimetres > 850).length;
    const lost = first.filter((one) => one.lost).length;
    expect(slipped).toBeGreaterThan(2000 / 13 / 1.4);
    expect(slipped).toBeLessThan((2000 / 13) * 1.4);
    expect(lost).toBeGreaterThan(2000 / 9 / 1.4);
    expect(lost).toBeLessThan((2000 / 9) * 1.4);
  });

  it('sends presses to whoever listens, and lets only its own panel press', async () => {
    const device = new TapeDevice(seeded(1), { jitter: 0, slipIn: 0, loseIn: 0 });
    const server = serveTape(device, new ClosingRecorder(seeded(2))).listen(0, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    const gone = new AbortController();
    const stream = await fetch(`${url}/stream`, { signal: gone.signal });
    expect(stream.headers.get('access-control-allow-origin')).toBe('*');
    const reader = stream.body!.getReader();
    const read = async () => new TextDecoder().decode((await reader.read()).value);
    await read();
    const post = (path: string, value: unknown, headers = {}) =>
      fetch(url + path, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', ...headers },
        body: JSON.stringify(value),
      });
    expect((await post('/pull', { millimetres: 762.5 })).status).toBe(200);
    await post('/press', {});
    expect(await read()).toBe('data: {"number":1,"millimetres":762.5}\n\n');
    expect((await post('/press', {}, { Origin: 'http://elsewhere.example' })).status).toBe(403);
    expect((await post('/pull', { millimetres: 'far' })).status).toBe(422);
    expect((await fetch(`${url}/nowhere`)).status).toBe(404);
    expect(await (await fetch(url)).text()).toContain('simulated');
    await post('/behave', { loseIn: 1 });
    expect(await (await post('/press', {})).json()).toMatchObject({ lost: true });
    gone.abort();
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
  });
});
