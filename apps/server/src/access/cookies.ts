import type { CookieOptions, Request } from 'express';
import type { App } from '../http/app';

/** The value of a cookie that the request carries; null where it carries none. */
export function cookieOf(request: Request, wanted: string): string | null {
  for (const part of (request.headers.cookie ?? '').split(';')) {
    const [name, value] = part.trim().split('=');
    if (name === wanted && value) return value;
  }
  return null;
}

/** Out of reach of scripts, and sent to no other site. */
export const cookieOptions = (app: App): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  path: '/',
  secure: app.secureCookies,
});
