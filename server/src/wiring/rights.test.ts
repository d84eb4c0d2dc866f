import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { start, type Client, type Harness } from '../testing/harness.js';
import { addOpenings, join, newProject, plainFacts } from '../testing/world.js';
import type { Right } from '../base/rights/requireRole.js';

/** What every route of the interface is for, said a second time: a new route without a line here fails. */
const RIGHTS: Record<string, Right> = {
  'get /api/health': 'anyone',
  'get /api/metrics': 'anyone',
  'get /api/session': 'anyone',
  'post /api/session': 'anyone',
  'post /api/session/second': 'anyone',
  'post /api/session/demo': 'anyone',
  'post /api/session/accept': 'anyone',
  'post /api/session/forgotten': 'anyone',
  'post /api/session/reset': 'anyone',
  'delete /api/session': 'anyone',
  'get /api/account': 'signed-in',
  'post /api/account/password': 'signed-in',
  'post /api/account/second': 'signed-in',
  'post /api/account/second/confirm': 'signed-in',
  'post /api/account/second/codes': 'signed-in',
  'post /api/account/second/off': 'signed-in',
  'delete /api/account/sessions/{sessionId}': 'signed-in',
  'delete /api/account/sessions': 'signed-in',
  'get /api/installation/people': 'administrator',
  'post /api/installation/invitations': 'administrator',
  'post /api/installation/people/{personId}/reset': 'administrator',
  'post /api/installation/people/{personId}/second-off': 'administrator',
  'patch /api/installation/people/{personId}': 'administrator',
  'get /api/installation/audit': 'administrator',
  'get /api/installation/mail': 'administrator',
  'get /api/installation/vitals': 'administrator',
  'get /api/projects': 'signed-in',
  'post /api/projects': 'signed-in',
  'post /api/projects/file': 'signed-in',
  'get /api/projects/{projectId}': 'reader',
  'get /api/projects/{projectId}/file': 'reader',
  'patch /api/projects/{projectId}': 'owner',
  'delete /api/projects/{projectId}': 'owner',
  'get /api/projects/{projectId}/members': 'reader',
  'patch /api/projects/{projectId}/members/{personId}': 'owner',
  'delete /api/projects/{projectId}/members/{personId}': 'reader',
  'post /api/projects/{projectId}/members/{personId}/reset': 'owner',
  'get /api/projects/{projectId}/invitations': 'owner',
  'post /api/projects/{projectId}/invitations': 'owner',
  'delete /api/projects/{projectId}/invitations/{invitationId}': 'owner',
  'get /api/projects/{projectId}/audit': 'owner',
  'get /api/projects/{projectId}/openings': 'reader',
  'get /api/projects/{projectId}/openings/{id}': 'reader',
  'put /api/projects/{projectId}/openings/{id}': 'editor',
  'post /api/projects/{projectId}/openings/some': 'reader',
  'get /api/projects/{projectId}/openings/{id}/drawings/{view}.svg': 'reader',
  'post /api/projects/{projectId}/openings/bulk': 'editor',
  'get /api/projects/{projectId}/documents/{name}': 'reader',
  'post /api/projects/{projectId}/undo': 'editor',
  'post /api/projects/{projectId}/redo': 'editor',
  'get /api/projects/{projectId}/events': 'reader',
  'get /api/projects/{projectId}/stream': 'reader',
  'post /api/projects/{projectId}/lists/read': 'editor',
  'get /api/projects/{projectId}/openings.csv': 'reader',
  'get /api/projects/{projectId}/openings.xlsx': 'reader',
  'get /api/projects/{projectId}/catalogue.csv': 'reader',
  'get /api/projects/{projectId}/catalogue.json': 'reader',
  'get /api/projects/{projectId}/openings/{openingId}/photos': 'reader',
  'get /api/projects/{projectId}/openings/{openingId}/photos/{photoId}': 'reader',
  'post /api/projects/{projectId}/openings/{openingId}/photos': 'editor',
  'delete /api/projects/{projectId}/openings/{openingId}/photos/{photoId}': 'editor',
  'get /api/projects/{projectId}/schedule': 'reader',
  'get /api/projects/{projectId}/schedule.csv': 'reader',
  'get /api/projects/{projectId}/questions.pdf': 'reader',
  'get /api/projects/{projectId}/schedule.pdf': 'reader',
  'get /api/projects/{projectId}/schedule.xlsx': 'reader',
  'post /api/projects/{projectId}/model': 'reader',
  'get /api/projects/{projectId}/take-off.xlsx': 'reader',
  'get /api/projects/{projectId}/prices.xlsx': 'reader',
  'get /api/projects/{projectId}/openings/{openingId}/sheets.pdf': 'reader',
  'get /api/projects/{projectId}/openings/{openingId}/sheets.zip': 'reader',
  'get /api/projects/{projectId}/openings/{openingId}/stick.pdf': 'reader',
  'get /api/projects/{projectId}/jobs': 'reader',
  'post /api/projects/{projectId}/jobs': 'reader',
  'get /api/projects/{projectId}/jobs/{jobId}/file': 'reader',
  'delete /api/projects/{projectId}/jobs/{jobId}': 'reader',
  'get /api/projects/{projectId}/releases': 'reader',
  'post /api/projects/{projectId}/releases': 'editor',
  'get /api/projects/{projectId}/releases/compare': 'reader',
  'get /api/projects/{projectId}/releases/{number}/today': 'reader',
  'get /api/projects/{projectId}/releases/{number}/files/{name}': 'reader',
  'get /api/projects/{projectId}/releases/{number}/shares': 'editor',
  'post /api/projects/{projectId}/releases/{number}/shares': 'editor',
  'delete /api/projects/{projectId}/releases/{number}/shares/{shareId}': 'editor',
  'get /api/projects/{projectId}/site': 'reader',
  'post /api/projects/{projectId}/site': 'editor',
  'get /api/projects/{projectId}/openings/{openingId}/record.pdf': 'reader',
  'get /api/projects/{projectId}/handover.pdf': 'reader',
  'get /api/find': 'signed-in',
  'get /api/due': 'signed-in',
  'get /api/due.ics': 'signed-in',
  'get /api/installed': 'signed-in',
  'get /api/account/notes/{name}': 'signed-in',
  'put /api/account/notes/{name}': 'signed-in',
  'get /api/shared': 'anyone',
  'get /api/shared/files/{name}': 'anyone',
};

const PROJECT_ROLES = ['owner', 'editor', 'reviewer', 'reader'] as const;

interface Operation {
  key: string;
  method: string;
  path: string;
  right: Right | undefined;
}

let harness: Harness;
let operations: Operation[];
let actors: Record<string, Client | undefined>;

/** The project the roles are of, and one that none of them is in. */
let own: string;
let foreign: string;
let openingId: string;

beforeAll(async () => {
  harness = await start();
  const people = await Promise.all(
    ['owner', 'editor', 'reviewer', 'reader', 'stranger', 'administrator', 'other'].map((name) =>
      harness.person(name),
    ),
  );
  const [owner, editor, reviewer, reader, stranger, administrator, other] = people as [
    Client,
    Client,
    Client,
    Client,
    Client,
    Client,
    Client,
  ];
  await harness.source.query('UPDATE person SET admin = (id = ?)', [administrator.id]);
  actors = { anonymous: undefined, stranger, administrator, owner, editor, reviewer, reader };
  own = await newProject(owner);
  foreign = await newProject(other);
  for (const [client, role] of [
    [editor, 'editor'],
    [reviewer, 'reviewer'],
    [reader, 'reader'],
  ] as const)
    await join(owner, client, own, role);
  openingId = (await addOpenings(owner, own, [plainFacts('1')]))[0]!.id;
  const { body } = await owner.agent.get('/api/docs-json').expect(200);
  const { paths } = body as { paths: Record<string, Record<string, { 'x-riegel-right'?: Right }>> };
  operations = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => ({
      key: `${method} ${path}`,
      method,
      path,
      right: operation['x-riegel-right'],
    })),
  );
});
afterAll(() => harness.close());

/** Sends an operation as somebody, with nothing in it: only whether it is let through is looked at. */
async function status(actor: string, { method, path }: Operation, project: string) {
  const filled = path
    .replace('{projectId}', project)
    .replace('{id}', openingId)
    .replace('{openingId}', openingId)
    .replace('{view}', 'plan')
    .replace('{name}', 'building')
    .replace('{sessionId}', 'f'.repeat(64))
    .replace(/\{\w+\}/g, randomUUID());
  const client = actors[actor]?.agent ?? request(harness.app.getHttpServer() as never);
  const asked = (
    client as typeof request.agent.prototype as never as Record<string, (p: string) => request.Test>
  )[method]!(filled);
  // A stream that is let through never ends by itself.
  if (path.endsWith('/stream'))
    return new Promise<number>((resolve) => {
      asked
        .buffer(false)
        .parse((response, done) => {
          resolve(response.statusCode!);
          (response as unknown as { destroy(): void }).destroy();
          done(null, '');
        })
        .then(
          (answer) => resolve(answer.status),
          () => undefined,
        );
    });
  return (await asked).status;
}

it('every route of the interface is in the table, with the right it tells', () => {
  expect(Object.fromEntries(operations.map(({ key, right }) => [key, right]))).toEqual(RIGHTS);
});

it('nobody gets through who has not the right, and nobody is turned away who has', async () => {
  const wrong: string[] = [];
  const last = (key: string) =>
    key === 'delete /api/projects/{projectId}' || key === 'delete /api/session';
  const inOrder = [...operations].sort((a, b) => Number(last(a.key)) - Number(last(b.key)));
  for (const operation of inOrder) {
    const right = RIGHTS[operation.key]!;
    for (const actor of Object.keys(actors)) {
      if (last(operation.key) && actor === 'owner') continue;
      if (operation.key === 'delete /api/session') continue;
      for (const project of operation.path.includes('{projectId}') ? [own, foreign] : [own]) {
        const got = await status(actor, operation, project);
        const role = project === own ? PROJECT_ROLES.indexOf(actor as never) : -1;
        const expected =
          right === 'anyone'
            ? 'through'
            : actor === 'anonymous'
              ? 401
              : right === 'signed-in'
                ? 'through'
                : right === 'administrator'
                  ? actor === 'administrator'
                    ? 'through'
                    : 403
                  : role < 0
                    ? 404
                    : role <= PROJECT_ROLES.indexOf(right)
                      ? 'through'
                      : 403;
        // Let through, an empty request may still be refused for what it lacks; taking out another needs the owner.
        const refused = got === 401 || got === 403 || (got === 404 && expected === 404);
        const anonymousAsks = right === 'anyone' && got === 401;
        const takesOut =
          operation.key.endsWith('/members/{personId}') && operation.method === 'delete';
        const right_ =
          expected === 'through' ? !refused || anonymousAsks || takesOut : got === expected;
        if (!right_ || got >= 500)
          wrong.push(
            `${actor}, ${project === own ? 'own' : 'foreign'}: ${operation.key} gave ${got}, not ${expected}`,
          );
      }
    }
  }
  expect(wrong).toEqual([]);
}, 120_000);

it('a refusal is written down where the owner can read it, not every one of many', async () => {
  const reader = actors['reader']!;
  for (let time = 0; time < 4; time++)
    await reader.agent.post(`/api/projects/${own}/redo`).expect(403);
  const { body } = await actors['owner']!.agent.get(`/api/projects/${own}/audit`).expect(200);
  const lines = (body as { lines: { kind: string; who: string; subject: string }[] }).lines.filter(
    (line) => line.kind === 'refused' && line.who === 'reader' && line.subject.endsWith('/redo'),
  );
  expect(lines.length).toBeGreaterThanOrEqual(1);
  expect(lines.length).toBeLessThanOrEqual(2);
});
