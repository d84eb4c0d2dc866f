import { createHash } from 'node:crypto';

/** Hashes a session's id as it is kept: whoever reads the table cannot sign in with it. */
export const hashOfSession = (id: string) => createHash('sha256').update(id).digest('hex');
