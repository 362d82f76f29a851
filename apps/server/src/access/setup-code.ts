import { randomInt, timingSafeEqual } from 'node:crypto';
import type { Request } from 'express';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';

/** Letters and figures that nobody takes for one another. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const LENGTH = 8;

/** The code that lets another machine than the server's own set Spalo up: printed where it was started. */
export const newSetupCode = (): string =>
  Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');

const plain = (code: string) => Buffer.from(code.toUpperCase().replace(/[^0-9A-Z]/g, ''));

/** Whether a request comes from the machine that the server runs on, and by nobody between who says otherwise. */
export function isFromHere(request: Request): boolean {
  const isLoopback = (address = '') => /^(::1|(::ffff:)?127\.)/.test(address);
  const { headers, socket } = request;
  const carried = headers['x-forwarded-for'] ?? headers.forwarded;
  return isLoopback(socket.remoteAddress) && isLoopback(request.ip) && carried === undefined;
}

/**
 * Refuses `not-allowed` for setting up from another machine without the code. What stands open until there is a studio
 * stands open only for who started it.
 */
export function requireSetupCode(app: App, request: Request, code = ''): void {
  if (isFromHere(request)) return;
  const [given, right] = [plain(code), plain(app.setupCode)];
  if (given.length === right.length && timingSafeEqual(given, right)) return;
  throw new Refusal('not-allowed', 'Type the code that Spalo printed where it was started');
}
