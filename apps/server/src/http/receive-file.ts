import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import type { Request } from 'express';
import { Refusal } from './refusal';

/** What a body may be. */
interface Limits {
  mostBytes: number;
  /** Without a byte for so long it is given up. */
  idleMs: number;
}

/** The bytes of a body as they come; refuses `too-large` past the limit, and `invalid-input` where they stop coming. */
async function* within(request: Request, { mostBytes, idleMs }: Limits): AsyncGenerator<Buffer> {
  const late = new Refusal('invalid-input', 'The file stopped coming');
  let timer = setTimeout(() => request.destroy(late), idleMs);
  let bytes = 0;
  try {
    for await (const part of request as AsyncIterable<Buffer>) {
      clearTimeout(timer);
      bytes += part.length;
      if (bytes > mostBytes) throw new Refusal('too-large', 'The file is too large');
      yield part;
      timer = setTimeout(() => request.destroy(late), idleMs);
    }
  } finally {
    clearTimeout(timer);
  }
}

/**
 * Receives a body into a file in `folder`, which is gone afterwards, and then has `work` do with it: whoever sends it slowly, or
 * never to its end, holds no connection to the database.
 */
export async function receiveFile<T>(
  request: Request,
  folder: string,
  limits: Limits,
  work: (file: string) => Promise<T>,
): Promise<T> {
  const said = Number(request.headers['content-length'] ?? 0);
  if (said > limits.mostBytes) throw new Refusal('too-large', 'The file is too large');
  const file = path.join(folder, `received-${randomUUID()}`);
  try {
    await pipeline(within(request, limits), createWriteStream(file, { mode: 0o600 }));
    return await work(file);
  } finally {
    await rm(file, { force: true });
  }
}
