import { DataSource, type DataSourceOptions } from 'typeorm';
import { AuditRow } from '../entities/audit.entity.js';
import { ProjectDocument } from '../entities/document.entity.js';
import { EventChangeRow } from '../entities/eventChange.entity.js';
import { EventRow } from '../entities/event.entity.js';
import { InstallationFact, ProjectFeed } from '../entities/feed.entity.js';
import { JobRow } from '../entities/job.entity.js';
import { PersonNote } from '../entities/personNote.entity.js';
import { SiteDue, SiteRecordRow } from '../entities/siteRecord.entity.js';
import { Release, ReleaseFile, ReleaseShare } from '../entities/release.entity.js';
import { Letter } from '../entities/letter.entity.js';
import { Opening } from '../entities/opening.entity.js';
import { Invitation } from '../entities/invitation.entity.js';
import { Person } from '../entities/person.entity.js';
import { RecoveryCode } from '../entities/recoveryCode.entity.js';
import { SignInDelay } from '../entities/signInDelay.entity.js';
import { Photo } from '../entities/photo.entity.js';
import { Membership } from '../entities/membership.entity.js';
import { Project } from '../entities/project.entity.js';
import { SetNumber } from '../entities/setNumber.entity.js';
import { SessionRow } from '../entities/session.entity.js';
import { Initial0001000000000 } from './migrations/0001-initial.js';
import { Documents0002000000000 } from './migrations/0002-documents.js';
import { Withstand0003000000000 } from './migrations/0003-withstand.js';
import { Releases0004000000000 } from './migrations/0004-releases.js';
import { Site0005000000000 } from './migrations/0005-site.js';
import { Compressed0006000000000 } from './migrations/0006-compressed.js';
import { applyTimeouts, type Timeouts } from './timeouts.js';

/** What one statement must be able to carry: the largest document, or 500 openings with their past. */
const LEAST_PACKET = 32 * 1024 * 1024;

/** The options of the one data source: MariaDB, migrations, never synchronised. */
export function dataSourceOptions(url: string): DataSourceOptions {
  return {
    type: 'mariadb',
    url,
    charset: 'utf8mb4',
    timezone: 'Z',
    entities: [
      Person,
      Invitation,
      RecoveryCode,
      SignInDelay,
      SessionRow,
      AuditRow,
      Letter,
      Project,
      Membership,
      Opening,
      ProjectFeed,
      InstallationFact,
      EventRow,
      EventChangeRow,
      SetNumber,
      ProjectDocument,
      Photo,
      Release,
      ReleaseFile,
      ReleaseShare,
      SiteRecordRow,
      SiteDue,
      PersonNote,
      JobRow,
    ],
    migrations: [
      Initial0001000000000,
      Documents0002000000000,
      Withstand0003000000000,
      Releases0004000000000,
      Site0005000000000,
      Compressed0006000000000,
    ],
    migrationsTableName: 'migration',
    synchronize: false,
    connectTimeout: 2000,
    poolSize: 20,
    // Facts come as the text they are kept as.
    extra: { jsonStrings: true, waitForConnections: true, enableKeepAlive: true, queueLimit: 2000 },
  };
}

/** How long a second server waits while the first brings the tables up to date. */
const TURN_SECONDS = 120;

/**
 * Does work that only one of several starting servers may do at a time (tables, demo data); the others
 * wait and then find it done.
 */
export async function onlyOne<T>(source: DataSource, work: () => Promise<T>): Promise<T> {
  const runner = source.createQueryRunner();
  // The waiting itself must not be cut short by the bound on statements.
  const turn = async () => {
    for (let second = 0; second < TURN_SECONDS; second++) {
      const [row] = (await runner.query("SELECT GET_LOCK('riegel.start', 1) AS mine")) as {
        mine: string | number;
      }[];
      if (Number(row?.mine) === 1) return;
    }
    throw new Error('another server has been starting on this database for two minutes.');
  };
  try {
    await turn();
    return await work();
  } finally {
    await runner.query("SELECT RELEASE_LOCK('riegel.start')").catch(() => undefined);
    await runner.release();
  }
}

/** Brings the tables up to date, on connections of its own: a change of a large table may take its time. */
async function bringUpToDate(url: string): Promise<void> {
  const source = new DataSource({ ...dataSourceOptions(url), poolSize: 3 } as DataSourceOptions);
  await source.initialize();
  try {
    const [packet] = (await source.query('SELECT @@max_allowed_packet AS bytes')) as {
      bytes: string | number;
    }[];
    if (Number(packet?.bytes) < LEAST_PACKET)
      throw new Error(
        `its max_allowed_packet is ${packet?.bytes} bytes; set it to at least ${LEAST_PACKET} (32M) and start again`,
      );
    await onlyOne(source, () => source.runMigrations({ transaction: 'each' }));
  } finally {
    await source.destroy();
  }
}

/** Opens the database and brings its tables up to date. */
export async function openDatabase(url: string, patience?: Timeouts): Promise<DataSource> {
  await bringUpToDate(url);
  const source = new DataSource(dataSourceOptions(url));
  await source.initialize();
  applyTimeouts(source, patience);
  return source;
}
