import type {
  Building,
  EditedPractice,
  Keying,
  ScheduleSettings,
  LockSpec,
  OpeningFacts,
  Product,
  Schedule,
} from '@riegel/core';

export type Role = 'owner' | 'editor' | 'reviewer' | 'reader';

export interface PersonView {
  id: string;
  name: string;
  email: string;
  /** Looks after the installation. */
  admin: boolean;
}

export interface SessionView {
  person: PersonView | null;
  demo: boolean;
  demoPeople: PersonView[];
  /** Where a digital tape sends its readings, if there is one. */
  tape: string | null;
}

export interface ProjectView {
  id: string;
  name: string;
  practice: string;
  note: string;
  version: number;
  role: Role;
}

/** A document of a project; version 0 and an empty body while there is none. */
export interface DocumentView<T> {
  name: string;
  version: number;
  body: T | null;
}

/** A project with what its openings are decided with. */
export interface WholeProject extends ProjectView {
  practices: DocumentView<EditedPractice[]>;
  building: DocumentView<Building>;
  catalogue: DocumentView<Product[]>;
  locks: DocumentView<LockSpec[]>;
  keying: DocumentView<Keying>;
  schedule: DocumentView<ScheduleSettings>;
}

export interface ProjectSummary extends ProjectView {
  openings: number;
  changed: string | null;
}

export interface OpeningView {
  id: string;
  version: number;
  facts: OpeningFacts;
}

export interface EventView {
  id: string;
  kind: string;
  undone: boolean;
  at: string;
  by: string;
  count: number;
  documents: string[];
  changes: { openingId: string; before: OpeningFacts | null; after: OpeningFacts | null }[];
}

export interface Member {
  personId: string;
  name: string;
  email: string;
  role: Role;
}

/** One's own account. */
export interface AccountView {
  name: string;
  email: string;
  admin: boolean;
  demo: boolean;
  second: { on: boolean; codes: number };
  sessions: {
    id: string;
    device: string;
    address: string;
    at: string;
    seen: string;
    current: boolean;
  }[];
}

/** An account as an administrator sees it. */
export interface AccountSummary {
  id: string;
  name: string;
  email: string;
  admin: boolean;
  demo: boolean;
  second: boolean;
}

/** A link into a project that could still be used. */
export interface InvitationView {
  id: string;
  role: Role;
  at: string;
  until: string;
  by: string;
}

export type AuditKind =
  | 'sign-in'
  | 'sign-in-refused'
  | 'second-refused'
  | 'sign-out'
  | 'password-changed'
  | 'password-reset'
  | 'reset-asked'
  | 'second-on'
  | 'second-off'
  | 'recovery-used'
  | 'sessions-ended'
  | 'account-made'
  | 'invited'
  | 'invitation-revoked'
  | 'joined'
  | 'role-changed'
  | 'taken-out'
  | 'left'
  | 'administrator-changed'
  | 'refused'
  | 'limited';

/** One line of the audit log. */
export interface AuditLine {
  id: string;
  kind: AuditKind;
  subject: string;
  address: string;
  at: string;
  who: string | null;
  email: string | null;
  project: string | null;
}

/** A letter of the simulated mailbox. */
export interface LetterView {
  id: string;
  recipient: string;
  subject: string;
  body: string;
  at: string;
}

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

/** Calls the interface; every failure is an {@link ApiProblem} with a sentence to show. */
export async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
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
  if (response.status === 204) return undefined as T;
  const text = await response.text();
  let parsed: unknown;
  try {
    parsed = text ? JSON.parse(text) : undefined;
  } catch {
    parsed = undefined;
  }
  if (response.ok) return parsed as T;
  if (response.status === 401 && path !== '/session' && !path.startsWith('/session/'))
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

export type ScheduleView = Omit<Schedule, 'known'>;
