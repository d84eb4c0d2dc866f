import type { DataSource, EntityManager } from 'typeorm';

/** Deadlock, lock wait timeout: the database took one side back; the whole transaction is done again. */
const AGAIN = /ER_LOCK_DEADLOCK|ER_LOCK_WAIT_TIMEOUT/;
const TRIES = 6;

/** Whether an error says that a transaction lost against another and may be done again as a whole. */
function lostAgainstAnother(error: unknown): boolean {
  return AGAIN.test(String((error as { code?: string } | undefined)?.code));
}

/**
 * Runs work in a transaction, again from its start when it lost against another. The work must be free
 * of effects outside the transaction.
 */
export async function inTransaction<T>(
  source: DataSource,
  work: (manager: EntityManager) => Promise<T>,
): Promise<T> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await source.transaction(work);
    } catch (error) {
      if (attempt >= TRIES || !lostAgainstAnother(error)) throw error;
      await new Promise((resolve) => setTimeout(resolve, 5 * 2 ** attempt * (0.5 + Math.random())));
    }
  }
}
