import { once } from 'node:events';
import { API_BASE, FILM_PIECE_BYTES } from '@spalo/contract';
import express, { type Request, type Response, type Router } from 'express';
import { z } from 'zod';
import { authenticate } from '../access/sign-in';
import { asWho } from '../access/as-who';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { bytesFrom, takePiece, wholeFile } from './files';

const PATH = `${API_BASE}/films/:id/bytes`;
const place = z.coerce
  .number()
  .int()
  .min(0)
  .max(2 ** 31 - 1);

function idOf(request: Request): string {
  const { data } = z.uuid().safeParse(request.params.id);
  if (!data) throw new Refusal('invalid-input', 'Not a valid id');
  return data.toLowerCase();
}

/** The first and last byte that are asked for: of several ranges the first, without one the whole file. */
function rangeOf(
  request: Request,
  response: Response,
  size: number,
): { start: number; end: number } {
  const ranges = request.range(size, { combine: true });
  if (ranges === -1) {
    response.set('Content-Range', `bytes */${size}`).status(416).end();
    return { start: 0, end: -1 };
  }
  const first = Array.isArray(ranges) && ranges.type === 'bytes' ? ranges[0] : undefined;
  if (!first) return { start: 0, end: size - 1 };
  response.status(206).set('Content-Range', `bytes ${first.start}-${first.end}/${size}`);
  return first;
}

async function sendBytes(app: App, request: Request, response: Response): Promise<void> {
  const who = await authenticate(app, request);
  const { studioId } = who;
  const id = idOf(request);
  const file = await asWho(app.database, who, (db) => wholeFile(db, studioId, id));
  response.set({
    'Content-Type': file.type,
    'Accept-Ranges': 'bytes',
    'Cache-Control': 'private, no-store',
    // A film is looked at by Spalo and is no page of its own.
    'Content-Security-Policy': 'sandbox',
  });
  const { start, end } = rangeOf(request, response, file.bytes);
  if (end < start) return;
  response.set('Content-Length', String(end - start + 1));
  for (let from = start; from <= end && !response.destroyed;) {
    // Piece by piece, each in a transaction of its own: a slow phone holds no connection.
    const bytes = await asWho(app.database, who, (db) => bytesFrom(db, studioId, id, from));
    const part = bytes.subarray(0, end - from + 1);
    from += part.length;
    if (!response.write(part))
      await Promise.race([once(response, 'drain'), once(response, 'close')]);
  }
  response.end();
}

/** The bytes of films, which are no JSON: pieces in, ranges out. */
export function mountBytes(router: Router, app: App): void {
  router.get(PATH, (request, response) => sendBytes(app, request, response));

  router.put(
    `${PATH}/:from`,
    express.raw({ type: 'application/octet-stream', limit: FILM_PIECE_BYTES }),
    async (request, response) => {
      const who = await authenticate(app, request);
      const id = idOf(request);
      const from = place.safeParse(request.params.from);
      const bytes: unknown = request.body;
      if (!from.success) throw new Refusal('invalid-input', 'Begins at no place of a file');
      if (!Buffer.isBuffer(bytes) || bytes.length === 0) {
        throw new Refusal('invalid-input', 'Send the piece as application/octet-stream');
      }
      const received = await asWho(app.database, who, (db) =>
        takePiece(db, who.studioId, id, from.data, bytes),
      );
      response.set('Cache-Control', 'no-store').json({ received });
    },
  );
}
