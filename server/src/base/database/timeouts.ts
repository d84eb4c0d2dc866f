import type { DataSource } from 'typeorm';

/** How long is waited for a connection, a reading statement, and any other. A frozen database must not hang requests. */
export interface Timeouts {
  connectionMs: number;
  readMs: number;
  writeMs: number;
}

const TIMEOUTS: Timeouts = { connectionMs: 2000, readMs: 2500, writeMs: 10_000 };

/** A statement is ended by the database itself after this, whatever becomes of the connection. */
const STATEMENT_SECONDS = 20;

/** A row lock that is not given by then is asked for again in a fresh transaction. */
const LOCK_WAIT_SECONDS = 4;

const READS = /^\s*(SELECT(?![\s\S]*\bFOR UPDATE\b)|SHOW)/i;

type Callback = (error: unknown, ...rest: unknown[]) => void;
interface Connection {
  query(sql: unknown, ...rest: unknown[]): unknown;
  destroy(): void;
  release(): void;
}
interface Pool {
  getConnection(done: (error: unknown, connection?: Connection) => void): void;
}

/** Says that the database does not answer; `databaseAway` knows the code. */
function away(what: string): Error {
  return Object.assign(new Error(`The database gave no ${what} in time.`), {
    code: 'RIEGEL_DATABASE_AWAY',
  });
}

/**
 * Bounds how long a pool's connections and statements are waited for, on this side: a database that is
 * frozen sends no error. A connection whose statement was given up is destroyed, never used again.
 */
export function applyTimeouts(source: DataSource, patience: Timeouts = TIMEOUTS): void {
  const pool = (source.driver as unknown as { pool: Pool }).pool;
  const bounded = new WeakSet<Connection>();
  const get = pool.getConnection.bind(pool);
  pool.getConnection = (done) => {
    let late = false;
    const timer = setTimeout(() => {
      late = true;
      done(away('connection'));
    }, patience.connectionMs);
    get((error, connection) => {
      clearTimeout(timer);
      if (connection && !bounded.has(connection)) {
        bounded.add(connection);
        boundStatements(connection, patience);
        connection.query(
          `SET SESSION max_statement_time = ${STATEMENT_SECONDS}, innodb_lock_wait_timeout = ${LOCK_WAIT_SECONDS}`,
          () => undefined,
        );
      }
      if (late) connection?.release();
      else done(error, connection);
    });
  };
}

function boundStatements(connection: Connection, patience: Timeouts): void {
  const query = connection.query.bind(connection);
  connection.query = (sql, ...rest) => {
    const done = rest.at(-1);
    if (typeof sql !== 'string' || typeof done !== 'function') return query(sql, ...rest);
    let answered = false;
    const answer: Callback = (error, ...results) => {
      if (answered) return;
      answered = true;
      clearTimeout(timer);
      (done as Callback)(error, ...results);
    };
    const timer = setTimeout(
      () => {
        connection.destroy();
        answer(away('answer'));
      },
      READS.test(sql) ? patience.readMs : patience.writeMs,
    );
    return query(sql, ...rest.slice(0, -1), answer);
  };
}
