import type { Answer, Asked, Method, Route, Shapes } from './routes.js';

export type PersonView = Shapes['PersonView'];
export type SessionView = Shapes['SessionView'];

/** A project with what its openings are decided with. */
export type WholeProject = Shapes['WholeProject'];
type ProjectView = Pick<WholeProject, 'id' | 'name' | 'practice' | 'note' | 'version' | 'role'>;
export type Role = ProjectView['role'];
export type OpeningView = Shapes['OpeningView'];
export type EventView = Shapes['EventView'];
export type ScheduleView = Shapes['ScheduleView'];
export type AuditLine = Shapes['AuditLine'];

/** What the server answered instead of doing what was asked. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly errors: { field: string; message: string }[] = [],
    readonly body: Record<string, unknown> = {},
  ) {
    super(title);
  }

  /** Nothing was changed and trying again later may do: no connection, too much at once, or the database is away. */
  get passing(): boolean {
    return [0, 429, 502, 503, 504].includes(this.status);
  }
}

/** Told to the page when the server no longer knows who asks: the session ended elsewhere, or ran out. */
export const SIGNED_OUT = 'riegel-signed-out';

/** The address of a route with the names in its path filled in, and its query. */
export function addressOf(
  route: string,
  path: Record<string, string | number> = {},
  query: Record<string, string | number | boolean | undefined> = {},
): string {
  const filled = route.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(path[name]!));
  const asked = Object.entries(query).filter(([, value]) => value !== undefined);
  const text = new URLSearchParams(asked.map(([name, value]) => [name, String(value)])).toString();
  return text ? `/api${filled}?${text}` : `/api${filled}`;
}

type Rest<A> = Partial<A> extends A ? [asked?: A] : [asked: A];

/** Calls a route of the interface; every failure is an {@link ApiProblem} with a sentence to show. */
export async function call<M extends Method, R extends Route<M>>(
  method: M,
  route: R,
  ...[asked]: Rest<Asked<M, R>>
): Promise<Answer<M, R>> {
  const { path, query, body } = (asked ?? {}) as {
    path?: Record<string, string>;
    query?: Record<string, string>;
    body?: unknown;
  };
  let response: Response;
  try {
    response = await fetch(addressOf(route, path, query), {
      method,
      credentials: 'same-origin',
      ...(body === undefined
        ? {}
        : body instanceof Blob
          ? { headers: { 'Content-Type': 'application/octet-stream' }, body }
          : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
    throw new ApiProblem(0, 'There is no connection to the server just now.');
  }
  if (response.status === 204) return undefined as Answer<M, R>;
  const text = await response.text();
  let parsed: unknown;
  try {
    parsed = text ? JSON.parse(text) : undefined;
  } catch {
    parsed = undefined;
  }
  if (response.ok) return parsed as Answer<M, R>;
  if (response.status === 401 && route !== '/session' && !route.startsWith('/session/'))
    window.dispatchEvent(new Event(SIGNED_OUT));
  const problem = (parsed ?? {}) as {
    title?: string;
    errors?: { field: string; message: string }[];
  };
  throw new ApiProblem(
    response.status,
    problem.title ?? 'The server answered in a way that was not understood.',
    problem.errors,
    problem as Record<string, unknown>,
  );
}
