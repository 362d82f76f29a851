import { API_BASE } from '@spalo/contract';
import type { Response, Router } from 'express';
import { authenticate } from '../access/sign-in';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';

const HEARTBEAT_MS = 20_000;

/** Streams that one sign-in has open at once: a few tabs. The oldest makes room, and comes back if somebody still looks. */
const STREAMS = 8;

/** Server-sent events: tells a device that there is something to fetch; the data itself comes by the API. */
export function mountStream(router: Router, app: App): void {
  const open = new Map<string, Response[]>();
  router.get(`${API_BASE}/stream`, async (request, response) => {
    const who = await authenticate(app, request);
    response.set({
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      'X-Accel-Buffering': 'no',
    });
    const say = (text: string) => {
      if (!response.writableEnded) response.write(text);
    };
    say('retry: 1000\n\n');
    const own = [...(open.get(who.signInId) ?? []), response];
    own.splice(0, Math.max(0, own.length - STREAMS)).forEach((oldest) => oldest.end());
    open.set(who.signInId, own);
    const unfollow = app.feed.follow(
      who.studioId,
      (message) => say(`data: ${JSON.stringify(message)}\n\n`),
      // The device comes back at once, and fetches what it may have missed.
      () => response.end(),
      (ended) => {
        if (ended.includes(who.signInId)) response.end();
      },
    );
    const heartbeat = setInterval(() => {
      say(': still here\n\n');
      // A sign-in may also have run out.
      authenticate(app, request).catch((error: unknown) => {
        if (error instanceof Refusal) response.end();
      });
    }, HEARTBEAT_MS);
    response.on('close', () => {
      clearInterval(heartbeat);
      const left = (open.get(who.signInId) ?? []).filter((each) => each !== response);
      if (left.length > 0) open.set(who.signInId, left);
      else open.delete(who.signInId);
      unfollow();
    });
  });
}
