import type { DataSource } from 'typeorm';

interface Connection {
  query(sql: string, values: unknown[], done: (error: unknown, rows: unknown) => void): void;
  release(): void;
}

/**
 * Asks the database one thing outside any transaction, on a connection of the source's pool: what every
 * request asks goes this short way. Bounded as all statements are (`patience.ts`).
 */
export function ask<T>(source: DataSource, sql: string, values: unknown[]): Promise<T[]> {
  const { pool } = source.driver as unknown as {
    pool: { getConnection(done: (error: unknown, connection: Connection) => void): void };
  };
  return new Promise((resolve, reject) => {
    pool.getConnection((error, connection) => {
      if (error) return reject(error as Error);
      connection.query(sql, values, (fault, rows) => {
        connection.release();
        if (fault) reject(fault as Error);
        else resolve(rows as T[]);
      });
    });
  });
}
