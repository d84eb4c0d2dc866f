import { FACTS_VERSION, type OpeningFacts } from '@riegel/core';
import type { Client, Harness } from './harness.js';

/** Facts of a plain opening. */
export const plainFacts = (mark: string, rest: Partial<OpeningFacts> = {}): OpeningFacts => ({
  version: FACTS_VERSION,
  mark,
  kind: 'single',
  ...rest,
});

export interface OpeningBody {
  id: string;
  version: number;
  facts: OpeningFacts;
}

/** A new empty project of somebody's; its id. */
export async function newProject(client: Client, name = 'House'): Promise<string> {
  const { body } = await client.agent
    .post('/api/projects')
    .send({ name, practice: 'us-commercial' })
    .expect(201);
  return (body as { id: string }).id;
}

/** Adds openings in one write. */
export async function addOpenings(
  client: Client,
  projectId: string,
  list: OpeningFacts[],
): Promise<OpeningBody[]> {
  const { body } = await client.agent
    .post(`/api/projects/${projectId}/openings/bulk`)
    .send({ changes: list.map((facts) => ({ op: 'create', facts })) })
    .expect(200);
  return (body as { openings: OpeningBody[] }).openings;
}

export async function openingsOf(client: Client, projectId: string): Promise<OpeningBody[]> {
  const { body } = await client.agent.get(`/api/projects/${projectId}/openings`).expect(200);
  return (body as { openings: OpeningBody[] }).openings;
}

/** Lets somebody into a project. */
export async function join(
  owner: Client,
  client: Client,
  projectId: string,
  role: string,
): Promise<void> {
  const { body } = await owner.agent
    .post(`/api/projects/${projectId}/invitations`)
    .send({ role })
    .expect(201);
  await client.agent
    .post('/api/session/accept')
    .send({ token: (body as { token: string }).token })
    .expect(201);
}

/** Where a harness listens. */
export const portOf = (harness: Harness): number =>
  (harness.app.getHttpServer() as { address(): { port: number } }).address().port;

/** Takes an answer’s body as the bytes it is. */
export const asBytes = ((
  response: NodeJS.ReadableStream,
  done: (fault: null, bytes: Buffer) => void,
) => {
  const chunks: Buffer[] = [];
  response.on('data', (chunk: Buffer) => chunks.push(chunk));
  response.on('end', () => done(null, Buffer.concat(chunks)));
}) as never;
