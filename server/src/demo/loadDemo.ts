import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { INestApplication } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { PeopleService } from '../people/people.service.js';
import { Membership, type Role } from '../projects/membership.entity.js';
import { ProjectsService } from '../projects/projects.service.js';

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
];

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
      .get(ProjectsService)
      .fromFile(members[0]!.person.id, new Uint8Array(await readFile(join(folder, file))));
    const memberships = members
      .slice(1)
      .map(({ person, role }) => ({ projectId: project.id, personId: person.id, role }));
    await app.get(DataSource).getRepository(Membership).insert(memberships);
  }
}
