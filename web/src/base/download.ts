import { ApiProblem } from './api.js';

/** Fetches a document; a problem's own sentence where the server says one. */
export function fetchDocument(
  path: string,
  signal?: AbortSignal,
  headers: Record<string, string> = {},
): Promise<Blob> {
  return documentOf(path, { headers, ...(signal ? { signal } : {}) });
}

/** Sends a file and takes the document that comes of it. */
export function sendForDocument(path: string, file: Blob): Promise<Blob> {
  const headers = { 'Content-Type': 'application/octet-stream' };
  return documentOf(path, { method: 'POST', body: file, headers });
}

async function documentOf(path: string, request: RequestInit): Promise<Blob> {
  const response = await fetch(`/api${path}`, { credentials: 'same-origin', ...request }).catch(
    (error: unknown) => {
      if (request.signal?.aborted) throw error;
      return undefined;
    },
  );
  if (!response?.ok) {
    const problem = (await response?.json().catch(() => undefined)) as
      { title?: string } | undefined;
    throw new ApiProblem(
      response?.status ?? 0,
      problem?.title ?? 'There is no connection to the server just now.',
    );
  }
  return response.blob();
}

/** Hands a document to the browser as a download. */
export function save(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 30_000);
}

/** The name of a file of a project: its own name in letters every disk takes. */
export const fileName = (project: string, what: string): string =>
  `${
    project
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'project'
  }-${what}`;
