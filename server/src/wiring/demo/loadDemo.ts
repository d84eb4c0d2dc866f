import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { INestApplication } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { PeopleService } from '../../resources/people/people.service.js';
import { Membership, type Role } from '../../base/entities/membership.entity.js';
import { SiteService } from '../../resources/site/site.service.js';
import { ProjectFilesService } from '../../resources/projectFiles/projectFiles.service.js';

/** Demo people and their roles, in the order the sign-in page shows them. */
const PEOPLE: { name: string; email: string; role: Role }[] = [
  { name: 'Ines Okafor', email: 'ines@demo.example', role: 'owner' },
  { name: 'Tobias Lund', email: 'tobias@demo.example', role: 'editor' },
  { name: 'Maren Achebe', email: 'maren@demo.example', role: 'reader' },
];

const FILES = [
  'larkhollow-playhouse.json',
  'wendelmoor-mill-studios.json',
  'tamsin-terrace.json',
  'larkhollow-draft.json',
  'wattlebrook-primary.json',
  'quellmoor-7.json',
];

/** What was done on site of one of them, a year of it. */
const SITE = { of: 'larkhollow-playhouse.json', file: 'site/larkhollow-playhouse.json' };
const DAY_MS = 86_400_000;
const BATCH = 150;

/** Adds the demo's site records: their marks become openings, their days are moved so that the newest is today. */
async function loadSite(
  app: INestApplication,
  file: string,
  projectId: string,
  personId: string,
): Promise<void> {
  const { day, records } = JSON.parse(await readFile(file, 'utf8')) as {
    day: string;
    records: (Record<string, string> & { at: string })[];
  };
  const by = Math.floor((Date.now() - Date.parse(`${day}T09:00:00Z`)) / DAY_MS) * DAY_MS;
  const moved = (text: string) => {
    const later = new Date(Date.parse(text) + by).toISOString();
    return text.length === 10 ? later.slice(0, 10) : later;
  };
  const rows = (await app
    .get(DataSource)
    .query('SELECT id, mark FROM opening WHERE project_id = ?', [projectId])) as {
    id: string;
    mark: string;
  }[];
  const ids = new Map(rows.map(({ id, mark }) => [mark, id]));
  const placed = records.map((one) => ({
    ...one,
    openingId: ids.get(one['openingId']!),
    at: moved(one.at),
    ...(one['due'] ? { due: moved(one['due']) } : {}),
    ...(one['until'] ? { until: moved(one['until']) } : {}),
  }));
  for (let from = 0; from < placed.length; from += BATCH)
    await app.get(SiteService).add(projectId, personId, placed.slice(from, from + BATCH));
}

/** Fills an empty demo with its people and projects, through the services a user's requests go through. */
export async function loadDemo(app: INestApplication): Promise<void> {
  const people = app.get(PeopleService);
  if ((await people.demoPeople()).length > 0) return;
  const folder = process.env['RIEGEL_DEMO_FILES'] ?? join(process.cwd(), 'demo');
  const members = [];
  for (const { name, email, role } of PEOPLE) {
    // Nobody knows this password: demo people sign in with one click only.
    const person = await people.add({ name, email, password: crypto.randomUUID(), demo: true });
    members.push({ person, role });
  }
  // Somebody has to look after the demo's installation.
  await people.setAdmin(members[0]!.person.id, true);
  for (const file of FILES) {
    const project = await app
      .get(ProjectFilesService)
      .fromFile(members[0]!.person.id, new Uint8Array(await readFile(join(folder, file))));
    const memberships = members
      .slice(1)
      .map(({ person, role }) => ({ projectId: project.id, personId: person.id, role }));
    await app.get(DataSource).getRepository(Membership).insert(memberships);
    if (file === SITE.of)
      await loadSite(app, join(folder, SITE.file), project.id, members[0]!.person.id);
  }
}
