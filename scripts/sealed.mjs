import { createCipheriv, createDecipheriv, hkdfSync, randomBytes } from 'node:crypto';

/**
 * Files that nobody reads without a key: `spalo-sealed-1`, a line feed, 16 bytes of salt, then pieces of 1 MiB, each sealed by
 * AES-256-GCM with its tag behind it. The key of a file is HKDF-SHA-256 of the key and its salt. A piece's nonce is its number
 * and whether it is the last (Hoang, Reyhanitabar, Rogaway and Vizár 2015), so that none can be left out, moved or cut off.
 */
const HEAD = Buffer.from('spalo-sealed-1\n');
const SALT = 16;
const PIECE = 1 << 20;
const TAG = 16;

export const newKey = () => randomBytes(32).toString('base64url');

/** The key that SPALO_COPY_KEY gives; null without one. */
export function givenKey(text = process.env.SPALO_COPY_KEY) {
  if (!text) return null;
  const key = Buffer.from(text, 'base64url');
  if (key.length !== 32)
    throw new Error('SPALO_COPY_KEY is no key: npm run backup -- --new-key makes one');
  return key;
}

const keyOf = (key, salt) => Buffer.from(hkdfSync('sha256', key, salt, HEAD, 32));

function nonceOf(at, isLast) {
  const nonce = Buffer.alloc(12);
  nonce.writeUInt32BE(at, 7);
  nonce[11] = isLast ? 1 : 0;
  return nonce;
}

/** Bytes in pieces of a size, each with whether it is the last; the last may be shorter, or empty where there is nothing. */
async function* inPieces(bytes, size) {
  let held = [];
  let length = 0;
  for await (const part of bytes) {
    held.push(part);
    length += part.length;
    if (length <= size) continue;
    let all = Buffer.concat(held);
    for (; all.length > size; all = all.subarray(size)) {
      yield { piece: all.subarray(0, size), isLast: false };
    }
    held = [all];
    length = all.length;
  }
  yield { piece: Buffer.concat(held), isLast: true };
}

/** The same bytes, sealed. */
export async function* sealed(bytes, key) {
  const salt = randomBytes(SALT);
  const own = keyOf(key, salt);
  yield Buffer.concat([HEAD, salt]);
  let at = 0;
  for await (const { piece, isLast } of inPieces(bytes, PIECE)) {
    const cipher = createCipheriv('aes-256-gcm', own, nonceOf(at, isLast));
    yield Buffer.concat([cipher.update(piece), cipher.final(), cipher.getAuthTag()]);
    at += 1;
  }
}

/** A stream of bytes, its first so many apart. */
async function headAndRest(bytes, size) {
  const parts = bytes[Symbol.asyncIterator]();
  let head = Buffer.alloc(0);
  while (head.length < size) {
    const { done, value } = await parts.next();
    if (done) break;
    head = Buffer.concat([head, value]);
  }
  async function* rest() {
    if (head.length > size) yield head.subarray(size);
    yield* { [Symbol.asyncIterator]: () => parts };
  }
  return { head: head.subarray(0, size), rest: rest() };
}

/** What was sealed; throws where it is no sealed file, the key is another's, or a byte has changed or is missing. */
export async function* opened(bytes, key) {
  const { head, rest } = await headAndRest(bytes, HEAD.length + SALT);
  if (!head.subarray(0, HEAD.length).equals(HEAD)) throw new Error('it is no sealed file');
  const own = keyOf(key, head.subarray(HEAD.length));
  let at = 0;
  for await (const { piece, isLast } of inPieces(rest, PIECE + TAG)) {
    const decipher = createDecipheriv('aes-256-gcm', own, nonceOf(at, isLast), {
      authTagLength: TAG,
    });
    let plain;
    try {
      decipher.setAuthTag(piece.subarray(Math.max(0, piece.length - TAG)));
      plain = Buffer.concat([decipher.update(piece.subarray(0, -TAG)), decipher.final()]);
    } catch (cause) {
      throw new Error('the key is another one, or its bytes have changed', { cause });
    }
    yield plain;
    at += 1;
  }
}
