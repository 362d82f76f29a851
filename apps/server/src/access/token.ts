import { createHash, randomBytes } from 'node:crypto';

/** What a cookie or a link carries: 256 random bits. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of it: whoever reads the database cannot sign in by it. */
export const hashToken = (token: string): string =>
  createHash('sha256').update(token).digest('hex');
