import { HttpStatus, Injectable } from '@nestjs/common';
import { imageSize } from 'image-size';
import { DataSource } from 'typeorm';
import { invalid, notFound, Problem } from '../http/problem.js';
import { Opening } from '../openings/opening.entity.js';
import { PeopleService } from '../people/people.service.js';
import { Photo } from './photo.entity.js';

/** What may be sent: three formats, this many bytes and pixels, this many an opening. */
const TYPES: Record<string, string> = {
  jpg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
};
const MOST_BYTES = 4_000_000;
const MOST_SIDE = 8000;
const MOST_PHOTOS = 40;

@Injectable()
export class PhotosService {
  constructor(
    private readonly source: DataSource,
    private readonly people: PeopleService,
  ) {}

  async list(projectId: string, openingId: string) {
    const photos = await this.source
      .getRepository(Photo)
      .find({ where: { projectId, openingId }, order: { createdAt: 'ASC', id: 'ASC' } });
    const people = await this.people.named([...new Set(photos.map((photo) => photo.personId))]);
    const names = new Map(people.map((person) => [person.id, person.name]));
    return photos.map(({ id, caption, width, height, createdAt, personId }) => ({
      id,
      caption,
      width,
      height,
      at: createdAt.toISOString(),
      by: names.get(personId) ?? 'somebody',
    }));
  }

  async bytes(projectId: string, openingId: string, id: string): Promise<Photo> {
    const photo = await this.source.getRepository(Photo).findOne({
      where: { id, projectId, openingId },
      select: { id: true, type: true, bytes: true },
    });
    if (!photo) throw notFound('The photograph');
    return photo;
  }

  /** Keeps a photograph; one that was sent before (a lost answer) counts as kept. */
  async add(
    projectId: string,
    openingId: string,
    personId: string,
    sent: { id: string; caption: string; bytes: Buffer },
  ): Promise<void> {
    const { id, caption, bytes } = sent;
    const { type, width, height } = measured(bytes);
    await this.source.transaction(async (manager) => {
      // One sender at a time, so that the bound on their number holds.
      const opening = await manager.findOne(Opening, {
        where: { id: openingId, projectId },
        lock: { mode: 'pessimistic_write' },
      });
      if (!opening) throw notFound('The opening');
      const known = await manager.findOneBy(Photo, { id });
      if (known) {
        if (known.openingId !== openingId)
          throw invalid([{ field: 'id', message: 'That identifier is taken.' }]);
        return;
      }
      if ((await manager.countBy(Photo, { openingId })) >= MOST_PHOTOS)
        throw new Problem(
          HttpStatus.UNPROCESSABLE_ENTITY,
          `An opening keeps at most ${MOST_PHOTOS} photographs; delete one first.`,
        );
      const values = { id, projectId, openingId, personId, caption, type, width, height, bytes };
      await manager.insert(Photo, values);
    });
  }

  async remove(projectId: string, openingId: string, id: string): Promise<void> {
    await this.source.getRepository(Photo).delete({ id, projectId, openingId });
  }
}

/** Type and size of a picture by its own bytes; refuses what is none, or too large. */
function measured(bytes: Buffer): { type: string; width: number; height: number } {
  const refuse = (message: string) => invalid([{ field: 'photo', message }]);
  if (bytes.length > MOST_BYTES) throw refuse('A photograph may have at most 4 MB.');
  let size: { type?: string; width: number; height: number };
  try {
    size = imageSize(bytes);
  } catch {
    throw refuse('This is no photograph. Send a JPEG, PNG or WebP picture.');
  }
  const type = TYPES[size.type ?? ''];
  if (!type) throw refuse('This kind of picture is not taken. Send a JPEG, PNG or WebP picture.');
  if (size.width > MOST_SIDE || size.height > MOST_SIDE || size.width < 1 || size.height < 1)
    throw refuse(`A photograph may have at most ${MOST_SIDE} pixels a side.`);
  return { type, width: size.width, height: size.height };
}
