import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { inTransaction } from '../../base/database/transaction.js';
import { invalid, notFound, Problem } from '../../base/http/problem.js';
import { Opening } from '../../base/entities/opening.entity.js';
import { PeopleService } from '../people/people.service.js';
import { TooMuchWork, WorkService } from '../../base/work/work.service.js';
import { Photo } from '../../base/entities/photo.entity.js';
import { looksLikePicture, type ReadPicture } from './readPicture.js';

const MAX_PHOTOS = 40;
const NONE = 'This is no photograph. Send a JPEG, PNG or WebP picture.';

@Injectable()
export class PhotosService {
  constructor(
    private readonly source: DataSource,
    private readonly people: PeopleService,
    private readonly work: WorkService,
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
    const { id, caption } = sent;
    const picture = await this.read(sent.bytes);
    if (!picture.ok) throw invalid([{ field: 'photo', message: picture.message }]);
    const { width, height } = picture;
    await inTransaction(this.source, async (manager) => {
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
      if ((await manager.countBy(Photo, { openingId })) >= MAX_PHOTOS)
        throw new Problem(
          HttpStatus.UNPROCESSABLE_ENTITY,
          `An opening keeps at most ${MAX_PHOTOS} photographs; delete one first.`,
        );
      const bytes = Buffer.from(picture.bytes);
      const type = 'image/jpeg';
      const values = { id, projectId, openingId, personId, caption, type, width, height, bytes };
      await manager.insert(Photo, values);
    });
  }

  private async read(bytes: Buffer): Promise<ReadPicture> {
    if (!looksLikePicture(bytes)) return { ok: false, message: NONE };
    try {
      return await this.work.run('picture', new Uint8Array(bytes));
    } catch (error) {
      if (error instanceof TooMuchWork)
        return { ok: false, message: 'The picture takes too much to read. Send a smaller one.' };
      throw error;
    }
  }

  async remove(projectId: string, openingId: string, id: string): Promise<void> {
    await this.source.getRepository(Photo).delete({ id, projectId, openingId });
  }
}
