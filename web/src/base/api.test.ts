import fc from 'fast-check';
import { addressOf, ApiProblem, call, SIGNED_OUT } from './api.js';

const answered = (status: number, body = '') => {
  const sent = jest.fn<Promise<Partial<Response>>, [string, RequestInit]>(() =>
    Promise.resolve({ status, ok: status < 300, text: () => Promise.resolve(body) }),
  );
  globalThis.fetch = sent as never;
  return sent;
};
const told = jest.fn();
beforeEach(() => {
  told.mockClear();
  globalThis.window = { dispatchEvent: told } as never;
});
afterAll(() => {
  delete (globalThis as { window?: unknown }).window;
  delete (globalThis as { fetch?: unknown }).fetch;
});

describe('an address', () => {
  it('has the names in its path filled in, and what is asked behind it', () => {
    const path = { projectId: 'p', number: 3 };
    expect(addressOf('/projects/{projectId}/releases/{number}', path)).toBe(
      '/api/projects/p/releases/3',
    );
    expect(addressOf('/due', {}, { until: undefined })).toBe('/api/due');
    expect(addressOf('/find', {}, { q: 'bed & bath', more: 0 })).toBe(
      '/api/find?q=bed+%26+bath&more=0',
    );
  });

  it('takes any text in path and query, and leads nowhere else by it', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1, unit: 'grapheme' }), (text) => {
        const url = new URL(
          addressOf('/account/notes/{name}', { name: `x${text}` }, { q: text }),
          'http://localhost',
        );
        const [, api, account, notes, name, ...rest] = url.pathname.split('/');
        expect([api, account, notes, rest]).toEqual(['api', 'account', 'notes', []]);
        expect(decodeURIComponent(name!)).toBe(`x${text}`);
        expect(url.searchParams.get('q')).toBe(text);
      }),
    );
  });
});

describe('a call', () => {
  it('sends a body as JSON, a picture as its bytes, and nothing as nothing', async () => {
    const sent = answered(200, '{"added":1,"missing":[]}');
    const path = { projectId: 'p' };
    expect(
      await call('POST', '/projects/{projectId}/site', { path, body: { records: [] } }),
    ).toEqual({ added: 1, missing: [] });
    expect(sent).toHaveBeenCalledWith('/api/projects/p/site', {
      method: 'POST',
      credentials: 'same-origin',
      headers: { 'Content-Type': 'application/json' },
      body: '{"records":[]}',
    });
    const picture = new Blob(['x']);
    await call('POST', '/projects/{projectId}/openings/{openingId}/photos', {
      path: { ...path, openingId: 'o' },
      query: { id: 'i', caption: '' },
      body: picture,
    });
    expect(sent.mock.lastCall).toEqual([
      '/api/projects/p/openings/o/photos?id=i&caption=',
      expect.objectContaining({
        headers: { 'Content-Type': 'application/octet-stream' },
        body: picture,
      }),
    ]);
    await call('GET', '/account');
    expect(sent.mock.lastCall).toEqual([
      '/api/account',
      { method: 'GET', credentials: 'same-origin' },
    ]);
  });

  it('gives nothing where nothing is answered', async () => {
    answered(204);
    expect(await call('DELETE', '/session')).toBeUndefined();
  });

  it('tells what was wrong in the server’s words', async () => {
    answered(422, '{"title":"No.","errors":[{"field":"q","message":"Too long."}],"current":1}');
    const fault = await call('GET', '/find', { query: { q: '' } }).catch((error: unknown) => error);
    expect(fault).toBeInstanceOf(ApiProblem);
    expect(fault).toMatchObject({
      status: 422,
      message: 'No.',
      errors: [{ field: 'q', message: 'Too long.' }],
      body: { current: 1 },
      passing: false,
    });
    answered(500, '<html>');
    await expect(call('GET', '/due')).rejects.toMatchObject({
      message: 'The server answered in a way that was not understood.',
      passing: false,
    });
  });

  it.each([429, 502, 503, 504])('counts %i as passing: it may go later', async (status) => {
    answered(status, '{}');
    await expect(call('GET', '/due')).rejects.toMatchObject({ passing: true });
  });

  it('without a connection says so, and it may go later', async () => {
    globalThis.fetch = () => Promise.reject(new Error('gone'));
    await expect(call('GET', '/due')).rejects.toMatchObject({ status: 0, passing: true });
  });

  it('tells the page that the session ended, but not where one signs in', async () => {
    answered(401, '{"title":"Sign in first."}');
    await expect(call('GET', '/session')).rejects.toThrow('Sign in first.');
    await expect(call('POST', '/session/second', { body: { code: '1' } })).rejects.toThrow();
    expect(told).not.toHaveBeenCalled();
    await expect(call('GET', '/projects')).rejects.toThrow('Sign in first.');
    expect((told.mock.calls as [Event][]).map(([event]) => event.type)).toEqual([SIGNED_OUT]);
  });
});
