import { randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import type { Response } from 'express';
import type { App } from './app';

/**
 * Sends what `make` writes into a file, which is gone afterwards. Into a file first: whoever fetches it slowly holds no
 * connection to the database, and it is known how long it will be.
 */
export async function sendMade(
  response: Response,
  { scratch }: Pick<App, 'scratch'>,
  { name, type }: { name: string; type: string },
  make: (file: string) => Promise<void>,
): Promise<void> {
  const file = path.join(scratch, `made-${randomUUID()}`);
  try {
    await make(file);
    const { size } = await stat(file);
    response.set({
      'Content-Type': type,
      'Content-Length': String(size),
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'no-store',
      // Nothing that was told may be run as a page of its own.
      'Content-Security-Policy': 'sandbox',
    });
    await pipeline(createReadStream(file), response);
  } finally {
    await rm(file, { force: true });
  }
}
