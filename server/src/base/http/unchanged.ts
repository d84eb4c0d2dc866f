import type { Request, Response } from 'express';

/** Names what is sent by a stamp; whether the other side holds it already, and was answered so (304). */
export function unchanged(request: Request, response: Response, stamp: string): boolean {
  response.setHeader('ETag', stamp).setHeader('Cache-Control', 'private, no-cache');
  const held = String(request.headers['if-none-match'] ?? '')
    .split(',')
    .map((one) => one.trim().replace(/^W\//, ''));
  if (!held.includes(stamp)) return false;
  response.status(304).end();
  return true;
}
