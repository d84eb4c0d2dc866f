import { DataSource, type DataSourceOptions } from 'typeorm';
import { ProjectDocument } from '../documents/document.entity.js';
import { EventRow } from '../events/event.entity.js';
import { Opening } from '../openings/opening.entity.js';
import { Invitation } from '../people/invitation.entity.js';
import { Person } from '../people/person.entity.js';
import { Photo } from '../photos/photo.entity.js';
import { Membership } from '../projects/membership.entity.js';
import { Project } from '../projects/project.entity.js';
import { SetNumber } from '../schedule/setNumber.entity.js';
import { SessionRow } from '../sessions/session.entity.js';
import { Initial0001000000000 } from './migrations/0001-initial.js';
import { Documents0002000000000 } from './migrations/0002-documents.js';

/** Statements that take longer than this are given up: a frozen database must not hang requests. */
const STATEMENT_SECONDS = 20;

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
      SessionRow,
      Project,
      Membership,
      Opening,
      EventRow,
      SetNumber,
      ProjectDocument,
      Photo,
    ],
    migrations: [Initial0001000000000, Documents0002000000000],
    migrationsTableName: 'migration',
    synchronize: false,
    connectTimeout: 5000,
    poolSize: 20,
    extra: { waitForConnections: true, enableKeepAlive: true },
  };
}

/** Bounds how long a statement may run, on every new connection of the pool. */
export function boundStatements(source: DataSource): void {
  const pool = (
    source.driver as unknown as {
      pool?: {
        on(event: string, listener: (connection: { query(sql: string): void }) => void): void;
      };
    }
  ).pool;
  pool?.on('connection', (connection) =>
    connection.query(`SET SESSION max_statement_time = ${STATEMENT_SECONDS}`),
  );
}

/** Opens the database and brings its tables up to date. */
export async function openDatabase(url: string): Promise<DataSource> {
  const source = new DataSource(dataSourceOptions(url));
  await source.initialize();
  boundStatements(source);
  await source.runMigrations({ transaction: 'each' });
  return source;
}
