import { ApiProblem } from './api.js';

/** Fetches a document; a problem's own sentence where the server says one. */
export async function fetchDocument(
  path: string,
  signal?: AbortSignal,
  headers: Record<string, string> = {},
): Promise<Blob> {
  const response = await fetch(`/api${path}`, {
    credentials: 'same-origin',
    headers,
    ...(signal ? { signal } : {}),
  }).catch((error: unknown) => {
    if (signal?.aborted) throw error;
    return undefined;
  });
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
